import { emptyClass, withParts, type ClassRecord, type LeaveOutWhen } from './classRecord';
import { ClassId, LeaveOutId, RuleId, StudentId } from './ids';
import { withFreshIds } from './freshIds';
import { filtersOn, takesPart, valueKey } from './presence';
import { newStudent } from './student';
import { wholeName } from './wholeName';

const classId = ClassId.parse('c_crew');
const theClass: ClassRecord = {
  ...emptyClass(classId, 'Crew', '2026-10-15T00:00:00.000Z'),
  leaveOuts: [
    {
      id: LeaveOutId.parse('swim'),
      when: 'any',
      parts: [{ by: 'swims', values: ['no'] }],
      on: true,
    },
    {
      id: LeaveOutId.parse('score'),
      when: 'any',
      parts: [{ by: 'score', values: ['3'] }],
      on: true,
    },
    {
      id: LeaveOutId.parse('off'),
      when: 'any',
      parts: [{ by: 'level', values: ['new'] }],
      on: false,
    },
    {
      id: LeaveOutId.parse('south'),
      when: 'any',
      parts: [{ by: 'section', values: ['south'] }],
      on: true,
    },
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

test.each<[LeaveOutWhen, string]>([
  ['any', 'both swims level'],
  ['all', 'both'],
  ['none', 'neither unknown'],
])('a filter of two details leaves out those to whom %s of it applies', (when, expected) => {
  const parts = [
    { by: 'swims', values: ['no'] },
    { by: 'level', values: ['new', 'some'] },
  ];
  const filter = { id: LeaveOutId.parse('two'), when, parts, on: true };
  const known = {
    both: { swims: false, level: 'some' },
    swims: { swims: false, level: 'seasoned' },
    level: { swims: true, level: 'new' },
    neither: { swims: true, level: 'seasoned' },
    unknown: {},
  };
  const out = Object.entries(known).flatMap(([name, details]) =>
    filtersOn({ ...student, details }, { ...theClass, leaveOuts: [filter] }).length > 0
      ? [name]
      : [],
  );
  expect(out.join(' ')).toBe(expected);
});

test('a filter that has lost one of its details goes where all must apply, or none, and stays where any does', () => {
  const parts = ['swims', 'level'].map((by) => ({ by, values: ['x'] }));
  const left = (when: LeaveOutWhen) =>
    withParts({ id: LeaveOutId.parse('two'), when, parts, on: true }, (part) =>
      part.by === 'level' ? null : part,
    );
  expect(left('any')).toMatchObject([{ parts: [{ by: 'swims' }] }]);
  expect(left('all')).toEqual([]);
  expect(left('none')).toEqual([]);
});
