import { idsOf, take as takeOf, testBench } from '../encode/testBench';
import { newActivity } from '../schema/activity';
import { ActivityId } from '../schema/ids';
import {
  createActivity,
  keepOpened,
  openActivity,
  repeatActivity,
  setActivityGroups,
  setOwn,
  setWork,
} from './actions/activities';
import { deleteLineup } from './actions/lineups';
import { moveStudents } from './actions/takes';
import type { AppStore } from './appStore';
import { activitiesOf } from './queries';
import { storeWith } from './testStore';

const bench = testBench({ students: [] });
const dealt = takeOf(['a b c', 'd e f', 'g']);
const { id: lineupId, classId } = bench.lineup;
const [a] = idsOf('a b');

/** A store with a lineup in three groups and an activity of it that has not opened. */
const open = (opens: string | null = null): AppStore =>
  storeWith([
    ...[bench.theClass, { ...bench.lineup, takeId: dealt.id }, dealt],
    { ...newActivity(ActivityId.parse('ac_1'), classId, lineupId, 'Report', 'x'), opens },
  ]);
const only = (store: AppStore) => activitiesOf(store.records, classId)[0]!;
const groups = (store: AppStore) =>
  only(store).groups?.map(({ studentIds }) => studentIds.join(' ')) ?? null;

test('an activity follows its lineup until it opens, and keeps its groups from then on', () => {
  const store = open();
  moveStudents(store, dealt.id, [a!], 1);
  expect(groups(store)).toBeNull();
  openActivity(store, only(store).id, '2026-10-15T09:00');
  moveStudents(store, dealt.id, [a!], 2);
  expect(groups(store)).toEqual(['b c', 'd e f a', 'g']);
});

test('once its time has come it keeps the groups of that moment, and not before', () => {
  const store = open('2026-10-15T09:00');
  keepOpened(store, classId, '2026-10-15T08:59');
  expect(groups(store)).toBeNull();
  keepOpened(store, classId, '2026-10-15T09:00');
  expect(groups(store)).toEqual(['a b c', 'd e f', 'g']);
  expect(store.history.undo(classId)).toBeNull();
});

test('what is marked or has come in keeps its groups, though nobody opened it', () => {
  for (const begin of [
    (store: AppStore) => setWork(store, only(store).id, ['0'], 'mark', () => ({ points: 7 })),
    (store: AppStore) => setOwn(store, only(store).id, a!, { state: 'excused' }),
  ]) {
    const store = open();
    begin(store);
    expect(groups(store)).toEqual(['a b c', 'd e f', 'g']);
    store.history.undo(classId);
    expect(groups(store)).toBeNull();
  }
});

test('a lineup that is deleted leaves its groups to an activity that was still to open', () => {
  const store = open();
  deleteLineup(store, lineupId);
  expect(only(store).lineupId).toBeNull();
  expect(groups(store)).toEqual(['a b c', 'd e f', 'g']);
});

test('the same activity once more has its settings and nothing of what came of it', () => {
  const store = open();
  const { id } = only(store);
  setWork(store, id, ['0'], 'mark', () => ({ points: 7, comment: 'neat' }));
  setActivityGroups(store, id, { groups: [], splits: {}, settled: { a: '1' } });
  repeatActivity(store, only(store), [
    { name: 'Report 2', classId, lineupId, due: '2026-10-22T12:00' },
    { name: 'Report 3', classId, lineupId: null },
  ]);
  const called = (name: string) =>
    activitiesOf(store.records, classId).find((one) => one.name === name);
  const [second, third] = [called('Report 2'), called('Report 3')];
  expect(second).toMatchObject({
    ...{ name: 'Report 2', lineupId, due: '2026-10-22T12:00', groups: null, work: {} },
    ...{ settled: {}, own: {} },
  });
  expect(third).toMatchObject({ lineupId: null, most: 10 });
  expect(third?.createdAt).not.toBe('x');
  expect(store.history.undo(classId)).toBe('createActivity');
  expect(activitiesOf(store.records, classId)).toHaveLength(1);
});

test('activities stand by the day they are due, those without one last', () => {
  const store = open();
  createActivity(store, classId, null, { name: 'Essay', due: '2026-11-01T12:00' });
  createActivity(store, classId, null, { name: 'Quiz', due: '2026-10-20T12:00' });
  expect(activitiesOf(store.records, classId).map(({ name }) => name)).toEqual([
    ...['Quiz', 'Essay', 'Report'],
  ]);
});
