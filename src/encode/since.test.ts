import fc from 'fast-check';
import { changesSince } from './since';
import { idOf } from './testBench';

const group = (name: string, sign: number, names: string) => ({
  ...{ name, sign },
  studentIds: names
    .split(' ')
    .filter((one) => one !== '')
    .map(idOf),
});

test('who joins and who leaves is told for each group, whatever it is called now', () => {
  const then = [group('Alder', 0, 'ana bo'), group('Sedge', 1, 'caro'), group('Rush', 2, 'dov')];
  const now = [group('Reed', 0, 'ana'), group('Sedge', 1, 'bo caro'), group('Iris', 3, 'dov')];
  expect(changesSince(then, now)).toEqual([
    { name: 'Reed', was: 'Alder', state: 'kept', joins: [], leaves: ['bo'] },
    { name: 'Sedge', was: null, state: 'kept', joins: ['bo'], leaves: [] },
    { name: 'Iris', was: null, state: 'new', joins: ['dov'], leaves: [] },
    { name: 'Rush', was: null, state: 'gone', joins: [], leaves: ['dov'] },
  ]);
});

test('the same groups have not changed; what joins one of them leaves another, or was in none', () => {
  const dealt = fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 6, maxLength: 6 });
  const deal = (rows: readonly number[]) =>
    [0, 1, 2].map((row) =>
      group(`G${row}`, row, rows.flatMap((at, i) => (at === row ? [`s${i}`] : [])).join(' ')),
    );
  fc.assert(
    fc.property(dealt, dealt, (one, two) => {
      expect(changesSince(deal(one), deal(one))).toEqual([]);
      const changes = changesSince(deal(one), deal(two));
      const rows = one.map((_, i) => i);
      const moved = rows.filter((i) => one[i] !== two[i]);
      const joins = changes.flatMap((change) => change.joins).sort();
      const leaves = changes.flatMap((change) => change.leaves).sort();
      expect(joins).toEqual(moved.filter((i) => two[i]! < 3).map((i) => `s${i}`));
      expect(leaves).toEqual(moved.filter((i) => one[i]! < 3).map((i) => `s${i}`));
    }),
    { seed: 9, numRuns: 200 },
  );
});
