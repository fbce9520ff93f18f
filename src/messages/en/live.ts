import type { Line } from '../../services/rooms/board';
import type { Presence } from '../../services/rooms/contract';
import { services } from './services';
import { clockTime, count, listNames } from './words';

/** "just now", "40 seconds ago", "3 minutes ago". */
function ago(ms: number): string {
  if (ms < 10_000) return 'just now';
  if (ms < 60_000) return `${Math.floor(ms / 10_000) * 10} seconds ago`;
  return `${count(Math.floor(ms / 60_000), 'minute')} ago`;
}

const presence: Readonly<Record<Presence, string>> = {
  waiting: 'not yet here',
  onTheWay: 'on the way',
  here: 'here',
  dropped: 'dropped out',
};

const line: Readonly<Record<Line, string>> = {
  connecting: 'Looking into the rooms …',
  live: 'Seen as it happens',
  polled: 'Asked every two seconds: this service does not tell by itself',
  lost: 'The line is broken, or there is no network: this is how it was. It is tried again by itself.',
  token: 'The service does not accept the token. Give another one.',
  gone: 'The service knows this session no more. Hand off again to make a new one.',
};

const rooms = {
  page: 'Rooms',
  title: (lineup: string) => `Rooms: ${lineup}`,
  back: 'Back to hand off',
  none: 'No rooms have been made for this lineup yet. Hand it off to a service of live rooms first.',
  toHandOff: 'Hand off to rooms',
  address: (address: string) => `The rooms are at ${address}.`,
  token: 'Your token for it',
  look: 'Look into the rooms',
  line,
  state: {
    made: 'The rooms are made and not open yet.',
    open: 'Open',
    closing: 'The time is up: the rooms close by themselves.',
    closed: 'The rooms are closed.',
  },
  open: 'Open the rooms',
  left: 'left',
  over: 'closing',
  noEnd: 'no end set',
  endsAt: (ms: number) => `until ${clockTime(ms)}`,
  less: 'One minute less',
  more: (minutes: number) => `${count(minutes, 'minute')} more`,
  close: 'Close the rooms',
  closeSure: (seconds: number | null) =>
    seconds ? `Close them, with ${seconds} seconds of countdown` : 'Close them now',
  keepOpen: 'Not yet',
  reopen: 'Five minutes more',
  stageClock: 'The stage shows the time left',
  here: (here: number, of: number) => `${here} of ${of} here`,
  roomCount: (here: number, of: number) => `${here}/${of}`,
  needs: 'What needs you',
  fine: 'Nothing needs you just now.',
  before: 'Once the rooms are open, who is late, alone, gone or asks for you is told here.',
  need: {
    asking: (room: string) => `${room} asks for you`,
    alone: (room: string, who: string) => `${who} is alone in ${room}`,
    dropped: (room: string, who: readonly string[]) => `${listNames(who)} dropped out of ${room}`,
    late: (room: string, who: readonly string[]) => `Not come to ${room}: ${listNames(who)}`,
  },
  headings: { room: 'Room', inside: 'In the room', missing: 'Not there', here: 'Here', you: 'You' },
  presence,
  staff: 'staff',
  nobody: 'nobody',
  visit: (room: string) => `Visit ${room}`,
  visitShort: 'Visit',
  visited: (ms: number) => `there ${ago(ms)}`,
  messageTo: (room: string) => `Write to ${room}`,
  writeShort: 'Write',
  remove: (room: string) => `Take ${room} away`,
  add: 'Add a room',
  newRoom: 'Name of the new room',
  select: {
    none: 'Press a name to choose it; then a number moves it to that room, X exchanges two.',
    some: (names: readonly string[]) =>
      `${listNames(names)} chosen: press the number of a room, or`,
    moveHere: (room: string) => `Move here, to ${room}`,
    move: 'Move to',
    swap: 'Exchange the two',
    leave: 'Leave them',
  },
  moved: (names: readonly string[], room: string) => `${listNames(names)} on the way to ${room}.`,
  swapped: (one: string, two: string) => `${one} and ${two} exchange rooms.`,
  takeBack: 'Take back',
  failed: (why: Parameters<typeof services.why>[0]) => `Not done: ${services.why(why)}`,
  late: {
    title: 'In no room yet',
    place: (name: string) => `Let ${name} in where they fit best`,
    placeShort: 'Let in where they fit best',
    placed: (name: string, room: string) => `${name} is let in to ${room}.`,
    noAddress: 'has no address and cannot be let in',
  },
  say: {
    title: 'Say something',
    to: 'To',
    all: 'all rooms',
    text: 'Message',
    send: 'Send',
    sent: 'Sent.',
    said: 'Said so far',
    you: (to: string) => `You, to ${to}`,
    from: (who: string, room: string) => `${who}, ${room}`,
    warn: (left: string) => `${left} left. Come to an end, please.`,
    warnShort: 'Say how much time is left',
  },
  take: {
    differs: 'The rooms have changed since the groups were handed off.',
    keep: 'Keep them as a new take',
    kept: 'Kept as a new take of the lineup.',
    inUse: {
      title: 'This lineup is in use',
      text: (parted: number) =>
        `With a take as the rooms are now, ${count(parted, 'student')} would lose somebody from their group. The takes before stay, and can be brought back.`,
      go: 'Keep it',
      leave: 'Leave the lineup as it is',
    },
  },
};

const spaces = {
  page: 'Spaces',
  title: (lineup: string) => `Spaces: ${lineup}`,
  none: 'No channels have been made for this lineup yet. Hand it off to a service of lasting channels first.',
  toHandOff: 'Hand off to channels',
  address: (address: string) => `The channels are at ${address}.`,
  token: rooms.token,
  look: 'Look into the spaces',
  looking: 'Looking into the spaces …',
  without: 'This service has channels, and no spaces that can be looked into from here.',
  failed: (why: Parameters<typeof services.why>[0]) => services.why(why),
  again: 'Look again',
  count: (all: number, quiet: number) =>
    quiet === 0
      ? `${count(all, 'space')}, and every group has written something.`
      : `${count(all, 'space')}; ${quiet} ${quiet === 1 ? 'has' : 'have'} been quiet so far.`,
  heading: 'Groups',
  members: (number: number) => count(number, 'member'),
  quiet: 'nothing written yet',
  activity: (posts: number, files: number) =>
    [
      ...(posts > 0 ? [count(posts, 'post')] : []),
      ...(files > 0 ? [count(files, 'file')] : []),
    ].join(', '),
  last: (ms: number) => (ms < 10_000 ? ago(ms) : `last ${ago(ms)}`),
  archived: 'archived',
  toAll: 'Say the same to every group',
  parts: {
    welcome: 'Welcome, in place of the one before',
    announcements: 'Announcement',
    threads: 'A thread to answer in',
    meeting: 'Where they meet (a link)',
    files: 'A hand-out (a link to a file)',
  },
  what: 'What',
  whom: 'Whom',
  everybody: 'every group',
  quietOnes: 'the quiet groups',
  text: 'Text',
  name: 'Its name',
  link: 'Its link',
  placeholders: (names: readonly string[]) =>
    `Filled in for each group: ${names.map((one) => `{{${one}}}`).join(' ')}`,
  unknown: (name: string) => `Nothing is known for {{${name}}}: it would stand there as it is.`,
  noLink: 'A link begins with https:// or http://.',
  sample: (group: string) => `As ${group} would read it`,
  send: (groups: number) => `Send to ${count(groups, 'group')}`,
  sending: (done: number, all: number) => `Sent to ${done} of ${all}`,
  sent: (groups: number) => `${count(groups, 'group')} ${groups === 1 ? 'has' : 'have'} it.`,
  notSent: (groups: number) =>
    `${count(groups, 'group')} ${groups === 1 ? 'does' : 'do'} not have it yet. What arrived stays; nobody gets it twice.`,
  retry: 'Send to those again',
  archive: 'Archive all spaces',
  archiveAsk: {
    title: 'Archive all spaces of this lineup?',
    text: 'Nothing more can be written there, by students or by you. All that was written stays to be read.',
    go: 'Archive them',
    leave: 'Leave them open',
  },
  welcome: 'Welcome',
  meeting: 'Where they meet',
  announcements: 'Announcements',
  files: 'Files',
  nothing: 'Nothing here yet.',
  from: (who: string, ms: number) => `${who}, ${ago(ms)}`,
  staff: 'Staff',
  as: {
    title: 'See it as a student',
    who: 'As',
    nobody: 'yourself',
    sees: (who: string, own: number, rooms: number) =>
      `${who} sees ${count(own, 'space')}${rooms > 0 ? ` and ${count(rooms, 'room')}` : ''}, as shown here.`,
    proved: (others: number) =>
      others === 1
        ? 'Asked for the other one as that student, the service does not show it.'
        : `Asked for each of the other ${others} as that student, the service shows none.`,
    leaks: (names: readonly string[]) =>
      `The service also shows ${listNames(names)}. Tell whoever runs it: groups are not apart there.`,
    looking: 'Asking the service as that student …',
    room: (name: string) => `Room: ${name}`,
    noRoom: 'No room of this lineup shows them.',
  },
};

/** What a practice service tells of itself. */
const practice = {
  page: 'Practice services',
  title: 'Practice services: what has arrived',
  intro:
    'Made-up rooms and channels on this machine, to try hand-offs with. They know everybody of the demo classes; people in them come, write and leave by themselves. Nothing here is real, and it is gone when the demo ends.',
  token: 'Token',
  look: 'Look',
  refused: 'This token is not known here: practice tokens begin with "river".',
  behave: 'How the services behave',
  settings: {
    delayMs: 'Answer after milliseconds',
    failing: 'Requests of a thousand that fail',
    lost: 'Answers of a thousand that are lost',
    busy: 'Requests of a thousand that are told to wait',
    pace: 'People are so many times faster than usual',
    rooms: 'Most rooms in a session',
    people: 'Most people in a room',
    members: 'Most members of a channel',
  },
  sessions: 'Sessions of rooms',
  channels: 'Channels',
  none: 'Nothing yet.',
  session: (name: string, state: string) => `${name} (${state})`,
  states: { made: 'made', open: 'open', closing: 'closing', closed: 'closed' },
  room: (name: string, here: number, of: number) => `${name}: ${here} of ${of} here`,
  you: 'You came in here',
  channel: (name: string, members: number) => `${name}: ${count(members, 'member')}`,
};

/** What is said while rooms are open, and in the spaces of channels. */
export const liveEn = { rooms, spaces, practice };
