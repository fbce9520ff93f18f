import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { idsOf, take as takeOf, testBench } from '../encode/testBench';
import type { StudentId } from '../schema/ids';
import { LEAD, newGroup, type TakeRecord } from '../schema/take';
import {
  changeRecipe,
  removeRole,
  removeSavedRecipe,
  saveRecipe,
  setLineupState,
  setPinned,
  setUsualRecipe,
  wishRole,
} from './actions/lineups';
import {
  addGroup,
  addTake,
  bringBackTake,
  deleteTake,
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
import { setRoles } from './actions/classParts';
import { editStudent } from './actions/students';
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

describe('by hand', () => {
  test('whoever is in the group already stays in their place, and whoever moves comes last, once', () => {
    const store = open();
    moveStudents(store, dealt.id, [a, a, d, ids[6]!], 0);
    expect(rows(store)).toEqual(['a b c d g', 'e f', '']);
    expect(store.history.nextUndo()).toBe('moveStudent');
    moveStudents(store, dealt.id, [a], null);
    expect(rows(store)).toEqual(['b c d g', 'e f', '']);
  });

  test('what changes nothing is no step', () => {
    const store = open();
    moveStudents(store, dealt.id, [a], 0);
    swapStudents(store, dealt.id, a, a);
    mergeGroups(store, dealt.id, 9, 0);
    removeGroup(store, dealt.id, 9);
    expect(store.history.nextUndo()).toBeNull();
    expect(shown(store).dealt).toBeNull();
  });

  test('the groups as they were dealt are kept with the first change, and come back with names given since', () => {
    const store = open();
    moveStudents(store, dealt.id, [a], 1);
    swapStudents(store, dealt.id, b, d);
    renameGroup(store, dealt.id, 0, 'Mill pool');
    lockGroup(store, dealt.id, 1, true);
    expect(shown(store).dealt?.map(({ studentIds }) => studentIds.join(' '))).toEqual([
      ...['a b c', 'd e f', 'g'],
    ]);
    undealTake(store, dealt.id);
    expect(rows(store)).toEqual(['a b c', 'd e f', 'g']);
    expect(shown(store).groups.map(({ name, locked }) => [name, locked])).toEqual([
      ['Mill pool', false],
      ['Group 2', true],
      ['Group 3', false],
    ]);
  });

  test('a group is added empty, at the end, under its own sign; removed, its students stand aside', () => {
    const store = open();
    addGroup(store, dealt.id, 'New', 7);
    expect(shown(store).groups.at(-1)).toEqual(newGroup('New', 7, []));
    removeGroup(store, dealt.id, 1);
    expect(rows(store)).toEqual(['a b c', 'g', '']);
  });
});

describe('takes of a lineup', () => {
  const lineup = (store: AppStore) => store.records.get('lineup', bench.lineup.id)!;
  const add = (store: AppStore) =>
    addTake(store, bench.lineup.id, 5, [newGroup('Group 1', 0, [b, a])], 'sentence');
  const numbers = (store: AppStore) =>
    store.records
      .all('take')
      .map(({ number }) => number)
      .sort((one, two) => one - two);

  test('a new one is shown, numbered on, with what made it', () => {
    const store = open();
    add(store);
    const newest = store.records.get('take', lineup(store).takeId!)!;
    expect(newest).toMatchObject({ number: 2, seed: 5, madeBy: 'sentence', starred: false });
    add(store);
    expect(numbers(store)).toEqual([1, 2, 3]);
    deleteTake(store, store.records.get('take', lineup(store).takeId!)!);
    expect(lineup(store).takeId).toBe(newest.id);
  });

  test('another one that goes leaves what is shown, the last one leaves nothing', () => {
    const store = open();
    add(store);
    const shownNow = lineup(store).takeId;
    deleteTake(store, dealt);
    expect(lineup(store).takeId).toBe(shownNow);
    deleteTake(store, store.records.get('take', shownNow!)!);
    expect(lineup(store).takeId).toBeNull();
  });

  test('one is brought back as a step, and what is shown already is none', () => {
    const store = open();
    add(store);
    bringBackTake(store, dealt);
    expect(lineup(store).takeId).toBe(dealt.id);
    bringBackTake(store, dealt);
    store.history.undo();
    expect(lineup(store).takeId).not.toBe(dealt.id);
    starTake(store, dealt.id, true);
    expect(shown(store).starred).toBe(true);
  });
});

describe('roles of a recipe', () => {
  const wishes = (store: AppStore) => store.records.get('lineup', bench.lineup.id)?.recipe.roles;
  const lead = (how: 'first' | 'turns') => ({ role: LEAD, how });

  test('are given at once and from then on, each in its place, and taken away in one step', () => {
    const store = open();
    wishRole(store, bench.lineup.id, LEAD, 'first', new Map([[0, a]]));
    wishRole(store, bench.lineup.id, 'scribe', 'random', new Map([[0, b]]));
    expect(wishes(store)).toEqual([lead('first'), { role: 'scribe', how: 'random' }]);
    wishRole(store, bench.lineup.id, LEAD, 'turns', new Map([[1, d]]));
    expect(wishes(store)).toEqual([lead('turns'), { role: 'scribe', how: 'random' }]);
    expect(shown(store).groups.map(({ roles }) => roles)).toEqual([
      { lead: a, scribe: b },
      { lead: d },
      {},
    ]);
    const nobody = new Map([0, 1, 2].map((row) => [row, null]));
    wishRole(store, bench.lineup.id, LEAD, null, nobody);
    expect(wishes(store)).toEqual([{ role: 'scribe', how: 'random' }]);
    expect(shown(store).groups.map(({ roles }) => roles)).toEqual([{ scribe: b }, {}, {}]);
    store.history.undo();
    expect(shown(store).groups[1]?.roles).toEqual({ lead: d });
    expect(wishes(store)).toHaveLength(2);
  });

  test('go from the class, from every recipe and from the groups in one step', () => {
    const store = open();
    setRoles(store, bench.theClass.id, ['scribe', 'timer']);
    wishRole(store, bench.lineup.id, LEAD, 'first', new Map([[0, a]]));
    wishRole(store, bench.lineup.id, 'scribe', 'turns', new Map([[0, b]]));
    removeRole(store, bench.lineup.id, 'scribe');
    expect(store.records.get('class', bench.theClass.id)?.roles).toEqual(['timer']);
    expect(wishes(store)).toEqual([lead('first')]);
    expect(shown(store).groups[0]?.roles).toEqual({ lead: a });
    store.history.undo();
    expect(wishes(store)).toHaveLength(2);
    expect(shown(store).groups[0]?.roles).toEqual({ lead: a, scribe: b });
  });

  test('are had by nobody who is not in the group, and wished for before there are groups', () => {
    const store = open();
    wishRole(store, bench.lineup.id, LEAD, 'first', new Map([[0, d]]));
    expect(shown(store).groups[0]?.roles).toEqual({});
    const empty = storeWith([bench.theClass, bench.lineup]);
    wishRole(empty, bench.lineup.id, LEAD, 'turns', new Map());
    expect(wishes(empty)).toEqual([lead('turns')]);
  });
});

test('pins are each once, and go for those who are named alone', () => {
  const store = open();
  const pinned = () => store.records.get('lineup', bench.lineup.id)?.pinned;
  setPinned(store, bench.lineup.id, [a, b], true);
  setPinned(store, bench.lineup.id, [b, d], true);
  expect(pinned()).toEqual([a, b, d]);
  setPinned(store, bench.lineup.id, [a, d], false);
  expect(pinned()).toEqual([b]);
});

test('a recipe kept under a name takes the place of the one of that name, and goes by its name', () => {
  const store = open();
  const { id } = bench.theClass;
  const saved = (name: string, count: number) => ({
    ...{ name, detailNames: {} },
    recipe: { ...bench.lineup.recipe, sizing: { by: 'count' as const, count } },
  });
  const kept = () =>
    store.records
      .get('class', id)
      ?.savedRecipes.map(({ name, recipe: { sizing } }) => [
        name,
        'count' in sizing && sizing.count,
      ]);
  saveRecipe(store, id, saved('Usual', 2));
  saveRecipe(store, id, saved('Other', 3));
  saveRecipe(store, id, saved('Usual', 4));
  expect(kept()).toEqual([
    ['Other', 3],
    ['Usual', 4],
  ]);
  removeSavedRecipe(store, id, 'Other');
  expect(kept()).toEqual([['Usual', 4]]);
  setUsualRecipe(store, id, saved('Usual', 5).recipe);
  expect(store.records.get('class', id)?.usualRecipe?.sizing).toEqual({ by: 'count', count: 5 });
});

test('what is asked of a lineup, a take or a student that is gone changes nothing', () => {
  const store = storeWith([bench.theClass]);
  renameGroup(store, dealt.id, 0, 'Mill pool');
  nameGroups(store, bench.lineup.id, bench.lineup.recipe.naming, String);
  wishRole(store, bench.lineup.id, LEAD, 'first', new Map());
  changeRecipe(store, bench.lineup.id, { sections: 'kept' });
  moveStudents(store, dealt.id, [a], 0);
  editStudent(store, a, { name: 'Ana' });
  expect(store.history.nextUndo()).toBeNull();
  const other = open();
  renameGroup(other, dealt.id, 9, 'Mill pool');
  expect(other.history.nextUndo()).toBeNull();
});
