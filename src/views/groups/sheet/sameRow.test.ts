import { Insight } from '@/encode/insight';
import { detail, idOf, idsOf, rule, student, take, testBench } from '@/encode/testBench';
import type { Bench } from '@/encode/bench';
import type { GroupRowProps } from './rowProps';
import { sameRow } from './sameRow';
import { PARTNERS } from '../workbench/useColumns';
import { sheetOf } from '../workbench/useSheet';

const students = 'abcdefghijkl'
  .split('')
  .map((name, i) => student(name, i, { details: { score: (i * 7) % 10, swims: i % 3 === 0 } }));
const theClass = { details: [detail('score', 'number'), detail('swims', 'yesNo')] };
const shown = ['score', 'swims', PARTNERS];
const onToggle = (): void => undefined;
const onChoose = (): void => undefined;
const nameOf = (id: string): string => id;
const factsOf = () => ({ fact: '', mark: null, pinned: false, role: '' });

const base = testBench({
  students,
  theClass,
  bench: { rules: [rule('apart', 'a d'), rule('together', 'j k')], history: [[idsOf('a b c d')]] },
});

function rowsOf(groups: readonly string[], more: Partial<GroupRowProps> = {}): GroupRowProps[] {
  const bench: Bench = { ...base, take: take(groups) };
  const insight = Insight.of(bench, bench.take, ['score', 'swims']);
  return sheetOf(bench).groups.map((group) => ({
    ...{ place: undefined, group, theClass: base.theClass, selected: [], chosen: false },
    ...{ onToggle, onChoose, nameOf, factsOf, shown: [...shown], insight, target: undefined },
    ...{ dragged: null, over: false },
    ...more,
  }));
}

const drawnAnew = (before: readonly GroupRowProps[], after: readonly GroupRowProps[]): number[] =>
  after.flatMap((row, i) => (sameRow(before[i]!, row) ? [] : [i]));

const before = rowsOf(['a b c', 'd e f', 'g h i', 'j k l']);

test('what is read anew and says the same draws nothing', () => {
  expect(drawnAnew(before, rowsOf(['a b c', 'd e f', 'g h i', 'j k l']))).toEqual([]);
});

test.each([
  ['a move', ['a b', 'd e f c', 'g h i', 'j k l'], [0, 1]],
  ['a swap', ['g b c', 'd e f', 'a h i', 'j k l'], [0, 2]],
  ['a rule broken', ['a b c d', 'e f', 'g h i', 'j k l'], [0, 1]],
  ['an order within the row', ['b a c', 'd e f', 'g h i', 'j k l'], [0]],
])('%s draws the rows that it changes and no other', (_, groups, rows) => {
  expect(drawnAnew(before, rowsOf(groups))).toEqual(rows);
});

test('selecting and dragging concern the row in which the student sits', () => {
  const groups = ['a b c', 'd e f', 'g h i', 'j k l'];
  expect(drawnAnew(before, rowsOf(groups, { selected: idsOf('e') }))).toEqual([1]);
  expect(drawnAnew(before, rowsOf(groups, { dragged: idOf('l') }))).toEqual([3]);
});
