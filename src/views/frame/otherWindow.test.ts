import { idsOf, take, testBench } from '@/encode/testBench';
import { ClassId } from '@/schema/ids';
import { setLineupState } from '@/store/actions/lineups';
import { addRule } from '@/store/actions/rules';
import { addStudent } from '@/store/actions/students';
import { moveStudents } from '@/store/actions/takes';
import type { Diff } from '@/store/diff';
import { storeWith } from '@/store/testStore';
import { changedParts } from './otherWindow';

test('what another window changed is told by its part, each once, and only of the class that is open', () => {
  const { theClass, lineup } = testBench({ students: [] });
  const dealt = take(['Ana Bo', 'Caro Dov']);
  const store = storeWith([theClass, { ...lineup, takeId: dealt.id }, dealt]);
  const told = (run: () => unknown, classId = theClass.id): unknown => {
    const diffs: Diff[] = [];
    const stop = store.records.listen((diff) => diffs.push(diff));
    run();
    stop();
    return diffs.map((diff) => changedParts(store.records, diff, classId));
  };
  const groups = { part: 'groups', lineup: lineup.name };
  expect(told(() => moveStudents(store, dealt.id, idsOf('Ana'), 1))).toEqual([[groups]]);
  expect(told(() => addRule(store, theClass.id, 'apart', idsOf('Ana Bo')))).toEqual([
    [{ part: 'rules' }],
  ]);
  const state = () => setLineupState(store, lineup.id, 'inUse', '2026-11-26');
  expect(told(state)).toEqual([[{ part: 'lineup', lineup: lineup.name }]]);
  const both = (): void => {
    store.history.act('addStudents', ({ put }) => {
      put({ ...lineup, takeId: dealt.id, name: 'Week 9' });
      put({ ...dealt, starred: true });
      put({ ...theClass, name: 'Other' });
    });
  };
  expect(told(both)).toEqual([[{ part: 'groups', lineup: 'Week 9' }, { part: 'roster' }]]);
  const elsewhere = ClassId.parse('c_other');
  expect(told(() => addStudent(store, theClass.id, { name: 'Eli', email: '' }), elsewhere)).toEqual(
    [[]],
  );
});
