import { idsOf, take, testBench } from '@/encode/testBench';
import { setLineupState } from '@/store/actions/lineups';
import { moveStudents, renameGroup } from '@/store/actions/takes';
import { storeWith } from '@/store/testStore';
import { harmOf } from './harm';

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
