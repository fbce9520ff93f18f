import { sayOutWords } from '@/messages/outWords';
import { readFileSync, writeFileSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import { cleanLineup } from '@/formats/out/lineupOut';
import { unreached } from '@/formats/out/letters';
import { WAYS_OUT, wayOutOf, writeOut } from '@/formats/out/list';
import { PLAIN_OPTIONS, type OutOptions } from '@/formats/out/options';
import { sayHandoff } from '@/messages/handoff';
import { sayShell } from '@/messages/shell';
import { lineupCalled, recordsIn, today } from './classes';
import { BAD_INPUT, DONE, type Complain, isFolder, readArguments } from './files';

const OPTIONS = {
  lineup: { type: 'string' },
  as: { type: 'string' },
  out: { type: 'string' },
  'with-addresses': { type: 'boolean' },
  'link-template': { type: 'string' },
  template: { type: 'string' },
  message: { type: 'string' },
  field: { type: 'string', multiple: true },
  date: { type: 'string' },
  time: { type: 'string' },
  minutes: { type: 'string' },
} as const;

/** `gruppetto export`: writes a lineup in one of the formats; nothing at all unless all of it can be written. */
export async function exportCommand(args: readonly string[], complain: Complain): Promise<number> {
  const words = sayShell.commandLine.export;
  const refuse = (sentence: string): number => {
    complain(sentence);
    return BAD_INPUT;
  };
  const parsed = readArguments(args, OPTIONS);
  if (typeof parsed === 'string') return refuse(parsed);
  const { values, positionals } = parsed;
  const [path, ...others] = positionals;
  if (path === undefined || others.length > 0) return refuse(words.oneFile);
  const { lineup: name, as, out } = values;
  if (name === undefined) return refuse(words.needs('--lineup'));
  if (as === undefined) return refuse(words.needs('--as'));
  if (out === undefined || out === '') return refuse(words.needs('--out'));
  const wayOut = wayOutOf(as);
  if (!wayOut) {
    return refuse(
      words.unknownFormat(
        as,
        WAYS_OUT.map(({ id }) => id),
      ),
    );
  }
  if (!isFolder(dirname(out))) return refuse(words.noFolder(out));
  const records = recordsIn(path, complain);
  if (!records) return BAD_INPUT;
  const lineup = lineupCalled(records, name, today(), complain);
  if (!lineup) return BAD_INPUT;
  const options = outOptions(values);
  if (typeof options === 'string') return refuse(options);
  const written = await writeOut(wayOut, lineup, options, sayOutWords);
  if (!written.ok) {
    return refuse(words.withNothing(sayHandoff.outIssueSentence(written.issue)));
  }
  const { content } = written;
  try {
    writeFileSync(out, content);
  } catch {
    return refuse(sayShell.commandLine.cannotWrite(out));
  }
  const toPeople = wayOut.needs === 'addresses' || (as === 'rooms-csv' && options.addresses);
  const missed = toPeople ? unreached(cleanLineup(lineup, sayOutWords.unnamed)) : [];
  if (missed.length > 0) complain(sayHandoff.unreachedSentence(missed));
  return DONE;
}

interface Given {
  readonly 'with-addresses'?: boolean | undefined;
  readonly 'link-template'?: string | undefined;
  readonly template?: string | undefined;
  readonly message?: string | undefined;
  readonly field?: readonly string[] | undefined;
  readonly date?: string | undefined;
  readonly time?: string | undefined;
  readonly minutes?: string | undefined;
}

/** What was chosen, or the sentence that says what is wrong with it. */
function outOptions(given: Given): OutOptions | string {
  const words = sayShell.commandLine.export;
  const fields: Record<string, string> = {};
  for (const field of given.field ?? []) {
    const [, name, value] = /^([^=]+)=([^]*)$/.exec(field) ?? [];
    if (name === undefined || value === undefined) return words.badField(field);
    fields[name] = value;
  }
  let template: OutOptions['template'] = null;
  if (given.template !== undefined) {
    try {
      const bytes = new Uint8Array(readFileSync(given.template));
      template = { name: basename(given.template), bytes };
    } catch {
      return words.noTemplate(given.template);
    }
  }
  const { date, time, minutes } = given;
  // An empty word is a day, a time or a length that does not exist.
  const empty = (['date', 'time', 'minutes'] as const).find((name) => given[name] === '');
  if (empty) return words.needs(`--${empty}`);
  return {
    ...PLAIN_OPTIONS,
    addresses: given['with-addresses'] ?? false,
    linkTemplate: given['link-template'] ?? '',
    template,
    message: given.message ?? '',
    fields,
    date: date ?? '',
    time: time ?? '',
    minutes: minutes ?? '',
    zone: zoneOfMachine(),
  };
}

/** The zone by whose clock this machine lives; null where it has none that is known. */
function zoneOfMachine(): string | null {
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  // A zone that is unknown, or only an offset, has no name that a calendar could look up.
  return /^[A-Z][\w+-]*(?:\/[\w+/-]+)?$/i.test(timeZone) && !/unknown|undefined/i.test(timeZone)
    ? timeZone
    : null;
}
