import { readRosterText, type ReadRoster } from '../readRoster';
import { CORPUS } from './all';

/** Letters that were written wrongly are put right as they stand, and not where they are changed once more. */
const WRONG = 'UTF-8 that was written once more as if it were another encoding';

const TEXTS = Object.values(CORPUS)
  .flat()
  .filter(({ name }) => name !== WRONG)
  .flatMap(({ name, given }) => (typeof given === 'string' ? [[name, given] as const] : []));

/** Who is read, and what is told of them, wherever they stand. */
function told(read: ReadRoster): unknown {
  if (!read.ok) return read.error;
  const { students, staff, skipped, attributes } = read.roster;
  return {
    students: students.map(({ row: _row, ...one }) => one),
    staff: staff.map(({ row: _row, ...one }) => one),
    skipped: skipped.map(({ name, reason }) => `${reason} ${name}`),
    attributes,
  };
}

/** Ways to write the same. */
const OTHERWISE: Readonly<Record<string, (text: string) => string>> = {
  'line ends of another system': (text) => text.replace(/\r\n|\r|\n/g, '\r\n'),
  'a mark for the order of bytes': (text) => `\ufeff${text}`,
  'letters and their accents apart': (text) => text.normalize('NFD'),
  'blanks behind every line': (text) => text.replace(/(?=\r?\n|\r(?!\n)|$)/g, '  '),
  'empty lines before and behind': (text) => `\n\n${text}\n\n`,
  'blanks that do not break': (text) => text.replace(/(?<=\p{L}) (?=\p{L})/gu, '\u00a0'),
};

test.each(TEXTS)('%s is read alike, however it is written', (_name, text) => {
  const plain = told(readRosterText(text));
  for (const [way, change] of Object.entries(OTHERWISE)) {
    expect({ way, read: told(readRosterText(change(text))) }).toEqual({ way, read: plain });
  }
});
