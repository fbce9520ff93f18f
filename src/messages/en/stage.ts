import { count, listNames } from './words';

const stage = {
  nothing: 'No lineup',
  empty: 'No groups have been made yet.',
  showNew: 'The groups changed: show them',
  full: 'Full screen',
  leaveFull: 'Leave full screen',
  back: 'Back',
};

const handoff = {
  title: (lineup: string) => `Hand off: ${lineup}`,
  empty: 'There are no groups to hand off yet.',
  toGroups: 'Make groups',
  outlet: {
    rooms: { title: 'Rooms file', holds: 'CSV: room, name, e-mail', fileEnd: 'rooms' },
    byGroup: { title: 'List by group', holds: 'CSV: group, name', fileEnd: 'by-group' },
    byName: { title: 'List by name', holds: 'CSV: name, group', fileEnd: 'by-name' },
    text: { title: 'Copy as text', holds: 'a line for each group', fileEnd: '' },
    table: { title: 'Copy as table', holds: 'for a document or a spreadsheet', fileEnd: '' },
  },
  headings: { room: 'room', group: 'group', name: 'name', email: 'e-mail' },
  /** Letters and figures of any script, joined by hyphens. */
  fileStem: (className: string, lineup: string) =>
    `${className} ${lineup}`
      .toLocaleLowerCase('en')
      .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 80) || 'groups',
  saved: (name: string) => `Saved as ${name}.`,
  copied: 'Copied. Paste it where you need it.',
  notCopied: 'The browser did not allow copying. Nothing was lost; use one of the files instead.',
  before: 'Before it goes',
  leaves: 'What goes',
  attention: 'Attention: ',
  mend: 'Mend in the roster',
  going: (students: number, groups: number) =>
    `${count(students, 'student')} in ${count(groups, 'group')}.`,
  aside: (names: readonly string[]) =>
    `${listNames(names)} ${names.length === 1 ? 'stands' : 'stand'} aside and will not be included.`,
  away: (names: readonly string[]) =>
    `${listNames(names)} ${names.length === 1 ? 'is' : 'are'} away today and left out.`,
  doubt: {
    malformedAddress: (names: readonly string[]) =>
      `${listNames(names)}: the address is not complete.`,
    noAddress: (names: readonly string[]) =>
      `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} no address; rooms and channels cannot reach ${names.length === 1 ? 'that student' : 'them'}.`,
  },
  allAddresses: 'Everybody has an address.',
  nothingQuiet: 'No rules, details or notes are included.',
};

export const outEn = { handoff, stage };
