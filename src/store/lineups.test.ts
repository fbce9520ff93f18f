import { idOf, idsOf, rule, student, take, testBench } from '../encode/testBench';
import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { LineupRecord } from '../schema/lineup';
import type { RuleKindName } from '../schema/rule';
import {
  changeRecipe,
  createLineup,
  createNextLineup,
  deleteLineup,
  noteUse,
  setLineupState,
  setUsed,
} from './actions/lineups';
import { setTakesPart } from './actions/students';
import { addRule, setPairRule } from './actions/rules';
import { addTake, bringBackTake, deleteTake } from './actions/takes';
import type { AppStore } from './appStore';
import { historyOf, lineupsOf, rollOfLineup, rulesOf, takesOf } from './queries';
import { storeWith } from './testStore';

const DAY = '2026-11-26';
const people = ['a', 'b', 'c', 'd'].map((name, order) => {
  const { here: _derived, ...record } = student(name, order);
  return record;
});
const { theClass, lineup } = testBench({ students: [] });
const classId = theClass.id;
const dealt = take(['a b', 'c d']);
const open = (): AppStore =>
  storeWith([theClass, ...people, { ...lineup, takeId: dealt.id }, dealt]);
const lineupOf = ({ records }: AppStore): LineupRecord | undefined =>
  records.get('lineup', records.get('class', classId)?.openLineupId ?? '');

describe('a new lineup', () => {
  test('has the recipe of the one it follows, no groups, and is the one that is open', () => {
    const store = open();
    changeRecipe(store, lineup.id, { sizing: { by: 'count', count: 5 } });
    createLineup(store, classId, 'Week 2', lineup.id);
    expect(lineupOf(store)).toMatchObject({
      ...{ name: 'Week 2', state: 'draft', takeId: null, pinned: [] },
      recipe: { sizing: { by: 'count', count: 5 } },
    });
    expect(store.records.get('lineup', lineup.id)?.takeId).toBe(dealt.id);
  });

  test('for next time asks for fresh partners, as strongly as before where that was asked', () => {
    const store = open();
    createNextLineup(store, lineup, 'Next', DAY);
    expect(lineupOf(store)?.recipe.freshPartners).toBe('plain');
    const strong = { ...lineup, recipe: { ...lineup.recipe, freshPartners: 'most' as const } };
    createNextLineup(store, strong, 'After that', DAY);
    expect(lineupOf(store)?.recipe.freshPartners).toBe('most');
  });

  test('counts the groups shown before it as met, and none made after it', () => {
    const store = open();
    setUsed(store, lineup.id, '2026-11-19');
    const next = createNextLineup(store, lineup, 'Next', DAY);
    expect(historyOf(store.records, classId, next)).toEqual([[idsOf('a b'), idsOf('c d')]]);
    addTake(store, next, 7, dealt.groups);
    setUsed(store, next, '2026-11-26');
    expect(historyOf(store.records, classId, lineup.id)).toEqual([]);
    expect(historyOf(store.records, classId, next)).toHaveLength(1);
  });

  test('counts nothing of a draft that was only tried', () => {
    const store = open();
    const next = createLineup(store, classId, 'Next', lineup.id);
    expect(historyOf(store.records, classId, next)).toEqual([]);
    noteUse(store, lineup.id, '2026-11-19');
    expect(historyOf(store.records, classId, next)).toHaveLength(1);
    setUsed(store, lineup.id, null);
    expect(historyOf(store.records, classId, next)).toEqual([]);
  });

  test('counts those alone who were there, and a later absence changes nothing of it', () => {
    const store = open();
    setTakesPart(store, idsOf('b'), false, '2026-11-19');
    noteUse(store, lineup.id, '2026-11-19');
    setTakesPart(store, idsOf('b'), true, '2026-11-26');
    setTakesPart(store, idsOf('c'), false, '2026-11-26');
    const next = createNextLineup(store, lineup, 'Next', DAY);
    expect(historyOf(store.records, classId, next)).toEqual([[idsOf('a'), idsOf('c d')]]);
    const away = (day: string) =>
      rollOfLineup(store.records, lineup.id, day).flatMap(({ name, here }) => (here ? [] : [name]));
    // Then, and not today: what was used is a closed book.
    expect(away('2026-11-26')).toEqual(['b']);
    setLineupState(store, lineup.id, 'inUse', '2026-11-26');
    expect(away('2026-11-26')).toEqual(['c']);
  });

  test('keeps the day on which a lineup was used first, and none where there are no groups', () => {
    const store = open();
    noteUse(store, lineup.id, '2026-11-19');
    noteUse(store, lineup.id, '2026-11-26');
    expect(store.records.get('lineup', lineup.id)?.used?.on).toBe('2026-11-19');
    const next = createLineup(store, classId, 'Empty', null);
    noteUse(store, next, '2026-11-26');
    expect(lineupOf(store)?.used).toBeNull();
  });
});

test('a lineup goes with its takes, another one opens, and undo brings all of it back', () => {
  const store = open();
  const next = createLineup(store, classId, 'Week 2', null);
  addTake(store, next, 7, dealt.groups);
  deleteLineup(store, next);
  expect(lineupsOf(store.records, classId).map(({ id }) => id)).toEqual([lineup.id]);
  expect(lineupOf(store)?.id).toBe(lineup.id);
  expect(store.records.all('take')).toHaveLength(1);
  store.history.undo();
  expect(lineupOf(store)?.id).toBe(next);
  expect(takesOf(store.records, next).map(({ seed }) => seed)).toEqual([7]);
});

test('takes are numbered on, also past one that was removed; the newest other one is shown in its place', () => {
  const store = open();
  addTake(store, lineup.id, 2, dealt.groups);
  addTake(store, lineup.id, 3, dealt.groups);
  const numbers = () => takesOf(store.records, lineup.id).map(({ number }) => number);
  const shown = () => store.records.get('take', lineupOf(store)?.takeId ?? '')?.number;
  createFirstOpen(store);
  expect([numbers(), shown()]).toEqual([[1, 2, 3], 3]);
  deleteTake(store, takesOf(store.records, lineup.id)[1]!);
  expect([numbers(), shown()]).toEqual([[1, 3], 3]);
  deleteTake(store, takesOf(store.records, lineup.id)[1]!);
  expect([numbers(), shown()]).toEqual([[1], 1]);
  addTake(store, lineup.id, 4, dealt.groups);
  bringBackTake(store, dealt);
  expect([numbers(), shown()]).toEqual([[1, 2], 1]);
  store.history.undo();
  expect(shown()).toBe(2);
});

/** The class of a test store has no lineup open yet. */
function createFirstOpen({ records }: AppStore): void {
  records.change('load', ({ put, get }) => {
    put({ ...get('class', classId)!, openLineupId: lineup.id });
  });
}

describe('how two students stand to each other', () => {
  const stands = ({ records }: AppStore): readonly string[] =>
    rulesOf(records, classId).map(({ kind, studentIds }) => `${studentIds.join(' ')} ${kind}`);

  test('is said by one rule about just these two, out of a larger one nothing is taken', () => {
    const store = storeWith([theClass, rule('apart', 'a b c'), rule('apart', 'b a')]);
    setPairRule(store, classId, idOf('a'), idOf('b'), 'together');
    expect(stands(store)).toEqual(['a b c apart', 'b a together']);
    setPairRule(store, classId, idOf('a'), idOf('b'), null);
    expect(stands(store)).toEqual(['a b c apart']);
    store.history.undo();
    store.history.undo();
    expect(stands(store)).toEqual(['a b c apart', 'b a apart']);
  });

  test('named twice, a student stands in the rule once', () => {
    const store = open();
    addRule(store, classId, 'apart', idsOf('a b a'));
    expect(stands(store)).toEqual(['a b apart']);
  });

  test.each([1, 2, 3])('whatever was pressed last holds for the pair alone (seed %i)', (seed) => {
    const rng = rngFromSeed(seed);
    const store = storeWith([theClass]);
    const ids = idsOf('a b c d e');
    const last = new Map<string, RuleKindName>();
    for (let step = 0; step < 80; step++) {
      const one = uniformInt(rng, 5);
      const two = (one + 1 + uniformInt(rng, 4)) % 5;
      const kind: RuleKindName | null =
        [null, 'apart' as const, 'together' as const][uniformInt(rng, 3)] ?? null;
      setPairRule(store, classId, ids[one]!, ids[two]!, kind);
      const pair = [ids[one]!, ids[two]!].sort().join(' ');
      if (kind === null) last.delete(pair);
      else last.set(pair, kind);
      const now = rulesOf(store.records, classId).map((of): [string, RuleKindName] => [
        [...of.studentIds].sort().join(' '),
        of.kind,
      ]);
      expect(new Map(now)).toEqual(last);
      expect(now).toHaveLength(last.size);
    }
    while (store.history.undo());
    expect(rulesOf(store.records, classId)).toEqual([]);
  });
});

test('the answer of a query is the same object until something it reads has changed', () => {
  const store = open();
  const before = lineupsOf(store.records, classId);
  addRule(store, classId, 'apart', idsOf('a b'));
  expect(lineupsOf(store.records, classId)).toBe(before);
  changeRecipe(store, lineup.id, { sizing: { by: 'count', count: 3 } });
  expect(lineupsOf(store.records, classId)).not.toBe(before);
});
