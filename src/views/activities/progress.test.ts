import { unitsOf } from '@/encode/activityUnits';
import { idOf, student, take } from '@/encode/testBench';
import { keptGroups, newActivity, NO_OWN, NO_WORK, type ActivityRecord } from '@/schema/activity';
import { emptyClass } from '@/schema/classRecord';
import { ActivityId, ClassId, LineupId } from '@/schema/ids';
import { markRows } from '@/encode/markTerm';
import { marksOutOf } from './marksOutOf';
import { standingOf } from './progress';

const MOMENT = '2026-10-15T09:00:00.000Z';
const classId = ClassId.parse('c_crew');
const students = ['a', 'b', 'c', 'd'].map((name, order) => student(name, order));
const activity = (known: Partial<ActivityRecord>): ActivityRecord => ({
  ...newActivity(ActivityId.parse('ac'), classId, LineupId.parse('l_1'), 'Report', MOMENT),
  groups: [...keptGroups(take(['a b', 'c', 'd']).groups)],
  ...known,
});
const standings = (given: ActivityRecord) =>
  unitsOf(given, undefined, students).map((unit) => standingOf(given, unit));
const came = { ...NO_WORK, came: { state: 'in' as const, at: null } };

test('work is awaited, then to be marked, then marked, and a mark goes before what came in', () => {
  const work = { '0': came, '1': { ...NO_WORK, points: 0 } };
  expect(standings(activity({ work }))).toEqual(['toMark', 'marked', 'notYet']);
});

test('nothing is awaited of a group nobody of which took part, nor of somebody alone who is excused', () => {
  const own = {
    a: { ...NO_OWN, state: 'absent' as const },
    c: { ...NO_OWN, state: 'excused' as const },
  };
  expect(standings(activity({ own }))).toEqual(['notYet', 'marked', 'notYet']);
  const alone = activity({ own, groups: null, lineupId: null });
  expect(standings(alone)).toEqual(['marked', 'notYet', 'marked', 'notYet']);
});

test('marks leave with the group they are of, what was said to all of it and to the student alone', () => {
  const given = activity({
    work: { '0': { ...NO_WORK, points: 7, comment: 'Neat.' } },
    own: { a: { ...NO_OWN, comment: 'You led.' } },
  });
  const term = [{ activity: given, units: unitsOf(given, undefined, students) }];
  const rows = markRows(term, [idOf('a'), idOf('d')], '2026-10-15T09:00');
  const out = marksOutOf(emptyClass(classId, 'Crew', MOMENT), students, term, rows);
  expect(out.rows.map(({ name, marks }) => [name, marks[0]])).toEqual([
    ['a', { group: 'Group 1', state: 'marked', points: 7, comment: 'Neat. You led.' }],
    ['d', { group: 'Group 3', state: 'missing', points: null, comment: '' }],
  ]);
});
