import { languageFor } from '@/messages/languages';
import { speak } from '@/messages/speaking';
import { sayShell } from '@/messages/shell';
import { arrangeCommand } from './arrange';
import { BAD_INPUT, type Complain } from './files';
import { handoffCommand } from './handoff';
import { rosterCommand } from './roster';
import { checkCommand } from './check';
import { exportCommand } from './export';
import { stationsCommand } from './stations';

/** What one word after `gruppetto` does: resolves to the exit code. */
export type Command = (args: readonly string[], complain: Complain) => number | Promise<number>;

/** Every command by its word; a new one is a file and a line here. */
const COMMANDS: Readonly<Record<string, Command>> = {
  arrange: arrangeCommand,
  check: checkCommand,
  export: exportCommand,
  handoff: handoffCommand,
  roster: rosterCommand,
  stations: stationsCommand,
};

/** Speaks the language of the shell (POSIX locale: `es_ES.UTF-8`), English where it has no other. */
export async function speakLocale(
  environment: Readonly<Record<string, string | undefined>>,
): Promise<void> {
  const { LC_ALL, LC_MESSAGES, LANG } = environment;
  const locale = [LC_ALL, LC_MESSAGES, LANG].find((one) => one !== undefined && one !== '') ?? '';
  await speak(languageFor([locale.replace(/[.@].*$/, '').replaceAll('_', '-')]));
}

/** Runs one command and resolves to the exit code; whatever goes wrong inside it ends as one sentence. */
export async function main(
  args: readonly string[],
  complain: Complain,
  commands: Readonly<Record<string, Command>> = COMMANDS,
): Promise<number> {
  const [word = '', ...rest] = args;
  const command = Object.hasOwn(commands, word) ? commands[word] : undefined;
  if (!command) {
    complain(sayShell.commandLine.usage);
    return BAD_INPUT;
  }
  try {
    return await command(rest, complain);
  } catch (error) {
    const what = error instanceof Error ? error.message : String(error);
    complain(sayShell.commandLine.failed(what));
    return BAD_INPUT;
  }
}
