import { count, listNames, megabytes, shortDay } from './words';

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
  homeTeacher: 'home teacher',
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
  /** How safe what is in this browser is. */
  safe: {
    remind: (steps: number) =>
      `About ${count(steps, 'step')} of work since everything was last saved as a file.`,
    keep: 'Keep a file up to date by itself',
    keepHint: 'A file on your machine that is written again after each change.',
    kept: (file: string) => `${file} is written again after each change.`,
    drop: 'Leave the file as it is',
    asking: (file: string) => `The browser asks once more before it writes ${file}.`,
    allow: (file: string) => `Go on writing ${file}`,
    failed: (file: string) =>
      `${file} could not be written. Your classes are safe in this browser; choose another file, or save everything as one.`,
    room: (used: number, most: number) =>
      `Gruppetto takes up ${megabytes(used)} in this browser, which has room for ${megabytes(most)}.`,
    promised: 'The browser has promised not to clear it by itself.',
    notPromised: 'The browser may clear it when the machine runs short of room.',
    ask: 'Ask it to keep everything',
    refused: 'The browser did not promise it. Save everything as a file now and then.',
    offline: 'Everything but live rooms, channels and open seats works without a network.',
  },
  inLanguage: 'Language',
  languageOfBrowser: 'as in the browser',
  promise:
    'Names and groups stay in this browser and in the files you save. Nothing is sent anywhere.',
};

/** Days, at most a few by name. */
const daysList = (days: readonly string[]): string =>
  days.length > 4
    ? `${listNames(days.slice(0, 3).map(shortDay))} and ${days.length - 3} more days`
    : listNames(days.map(shortDay));

export const lineups = {
  /** What hangs on a lineup whose groups are about to change. */
  hangs: {
    used: (days: readonly string[]) =>
      `It was used on ${daysList(days)}: who has worked with whom is read from it.`,
    ahead: (days: readonly string[]) => `It is planned for ${daysList(days)}.`,
    experts: (names: readonly string[]) =>
      `Its groups are sent to the experts in ${listNames(names)}.`,
    homes: (names: readonly string[]) =>
      `The groups of ${listNames(names)} are sent to it as experts.`,
    dealtFrom: (names: readonly string[]) => `${listNames(names)} is dealt out of its groups.`,
    rooms: (day: string) =>
      `Rooms were made of it on ${shortDay(day)}: people stay in theirs until it is handed off again.`,
    channels: (day: string) =>
      `Group spaces were made of it on ${shortDay(day)}: whoever changes the group loses sight of what was written there, once it is handed off again.`,
    copies: 'Files or sheets of it have left; they stay as they were.',
    stage: 'It is what the stage shows.',
    activities: (names: readonly string[]) =>
      `${listNames(names)} is worked in these groups: what has opened keeps the groups it had, and asks about whoever moves.`,
    seats: 'Students are choosing their group in it just now.',
  },
  none: 'No lineup',
  nameLabel: 'Name of the lineup',
  make: 'New lineup',
  rename: 'Rename this lineup',
  remove: (name: string) => `Delete ${name}`,
  deleted: (name: string) => `${name} was deleted with its takes.`,
  askDelete: (name: string, inUse: boolean, hangs: readonly string[]) => ({
    title: inUse ? `${name} is in use` : `Other things hang on ${name}`,
    text: [
      inUse ? 'The class works in these groups now.' : '',
      'Deleting the lineup takes the groups away from everybody, with all its takes.',
      ...hangs,
    ].join(' '),
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
  again: 'Count today once more',
  notUsed: (day: string) => `Do not count it as used on ${shortDay(day)}`,
  state: (state: 'draft' | 'inUse' | 'retired', usedOn: string | null) => {
    if (state === 'draft' && usedOn !== null) return `used ${shortDay(usedOn)}`;
    return { draft: 'draft', inUse: 'in use', retired: 'retired' }[state];
  },
};
