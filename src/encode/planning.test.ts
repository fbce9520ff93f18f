import { arrangeNow } from '../core/arrange';
import type { SeriesWish } from '../schema/series';
import { meetingsIn } from './meetings';
import { mixedBy, outlookOf } from './outlook';
import { changedIn, mendedRoundRequest, seriesRequest } from './planning';
import { daysIn, daysMovedOn, daysOf } from './seriesDays';
import { detail, testBench, idsOf, rule, student } from './testBench';

const wish = (known: Partial<SeriesWish> = {}): SeriesWish => ({
  ...{ rounds: 4, every: 'week', from: '2026-09-03', notOn: [], roles: [], mix: null },
  sizing: { by: 'size', size: 4, leftover: 'spread' },
  ...known,
});

describe('the days of a series', () => {
  test('every week on the day of the first, moved on where there is none', () => {
    expect(daysOf(wish())).toEqual(['2026-09-03', '2026-09-10', '2026-09-17', '2026-09-24']);
    expect(daysOf(wish({ notOn: ['2026-09-10', '2026-09-24'] }))).toEqual([
      ...['2026-09-03', '2026-09-17', '2026-10-01', '2026-10-08'],
    ]);
  });

  test('through the change of the clocks, every two weeks, and on school days alone', () => {
    expect(daysOf(wish({ every: 'twoWeeks', from: '2026-10-15', rounds: 3 }))).toEqual([
      ...['2026-10-15', '2026-10-29', '2026-11-12'],
    ]);
    expect(daysOf(wish({ every: 'day', from: '2026-09-04' }))).toEqual([
      ...['2026-09-04', '2026-09-07', '2026-09-08', '2026-09-09'],
    ]);
  });

  test('none where the rounds have no days, and never fewer than there are rounds', () => {
    expect(daysOf(wish({ every: null }))).toEqual([]);
    const notOn = Array.from(
      { length: 30 },
      (_, at) => `2026-09-${String(at + 1).padStart(2, '0')}`,
    );
    expect(daysOf(wish({ notOn, rounds: 40 }))).toHaveLength(40);
  });
});

test('weekends between school days are no tries at a day', () => {
  const days = daysOf(wish({ every: 'day', from: '2026-09-04', rounds: 12 }));
  expect([days.length, days[1], days.at(-1)]).toEqual([12, '2026-09-07', '2026-09-21']);
});

test('a day is read only where it is written whole and nothing else beside it', () => {
  for (const text of ['x2026-12-24', '2026-12-24x', '12026-12-24', '2026-12-241']) {
    expect([text, daysIn(text)]).toEqual([text, { days: [], unread: text }]);
  }
});

test('a day that falls out moves its round and all after it on, the last to the next day as planned', () => {
  const days = ['2026-09-03', '2026-09-10', '2026-09-24', '2026-10-01'];
  const weekly = { every: 'week' as const, notOn: ['2026-10-08'] };
  expect(daysMovedOn(days, 1, weekly)).toEqual([
    ...['2026-09-03', '2026-09-24', '2026-10-01', '2026-10-15'],
  ]);
  expect(daysMovedOn(days, 3, weekly).at(-1)).toBe('2026-10-15');
  const other = { every: 'twoWeeks' as const, notOn: [] };
  expect(daysMovedOn(['2026-09-03'], 0, other)).toEqual(['2026-09-17']);
  expect(daysMovedOn(['2026-09-04'], 0, { every: 'day', notOn: [] })).toEqual(['2026-09-07']);
  expect(daysMovedOn(['2026-09-03'], 0, { every: null, notOn: [] })).toEqual(['2026-09-10']);
});

test('days left out are read line by line, in stretches too; what is no day is told and the others count', () => {
  expect(daysIn('2026-10-30 to 2026-11-02\n\n 2026-12-24 ')).toEqual({
    days: ['2026-10-30', '2026-10-31', '2026-11-01', '2026-11-02', '2026-12-24'],
    unread: null,
  });
  expect(daysIn('soon\n2026-12-24\n2026-04-31')).toEqual({ days: ['2026-12-24'], unread: 'soon' });
  expect(daysIn('2026-10-30 - 2026-10-29').unread).toBe('2026-10-30 - 2026-10-29');
  expect(daysIn('2026-10-30 to 2036-10-30').days).toEqual([]);
});

test('who has other partners in any round counts once, newcomers and those who are gone too', () => {
  const round = (...groups: readonly string[]) =>
    groups.map((names) => ({ studentIds: names.split(' ') }));
  const before = [round('a b', 'c d'), round('a c', 'b d')];
  expect(changedIn(before, [round('b a', 'd c'), round('b d', 'c a')])).toHaveLength(0);
  expect(changedIn(before, [round('a b', 'c d'), round('a d', 'b c')])).toHaveLength(4);
  expect(changedIn(before, [round('a b', 'c d e'), round('a c', 'b d')])).toHaveLength(3);
  expect(changedIn(before, [round('a b', 'c'), round('a c', 'b d')])).toHaveLength(2);
});

const NAMES = 'a b c d e f g h i j k l m n o p';
const students = idsOf(NAMES).map((name, order) => student(name, order));

function benchWith(history: readonly (readonly string[])[] = []) {
  const past = history.map((groups) => groups.map(idsOf));
  return testBench({ students, bench: { history: past, rules: [rule('apart', 'a b')] } });
}

function planned(rounds: number, history: readonly (readonly string[])[] = []) {
  const bench = benchWith(history);
  const outlook = outlookOf(bench, wish({ rounds }))!;
  const made = arrangeNow(seriesRequest(bench, wish({ rounds }), bench.history, 7));
  if (!made.ok) throw new Error('no result');
  const all = made.result.rounds.map(({ groups }) => groups.map((ids) => idsOf(ids.join(' '))));
  return { outlook, rounds: all, past: bench.history };
}

/** Pairs together more often than once, each time after the first counted. */
function repeatsIn(all: readonly (readonly (readonly string[])[])[]): number {
  const { between } = meetingsIn(all.map((groups) => groups.map((ids) => idsOf(ids.join(' ')))));
  const ids = idsOf(NAMES);
  return ids.reduce(
    (sum, one, at) =>
      sum + ids.slice(at + 1).reduce((more, two) => more + Math.max(0, between(one, two) - 1), 0),
    0,
  );
}

test('sixteen in fours: five rounds without a repeat are the most, and then everybody has met', () => {
  const outlook = outlookOf(benchWith(), wish({ rounds: 5 }))!;
  expect([outlook.mostFresh, outlook.mostMet, outlook.leastRepeats]).toEqual([5, 15, 0]);
});

test('rounds keep the quiet rules, everybody is in each once, and partners stay fresh', () => {
  const { rounds, outlook } = planned(4);
  expect(rounds).toHaveLength(4);
  for (const groups of rounds) {
    expect(groups.flat().sort()).toEqual(idsOf(NAMES).sort());
    expect(groups.some((ids) => ids.includes(idsOf('a')[0]!) && ids.includes(idsOf('b')[0]!))).toBe(
      false,
    );
  }
  expect(repeatsIn(rounds)).toBe(outlook.leastRepeats);
});

test('no mix is worth a partner who comes again, however much it matters', () => {
  const details = (at: number) => ({ score: at < 4 ? 90 : at, home: at % 4 === 0 ? 'yes' : 'no' });
  const bench = testBench({
    students: students.map((one, at) => ({ ...one, details: details(at) })),
    recipe: {
      balance: ['score', 'home'].map((one) => ({ detail: one, how: 'mix', importance: 'most' })),
    },
    theClass: { details: [detail('score', 'number'), detail('home', 'category')] },
  });
  const made = arrangeNow(seriesRequest(bench, wish({ rounds: 5 }), [], 3), 'quick');
  if (!made.ok) throw new Error('no result');
  // Five rounds in which everybody meets everybody: nobody of the four with high scores can be kept apart.
  expect(made.result.measures.repeats).toEqual({ pairs: 0, bestPossible: 0 });
});

test('what was used counts, and the bound is never above what comes out', () => {
  for (const rounds of [1, 3]) {
    const {
      rounds: made,
      outlook,
      past,
    } = planned(rounds, [['a c d e', 'b f g h', 'i j k l', 'm n o p']]);
    const again = repeatsIn([...past, ...made]);
    expect({ rounds, atLeast: again >= outlook.leastRepeats }).toEqual({ rounds, atLeast: true });
    if (rounds <= outlook.mostFresh - 1) expect(again).toBe(0);
  }
});

test('what is mixed for a series takes the place of what the lineup mixes, and what it matches stays', () => {
  const bench = testBench({
    students: students.map((one, at) => ({ ...one, details: { a: at, b: at, c: at } })),
    recipe: {
      balance: [
        { detail: 'a', how: 'mix', importance: 'most' },
        { detail: 'b', how: 'match', importance: 'plain' },
      ],
    },
    theClass: { details: ['a', 'b', 'c'].map((id) => detail(id, 'number')) },
  });
  const kinds = (mix: SeriesWish['mix']) =>
    seriesRequest(bench, wish({ mix }), [], 1).goals?.map((one) =>
      'attribute' in one ? `${one.kind} ${one.attribute}` : one.kind,
    );
  expect(kinds(null)).toEqual(['spread a', 'alike b', 'freshPartners']);
  expect(kinds(['c'])).toEqual(['alike b', 'spread c', 'freshPartners']);
  expect(kinds([])).toEqual(['alike b', 'freshPartners']);
  expect(mixedBy(bench.lineup.recipe)).toEqual(['a']);
});

describe('a planned round that is mended', () => {
  const round = ['a c d e', 'b f g h', 'i j k l', 'm n o p'].map(idsOf);
  const mended = (gone: string, come: string, history: readonly (readonly string[])[] = []) => {
    const bench = benchWith(history);
    const all = bench.students.filter(({ id }) => !idsOf(gone).includes(id));
    const now = { ...bench, students: [...all, ...idsOf(come).map((id) => student(id, 99))] };
    const made = arrangeNow(mendedRoundRequest(now, wish(), round, bench.history, 5));
    if (!made.ok) throw new Error('no result');
    return made.result.rounds[0]!.groups.map((ids) => [...ids].sort().join(' '));
  };

  test('stays as it was where nobody came or went, whatever was used since', () => {
    expect(mended('', '', [['a c d e', 'b f g h', 'i j k l', 'm n o p']]).sort()).toEqual(
      round.map((ids) => ids.join(' ')).sort(),
    );
  });

  test('moves nobody for one who leaves, and one place is found for one who joins', () => {
    expect(mended('p', '')).toEqual(expect.arrayContaining(['m n o', 'a c d e', 'b f g h']));
    const joined = mended('', 'q');
    const together = round.filter((ids) => joined.includes(ids.join(' ')));
    expect(together).toHaveLength(3);
  });

  test('over all rounds no more pairs meet again than before one left, whoever it is', () => {
    const { rounds } = planned(6);
    for (const gone of idsOf('a f k p')) {
      const bench = benchWith();
      const now = { ...bench, students: bench.students.filter(({ id }) => id !== gone) };
      const without = rounds.map((groups) => groups.map((ids) => ids.filter((id) => id !== gone)));
      const next = without.map((groups) => groups.map((ids) => ids.map(String)));
      for (const [at, groups] of rounds.entries()) {
        const others = next
          .filter((_, other) => other !== at)
          .map((all) => all.map((ids) => idsOf(ids.join(' '))));
        const made = arrangeNow(mendedRoundRequest(now, wish(), groups, others, at));
        if (!made.ok) throw new Error('no result');
        next[at] = made.result.rounds[0]!.groups.map((ids) => [...ids]);
      }
      expect({ gone, more: repeatsIn(next) > repeatsIn(without) }).toEqual({ gone, more: false });
    }
  });
});
