import type { OutDoubt } from '../../formats/out/checks';
import type { WayOutId } from '../../formats/out/list';
import type { LetterTo } from '../../formats/out/options';
import { outIssueSentence, unreachedSentence } from './waysOut';
import { services } from './services';
import { count, listNames } from './words';

/** So many names are told one by one; of more it is told how many there are. */
const NAMES_TOLD = 4;

const told = (names: readonly string[], one: string): string =>
  names.length <= NAMES_TOLD ? listNames(names) : count(names.length, one);
const are = (names: readonly string[], one: string, many: string): string =>
  names.length === 1 ? one : many;

const way: Readonly<
  Record<WayOutId, { readonly title: string; readonly holds: string; readonly fileEnd: string }>
> = {
  'groups-csv': { title: 'List by group', holds: 'CSV, a row a student', fileEnd: 'by-group' },
  'names-csv': { title: 'List by name', holds: 'CSV, A to Z', fileEnd: 'by-name' },
  'rooms-csv': { title: 'List for rooms', holds: 'CSV: room, name, e-mail', fileEnd: 'rooms' },
  xlsx: { title: 'Workbook', holds: 'a sheet by group, one by name', fileEnd: 'groups' },
  icalendar: { title: 'Calendar', holds: 'an event for each group', fileEnd: 'calendar' },
  vcard: { title: 'Contacts', holds: 'a card each, and one a group', fileEnd: 'contacts' },
  json: { title: 'Open data', holds: 'JSON, for other programs', fileEnd: 'lineup' },
  'pack-docx': {
    title: 'Documents',
    holds: 'for a word processor, in a zip',
    fileEnd: 'documents',
  },
  'pack-html': { title: 'Web pages', holds: 'for any browser, in a zip', fileEnd: 'pages' },
  text: { title: 'Plain lines', holds: 'a line for each group', fileEnd: 'lines' },
  markdown: { title: 'Markdown', holds: 'a heading and a list each', fileEnd: 'groups' },
  'html-table': { title: 'Table', holds: 'for a document or a sheet', fileEnd: 'table' },
  mailto: { title: 'Letters', holds: 'opened in your mail program', fileEnd: 'letters' },
  'merge-csv': { title: 'Mail merge', holds: 'CSV, a letter each', fileEnd: 'mail-merge' },
  links: { title: 'Links', holds: 'one for each group', fileEnd: 'links' },
};

const MOMENT = new Intl.DateTimeFormat('en-GB', {
  ...{ weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
});

const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

const handoff = {
  title: (lineup: string) => `Hand off: ${lineup}`,
  empty: 'There are no groups to hand off yet.',
  toGroups: 'Make groups',
  where: 'Where to',
  places: {
    paper: 'paper',
    file: 'a file',
    pages: 'a page for each group',
    message: 'a message',
    link: 'a link',
    rooms: 'rooms',
    channels: 'channels',
  },
  paper: {
    text: 'Lists for the door, table signs, name cards, a sheet for each group: they are laid out as the printer will have them.',
    go: 'Go to the printed sheets',
  },
  ways: 'As',
  way,
  options: {
    title: 'With',
    addresses: 'E-mail addresses',
    linkTemplate: 'Link of each group',
    linkStart: 'https://',
    linkHint:
      'Such as https://rooms.example.org/{group}; {number}, {code} and {date} are known too.',
    message: 'Message',
    messageHint: 'A line or two of your own',
    date: 'Day',
    time: 'From',
    minutes: 'Minutes',
    oneEvent: 'One event for all groups',
    letterTo: 'To',
    letterKinds: {
      group: 'each group',
      lead: 'the leads',
      each: 'each student',
    } satisfies Record<LetterTo, string>,
    letter: 'The letter',
    handout: 'The hand-out',
    handoutHint: (names: readonly string[]) =>
      `Markdown. What stands in braces is put in for each group: ${names.map((name) => `{{${name}}}`).join(' ')}`,
    asShipped: 'Back to ours',
    ownFile: 'Use a document of mine',
    ownFileHint: (ends: string) => `${ends} with {{group}}, {{members}} and the like in it`,
    usedFile: (name: string) => `From your document ${name}`,
    noFile: 'Write it here instead',
    fileTooLarge:
      'That document is larger than 20 MB and was not taken. Make its pictures smaller.',
    fileForNow: 'It is too large to be remembered: it holds until the page is left.',
    fields: 'Fields of your own',
    fieldName: (number: number) => `Name of field ${number}`,
    fieldUnnamed: 'name, such as kit',
    fieldValue: (name: string) => `What stands for ${name}`,
    fieldEmpty: 'what stands for it',
    fieldRemove: (name: string) => `Take away ${name}`,
    fieldAdd: 'Add a field',
    columns: 'Columns and separator',
    heading: (column: string) => `Heading of ${column}`,
    earlier: (column: string) => `${column} further to the front`,
    leaveOut: (column: string) => `Leave out ${column}`,
    addColumn: 'Add a column',
    usualColumns: 'Back to the usual ones',
    separator: 'Between cells',
    separators: { ',': 'comma', ';': 'semicolon', '\t': 'tab' },
  },
  preview: 'What goes',
  previewOf: (name: string, students: number, groups: number) =>
    `${name}: ${count(students, 'student')} in ${count(groups, 'group')}`,
  more: (rows: number) => `and ${count(rows, 'more row')}`,
  morePages: (number: number, all: number) => `${number} of ${count(all, 'page')}`,
  earlierPage: 'Page before',
  laterPage: 'Page after',
  docxLooks: 'The words of each document; its looks stay those of yours.',
  letterTo: (to: readonly string[]) => `To: ${to.join(', ')}`,
  letterNobody: 'Nobody in it can be reached.',
  openLetter: 'Open',
  openedLetter: 'opened',
  letterOf: (whose: string) => `Letter to ${whose}`,
  letterPart: (part: number, parts: number) => `part ${part} of ${parts}`,
  lettersDone: (done: number, all: number) => `${done} of ${count(all, 'letter')} opened`,
  openLink: 'open',
  copyLink: 'copy',
  linkOf: (what: string, group: string) => `${what} the link of ${group}`,
  event: (when: string, minutes: string) => `${when}, ${count(Number(minutes), 'minute')}`,
  cards: (people: number) => count(people, 'card'),
  save: 'Save',
  saveAs: (name: string) => `Save ${name}`,
  copy: 'Copy',
  alsoSave: 'Save as a file',
  making: (done: number) => `Making them: ${Math.round(done * 100)} %`,
  stop: 'Stop',
  stopped: 'Stopped. Nothing was saved.',
  failed: 'It could not be made. Nothing was saved; please try once more.',
  copied: 'Copied. Paste it where you need it.',
  notCopied: 'The browser did not allow copying. Nothing was lost; save it as a file instead.',
  before: 'Before it goes',
  attention: 'Attention: ',
  mend: 'Mend in the roster',
  mendHere: 'Mend here',
  mendDone: 'Done',
  addressOf: (name: string) => `E-mail of ${name}`,
  noAddressYet: 'no address',
  useLikely: (address: string) => `Use ${address}`,
  toGroupsPage: 'To the groups',
  going: (students: number, groups: number) =>
    `${count(students, 'student')} in ${count(groups, 'group')}.`,
  aside: (names: readonly string[]) =>
    `${told(names, 'student')} ${are(names, 'stands', 'stand')} aside and will not go.`,
  away: (names: readonly string[]) =>
    `${told(names, 'student')} ${are(names, 'is', 'are')} away today and left out.`,
  doubt: {
    malformedAddress: (names) => `${told(names, 'student')}: the address is not complete.`,
    doubtfulAddress: (names) =>
      `${told(names, 'student')}: the address is nearly like everybody else’s; perhaps a slip.`,
    noAddress: (names) => `${told(names, 'student')} ${are(names, 'has', 'have')} no address.`,
    sameAddress: (names) => `${told(names, 'student')} have an address in common.`,
    sameName: (names) =>
      `${told(names, 'student')}: two of one name; the file does not tell them apart.`,
    emptyGroups: (names) => `${told(names, 'group')} ${are(names, 'has', 'have')} nobody in it.`,
    noLead: (names) => `${told(names, 'group')} ${are(names, 'has', 'have')} no lead.`,
    longLinks: (names) =>
      `${told(names, 'group')}: the link is longer than 2,000 signs, and some programs cut it off.`,
  } satisfies Record<OutDoubt['code'], (names: readonly string[]) => string>,
  allAddresses: 'Everybody has an address.',
  noAddresses: 'Names and groups alone; no addresses.',
  nothingQuiet: 'No rules, details or notes.',
  service: {
    title: { rooms: 'A service of live rooms', channels: 'A service of lasting channels' },
    address: 'Its address',
    noAddress: 'The address of a service begins with https:// or http://.',
    token: 'Your token for it',
    tokenHint: 'Kept in this tab alone, and never saved with the class.',
    tokenKept: 'Kept in this browser, and never saved with the class.',
    rememberToken: 'Keep it in this browser',
    practice: 'Practise with a made-up service',
    createUsers: 'Make users whom it does not know yet',
    minutes: 'Minutes the rooms are open',
    moveIn: 'Students',
    movesIn: { automatic: 'are moved in', invited: 'are invited' },
    mayReturn: 'They may come back to you',
    open: 'Open the rooms at once',
    lead: { rooms: 'Lead the rooms', channels: 'Look into the spaces' },
    changes: 'What would change',
    before:
      'Nothing is sent before you say so. Give the address and your token, then see what would change: that only reads.',
    look: 'See what would change',
    looking: (done: number, all: number) => `Looking: ${done} of ${count(all, 'group')}`,
    sending: (done: number, all: number) => `Sending: ${done} of ${count(all, 'group')}`,
    send: (changes: number) =>
      changes === 0 ? 'Send all the same' : `Send ${count(changes, 'change')}`,
    notAllowed:
      'This page talks to nobody yet. To let it talk to this address, and to no other, it is loaded once more; what you chose stays.',
    allow: 'Allow this address',
    arrived: (arrived: number, refused: number) =>
      refused === 0
        ? `${count(arrived, 'student')} arrived.`
        : `${count(arrived, 'student')} arrived, ${refused} did not. Mend what is named and send again: only the rest goes.`,
    failed:
      'Something went wrong on this side; what the service took by then stays there. See what would change, and send the rest.',
    elsewhere: 'Another tab is sending this lineup just now. Look there, or wait until it is done.',
    cutOff: (ms: number, done: number, all: number) =>
      `A hand-off was cut off at ${TIME.format(new Date(ms))}, after ${done} of ${count(all, 'group')}. What arrived is there; going on sends the rest, and nobody gets anything twice.`,
    goOn: 'Go on with it',
    leaveIt: 'Leave it',
    refused: 'Not taken',
    unchanged: 'unchanged',
    lost: 'Who would lose sight of what they wrote:',
    losesSight: (name: string, group: string, threads: readonly string[], files: number) =>
      `${name} leaves ${group}, and would no longer see ${[
        ...(threads.length > 0
          ? [`${count(threads.length, 'thread')} they wrote in (${listNames(threads)})`]
          : []),
        ...(files > 0 ? [`${count(files, 'file')} they put there`] : []),
      ].join(' and ')}.`,
    joins: (name: string) => `+ ${name}`,
    leaves: (name: string) => `− ${name}`,
  },
  receipts: 'Handed off before',
  receipt: {
    saved: (file: string) => `Saved as ${file}`,
    copied: (title: string) => `${title} copied`,
    opened: (title: string) => `${title} opened`,
    sent: (to: string, arrived: number, refused: number) =>
      `Sent to ${to}: ${arrived} arrived${refused > 0 ? `, ${refused} did not` : ''}`,
  },
  receiptWhen: (moment: string, take: number) => `${MOMENT.format(new Date(moment))}, take ${take}`,
  withAddresses: 'with addresses',
  unchanged: 'Nothing has changed since.',
  changed: 'Changed since:',
  change: {
    joins: (name: string, who: readonly string[]) =>
      `${told(who, 'student')} ${are(who, 'joins', 'join')} ${name}`,
    leaves: (name: string, who: readonly string[]) =>
      `${told(who, 'student')} ${are(who, 'leaves', 'leave')} ${name}`,
    renamed: (was: string, name: string) => `${was} is now ${name}`,
    isNew: (name: string) => `${name} is new`,
    isGone: (name: string) => `${name} is no more`,
  },
  forget: 'Take this receipt away',
  zone: 'Times are those of this machine.',
};

/** What only the hand-off and the command line say. */
export const handoffEn = { handoff, outIssueSentence, services, unreachedSentence };
