import fc from 'fast-check';
import { unmixed } from '../decode';
import { withLetters } from '../entities';
import { readRosterFile, readRosterText, type ReadRoster } from '../readRoster';
import { CORPUS } from './all';

const TEXTS = Object.values(CORPUS)
  .flat()
  .flatMap(({ given }) =>
    typeof given === 'string' && !/^(BEGIN|\{|\[\["vcard)/.test(given) ? [given] : [],
  );

type Mutation = (text: string) => string;

const onLines =
  (change: (lines: string[]) => void): Mutation =>
  (text) => {
    const lines = text.split('\n');
    change(lines);
    return lines.join('\n');
  };

const place = fc.nat({ max: 400 });
/** What happens to lists: lines lost, doubled, moved, columns taken out, signs strewn in, ends cut off. */
const mutation: fc.Arbitrary<Mutation> = fc.oneof(
  place.map((at) => onLines((lines) => void lines.splice(at % lines.length, 1))),
  place.map((at) =>
    onLines((lines) => void lines.splice(at % lines.length, 0, lines[at % lines.length] ?? '')),
  ),
  place.map((at) => onLines((lines) => void lines.push(...lines.splice(at % lines.length, 1)))),
  place.map((at) => onLines((lines) => void lines.splice(at % lines.length, 0, ''))),
  fc.tuple(place, fc.constantFrom(',', ';', '\t', '|')).map(([at, sign]) =>
    onLines((lines) => {
      lines.forEach((line, i) => {
        const cells = line.split(sign);
        if (cells.length > 1) cells.splice(at % cells.length, 1);
        lines[i] = cells.join(sign);
      });
    }),
  ),
  fc
    .tuple(
      place,
      fc.constantFrom(
        '"',
        ',',
        ';',
        '\t',
        '  ',
        '\n',
        '\r',
        '|',
        '<',
        '@',
        ':',
        '*',
        '\u200b',
        '0',
        'é',
        '-',
        '(',
      ),
    )
    .map(([at, sign]): Mutation => (text) => {
      const cut = at % (text.length + 1);
      return text.slice(0, cut) + sign + text.slice(cut);
    }),
  place.map(
    (at): Mutation =>
      (text) =>
        text.slice(0, text.length - (at % Math.max(1, text.length))),
  ),
  fc.constantFrom<Mutation>(
    (text) => text.replaceAll('\n', '\r\n'),
    (text) => text.replaceAll('\n', '\r'),
    (text) => text.replaceAll(',', ';'),
    (text) => text.replaceAll('\t', ','),
    (text) => text.toUpperCase(),
    (text) => text.normalize('NFD'),
  ),
);

/** Every row with content is a student, a member of staff, or left out with a reason, and none as not understood. */
function expectAccounted(read: ReadRoster): void {
  if (!read.ok) return;
  expect(read.roster.skipped.filter(({ reason }) => reason === 'unread')).toEqual([]);
}

const lettersOf = (text: string, mended = unmixed): string =>
  withLetters(mended(text.normalize('NFC')))
    .normalize('NFKC')
    .replace(/[^\p{L}]+/gu, ' ')
    .toLowerCase();

/** Words that rows of names are parted by, or that stand before them. */
const PARTING = new Set(
  'to cc bcc br an and und et en from id st nd rd th mailto no nr nº ii iii iv name vs with item is are aka'.split(
    ' ',
  ),
);

test('every row of a changed list is taken, or left out by name', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...TEXTS),
      fc.array(mutation, { minLength: 1, maxLength: 4 }),
      (text, mutations) => {
        const changed = mutations.reduce((all, change) => change(all), text);
        expectAccounted(readRosterText(changed));
      },
    ),
    { seed: 41, numRuns: 3_000 },
  );
});

test('no word of a changed list is lost on the way into rows', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...TEXTS),
      fc.array(mutation, { maxLength: 3 }),
      (text, mutations) => {
        const changed = mutations.reduce((all, change) => change(all), text);
        const read = readRosterText(changed);
        if (!read.ok) return;
        const { rows, skipped = [] } = read.table;
        const parts = [...rows.flatMap(({ cells }) => cells), ...skipped.map(({ name }) => name)];
        // A sign that no file in Windows-1252 could hold keeps a text as it is; without it, it could be mended.
        const held = [unmixed, String]
          .map((mended) => lettersOf(parts.join(' '), mended))
          .join(' ');
        const words = lettersOf(changed)
          .split(' ')
          .filter((word) => word.length > 1 && !PARTING.has(word));
        expect(words.filter((word) => !held.includes(word))).toEqual([]);
      },
    ),
    { seed: 42, numRuns: 1_500 },
  );
});

test('no bytes of a changed file are read into a row that nothing is said of', async () => {
  const files = Object.values(CORPUS)
    .flat()
    .map(({ given }) => (typeof given === 'string' ? new TextEncoder().encode(given) : given));
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...files),
      fc.array(fc.tuple(fc.nat({ max: 2_000 }), fc.nat({ max: 255 })), {
        minLength: 1,
        maxLength: 6,
      }),
      async (bytes, changes) => {
        const changed = Uint8Array.from(bytes);
        changes.forEach(([at, byte]) => (changed[at % changed.length] = byte));
        expectAccounted(await readRosterFile(changed));
      },
    ),
    { seed: 43, numRuns: 800 },
  );
});
