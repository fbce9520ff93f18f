import { count, listNames, shortDay } from './words';

export const shelf = {
  askDelete: (name: string, lineups: readonly string[]) => ({
    title: `${name} has groups in use`,
    text: `The class works in ${listNames(lineups)} now. Deleting it takes everything in it away.`,
    go: 'Delete the class all the same',
    leave: 'Keep it',
  }),
  first: 'Make your first class:',
  another: 'Make another class:',
  example: 'its name',
  unnamed: 'New class',
  make: 'Make the class',
  nameLabel: 'Name of the class',
  classes: 'Your classes',
  students: (number: number) => count(number, 'student'),
  lineups: (number: number) => count(number, 'lineup'),
  last: (name: string) => `open: ${name}`,
  rename: (name: string) => `Rename ${name}`,
  remove: (name: string) => `Delete ${name}`,
  deleted: (name: string) => `${name} was deleted with its lineups.`,
  copy: (name: string) => `Copy ${name}`,
  copyName: (name: string) => `${name}, copy`,
  copied: (name: string) => `${name} is on the shelf.`,
  courseCode: 'course code',
  courseCodeOf: (name: string) => `Course code of ${name}`,
  term: 'term',
  termOf: (name: string) => `Term of ${name}`,
  keep: 'Temporary: keep it',
  pool: 'Pool classes',
  poolHint:
    'Bring the students of several classes, or of some of their sections, together in one class. The classes stay as they are, and each student keeps the home class as a detail.',
  poolName: 'Name of the pooled class',
  pooledName: (names: readonly string[]) => listNames(names),
  homeClass: 'home class',
  lastingLegend: 'How long',
  temporary: 'only until I delete it',
  kept: 'for good',
  poolThem: (number: number) => `Pool ${count(number, 'student')}`,
  backups: 'Class files',
  saveAll: 'Save everything as a file',
  openFile: 'Open a class file',
  backupName: (day: string) => `gruppetto-${day}.json`,
  opened: (number: number) => `${count(number, 'class', 'classes')} put on the shelf.`,
  nothingNew: 'Everything in this file is on the shelf already, just as it is there.',
  alreadyHere: (names: readonly string[]) =>
    `The file holds ${listNames(names)}. On the shelf it is not as it was in the file. Nothing was changed yet.`,
  asCopies: (number: number) => (number === 1 ? 'Open as a copy' : 'Open as copies'),
  putBack: 'Put back as it was in the file',
  leave: 'Leave it',
  promise:
    'Names and groups stay in this browser and in the files you save. Nothing is sent anywhere.',
};

export const lineups = {
  none: 'No lineup',
  nameLabel: 'Name of the lineup',
  make: 'New lineup',
  rename: 'Rename this lineup',
  remove: (name: string) => `Delete ${name}`,
  deleted: (name: string) => `${name} was deleted with its takes.`,
  askDelete: (name: string) => ({
    title: `${name} is in use`,
    text: 'The class works in these groups now. Deleting the lineup takes them away from everybody, with all its takes.',
    go: 'Delete it all the same',
    leave: 'Keep it',
  }),
  nextTime: 'New lineup from this one',
  become: {
    draft: 'Make it a draft again',
    inUse: 'The class works in these groups now',
    retired: 'The class is done with these groups',
  },
  used: 'Count it as used today',
  notUsed: (day: string) => `Do not count it as used on ${shortDay(day)}`,
  state: (state: 'draft' | 'inUse' | 'retired', usedOn: string | null) => {
    if (state === 'draft' && usedOn !== null) return `used ${shortDay(usedOn)}`;
    return { draft: 'draft', inUse: 'in use', retired: 'retired' }[state];
  },
};
