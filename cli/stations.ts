import { sayShell } from '@/messages/shell';
import { answerStations, type StationsIssue } from '@/schema/stations';
import { BAD_INPUT, DONE, readJson, writeJson, type Complain } from './files';

/** `gruppetto stations`: reads what goes round, writes the whole table of turns, returns the exit code. */
export function stationsCommand(args: readonly string[], complain: Complain): number {
  const [requestPath, tablePath, ...others] = args;
  if (requestPath === undefined || tablePath === undefined || others.length > 0) {
    complain(sayShell.commandLine.usage);
    return BAD_INPUT;
  }
  const data = readJson(requestPath);
  if (!data.ok) {
    complain(data.sentence);
    return BAD_INPUT;
  }
  const answer = answerStations(data.value);
  if (!answer.ok) {
    answer.issues.forEach((issue) => complain(sentenceOf(issue)));
    return BAD_INPUT;
  }
  if (!writeJson(tablePath, answer.result)) {
    complain(sayShell.commandLine.cannotWrite(tablePath));
    return BAD_INPUT;
  }
  return DONE;
}

function sentenceOf(issue: StationsIssue): string {
  const words = sayShell.commandLine.stations;
  switch (issue.code) {
    case 'notWhole':
      return words.notWhole(issue.field, issue.most);
    case 'unknownFields':
      return words.unknownFields(issue.fields);
    case 'noStations':
    case 'notStations':
      return words[issue.code];
  }
}
