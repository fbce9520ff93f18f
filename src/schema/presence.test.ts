import { emptyClass } from './classRecord';
import { ClassId, LeaveOutId, RuleId, StudentId } from './ids';
import { withFreshIds } from './freshIds';
import { filtersOn, takesPart, valueKey } from './presence';
import { newStudent } from './student';
import { wholeName } from './wholeName';

const classId = ClassId.parse('c_crew');
const theClass = {
  ...emptyClass(classId, 'Crew', '2026-10-15T00:00:00.000Z'),
  leaveOuts: [
    { id: LeaveOutId.parse('swim'), by: 'swims', values: ['no'], on: true },
    { id: LeaveOutId.parse('score'), by: 'score', values: ['3'], on: true },
    { id: LeaveOutId.parse('off'), by: 'level', values: ['new'], on: false },
    { id: LeaveOutId.parse('south'), by: 'section', values: ['south'], on: true },
  ],
};
const student = newStudent(StudentId.parse('s_1'), classId, 1, { name: 'Amira', email: '' });

test.each([
  ['nothing known', {}, []],
  ['a word', { details: { swims: 'no' } }, ['swim']],
  ['a yes or no', { details: { swims: false } }, ['swim']],
  ['a number', { details: { score: 3 } }, ['score']],
  ['a section', { sectionId: 'south' }, ['south']],
  ['a filter that is off', { details: { level: 'new' } }, []],
])('filters leave out by %s', (_, known, expected) => {
  expect(filtersOn({ ...student, ...known }, theClass).map(({ id }) => id)).toEqual(expected);
});

const DAY = '2026-10-15';

test('absence belongs to its day, and the next begins with everybody here', () => {
  const away = { ...student, awayOn: DAY };
  expect(takesPart(away, theClass, DAY)).toBe(false);
  expect(takesPart(away, theClass, '2026-10-16')).toBe(true);
});

test('whoever has left takes no part, whatever else is said', () => {
  expect(takesPart({ ...student, inAnyway: true, left: '2026-10-01' }, theClass, DAY)).toBe(false);
  expect(takesPart({ ...student, inAnyway: true, sectionId: 'south' }, theClass, DAY)).toBe(true);
});

test('values are written alike, however they are kept', () => {
  expect([true, 'yes', 3, '3'].map(valueKey)).toEqual(['yes', 'yes', '3', '3']);
});

test.each([
  ['givenFirst', 'Mai Nguyen', 'Yuki'],
  ['familyFirst', 'Nguyen Mai', 'Yuki'],
  ['familyComma', 'Nguyen, Mai', 'Yuki'],
] as const)('names are written %s, single ones as they are', (order, whole, single) => {
  const parts = { givenName: 'Thi Mai', familyName: 'Nguyen', preferredName: 'Mai' };
  expect(wholeName(parts, order)).toBe(whole);
  expect(wholeName({ givenName: 'Yuki', familyName: '', preferredName: '' }, order)).toBe(single);
});

test('fresh ids follow every reference among the records and leave others alone', () => {
  const elsewhere = StudentId.parse('s_elsewhere');
  const [copy, rule] = withFreshIds([
    { ...student, wishes: [elsewhere], note: 's_1' },
    {
      record: 'rule',
      id: RuleId.parse('r_1'),
      classId,
      kind: 'apart',
      studentIds: [student.id, elsewhere],
      reason: '',
      until: null,
      order: 1,
    },
  ]);
  if (copy?.record !== 'student' || rule?.record !== 'rule') throw new Error('expected both');
  expect(copy.id).not.toBe(student.id);
  expect(rule.studentIds).toEqual([copy.id, elsewhere]);
  expect([copy.wishes, copy.classId]).toEqual([[elsewhere], classId]);
});
