import type { LineState } from '../../services/eventLine';
import type { LogEntry } from '../../services/seats/contract';
import { clockTime, count, listNames } from './words';

const line: Readonly<Record<LineState, string>> = {
  connecting: 'Looking who sits where …',
  live: 'Seen as it happens',
  lost: 'The line to the seats is broken, or there is no network: this is how it was. It is tried again by itself.',
  token: 'The seats do not know this browser. Students can no longer be followed from here.',
  gone: 'The seats know this choosing no more: this is how it was last seen.',
};

/** What the teacher reads where students choose. */
export const seats = {
  page: 'Open seats',
  title: (lineup: string) => `Open seats: ${lineup}`,
  back: 'Back to the groups',
  intro:
    'Students choose their group themselves, on their phones, within what you allow. Quiet rules hold, and nobody can see that there are any.',
  noGroups: 'There have to be groups to choose from first. They may be empty.',
  make: (number: number) => `Make ${count(number, 'empty group')}`,
  howMany: 'How many groups',
  fewer: 'One fewer',
  more: 'One more',
  between: (least: number, most: number) => `Between ${least} and ${most}.`,
  kind: 'What students do',
  kinds: {
    seats: 'sit down in a group',
    partners: 'name partners they would like',
    topics: 'rank the groups they would like',
  },
  who: 'Who chooses',
  whoOf: {
    here: 'everybody who is here',
    unplaced: 'those who are in no group yet',
  },
  whoSection: (name: string) => `those of ${name}`,
  groups: 'The groups',
  topicOf: (group: string) => `What ${group} is about`,
  addTopic: 'Add a topic',
  seats: 'Seats',
  seatsIn: (group: string) => `Seats in ${group}`,
  least: 'At least',
  leastIn: (group: string) => `At least so many in ${group}`,
  all: 'All groups alike',
  already: (names: readonly string[]) => `${listNames(names)} already there`,
  minutes: 'Open for',
  minutesOf: (minutes: number) => count(minutes, 'minute'),
  noEnd: 'as long as I leave it open',
  mayChange: 'They may change again',
  namesSeen: 'They see who sits where',
  firstLeads: 'Whoever sits down first leads',
  sectionsApart: 'Students of different sections never in one group',
  most: { partners: 'Most partners named', topics: 'Most groups ranked' },
  guarded:
    'Quiet rules are in force. So that nobody can read them off, students see only whether places are left, not how many, and names only of those they sit with. This page, or any other of Gruppetto, has to stay open.',
  enough: (who: number, places: number) =>
    `${count(who, 'student chooses', 'students choose')}; ${count(places, 'place')}.`,
  short: (who: number, places: number) =>
    `${count(who, 'student chooses', 'students choose')}, and there ${places === 1 ? 'is' : 'are'} only ${count(places, 'place')}: ${who - places} will have none.`,
  nobody: 'Nobody would choose: see who takes part on the roster.',
  open: { seats: 'Open the seats', partners: 'Ask for partners', topics: 'Ask for ranks' },
  opening: 'Opening …',
  notOpened:
    'The seats did not answer: nothing was opened. They need a network; try again in a moment.',
  failed: 'That did not arrive. Look at what is shown and try again.',
  line,
  address: (address: string) =>
    `Students open ${address} and pick their name, with the PIN of their slip.`,
  addressLabel: 'Code for the phone: the address',
  loopback:
    'Now this address works on this machine only. For phones, end Gruppetto and start it with “npm start -- --lan”.',
  copy: 'Copy the address',
  copied: 'Copied.',
  slips: 'Print the slips',
  show: 'Show it to the class',
  until: (clock: string, left: string) => `Open until ${clock}, ${left} left`,
  clock: clockTime,
  isOpen: 'Open',
  isPaused: 'Stopped for now',
  isClosed: 'Closed',
  minutesLeft: (minutes: number) => count(minutes, 'minute'),
  secondsLeft: (seconds: number) => count(seconds, 'second'),
  addMinute: 'One minute more',
  pause: 'Stop for a moment',
  resume: 'Go on',
  close: 'Close',
  closeTitle: 'Close the choosing?',
  closeText: (without: number) =>
    without === 0
      ? 'Nothing that comes after counts.'
      : `Nothing that comes after counts. ${count(without, 'student has', 'students have')} no place yet; they are placed next, and you see it before it counts.`,
  closeLeave: 'Leave it open',
  visitors: 'Let simulated students come',
  left: (taken: number, most: number) => `${taken} of ${most}`,
  addSeat: 'One seat more',
  addSeatIn: (group: string) => `One seat more in ${group}`,
  nobodyYet: 'Nobody yet',
  leads: 'leads',
  without: (number: number) => `No place yet (${number})`,
  notCome: (number: number) => `Not been here (${number})`,
  everybody: 'Everybody has a place.',
  answered: (answered: number, all: number) => `${answered} of ${all} have answered.`,
  unanswered: (number: number) => `No answer yet (${number})`,
  ofPerson: (name: string) => `What to do with ${name}`,
  moveTo: (group: string, left: number) => `To ${group} (${count(left, 'place')})`,
  takeOut: 'Take out of the group',
  breaks: 'breaks a quiet rule',
  locked: 'PIN locked',
  newSlip: 'Give a new slip',
  slipIs: (name: string, pin: string) =>
    `${name} has a new PIN: ${pin}. The old slip is no good any more.`,
  log: 'What happened',
  logEmpty: 'Nothing yet.',
  logLine: (what: LogEntry['what'], name: string, group: string | null, at: number) => {
    const to = group ?? '';
    const words: Record<LogEntry['what'], string> = {
      came: `${name} came in`,
      sat: `${name} sat down in ${to}`,
      left: `${name} left ${to}`,
      turnedAway: `${name} found no place in ${to}`,
      moved: group === null ? `${name} was taken out` : `${name} was put into ${to}, or out of it`,
      wished: `${name} answered`,
      wrongPin: `${name}: a wrong PIN`,
      locked: `${name}: too many wrong PINs, locked for now`,
    };
    return `${clockTime(at)} ${words[what]}`;
  },
  over: 'Choosing is over',
  working: 'Placing those without a seat …',
  placing: (placed: number, moved: number) =>
    placed === 0 && moved === 0
      ? 'Everybody who chose keeps their seat, and nobody is without one.'
      : `${count(placed, 'student is', 'students are')} placed, ${moved === 0 ? 'nobody has' : count(moved, 'student has', 'students have')} to move. ${placed + moved === 1 ? 'The name is' : 'Their names are'} in bold.`,
  moved: (name: string, from: string, to: string) => `${name} from ${from} to ${to}`,
  rulesBroken:
    'No way was found to keep every rule with these seats. This breaks as little as could be found; add seats, or mend it on the sheet.',
  noRoom: (missing: number) =>
    `There are ${count(missing, 'place')} too few for everybody. Add seats below; nothing was changed.`,
  take: 'Make these the groups',
  taken: (number: number) => `The groups are take ${number} of the lineup.`,
  isTaken: 'These are the groups now. They can be changed on the sheet like any others.',
  toGroups: 'To the groups',
  takeWishes: 'Take over the wishes',
  wishesTaken: (number: number) =>
    `${count(number, 'student’s wishes are', 'students’ wishes are')} taken over; the next reshuffle looks at them.`,
  wishes: 'What was wished for',
  wishOf: (name: string, wishes: readonly string[]) =>
    `${name}: ${wishes.length === 0 ? 'nothing' : wishes.join(', ')}`,
  again: 'Choose anew',
  againTitle: 'Choose anew?',
  againText:
    'What was chosen is forgotten, here and at the seats. Groups that were made of it stay.',
  againLeave: 'Leave it',
  slipsPage: 'Slips',
  slipsTitle: (lineup: string) => `Slips: ${lineup}`,
  slipsNone: 'There are slips once the seats are open.',
  slipsBack: 'Back to the seats',
  print: 'Print',
  pages: (pages: number) => count(pages, 'page'),
  showPage: 'Choose your group',
} as const;
