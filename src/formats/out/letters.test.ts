import fc from 'fast-check';
import { outWords } from '../../messages/en/waysOut';
import { letterLinks, lettersOf, unreached, type Letter } from './letters';
import type { AddressedLineup } from './lineupOut';
import { PLAIN_OPTIONS, type OutOptions } from './options';
import { lineupOf } from './testLineup';

const letters = (lineup: AddressedLineup, options: Partial<OutOptions>): readonly Letter[] =>
  lettersOf({
    lineup: { ...lineup, groups: lineup.groups.map((one) => ({ ...one, link: '' })) },
    options: { ...PLAIN_OPTIONS, ...options },
    words: outWords,
  });
const text = (given: string) => ({ name: 'l.txt', bytes: new TextEncoder().encode(given) });

test('a letter goes to all of a group, to its lead alone, or to each by name', () => {
  const lineup = lineupOf('Alder: Ana, Bo', 'Sedge: Caro');
  const to = (letterTo: OutOptions['letterTo']) =>
    letters(lineup, { letterTo }).map((one) => [one.group, one.name, one.to.join()]);
  expect(to('group')).toEqual([
    ['Alder', '', 'ana@example.org,bo@example.org'],
    ['Sedge', '', 'caro@example.org'],
  ]);
  expect(to('lead')).toEqual([
    ['Alder', '', 'ana@example.org'],
    ['Sedge', '', 'caro@example.org'],
  ]);
  expect(to('each')).toEqual([
    ['Alder', 'Ana', 'ana@example.org'],
    ['Alder', 'Bo', 'bo@example.org'],
    ['Sedge', 'Caro', 'caro@example.org'],
  ]);
});

test('the first line is the subject where it says so, else the group and the lineup are', () => {
  const one = (template: string) =>
    letters(lineupOf('Alder: Ana'), { template: text(template) })[0];
  expect(one('subject:  To {{group}} \n\nHello\n{{place}}\nBye')).toMatchObject({
    subject: 'To Alder',
    text: 'Hello\nBye',
  });
  expect(one('Hello\nSubject: none')).toMatchObject({
    subject: outWords.title('Alder', 'Week 3, bank walk'),
    text: 'Hello\nSubject: none',
  });
});

test('whoever has no address, or half of one, is reached by no letter', () => {
  const [alder, ...others] = lineupOf('Alder: Ana, Bo, Caro', 'Sedge: Dov').groups;
  const emails = ['ana@example.org', '', 'half@'];
  const members = alder!.members.map((one, at) => ({ ...one, email: emails[at] ?? '' }));
  expect(unreached({ groups: [{ ...alder!, members }, ...others] })).toEqual(['Bo', 'Caro']);
});

test('links are as long as they may be, as few as can be, and hold each address once, in order', () => {
  const letter = (to: readonly string[]): Letter => ({
    ...{ group: 'Alder', name: '', to, subject: 'A & B', text: 'one\ntwo' },
  });
  const TAIL = '?subject=A%20%26%20B&body=one%0D%0Atwo';
  fc.assert(
    fc.property(
      fc.array(fc.emailAddress({ size: 'small' }), { maxLength: 12 }),
      fc.integer({ min: 60, max: 400 }),
      (to, longest) => {
        const links = letterLinks(letter(to), longest);
        const parts = links.map((link) => {
          expect(link.startsWith('mailto:') && link.endsWith(TAIL)).toBe(true);
          return link.slice('mailto:'.length, -TAIL.length).split(',');
        });
        expect(parts.flat().map(decodeURIComponent)).toEqual(to);
        links.forEach((link, at) => {
          const next = parts[at + 1]?.[0];
          // One address by itself may be too long; with the next one every link would be.
          expect(link.length <= longest || parts[at]!.length === 1).toBe(true);
          if (next !== undefined) expect(link.length + 1 + next.length).toBeGreaterThan(longest);
        });
      },
    ),
    { seed: 21, numRuns: 300 },
  );
  expect(letterLinks(letter([]), 400)).toEqual([]);
});

test('a link that is just as long as it may be is not parted', () => {
  const letter = {
    group: '',
    name: '',
    to: ['a@b.example', 'c@d.example'],
    subject: 's',
    text: '',
  };
  const [whole = ''] = letterLinks(letter, 2_000);
  expect(letterLinks(letter, whole.length)).toEqual([whole]);
  expect(letterLinks(letter, whole.length - 1)).toHaveLength(2);
});
