import { arrangeNow } from '../arrange';
import type { ArrangeRequest, RequestRule } from '../format';
import { rngFromSeed } from '../random/rng';
import { shuffle, uniformInt } from '../random/uniform';

/** Groups drawn first, then blocks of two to five that fill them, and rules that they keep to the last student. */
function planted(seed: number, studentCount: number, groupCount: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const order = Int32Array.from({ length: studentCount }, (_, student) => student);
  shuffle(rng, order);
  const groups: number[][] = Array.from({ length: groupCount }, () => []);
  order.forEach((student, place) => groups[place % groupCount]!.push(student));
  const id = (student: number): string => `s${student}`;
  const students = Array.from({ length: studentCount }, (_, student) => ({
    id: id(student),
    attributes: new Map(['swims', 'rows', 'reads', 'language'].map((name) => [name, 'no'])),
  }));
  const rules: RequestRule[] = [];
  for (const members of groups) {
    for (let left = members.length, at = 0; left > 0;) {
      const wish = 3 + uniformInt(rng, 3);
      const width = left - wish < 2 ? Math.min(left, left > 5 ? 3 : 5) : wish;
      const block = members.slice(at, at + width);
      if (block.length > 1) rules.push({ kind: 'together', students: block.map(id) });
      at += block.length;
      left -= block.length;
    }
  }
  for (const attribute of ['swims', 'rows', 'reads']) {
    const count = 1 + uniformInt(rng, 3);
    groups.forEach((members) => {
      const drawn = Int32Array.from(members);
      shuffle(rng, drawn);
      drawn.slice(0, count).forEach((one) => students[one]!.attributes.set(attribute, 'yes'));
    });
    rules.push({ kind: 'atLeast', attribute, value: 'yes', count });
    rules.push({ kind: 'atMost', attribute, value: 'yes', count });
  }
  groups.forEach((members, group) => {
    if (group % 2 === 0)
      members
        .slice(-2 - (group % 3))
        .forEach((one) => students[one]!.attributes.set('language', 'es'));
  });
  rules.push({ kind: 'notAlone', attribute: 'language', value: 'es' });
  const groupOf = new Map(groups.flatMap((members, group) => members.map((one) => [one, group])));
  for (let pair = 0; pair < studentCount; pair++) {
    const [one, two] = [uniformInt(rng, studentCount), uniformInt(rng, studentCount)];
    if (groupOf.get(one) !== groupOf.get(two))
      rules.push({ kind: 'apart', students: [id(one), id(two)] });
  }
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: students.map(({ id: name, attributes }) => ({
      id: name,
      attributes: Object.fromEntries(attributes),
    })),
    sizing: { by: 'count', count: groupCount },
    rules,
    goals: [],
  };
}

test.each([
  [132, 12, 1],
  [132, 12, 2],
  [144, 16, 3],
  [150, 13, 4],
  [180, 16, 5],
  [200, 20, 6],
])(
  '%i students in %i groups that blocks fill to the last seat are found (%i)',
  (students, groups, seed) => {
    const outcome = arrangeNow(planted(seed, students, groups));
    expect(outcome.ok && outcome.result.feasible).toBe(true);
  },
);
