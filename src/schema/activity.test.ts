import { activityType, newActivity, NO_OWN, NO_WORK, type ActivityRecord } from './activity';
import { ActivityId, ClassId, LineupId, StudentId } from './ids';
import { merged } from './merging';
import { renaming } from './renaming';

const id = (name: string): StudentId => StudentId.parse(name);
const group = (key: string, names: string) => ({
  ...{ key, name: `Group ${key}`, sign: Number(key), roles: {} },
  studentIds: names.split(' ').map(id),
});
const activity = (known: Partial<ActivityRecord> = {}): ActivityRecord => ({
  ...newActivity(
    ActivityId.parse('ac'),
    ClassId.parse('c'),
    LineupId.parse('l'),
    'Report',
    '2026-10-15T09:00:00.000Z',
  ),
  groups: [group('0', 'a b'), group('1', 'c a')],
  splits: { a: { key: '1', first: 0.5 } },
  ...known,
});
/** The activity once one student is another, or (null) is gone. */
const where = (from: string, to: string | null, given = activity()) =>
  activityType.renamed(
    given,
    renaming({ student: (one) => (one === from ? (to === null ? null : id(to)) : one) }),
  )!;
const seats = ({ groups }: ActivityRecord) => groups?.map(({ studentIds }) => studentIds.join(' '));

test('of two rows for one student who is kept keeps their groups, and nobody comes to sit twice', () => {
  expect(seats(where('c', 'b'))).toEqual(['a b', 'a']);
  expect(seats(where('x', 'b'))).toEqual(['a b', 'c a']);
});

test('a mark is split only while both groups have its student', () => {
  expect(where('a', null).splits).toEqual({});
  expect(where('c', null).splits).toEqual({ a: { key: '1', first: 0.5 } });
  expect(where('a', 'z').splits).toEqual({ z: { key: '1', first: 0.5 } });
});

test('work by groups stays whoever goes, and work of those alone goes with them', () => {
  const work = { a: NO_WORK, '0': NO_WORK };
  expect(Object.keys(where('a', null, activity({ work })).work)).toEqual(['0', 'a']);
  const alone = activity({ groups: null, lineupId: null, splits: {}, work: { a: NO_WORK } });
  expect(where('a', null, alone).work).toEqual({});
});

test('what is said of a student who is kept goes before what was said of the other', () => {
  const own = { a: { ...NO_OWN, points: 1 }, b: { ...NO_OWN, points: 2 } };
  expect(where('b', 'a', activity({ own })).own).toEqual({ a: own.a });
  expect(where('b', 'a', activity({ own: { b: own.b } })).own).toEqual({ a: own.b });
});

test('answers name neither who is gone nor what others gave them', () => {
  const answers = { a: { b: 60, c: 40 }, b: { a: 50, c: 50 } };
  expect(where('b', null, activity({ answers })).answers).toEqual({ a: { c: 40 } });
});

test('two windows may mark the same group, each another criterion, and both stay', () => {
  const from = activity({ work: { '0': { ...NO_WORK, criteria: { x: 1 } } } });
  const mark = (criteria: Record<string, number>) =>
    activity({ work: { '0': { ...NO_WORK, criteria: { x: 1, ...criteria } } } });
  const how = { fields: activityType.merging };
  const both = merged(how, mark({ y: 2 }), from, mark({ z: 3 })) as ActivityRecord;
  expect(both.work['0']?.criteria).toEqual({ x: 1, y: 2, z: 3 });
});
