import { sayRoster } from '@/messages/roster';
import { arrangeCommand } from './arrange';
import { BAD_INPUT, type Complain } from './files';
import { rosterCommand } from './roster';

/** Runs one command and resolves to the exit code. */
export async function main(args: readonly string[], complain: Complain): Promise<number> {
  const [command, ...rest] = args;
  if (command === 'arrange') return arrangeCommand(rest, complain);
  if (command === 'roster') return rosterCommand(rest, complain);
  complain(sayRoster.commandLine.usage);
  return BAD_INPUT;
}
