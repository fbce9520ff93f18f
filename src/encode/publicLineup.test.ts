import { newAdult } from '../schema/adult';
import { emptyClass } from '../schema/classRecord';
import { newLineup } from '../schema/lineup';
import { groupKeys } from '../schema/takeGroup';
import { newStudent } from '../schema/student';
import { LEAD } from '../schema/take';
import { emptyPlan } from '../schema/plan';
import { publicAddresses, publicLineup, publicNames, publicPlan } from './publicLineup';
import { idOf, idsOf, student, take } from './testBench';

/** A student of whom every private field is a marker. */
const marked = (name: string, here = true) => ({
  ...student(name, 0),
  ...{ externalId: 'QUIET-number', note: 'QUIET-note', email: `QUIET-${name}@example.org` },
  ...{
    details: { level: 'QUIET-detail' },
    mastery: { 'QUIET-skill': 3 },
    settled: ['QUIET-doubt'],
  },
  ...{ sectionId: 'QUIET-section', wishes: idsOf('QUIET-wish'), here },
});
const students = [marked('Ana'), marked('Bo'), marked('Caro', false)];
const shown = take(['Ana', 'Bo Caro Gone'], { starred: true });
shown.groups[0]!.roles[LEAD] = idOf('QUIET-lead');
shown.groups[0]!.about = 'QUIET-about';

shown.groups[1]!.roles.scribe = idOf('Bo');
const plan = {
  ...emptyPlan('QUIET-plan' as never, 'QUIET-class' as never, 'QUIET-lineup' as never),
  ...{
    instructions: 'Wear boots.',
    places: { '1': 'Ford' },
    cards: { '1': { text: 'Stay dry.', picture: null } },
    expertsId: 'QUIET-experts' as never,
  },
};

test('of everything known only names, roles, groups, signs and places are shown', () => {
  const lineup = publicLineup(shown, students, (id) => `${id} R.`, plan);
  expect(lineup).toEqual({
    groups: [
      {
        ...{ name: 'Group 1', sign: 0, place: '', text: '', picture: null },
        members: [{ name: 'Ana R.', roles: [] }],
      },
      {
        ...{ name: 'Group 2', sign: 1, place: 'Ford', text: 'Stay dry.', picture: null },
        members: [{ name: 'Bo R.', roles: ['scribe'] }],
      },
    ],
  });
  expect(JSON.stringify(lineup)).not.toContain('QUIET');
});

const led = {
  adults: [
    {
      ...newAdult('QUIET-adult' as never, 'QUIET-class' as never, 1, {
        ...{ name: 'Maren', email: 'maren@example.org' },
      }),
      ...{ room: 'Hall', skills: ['QUIET-skill'], never: [idOf('Bo')] },
      times: ['QUIET-time' as never],
    },
  ],
  periods: [{ ...{ id: 'QUIET-time' as never, name: 'Monday' }, day: 1, from: null, to: null }],
};
const withLeads = {
  ...plan,
  leads: {
    '0': { adultId: 'QUIET-adult' as never, periodId: 'QUIET-time' as never, locked: true },
    '1': { adultId: 'QUIET-gone' as never, periodId: null, locked: false },
  },
};

test('of who leads a group only name, room and time are shown; of an adult who is gone nothing', () => {
  const lineup = publicLineup(shown, students, (id) => id, withLeads, led);
  expect(lineup.groups.map(({ place }) => place)).toEqual(['Hall · Maren · Monday', 'Ford']);
  expect(JSON.stringify(lineup)).not.toContain('QUIET');
  const theClass = { ...emptyClass('c' as never, 'Crew', ''), periods: led.periods };
  const record = newLineup('l' as never, theClass.id, 'Week 3', '');
  const out = publicAddresses(theClass, record, shown, students, withLeads, led.adults);
  expect(out.groups[0]).toMatchObject({
    ...{ place: 'Hall', time: 'Monday' },
    led: [{ name: 'Maren', role: '', email: 'maren@example.org' }],
  });
  expect(JSON.stringify(out)).not.toMatch(/QUIET-(adult|time|skill|gone)/);
});

test('where addresses are asked for by name, they and nothing else come along', () => {
  const theClass = {
    ...emptyClass('QUIET-class' as never, 'Crew', ''),
    ...{
      term: 'QUIET-term',
      groupNames: ['QUIET-word'],
      skillLadder: [{ name: 'QUIET-ladder', text: 'QUIET-text' }],
    },
    staff: [{ name: 'Ola', role: 'coach', email: null }],
  };
  const lineup = newLineup('l' as never, theClass.id, 'Week 3', '');
  const out = publicAddresses({ ...theClass, id: 'c' as never }, lineup, shown, students, plan);
  const text = JSON.stringify(out);
  expect(text.match(/QUIET-[a-zA-Z]+/g)).toEqual(['QUIET-Ana', 'QUIET-Bo']);
  expect(out.staff).toEqual([{ name: 'Ola', role: 'coach', email: '' }]);
});

test('groups keep their keys when they are renamed, and no two have the same', () => {
  expect(groupKeys([{ sign: 3 }, { sign: 0 }, { sign: 3 }])).toEqual(['3', '0', '3-2']);
});

test('a field added to students one day is private until somebody says otherwise', () => {
  const plain = newStudent(idOf('x'), 'c' as never, 1, { name: 'x', email: '' });
  const known = [...Object.keys(plain), 'here'];
  const fields = Object.keys(marked('Ana'));
  expect(fields.sort()).toEqual(known.sort());
});

test('by name everybody stands once beside their group, sorted as readers sort', () => {
  const called = ['Émile', 'Zoë', 'eddy', 'Ana 10', 'Ana 9'];
  const group = (name: string, sign: number, names: readonly string[]) => ({
    ...{ name, sign, place: '', text: '', picture: null },
    members: names.map((one) => ({ name: one, roles: [] })),
  });
  const lineup = {
    groups: [group('Alder', 0, called.slice(0, 2)), group('Sedge', 1, called.slice(2))],
  };
  expect(publicNames(lineup, 'en').map((one) => `${one.name}: ${one.group.name}`)).toEqual([
    ...['Ana 9: Sedge', 'Ana 10: Sedge', 'eddy: Sedge', 'Émile: Alder', 'Zoë: Alder'],
  ]);
});

test('of a plan the texts are shown, and none of its ids', () => {
  expect(publicPlan(plan)).toEqual({ instructions: 'Wear boots.', turns: null });
  expect(publicPlan(undefined)).toEqual({ instructions: '', turns: null });
});
