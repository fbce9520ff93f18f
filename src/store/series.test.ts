import { meetingsIn } from '../encode/meetings';
import { termOf } from '../encode/term';
import { ClassId, LineupId, StudentId } from '../schema/ids';
import { newLineup } from '../schema/lineup';
import { PLAIN_RECIPE } from '../schema/recipe';
import { newStudent } from '../schema/student';
import { newGroup, type TakeGroup } from '../schema/take';
import { emptyClass } from '../schema/classRecord';
import {
  countAgain,
  createLineup,
  createNextLineup,
  noteUse,
  setUsed,
  setUsualRecipe,
} from './actions/lineups';
import { dropAhead, planSeries, replanSeries, setDays, takeInPast } from './actions/series';
import { historyOf, lineupsOf, seriesOf, shownTake, termOfClass, usedGroupsOf } from './queries';
import { storeWith } from './testStore';

const classId = ClassId.parse('c_crew');
const MOMENT = '2026-10-15T09:00:00.000Z';
const ids = ['a', 'b', 'c', 'd'].map((name) => StudentId.parse(name));
const groups = (...pairs: readonly string[]): TakeGroup[] =>
  pairs.map((pair, sign) =>
    newGroup(
      `G${sign}`,
      sign,
      pair.split(' ').map((one) => StudentId.parse(one)),
    ),
  );

function planned() {
  const store = storeWith([
    emptyClass(classId, 'Crew', MOMENT),
    ...ids.map((id, order) => newStudent(id, classId, order, { name: id, email: '' })),
    newLineup(LineupId.parse('l_own'), classId, 'Own', MOMENT),
  ]);
  const wish = {
    rounds: 2,
    every: 'week' as const,
    from: '2026-10-22',
    notOn: [],
    roles: [],
    mix: null,
  };
  planSeries(
    store,
    classId,
    'Autumn',
    { ...wish, sizing: { by: 'count', count: 2 } },
    PLAIN_RECIPE,
    7,
    [
      { name: 'First', on: '2026-10-22', groups: groups('a b', 'c d') },
      { name: 'Second', on: '2026-10-29', groups: groups('a c', 'b d') },
    ],
  );
  const [, first, second] = lineupsOf(store.records, classId);
  return { store, first: first!, second: second! };
}

const seats = (store: ReturnType<typeof planned>['store'], id: LineupId) =>
  shownTake(store.records, id)?.groups.map(({ studentIds }) => studentIds.join(' '));

test('planned rounds are lineups in their order, which count for nothing before they are used', () => {
  const { store, first } = planned();
  expect(
    termOfClass(store.records, classId).map(({ name, on, state }) => [name, on, state]),
  ).toEqual([
    ['First', '2026-10-22', 'planned'],
    ['Second', '2026-10-29', 'planned'],
  ]);
  expect(usedGroupsOf(store.records, classId)).toEqual([]);
  setUsed(store, first.id, '2026-10-23');
  expect(termOfClass(store.records, classId)[0]).toMatchObject({ on: '2026-10-23', state: 'used' });
});

test('what is ahead is made anew and what was used stays, in one step that can be taken back', () => {
  const { store, first, second } = planned();
  setUsed(store, first.id, '2026-10-22');
  const next = new Map([first, second].map(({ id }) => [id, groups('a d', 'b c')] as const));
  replanSeries(store, 8, next);
  expect([seats(store, first.id), seats(store, second.id)]).toEqual([
    ['a b', 'c d'],
    ['a d', 'b c'],
  ]);
  // The take before is kept.
  expect(store.records.all('take')).toHaveLength(3);
  store.history.undo(classId);
  expect(seats(store, second.id)).toEqual(['a c', 'b d']);
});

test('taking away what is ahead leaves used rounds, other lineups and the series', () => {
  const { store, first } = planned();
  setUsed(store, first.id, '2026-10-22');
  const [series] = seriesOf(store.records, classId);
  dropAhead(store, classId, series!.id);
  expect(lineupsOf(store.records, classId).map(({ name }) => name)).toEqual(['Own', 'First']);
  expect(store.records.all('take').map(({ lineupId }) => lineupId)).toEqual([first.id]);
});

test('planned rounds count for one another, whichever series they are of, and for nothing else', () => {
  const { store, first, second } = planned();
  const pairs = (...groups: readonly string[]) =>
    groups.map((pair) => pair.split(' ').map((one) => StudentId.parse(one)));
  expect(historyOf(store.records, classId, second.id)).toEqual([pairs('a b', 'c d')]);
  expect(historyOf(store.records, classId, LineupId.parse('l_own'))).toEqual([]);
  const { wish } = seriesOf(store.records, classId)[0]!;
  planSeries(store, classId, 'More', wish, PLAIN_RECIPE, 9, [
    { name: 'Third', on: '2026-11-05', groups: groups('a d', 'b c') },
  ]);
  expect(historyOf(store.records, classId, second.id)).toEqual([
    ...[pairs('a b', 'c d'), pairs('a d', 'b c')],
  ]);
  store.history.undo(classId);
  setUsed(store, second.id, '2026-10-22');
  expect(historyOf(store.records, classId, second.id)).toEqual([]);
  expect(historyOf(store.records, classId, first.id)).toEqual([pairs('a c', 'b d')]);
});

const days = (store: ReturnType<typeof planned>['store']) =>
  termOfClass(store.records, classId).map(({ name, on, state, counts }) => [
    name,
    on,
    state,
    counts,
  ]);

test('a lineup may serve several days: they stand in the term, and count once until the teacher says more', () => {
  const { store, first } = planned();
  setDays(store, new Map([[first.id, ['2026-11-12', '2026-10-22', '2026-11-12']]]), String);
  expect(days(store)).toEqual([
    ['First', '2026-10-22', 'planned', true],
    ['First', '2026-11-12', 'planned', false],
    ['Second', '2026-10-29', 'planned', true],
  ]);
  setUsed(store, first.id, '2026-10-22');
  // Shown again on the other day: that alone counts for nothing more.
  noteUse(store, first.id, '2026-11-12');
  expect(usedGroupsOf(store.records, classId).map(({ on }) => on)).toEqual(['2026-10-22']);
  countAgain(store, first.id, '2026-11-12');
  countAgain(store, first.id, '2026-11-12');
  expect(usedGroupsOf(store.records, classId).map(({ on }) => on)).toEqual([
    '2026-10-22',
    '2026-11-12',
  ]);
  expect(days(store).filter(([name]) => name === 'First')).toHaveLength(2);
});

test('lineups put into the term by hand count for one another, and leave it again with their groups', () => {
  const { store, first } = planned();
  const [own] = lineupsOf(store.records, classId);
  const take = shownTake(store.records, first.id)!;
  dropAhead(store, classId, seriesOf(store.records, classId)[0]!.id);
  store.records.change('user', ({ put }) => {
    for (const id of ['l_x', 'l_y'].map((one) => LineupId.parse(one))) {
      put({ ...take, id: `t ${id}` as never, lineupId: id });
      put({ ...own!, id, name: id, takeId: `t ${id}` as never });
    }
  });
  const [x, y] = [LineupId.parse('l_x'), LineupId.parse('l_y')];
  expect(historyOf(store.records, classId, x)).toEqual([]);
  setDays(store, new Map([x, y].map((id) => [id, []])), String);
  expect(historyOf(store.records, classId, x)).toEqual([take.groups.map((one) => one.studentIds)]);
  setDays(store, new Map([[y, null]]), String);
  expect(historyOf(store.records, classId, x)).toEqual([]);
  expect(seats(store, y)).toEqual(['a b', 'c d']);
});

test('groups of earlier weeks are lineups that were used, one step to undo, and nothing else changes', () => {
  const { store } = planned();
  const before = lineupsOf(store.records, classId).length;
  takeInPast(store, classId, PLAIN_RECIPE, [
    { name: 'Week 2', on: '2026-09-10', groups: groups('a c', 'b') },
    { name: 'Week 1', on: '2026-09-03', groups: groups('a b', 'c d') },
  ]);
  expect(usedGroupsOf(store.records, classId)).toMatchObject([
    {
      on: '2026-09-03',
      groups: [
        ['a', 'b'],
        ['c', 'd'],
      ],
    },
    { on: '2026-09-10', groups: [['a', 'c'], ['b']] },
  ]);
  expect(lineupsOf(store.records, classId)[0]).toMatchObject({ name: 'Week 1', state: 'retired' });
  store.history.undo(classId);
  expect(lineupsOf(store.records, classId)).toHaveLength(before);
});

test('a lineup called after its day is called after the new one, another keeps its name', () => {
  const { store, first, second } = planned();
  store.records.change('user', ({ put }) => put({ ...first, name: 'on 2026-10-22' }));
  const all = [first, second].map(({ id }) => [id, ['2026-11-05']] as const);
  setDays(store, new Map(all), (day) => `on ${day}`);
  const names = lineupsOf(store.records, classId).map(({ name }) => name);
  expect(names).toEqual(['Own', 'on 2026-11-05', 'Second']);
});

test('a lineup that serves later days hands those on to the one made for next time', () => {
  const { store, first } = planned();
  setDays(store, new Map([[first.id, ['2026-10-22', '2026-10-29', '2026-11-05']]]), String);
  const nextId = createNextLineup(
    store,
    store.records.get('lineup', first.id)!,
    'New',
    '2026-10-29',
  );
  expect(store.records.get('lineup', first.id)?.planned?.also).toEqual(['2026-10-29']);
  expect(store.records.get('lineup', nextId)?.planned).toMatchObject({
    on: '2026-11-05',
    also: [],
  });
});

test('new settings from now on are those of lineups made later, and of none that stands', () => {
  const { store, first } = planned();
  const recipe = { ...PLAIN_RECIPE, sizing: { by: 'count' as const, count: 9 } };
  setUsualRecipe(store, classId, recipe);
  const id = createLineup(store, classId, 'Later', first.id);
  expect(store.records.get('lineup', id)?.recipe).toEqual(recipe);
  expect(store.records.get('lineup', first.id)?.recipe).toEqual(PLAIN_RECIPE);
  setUsualRecipe(store, classId, null);
  const again = createLineup(store, classId, 'Again', first.id);
  expect(store.records.get('lineup', again)?.recipe).toEqual(PLAIN_RECIPE);
});

test('the matrix of people and the term count the same of what was used', () => {
  const { store, first, second } = planned();
  setUsed(store, first.id, '2026-10-22');
  setUsed(store, second.id, '2026-10-29');
  countAgain(store, first.id, '2026-11-12');
  const past = usedGroupsOf(store.records, classId).map((one) => one.groups);
  const { between } = meetingsIn(past);
  const term = termOf(termOfClass(store.records, classId), ids);
  const pairs = ids.flatMap((one, at) => ids.slice(at + 1).map((two) => [one, two] as const));
  expect(pairs.map(([one, two]) => term.together(one, two).length)).toEqual(
    pairs.map(([one, two]) => between(one, two)),
  );
  expect(pairs.map(([one, two]) => between(one, two))).toEqual([2, 1, 0, 0, 1, 2]);
});

test('a lineup that the class works in may be given later days, and keeps the one it was used on', () => {
  const { store, first } = planned();
  setUsed(store, first.id, '2026-10-22');
  setDays(store, new Map([[first.id, ['2026-11-12', '2026-11-05']]]), String);
  expect(days(store).filter(([name]) => name === 'First')).toEqual([
    ['First', '2026-10-22', 'used', true],
    ['First', '2026-11-05', 'planned', false],
    ['First', '2026-11-12', 'planned', false],
  ]);
});
