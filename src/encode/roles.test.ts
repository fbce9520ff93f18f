import { LEAD } from '../schema/take';
import { withWishedRoles, type PastRoles } from './roles';
import { idOf, idsOf, take } from './testBench';

const here = new Set(idsOf('Ana Bo Caro Dov Eli Fay'));
const groups = take(['Ana Bo Caro', 'Dov Eli Fay']).groups;
const led = (past: PastRoles[number][number]['roles'], names: string): PastRoles[number] => [
  { studentIds: idsOf(names), roles: past },
];

describe('roles that a recipe gives', () => {
  test('go to the first, or to those who had them least often, in every group', () => {
    const past = [
      led({ [LEAD]: idOf('Ana') }, 'Ana Bo Caro'),
      led({ [LEAD]: idOf('Bo') }, 'Ana Bo'),
    ];
    for (let seed = 0; seed < 20; seed += 1) {
      const inTurns = withWishedRoles(groups, [{ role: LEAD, how: 'turns' }], here, past, seed);
      expect(inTurns[0]?.roles[LEAD]).toBe('Caro');
    }
    const first = withWishedRoles(groups, [{ role: LEAD, how: 'first' }], here, past, 1);
    expect(first.map(({ roles }) => roles[LEAD])).toEqual(['Ana', 'Dov']);
  });

  test('given one after the other, no one has two while others have none', () => {
    const wishes = [
      { role: LEAD, how: 'first' },
      { role: 'scribe', how: 'first' },
      { role: 'timer', how: 'random' },
    ] as const;
    const given = withWishedRoles(groups, wishes, here, [], 3);
    given.forEach(({ roles }) => expect(new Set(Object.values(roles)).size).toBe(3));
  });

  test('at random they come to everybody of a group', () => {
    const leads = Array.from(
      { length: 60 },
      (_, seed) =>
        withWishedRoles(groups, [{ role: LEAD, how: 'random' }], here, [], seed)[0]?.roles[LEAD],
    );
    expect(new Set(leads)).toEqual(new Set(idsOf('Ana Bo Caro')));
  });

  test('stay with whoever has one and is here; else somebody who is here has it', () => {
    const held = groups.map((group) => ({
      ...group,
      roles: { [LEAD]: group.studentIds[2]!, scribe: group.studentIds[0]! },
    }));
    const wishes = [{ role: LEAD, how: 'first' }] as const;
    const kept = withWishedRoles(held, wishes, here, [], 1);
    expect(kept.map(({ roles }) => [roles[LEAD], roles.scribe])).toEqual([
      ['Caro', 'Ana'],
      ['Fay', 'Dov'],
    ]);
    const away = new Set(idsOf('Ana Bo Dov Eli'));
    // Ana and Dov are scribes, so the lead goes past them.
    expect(withWishedRoles(held, wishes, away, [], 1).map(({ roles }) => roles[LEAD])).toEqual([
      'Bo',
      'Eli',
    ]);
  });
});
