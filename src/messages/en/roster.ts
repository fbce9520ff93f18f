import { count, listNames } from './words';

export const roster = {
  title: 'Class list',
  pasteFirst: 'Paste your class list',
  pasteMore: 'Add students',
  pasteHint:
    'One student a line. An e-mail address may follow: Name <address>, or name, tab, address.',
  pasteExample: 'Amira Haddad\nBram Visser <bram.visser@example.org>\nChipo Dube',
  read: (number: number) => `${count(number, 'student')} read.`,
  unread: (lines: readonly number[]) =>
    `No name found on ${lines.length === 1 ? 'line' : 'lines'} ${listNames(lines.slice(0, 8).map(String))}${lines.length > 8 ? ' and more' : ''}.`,
  tooMany: 'Only the first 10,000 lines are read; the rest stays in the box.',
  add: (number: number) => (number === 0 ? 'Add' : `Add ${count(number, 'student')}`),
  answerFirst: (number: number) => `Answer ${count(number, 'question')} first`,
  added: (number: number) => `${count(number, 'student')} added.`,
  toGroups: 'Make groups',
  twice: (number: number) =>
    number === 1 ? 'One name is given twice:' : `${number} names are given twice:`,
  twiceCase: (name: string, line: number, before: number, known: number) =>
    before === 0 && known > 0
      ? `${name} (line ${line}) is already in the class`
      : `${name} stands on line ${before} and on line ${line}`,
  twiceAnswer: { same: 'The same student, once', another: 'Another student of that name' },
  allSame: 'All are the same students',
  allAnother: 'All are other students',
  malformed: (number: number) =>
    number === 1
      ? 'One address is not complete. You can add it as it stands and mend it later:'
      : `${number} addresses are not complete. You can add them as they stand and mend them later:`,
  malformedCase: (name: string, line: number, email: string) => `${name}, line ${line}: ${email}`,
  count: (all: number, here: number) =>
    all === here
      ? `${count(all, 'student')}, all here today`
      : `${count(all, 'student')}, ${here} here today`,
  allHere: 'Everybody is here',
  find: 'Find a student',
  nobody: (sought: string) => `Nobody here is called "${sought}".`,
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
