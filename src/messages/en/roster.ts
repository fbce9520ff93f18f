import { count, listNames, longDay } from './words';

export const roster = {
  /** A column without a heading; {} stands for its number. */
  unnamedColumn: 'Column {}',
  title: 'Class list',
  pasteFirst: 'Paste your class list',
  pasteMore: 'Add students',
  pasteHint:
    'One student a line, rows of a spreadsheet, or any list of names and addresses. Or drop a file here.',
  pasteExample: 'Amira Haddad\nBram Visser <bram.visser@example.org>\nChipo Dube',
  read: (number: number) => `${count(number, 'student')} read.`,
  takeIn: (added: number, updated: number, gone: number, groups: number) => {
    const parts = [
      added > 0 ? `add ${count(added, 'student')}` : '',
      updated > 0 ? `update ${count(updated, 'student')}` : '',
      gone > 0 ? `mark ${gone} as left` : '',
      groups > 0 ? `keep ${count(groups, 'group')}` : '',
    ].filter(Boolean);
    const sentence = parts.length === 0 ? 'add' : listNames(parts);
    return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}`;
  },
  firstLines: (shown: number, all: number) => `The first ${shown} of ${count(all, 'line')}`,
  editAsText: 'Edit as text',
  takingIn: (number: number) => `Adding ${count(number, 'student')}…`,
  answerFirst: (number: number) => `Answer ${count(number, 'question')} first`,
  takenIn: (added: number, updated: number, gone: number) =>
    [
      added > 0 ? `${count(added, 'student')} added.` : '',
      updated > 0 ? `${count(updated, 'student')} brought up to date.` : '',
      gone > 0 ? `${count(gone, 'student')} marked as having left.` : '',
    ]
      .filter(Boolean)
      .join(' '),
  groupsFound: 'This list says who is with whom. Make a lineup of it?',
  groupsNone: 'no',
  groupsLineup: (heading: string, groups: number) =>
    heading === ''
      ? `yes, of the ${count(groups, 'group')} in it`
      : `yes, by ${heading} (${count(groups, 'group')})`,
  groupCalled: (name: string) => (/^\d+$/.test(name) ? `Group ${name}` : name),
  lineupMade: (groups: number, lineup: string) =>
    `${count(groups, 'group')} kept as the lineup ${lineup}.`,
  openFile: 'Open a file',
  fileTrouble: (name: string, trouble: string) => `${name}: ${trouble}`,
  fileUnread: (name: string) =>
    `${name} could not be read; it may have been moved or changed. What stands in the box is kept; open the file once more.`,
  fileLeft: (name: string) =>
    `${name} was not read, because the text was changed meanwhile. The text is kept; open the file again to put it in its place.`,
  sheets: 'Sheet:',
  allSheets: 'All together',
  files: (number: number) => `${number} files`,
  reading: 'Reading…',
  wrongLetters:
    'Some letters could not be read (�). The text is kept; read the file in another encoding, or mend the letters here, before you take the names in.',
  unchanged: 'The class is just as in this list: nothing to change.',
  shapeLabel: 'Read as',
  shape: {
    names: 'names, line by line',
    cards: 'a line for each fact',
    cellLines: 'a line for each cell',
    tab: 'columns between tabs',
    semicolon: 'columns between semicolons',
    comma: 'columns between commas',
    bar: 'columns between upright bars',
    blanks: 'columns between blanks',
    dashes: 'two columns, between dashes or colons',
    groupRows: 'a group in each row',
    groupColumns: 'a group in each column',
    halves: 'halves of a table side by side',
    ledRows: 'rows that begin with a group',
    numberedHalves: 'numbered names side by side',
    lettered: 'a sheet with its letters and numbers',
    seats: 'a seat plan',
    places: 'numbered rows or columns',
    pairRows: 'a pair in each row',
    turned: 'a column for each student',
    repeatedRows: 'several rows for each student',
  },
  namesTitle: (number: number) => `${count(number, 'name')} in this list`,
  known: 'in the class already',
  leaveOut: 'Leave out',
  leaveOutOne: (name: string) => `Leave out ${name}`,
  leftByHand: 'left out by you',
  takeBack: 'Take in again',
  otherClass: (title: string, students: number) =>
    `Nearly nobody in this list is in ${title}. Are ${students === 1 ? 'they a newcomer' : `the ${students} of them newcomers`}, or is it the list of another class?`,
  thisClass: 'Newcomers: they belong here',
  anotherClass: 'Make another class of the list',
  anotherClassName: 'New class',
  columns: 'How the columns are read',
  headingLabel: 'Headings',
  noHeading: 'there are none',
  headingOnLine: (line: number) => `on line ${line}`,
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
  capitals: 'The names are in capitals',
  keepCapitals: 'Keep them: AMIRA HADDAD',
  softCapitals: 'Write them small: Amira Haddad',
  perhapsNobody: (number: number) =>
    number === 1 ? 'One name may be none:' : `${number} names may be none:`,
  leftOut: (number: number) =>
    number === 1
      ? 'One part of the list is left out:'
      : `${number} parts of the list are left out:`,
  leftOutMany: (number: number, reason: string, names: readonly string[]) =>
    `${number} times ${reason}: ${names.slice(0, 3).join(', ')}${names.length > 3 ? ' …' : ''}`,
  leftOutEach: 'Show each',
  leftOutCase: (name: string, reason: string) => `${name === '' ? 'No name' : name}: ${reason}`,
  gone: (number: number) =>
    number === 1
      ? 'One student of the class is not in this list:'
      : `${number} students of the class are not in this list:`,
  toGroups: 'Make groups',
  twice: (number: number) =>
    number === 1
      ? 'One name is given twice, or nearly so:'
      : `${number} names are given twice, or nearly so:`,
  twiceCase: (name: string, inClass: string, line: number, before: number) =>
    before === 0
      ? name === inClass
        ? `${name} (line ${line}) is already in the class`
        : `${name} (line ${line}) may be ${inClass}, who is in the class`
      : `${name} stands on line ${before} and on line ${line}`,
  twiceAnswer: { same: 'The same student, once', another: 'Another student' },
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
  allHere: 'All are here',
  find: 'Find a student',
  nobody: (sought: string) =>
    sought === '' ? 'Nobody is left to show.' : `Nobody here has "${sought}".`,
  value: (value: string | number | boolean | undefined) =>
    typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value ?? '–'),
  column: {
    here: 'here',
    name: 'name',
    givenName: 'given name',
    familyName: 'family name',
    preferredName: 'preferred name',
    section: 'section',
    email: 'e-mail',
    externalId: 'student number',
    wishes: 'wishes to work with',
    note: 'private note',
  },
  sortBy: (title: string) => `Sort by ${title}`,
  columnsShown: 'Columns',
  presence: (presence: string) =>
    presence === 'left'
      ? 'has left'
      : presence === 'away'
        ? 'away'
        : presence === 'leftOut'
          ? 'left out today'
          : 'here',
  isHere: (name: string) => `${name} is here today`,
  hasLeft: 'has left',
  leftOutToday: (reasons: readonly string[]) => `left out: ${reasons.join('; ')}`,
  nameOf: 'Name',
  emailOf: (name: string) => `Address of ${name}`,
  sectionOf: (name: string) => `Section of ${name}`,
  detailOf: (detail: string, name: string) => `${detail} of ${name}`,
  notANumber: (given: string, detail: string) =>
    `"${given}" is no number, so ${detail} stays as it was.`,
  noSection: 'no section',
  slip: 'not a full address',
  noEmail: 'none',
  nothing: '–',
  wishes: (number: number) => (number === 0 ? '–' : `${number}`),
  open: (name: string) => `More about ${name}`,
  closeSheet: 'Done',
  sameAsGiven: 'same as given name',
  addWish: 'add a name…',
  dropWish: (name: string) => `No longer wishes to work with ${name}`,
  privateNote: 'Private note',
  leaves: 'Has left the class',
  markedLeft: (name: string) => `${name} is marked as having left. Lineups keep the name.`,
  leftOn: (day: string) => `Left the class on ${longDay(day)}. Not dealt into groups any more.`,
  restore: 'Back in the class',
  deleteForGood: 'Delete for good',
  deleted: (name: string) => `${name} was deleted.`,
  rollCall: 'Call the roll',
  rollHint: 'Press whoever is not here, or walk with the arrow keys and press space.',
  rollDone: 'Back to the list',
  newcomerName: 'Name of the newcomer',
  addOne: 'Add one',
  onlyThese: (column: string, values: readonly string[]) =>
    `Only ${column}: ${values.length > 3 ? `${values.length} values` : values.join(', ')}`,
  shownOf: (number: number) => `${count(number, 'student')} shown`,
  panel: 'About the class',
  troubles: (number: number) =>
    number === 1 ? 'One thing needs a look' : `${number} things need a look`,
  showAll: (number: number) => `Show all ${number}`,
  isRight: 'It is right',
  change: 'Change',
  makeOne: 'Make one of them',
  areTwo: 'Leave both',
  merged: (name: string) => `${name} is one student now.`,
  isStudent: 'It is a student',
  deleteRow: 'Delete the row',
  noAddresses: (names: readonly string[]) =>
    names.length > 3
      ? `${names.length} students have no address. Rooms and channels cannot reach them.`
      : `${listNames(names)} ${names.length === 1 ? 'has' : 'have'} no address. Rooms and channels cannot reach ${names.length === 1 ? 'that student' : 'them'}.`,
  addAddress: 'Add it',
  needNone: (number: number) => (number === 1 ? 'None is needed' : 'None are needed'),
  detailsTitle: 'Details at a glance',
  noDetails:
    'Nothing more is known of the students yet. A column of your list becomes a detail, or add one here.',
  addDetail: 'Add a detail',
  detailName: 'Name of the detail',
  detailRemoved: (name: string) => `${name} was removed from every student.`,
  removeDetail: 'Remove this detail',
  editDetail: (name: string) => `Change ${name}`,
  done: 'Done',
  kindLabel: 'What it is',
  kind: {
    number: 'a number',
    level: 'a level, from low to high',
    category: 'a category',
    yesNo: 'yes or no',
    skill: 'mastery of a skill',
  },
  levelsLabel: 'Levels from low to high',
  levelUp: (level: string) => `${level} is lower`,
  levelDown: (level: string) => `${level} is higher`,
  spreadFacts: (mean: number | null, missing: number) =>
    [
      mean === null ? '' : `mean ${mean.toLocaleString('en', { maximumFractionDigits: 1 })}`,
      missing > 0 ? `${missing} missing` : '',
    ]
      .filter(Boolean)
      .join(', '),
  chartLabel: (name: string, bars: readonly { label: string; count: number }[]) =>
    `${name}: ${bars.map(({ label, count: number }) => `${label} ${number}`).join(', ')}`,
  barLabel: (label: string, number: number) => `${label} (${number})`,
  otherValues: (number: number) => `${number} others`,
  range: (from: string, to: string) => `${from}–${to}`,
  missingValue: 'missing',
  showOnly: (name: string) => `Show only some by ${name}`,
  showEverybody: 'show everybody',
  showingEverybody: (column: string) => `${column}: show everybody`,
  leftOutTitle: 'Left out of groups',
  leaveOutHint:
    'Leave out everybody who has something in common. Whoever is to take part all the same: switch them to here.',
  leaveOutBy: 'Leave out by',
  chooseDetail: 'choose a detail…',
  leaveOutValues: 'Those who have',
  leaveThemOut: 'Leave them out',
  countsTo: (whole: number) => `counts up to ${whole}`,
  testFound: (columns: number) =>
    `${columns} columns look like the answers of a test. They can wait for the skill ladder, in place of ${columns} details.`,
  testTake: 'Keep them as results',
  testWaits: 'Results wait with the skill ladder until the students are here.',
  rollFind: 'Type a name, Enter turns it',
  rollNobody: (sought: string) => `Nobody called ${sought}.`,
  toLadder: 'Skill ladder and results',
  toAdults: 'Adults and times',
  leaveOutAlsoBy: 'and by',
  leaveOutAnd: 'And another detail',
  leaveOutWhen: 'Leave out those to whom',
  leaveOutWhenOf: {
    any: (parts: number) => (parts === 1 ? 'this applies' : 'any of this applies'),
    all: (_: number) => 'all of this applies',
    none: (parts: number) => (parts === 1 ? 'this does not apply' : 'none of this applies'),
  },
  leaveOutSentence: (
    when: 'any' | 'all' | 'none',
    parts: readonly { readonly title: string; readonly values: readonly string[] }[],
  ) => {
    const said = parts.map(({ title, values }) => `${title}: ${values.join(' or ')}`);
    if (when === 'none') return `all but ${said.join('; or ')}`;
    return said.join(when === 'all' ? '; and ' : '; or ');
  },
  forgetFilter: (sentence: string) => `Forget: ${sentence}`,
  sectionsTitle: (number: number) => (number === 0 ? 'Sections' : `Sections (${number})`),
  sectionName: 'Name of the section',
  addSection: 'Add a section',
  removeSection: (name: string) => `Remove ${name}; its students stay`,
  staffTitle: (number: number) => (number === 0 ? 'Staff' : `Staff (${number})`),
  staffHint: 'They belong to rooms and channels, and are never put into groups.',
  staffRole: (name: string) => `Role of ${name}`,
  noRole: 'no role',
  noAddress: 'no address',
  addStaff: 'Add somebody',
  removeStaff: (name: string) => `Remove ${name}`,
  filesTitle: 'Names and files',
  classFile: 'Class file',
  csvFile: 'List as CSV',
  workbook: 'List as XLSX',
  filesHint:
    'The class file holds everything, lineups and quiet rules too: keep it safe. Open it again on the shelf.',
  nameOrderLegend: 'How names are written',
  nameOrder: {
    givenFirst: 'Given Family',
    familyFirst: 'Family Given',
    familyComma: 'Family, Given',
  },
  encoding: 'Letters look wrong? Read the file as',
  encodings: {
    'utf-8': 'Unicode (UTF-8)',
    'windows-1252': 'Western Europe (Windows)',
    'windows-1250': 'Central Europe (Windows)',
    'windows-1251': 'Cyrillic (Windows)',
    'iso-8859-2': 'Central Europe (ISO)',
    'iso-8859-15': 'Western Europe (ISO)',
    macintosh: 'Western Europe (older Macintosh)',
    shift_jis: 'Japanese (Shift JIS)',
    'windows-1253': 'Greek',
    'windows-1254': 'Turkish',
    'windows-1255': 'Hebrew',
    'windows-1256': 'Arabic',
    'windows-1257': 'Baltic',
    'koi8-r': 'Cyrillic (KOI8)',
    'iso-8859-5': 'Cyrillic (ISO)',
    ibm850: 'Western Europe (DOS)',
    ibm852: 'Central Europe (DOS)',
    ibm866: 'Cyrillic (DOS)',
    'euc-jp': 'Japanese (EUC)',
    'iso-2022-jp': 'Japanese (ISO-2022)',
    'euc-kr': 'Korean',
    gb18030: 'Chinese, simplified',
    big5: 'Chinese, traditional',
    'utf-16le': 'Unicode (UTF-16)',
    'utf-16be': 'Unicode (UTF-16, big end first)',
  },
  classesInFile: 'Classes in this file',
  rememberedReading: 'Columns are read as you confirmed for these headings before.',
  kindOf: (column: string) => `What ${column} holds`,
  takeInRow: 'Take in all the same',
  changes: (number: number) =>
    number === 1 ? 'One student of the class changes:' : `${number} students of the class change:`,
  changeOf: (
    name: string,
    back: boolean,
    changes: readonly { readonly what: string; readonly from: string; readonly to: string }[],
  ) =>
    `${name}: ${[
      back ? 'back in the class' : '',
      ...changes.map(({ what, from, to }) =>
        from === '' ? `${what} ${to}` : `${what} ${from} → ${to}`,
      ),
    ]
      .filter(Boolean)
      .join(', ')}`,
  goneLegend: 'What happens to them',
  goneMark: 'Mark as having left; lineups keep them',
  goneLeave: 'Leave them in the class',
};

/** Headings and words of a roster file; our own reader knows every one of them. */
export const rosterWords = {
  name: 'Name',
  givenName: 'Given name',
  familyName: 'Family name',
  preferredName: 'Preferred name',
  email: 'E-mail',
  externalId: 'Student number',
  section: 'Section',
  status: 'Status',
  left: 'left',
  yes: 'yes',
  no: 'no',
};
