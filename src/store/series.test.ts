import { ClassId, LineupId, StudentId } from '../schema/ids';
import { newLineup } from '../schema/lineup';
import { PLAIN_RECIPE } from '../schema/recipe';
import { newStudent } from '../schema/student';
import { newGroup, type TakeGroup } from '../schema/take';
import { emptyClass } from '../schema/classRecord';
import { setUsed } from './actions/lineups';
import { dropAhead, planSeries, replanSeries } from './actions/series';
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
  const wish = { rounds: 2, every: 'week' as const, from: '2026-10-22', notOn: [], roles: [] };
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

test('rounds of a series count for one another while they are planned, and for nothing else', () => {
  const { store, first, second } = planned();
  const pairs = (...groups: readonly string[]) =>
    groups.map((pair) => pair.split(' ').map((one) => StudentId.parse(one)));
  expect(historyOf(store.records, classId, second.id)).toEqual([pairs('a b', 'c d')]);
  expect(historyOf(store.records, classId, LineupId.parse('l_own'))).toEqual([]);
  setUsed(store, second.id, '2026-10-22');
  expect(historyOf(store.records, classId, second.id)).toEqual([]);
  expect(historyOf(store.records, classId, first.id)).toEqual([pairs('a c', 'b d')]);
});
