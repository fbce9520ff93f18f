import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { idsOf, take as takeOf, testBench } from '../encode/testBench';
import type { StudentId } from '../schema/ids';
import { LEAD, type TakeRecord } from '../schema/take';
import { changeRecipe, saveRecipe, setLineupState, setPinned } from './actions/lineups';
import {
  addGroup,
  giveRole,
  lockGroup,
  mergeGroups,
  moveStudents,
  nameGroups,
  placeStudents,
  removeGroup,
  renameGroup,
  splitGroup,
  starTake,
  swapStudents,
  undealTake,
} from './actions/takes';
import type { AppStore } from './appStore';
import { storeWith } from './testStore';

const ids = idsOf('a b c d e f g h');
const bench = testBench({ students: [] });
const dealt = takeOf(['a b c', 'd e f', 'g']);
const [a, b, , d] = ids as [StudentId, StudentId, StudentId, StudentId];

/** A store with one lineup and one take in it. */
const open = (): AppStore =>
  storeWith([bench.theClass, { ...bench.lineup, takeId: dealt.id }, dealt]);
const shown = (store: AppStore): TakeRecord => store.records.get('take', dealt.id)!;
const rows = (store: AppStore): string[] =>
  shown(store).groups.map(({ studentIds }) => studentIds.join(' '));

/** One random change by hand of each kind that there is. */
const EDITS: readonly ((store: AppStore, random: (below: number) => number) => void)[] = [
  (store, random) => moveStudents(store, dealt.id, [ids[random(8)]!], random(4) - 1),
  (store, random) => moveStudents(store, dealt.id, [ids[random(8)]!, ids[random(8)]!], random(3)),
  (store, random) => swapStudents(store, dealt.id, ids[random(8)]!, ids[random(8)]!),
  (store, random) => addGroup(store, dealt.id, 'New', 10 + random(50)),
  (store, random) => removeGroup(store, dealt.id, random(4)),
  (store, random) => mergeGroups(store, dealt.id, random(3), 3 - random(3)),
  (store, random) => splitGroup(store, dealt.id, random(3), 'Half', 70 + random(50)),
  (store, random) => renameGroup(store, dealt.id, random(3), `Name ${random(9)}`),
  (store, random) => lockGroup(store, dealt.id, random(3), random(2) === 0),
  (store, random) => giveRole(store, dealt.id, LEAD, new Map([[random(3), ids[random(8)]!]])),
  (store, random) => starTake(store, dealt.id, random(2) === 0),
  (store) => undealTake(store, dealt.id),
  (store, random) => setPinned(store, bench.lineup.id, [ids[random(8)]!], random(2) === 0),
  (store, random) => placeStudents(store, dealt.id, new Map([[ids[random(8)]!, random(3)]])),
  (store) => setLineupState(store, bench.lineup.id, 'inUse', '2026-11-26'),
  (store, random) =>
    changeRecipe(store, bench.lineup.id, { sizing: { by: 'count', count: 1 + random(5) } }),
  (store, random) =>
    nameGroups(
      store,
      bench.lineup.id,
      { from: 'numbers', list: [], withCode: false, withDate: false },
      (row) => `${random(5)} ${row}`,
    ),
  (store) =>
    saveRecipe(store, bench.theClass.id, {
      ...{ name: 'Usual', recipe: bench.lineup.recipe, detailNames: {} },
    }),
];

test.each([1, 2, 3])(
  'every change by hand can be undone and done again, and seats nobody twice, and gives roles only in the group (seed %i)',
  (seed) => {
    const store = open();
    const rng = rngFromSeed(seed);
    const random = (below: number): number => uniformInt(rng, below);
    const all = () =>
      JSON.stringify([...store.records.all('take'), ...store.records.all('lineup')]);
    const states = [all()];
    for (let step = 0; step < 120; step++) {
      EDITS[random(EDITS.length)]!(store, random);
      const seated = shown(store).groups.flatMap(({ studentIds }) => studentIds);
      expect(new Set(seated).size).toBe(seated.length);
      shown(store).groups.forEach(({ studentIds, roles }) =>
        Object.values(roles).forEach((holder) => expect(studentIds).toContain(holder)),
      );
      if (all() !== states.at(-1)) states.push(all());
    }
    const wayBack: string[] = [all()];
    while (store.history.undo()) if (all() !== wayBack.at(-1)) wayBack.push(all());
    expect(wayBack.reverse()).toEqual(states);
    while (store.history.redo());
    expect(all()).toBe(states.at(-1));
  },
);

test('merged students join the other group; of a split the larger half stays', () => {
  const store = open();
  mergeGroups(store, dealt.id, 2, 0);
  expect(rows(store)).toEqual(['a b c g', 'd e f']);
  splitGroup(store, dealt.id, 1, 'Half', 9);
  expect(rows(store)).toEqual(['a b c g', 'd e', 'f']);
  undealTake(store, dealt.id);
  expect(rows(store)).toEqual(['a b c', 'd e f', 'g']);
  expect(shown(store).dealt).toBeNull();
});

test('a role ends when its holder leaves the group, and is kept by one who stays', () => {
  const store = open();
  giveRole(store, dealt.id, LEAD, new Map([[0, a]]));
  moveStudents(store, dealt.id, [b], 1);
  expect(shown(store).groups[0]?.roles).toEqual({ lead: a });
  swapStudents(store, dealt.id, a, d);
  expect(shown(store).groups.map(({ roles }) => roles)).toEqual([{}, {}, {}]);
});

test('one group renamed keeps its name, and those of the others, through the next shuffle', () => {
  const store = open();
  renameGroup(store, dealt.id, 1, 'Mill pool');
  expect(store.records.get('lineup', bench.lineup.id)?.recipe.naming).toEqual({
    ...{ from: 'list', list: ['Group 1', 'Mill pool', 'Group 3'] },
    ...{ withCode: false, withDate: false },
  });
});

test('two swapped with one aside leave the seat to the other', () => {
  const store = open();
  swapStudents(store, dealt.id, a, ids[7]!);
  expect(rows(store)).toEqual(['h b c', 'd e f', 'g']);
});

test('placed students leave the group they were in; a row that is not there changes nothing', () => {
  const store = open();
  placeStudents(
    store,
    dealt.id,
    new Map([
      [ids[7]!, 2],
      [a, 1],
      [b, 9],
    ]),
  );
  expect(rows(store)).toEqual(['b c', 'd e f a', 'g h']);
});
