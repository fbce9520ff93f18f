import { count } from './words';

export const roster = {
  title: 'Class list',
  pasteFirst: 'Paste your class list',
  pasteMore: 'Add students',
  pasteHint:
    'One student a line, rows of a spreadsheet, or any list of names and addresses. Or drop a file here.',
  pasteExample: 'Amira Haddad\nBram Visser <bram.visser@example.org>\nChipo Dube',
  read: (number: number) => `${count(number, 'student')} read.`,
  takeIn: (added: number, updated: number) => {
    if (added === 0 && updated === 0) return 'Add';
    const update = updated === 0 ? '' : `update ${count(updated, 'student')}`;
    if (added === 0) return `U${update.slice(1)}`;
    return `Add ${count(added, 'student')}${update === '' ? '' : ` and ${update}`}`;
  },
  answerFirst: (number: number) => `Answer ${count(number, 'question')} first`,
  takenIn: (added: number, updated: number) =>
    [
      added > 0 || updated === 0 ? `${count(added, 'student')} added.` : '',
      updated > 0 ? `${count(updated, 'student')} brought up to date.` : '',
    ]
      .filter(Boolean)
      .join(' '),
  openFile: 'Open a file',
  sheets: 'Sheet:',
  columns: 'How the columns are read',
  columnIs: (heading: string, number: number) =>
    heading === '' ? `Column ${number} is` : `Column "${heading}" is`,
  columnName: (number: number) => `Column ${number}`,
  columnRole: {
    fullName: 'whole name',
    givenName: 'given name',
    familyName: 'family name',
    preferredName: 'preferred name',
    email: 'e-mail',
    externalId: 'student number',
    section: 'section',
    role: 'role',
    status: 'status',
    detail: 'a detail',
    leftOut: 'left out',
  },
  useAddress: (address: string) => `Use ${address}`,
  onRow: (sentence: string, row: number) => `${sentence.replace(/\.$/, '')} (line ${row}).`,
  doubtful: (number: number) => (number === 1 ? 'One thing to know:' : `${number} things to know:`),
  leftOut: (number: number) =>
    number === 1 ? 'One row is left out:' : `${number} rows are left out:`,
  leftOutCase: (name: string, reason: string) => `${name === '' ? 'No name' : name}: ${reason}`,
  gone: (number: number) =>
    number === 1
      ? 'One student of the class is not in this list, and stays as they are:'
      : `${number} students of the class are not in this list, and stay as they are:`,
  toGroups: 'Make groups',
  twice: (number: number) =>
    number === 1 ? 'One name is given twice:' : `${number} names are given twice:`,
  twiceCase: (name: string, line: number, before: number) =>
    before === 0
      ? `${name} (line ${line}) is already in the class`
      : `${name} stands on line ${before} and on line ${line}`,
  twiceAnswer: { same: 'The same student, once', another: 'Another student of that name' },
  allSame: 'All are the same students',
  allAnother: 'All are other students',
  malformed: (number: number) =>
    number === 1
      ? 'One address needs a look. You can add it as it stands and mend it later:'
      : `${number} addresses need a look. You can add them as they stand and mend them later:`,
  count: (all: number, here: number) =>
    all === here
      ? `${count(all, 'student')}, all here today`
      : `${count(all, 'student')}, ${here} here today`,
  allHere: 'Everybody is here',
  find: 'Find a student',
  nobody: (sought: string) => `Nobody here is called "${sought}".`,
  value: (value: string | number | boolean | undefined) =>
    typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value ?? '–'),
  here: 'here',
  name: 'name',
  section: 'section',
  email: 'e-mail',
  removeColumn: 'remove',
  isHere: (name: string) => `${name} is here today`,
  nameOf: 'Name',
  emailOf: (name: string) => `Address of ${name}`,
  noEmail: 'none',
  slip: 'not a full address',
  remove: (name: string) => `Remove ${name}`,
  removed: (name: string) => `${name} was removed from the class.`,
};
