import type { Bench } from '@/encode/bench';
import { Insight } from '@/encode/insight';
import { idsOf, rule, student, take, testBench, detail } from '@/encode/testBench';
import { sayGroups } from '@/messages/groups';
import { classFigure } from './classFigure';
import { sortedRows } from '../sheet/sortedRows';
import { PARTNERS, WISHES } from './useColumns';
import { sheetOf } from './useSheet';

const SCORES: Readonly<Record<string, number>> = { a: 1, b: 2, c: 5, d: 6, e: 8, f: 9 };
const students = Object.entries(SCORES).map(([name, score], i) =>
  student(name, i, {
    details: { score, level: score < 5 ? 'new' : 'seasoned' },
    wishes: name === 'a' ? idsOf('b') : name === 'c' ? idsOf('f') : [],
  }),
);
const bench: Bench = testBench({
  students,
  theClass: {
    details: [detail('score', 'number'), detail('level', 'level', ['new', 'seasoned'])],
  },
  recipe: {
    balance: [
      { detail: 'score', how: 'mix', importance: 'plain' },
      { detail: 'level', how: 'mix', importance: 'plain' },
    ],
    freshPartners: 'plain',
    wishes: 'plain',
  },
  bench: { history: [[idsOf('a b'), idsOf('c d')]], rules: [rule('apart', 'e f')] },
});

function seen(groups: readonly string[]) {
  const of = { ...bench, take: take(groups) };
  const insight = Insight.of(of, of.take, []);
  if (!insight) throw new Error('expected an insight, received none');
  const sheet = sheetOf(of);
  const order = (by: string, down = false): number[] =>
    sortedRows(sheet, insight, { by, down }).map(({ index }) => index);
  return { insight, sheet, order };
}

describe('rows in the order of a measure', () => {
  const { order, sheet, insight } = seen(['e f', 'a b d', 'c']);

  test.each([
    ['size', [2, 0, 1]],
    // Means of 8.5, 3 and 5.
    ['score', [1, 2, 0]],
    ['level', [2, 0, 1]],
    // Pairs who met before: only a and b.
    [PARTNERS, [0, 2, 1]],
    [WISHES, [0, 2, 1]],
    // Of the two rows without a broken rule the first stays the first.
    ['rules', [1, 2, 0]],
  ] as const)('%s', (by, rows) => {
    expect(order(by)).toEqual(rows);
  });

  test('turned about, with equal rows still in their own order', () => {
    expect(order('size', true)).toEqual([1, 0, 2]);
    expect(order('rules', true)).toEqual([0, 1, 2]);
    expect(order('group', true)).toEqual([2, 1, 0]);
  });

  test('as they are where nothing is asked or nobody has the detail', () => {
    expect(sortedRows(sheet, insight, null)).toBe(sheet.groups);
    expect(order('shoe size')).toEqual([0, 1, 2]);
  });
});

describe('what the class reaches in a measure', () => {
  test('is called the best only where it is the best possible', () => {
    // 1 + 9 + 5 and 2 + 6 + 8 differ by one in thirty-one: sums cannot come nearer.
    const best = seen(['a f c', 'b d e']).insight;
    expect(classFigure(best, 'score')).toMatchObject({
      isBest: true,
      best: sayGroups.measures.best,
    });
    const worse = seen(['a b c', 'd e f']).insight;
    expect(classFigure(worse, 'score')).toMatchObject({ isBest: false });
    expect(classFigure(worse, 'score')!.best).not.toBe(sayGroups.measures.best);
  });

  test('counts wishes met of those made, and partners met again', () => {
    const { insight } = seen(['a b e', 'c d f']);
    expect(classFigure(insight, WISHES)).toMatchObject({
      text: sayGroups.measures.met(2, 2),
      isBest: true,
    });
    expect(classFigure(insight, PARTNERS)).toMatchObject({
      text: sayGroups.measures.repeats(2),
      isBest: false,
    });
  });

  test('stands beside the nearest bound that is known, the one worked out here or the one a search has found', () => {
    const { insight } = seen(['a c e', 'b d f']);
    expect(classFigure(insight, WISHES)).toMatchObject({
      text: sayGroups.measures.met(0, 2),
      best: sayGroups.measures.mostIs('2'),
    });
    const told = (pairs: number, unmet: number) =>
      insight.beside({
        repeats: { pairs: 9, bestPossible: pairs },
        wishes: { unmet: 2, of: 2, bestPossible: unmet },
      });
    // The pairs of earlier weeks count in what a search says, and not in what a teacher reads.
    const exact = told(1, 1);
    expect(classFigure(exact, WISHES)!.best).toBe(sayGroups.measures.mostIs('1'));
    expect(exact.wishes().groups).toEqual(insight.wishes().groups);
    expect(classFigure(told(1, 2), WISHES)).toMatchObject({ isBest: true });
    // A bound that is further off than our own changes nothing.
    expect(told(0, 0).partners().figure).toEqual(insight.partners().figure);
    expect(told(0, 0).column('score')).toEqual(insight.column('score'));
  });

  test('cannot be over, where more is better', () => {
    const alike = { detail: 'score', how: 'match' as const, importance: 'plain' as const };
    const of = {
      ...bench,
      lineup: { ...bench.lineup, recipe: { ...bench.lineup.recipe, balance: [alike] } },
    };
    const figureOf = (groups: readonly string[]) =>
      classFigure(Insight.of(of, take(groups), [])!, 'score')!;
    expect(figureOf(['a b c', 'd e f'])).toMatchObject({ isBest: true });
    const worse = figureOf(['a c e', 'b d f']);
    // The best is read off the best groups.
    const best = sayGroups.measures.share(
      1 - Insight.of(of, take(['a b c', 'd e f']), [])!.column('score')!.figure.cost,
    );
    expect(worse.best).toBe(sayGroups.measures.mostIs(best));
  });

  test('is nothing where nobody has the detail', () => {
    expect(classFigure(seen(['a b c', 'd e f']).insight, 'shoe size')).toBeNull();
  });
});
