import { newStudent } from '../schema/student';
import { LEAD } from '../schema/take';
import { publicAddresses, publicLineup } from './publicLineup';
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

test('of everything known only names, groups and signs are shown', () => {
  const lineup = publicLineup(shown, students, (id) => `${id} R.`);
  expect(lineup).toEqual({
    groups: [
      { name: 'Group 1', sign: 0, members: [{ name: 'Ana R.' }] },
      { name: 'Group 2', sign: 1, members: [{ name: 'Bo R.' }] },
    ],
  });
  expect(JSON.stringify(lineup)).not.toContain('QUIET');
});

test('where addresses are asked for by name, they and nothing else come along', () => {
  const text = JSON.stringify(publicAddresses(shown, students));
  expect(text.match(/QUIET-[a-zA-Z]+/g)).toEqual(['QUIET-Ana', 'QUIET-Bo']);
});

test('a field added to students one day is private until somebody says otherwise', () => {
  const plain = newStudent(idOf('x'), 'c' as never, 1, { name: 'x', email: '' });
  const known = [...Object.keys(plain), 'here'];
  const fields = Object.keys(marked('Ana'));
  expect(fields.sort()).toEqual(known.sort());
});
