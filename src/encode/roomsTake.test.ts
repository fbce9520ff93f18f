import { StudentId } from '../schema/ids';
import { newGroup } from '../schema/take';
import { groupsAsRooms, seatedAlike } from './roomsTake';

const ids = (text: string): StudentId[] =>
  text
    .split(' ')
    .filter((one) => one !== '')
    .map((one) => StudentId.parse(`s_${one}`));
const groups = [
  { ...newGroup('Alder', 0, ids('a b c')), roles: { lead: ids('a')[0]! } },
  newGroup('Sedge', 4, ids('d e')),
];
const seats = (all: ReturnType<typeof groupsAsRooms>): string[] =>
  all.map(({ name, studentIds }) => `${name}: ${studentIds.map((id) => id.slice(2)).join(' ')}`);

test('who is in a room sits in its group, who is in none stays, and roles go with those who hold them', () => {
  const taken = groupsAsRooms(groups, [
    { name: 'Alder', key: '0', studentIds: ids('b') },
    { name: 'Sedge, renamed there', key: '4', studentIds: ids('d a') },
  ]);
  expect(seats(taken)).toEqual(['Alder: b c', 'Sedge: d e a']);
  expect(taken[0]!.roles).toEqual({});
});

test('a room that was added is a group with a sign of its own, an empty one is none', () => {
  const taken = groupsAsRooms(groups, [
    { name: 'Willow', key: null, studentIds: ids('c e') },
    { name: 'Iris', key: null, studentIds: [] },
  ]);
  expect(seats(taken)).toEqual(['Alder: a b', 'Sedge: d', 'Willow: c e']);
  expect(taken[2]!.sign).toBe(5);
});

test('nobody is lost or doubled, and rooms as they were give the same seats', () => {
  const rooms = groups.map(({ name, sign, studentIds }) => ({
    name,
    key: String(sign),
    studentIds,
  }));
  expect(seatedAlike(groupsAsRooms(groups, rooms), groups)).toBe(true);
  const moved = groupsAsRooms(groups, [{ ...rooms[0]!, studentIds: ids('e b a') }]);
  expect(moved.flatMap(({ studentIds }) => studentIds).sort()).toEqual(ids('a b c d e'));
  expect(seatedAlike(moved, groups)).toBe(false);
});
