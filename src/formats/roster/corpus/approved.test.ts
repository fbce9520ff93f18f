import { readRosterFile, type ReadRoster } from '../readRoster';
import type { Roster, RosterStudent } from '../types';
import { CORPUS } from './all';

/*
 * Everything that is read in each list, as it was when somebody last looked at it. A case tells what it is about and no
 * more; a change to the reader that moves anything else shows here as a difference to be looked at and, where it is
 * better, taken with `npx jest corpus/approved -u`.
 */
describe.each(Object.entries(CORPUS))('%s', (_, cases) => {
  test.each(cases.map((one) => [one.name, one] as const))('%s', async (_name, one) => {
    const bytes = typeof one.given === 'string' ? new TextEncoder().encode(one.given) : one.given;
    expect(told(await readRosterFile(bytes))).toMatchSnapshot();
  });
});

const told = (read: ReadRoster): string =>
  read.ok
    ? [...layout(read), ...people(read.roster), ...remarks(read.roster)].join('\n')
    : JSON.stringify(read.error);

function layout({ shape, shapes, sheets, reading }: Extract<ReadRoster, { ok: true }>): string[] {
  const columns = reading.columns.map(({ role, name, kind, levels }) =>
    role === 'detail' ? `${name}: ${[kind, ...levels].join(' ')}` : role,
  );
  return [
    `${shape} of ${shapes.join(' ')} in ${sheets.join(' ')}`,
    `columns ${columns.join(', ')}`,
  ];
}

function people({ students, staff, attributes }: Roster): string[] {
  return [
    ...students.map((one) => `+ ${person(one)}`),
    ...staff.map((one) => `staff ${one.role} ${person(one)}`),
    ...attributes.map(({ name, kind, levels }) => `detail ${[name, kind, ...levels].join(', ')}`),
  ];
}

const person = (one: RosterStudent): string =>
  [
    `${one.row} ${one.displayName} (${one.givenName}|${one.familyName}|${one.preferredName})`,
    one.email,
    one.externalId,
    one.section,
    ...Object.entries(one.attributes).map(([name, value]) => `${name}=${JSON.stringify(value)}`),
  ]
    .map((part) => part ?? '-')
    .join(', ');

const remarks = ({ skipped, warnings }: Roster): string[] => [
  ...skipped.map(({ row, name, reason }) => `left out ${row} ${name}, ${reason}`),
  ...warnings.map(({ kind, ...about }) => `${kind} ${Object.values(about).join(', ')}`),
];
