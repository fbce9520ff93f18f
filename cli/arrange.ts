import { arrangeNow } from '@/core/arrange';
import type { ArrangeRequest, ArrangeResult, Effort } from '@/core/format';
import { sayRecipe } from '@/messages/recipe';
import { sayRules } from '@/messages/rules';
import { sayClash } from '../src/messages/clash';
import { sayShell } from '@/messages/shell';
import { readRequest } from '@/schema/request';
import { toResultFile } from '@/schema/result';
import { BAD_INPUT, DONE, NOT_FEASIBLE, readJson, writeJson, type Complain } from './files';

const EFFORTS: readonly string[] = ['quick', 'normal', 'thorough'] satisfies Effort[];

/** `gruppetto arrange`: reads a request, writes its result, returns the exit code. */
export function arrangeCommand(args: readonly string[], complain: Complain): number {
  const parsed = arrangeArguments(args);
  if (!parsed.ok) {
    complain(parsed.sentence);
    return BAD_INPUT;
  }
  const { requestPath, resultPath, effort } = parsed;
  const data = readJson(requestPath);
  if (!data.ok) {
    complain(data.sentence);
    return BAD_INPUT;
  }
  const read = readRequest(data.value);
  if (!read.ok) {
    read.issues.forEach((issue) => complain(sayShell.requestIssueSentence(issue)));
    complain(sayShell.commandLine.nothingWritten);
    return BAD_INPUT;
  }
  const outcome = arrangeNow(read.request, effort);
  if (!outcome.ok) {
    complain(
      `${sayRecipe.sizingIssueSentence(outcome.issue)} ${sayShell.commandLine.nothingWritten}`,
    );
    return BAD_INPUT;
  }
  const sentence = whyNot(outcome.result, read.request);
  if (sentence !== '') complain(sentence);
  if (!writeJson(resultPath, toResultFile(outcome.result, sentence))) {
    complain(sayShell.commandLine.cannotWrite(resultPath));
    return BAD_INPUT;
  }
  return outcome.result.feasible ? DONE : NOT_FEASIBLE;
}

/** Why the result breaks rules; '' when it breaks none. */
function whyNot(result: ArrangeResult, request: ArrangeRequest): string {
  if (result.feasible) return '';
  if (!result.clash) return sayClash.notFound;
  const names = new Map(request.students.map(({ id, name }) => [id, name ?? id]));
  return sayClash.sentence(result.clash.reason, {
    student: (id) => names.get(id) ?? id,
    value: sayRules.detailValue,
  });
}

type ArrangeArguments =
  | {
      readonly ok: true;
      readonly requestPath: string;
      readonly resultPath: string;
      readonly effort: Effort;
    }
  | { readonly ok: false; readonly sentence: string };

function arrangeArguments(args: readonly string[]): ArrangeArguments {
  const paths: string[] = [];
  let effort: Effort = 'normal';
  for (let i = 0; i < args.length; i++) {
    const word = args[i] ?? '';
    if (!word.startsWith('--')) {
      paths.push(word);
      continue;
    }
    const given = word.startsWith('--effort=') ? word.slice('--effort='.length) : (args[++i] ?? '');
    if (!word.startsWith('--effort')) return { ok: false, sentence: sayShell.commandLine.usage };
    if (!isEffort(given)) return { ok: false, sentence: sayShell.commandLine.unknownEffort(given) };
    effort = given;
  }
  const [requestPath, resultPath, ...others] = paths;
  if (requestPath === undefined || resultPath === undefined || others.length > 0) {
    return { ok: false, sentence: sayShell.commandLine.usage };
  }
  return { ok: true, requestPath, resultPath, effort };
}

function isEffort(word: string): word is Effort {
  return EFFORTS.includes(word);
}
