import { idsOf, take, testBench } from '@/encode/testBench';
import { setLineupState } from '@/store/actions/lineups';
import { moveStudents, renameGroup } from '@/store/actions/takes';
import { storeWith } from '@/store/testStore';
import { changedBy, companyOf, harmOf } from './harm';

const { theClass, lineup } = testBench({ students: [] });
const dealt = take(['Ana Bo Caro', 'Dov Eli Fay']);
const DAY = '2026-11-26';

test('undoing a move in a lineup in use tells how many would lose somebody, in a draft nobody', () => {
  const store = storeWith([theClass, { ...lineup, takeId: dealt.id }, dealt]);
  const harm = () => harmOf(store.records, store.history.diffOfUndo()!);
  moveStudents(store, dealt.id, idsOf('Ana'), 1);
  expect(harm()).toBe(0);
  const inUse = storeWith([theClass, { ...lineup, takeId: dealt.id, state: 'inUse' }, dealt]);
  moveStudents(inUse, dealt.id, idsOf('Ana'), 1);
  // Ana, and the three who have worked with her since.
  expect(harmOf(inUse.records, inUse.history.diffOfUndo()!)).toBe(4);
  inUse.history.undo();
  expect(harmOf(inUse.records, inUse.history.diffOfRedo()!)).toBe(3);
});

test('what parts nobody is no harm: a name for a group, a state of the lineup', () => {
  const store = storeWith([theClass, { ...lineup, takeId: dealt.id, state: 'inUse' }, dealt]);
  renameGroup(store, dealt.id, 0, 'Heron');
  expect(harmOf(store.records, store.history.diffOfUndo()!)).toBe(0);
  setLineupState(store, lineup.id, 'draft', DAY);
  expect(harmOf(store.records, store.history.diffOfUndo()!)).toBe(0);
});

test('who leaves the class leaves groups in use with fewer: each is told with those who stay', () => {
  const store = storeWith([theClass, { ...lineup, takeId: dealt.id, state: 'inUse' }, dealt]);
  expect(companyOf(store.records, idsOf('Ana Caro Eli'))).toMatchObject([
    { studentId: 'Ana', group: 'Group 1', others: ['Bo'] },
    { studentId: 'Caro', group: 'Group 1', others: ['Bo'] },
    { studentId: 'Eli', group: 'Group 2', others: ['Dov', 'Fay'] },
  ]);
  setLineupState(store, lineup.id, 'draft', DAY);
  expect(companyOf(store.records, idsOf('Ana'))).toEqual([]);
});

test('what another window did to groups in use is told by the step itself, with what was there before', () => {
  const store = storeWith([theClass, { ...lineup, takeId: dealt.id, state: 'inUse' }, dealt]);
  const told: ReturnType<typeof changedBy>[number][] = [];
  store.records.listen((diff, source) => {
    if (source === 'tab') told.push(...changedBy(store.records, diff));
  });
  const other = take(['Bo Caro', 'Dov Eli Fay Ana'], { id: dealt.id });
  store.records.set([[dealt.id, other]], 'tab');
  const renamed = { ...other, groups: other.groups.map((one) => ({ ...one, name: 'New' })) };
  store.records.set([[dealt.id, renamed]], 'tab');
  expect(told).toMatchObject([{ parted: 3, before: { take: dealt } }]);
});
