import type { Line } from '../../services/rooms/board';
import type { Presence } from '../../services/rooms/contract';
import { services } from './services';
import { count, listNames } from './words';

/** "just now", "40 seconds ago", "3 minutes ago". */
function ago(ms: number): string {
  if (ms < 10_000) return 'just now';
  if (ms < 60_000) return `${Math.floor(ms / 10_000) * 10} seconds ago`;
  return `${count(Math.floor(ms / 60_000), 'minute')} ago`;
}

const TIME = new Intl.DateTimeFormat('en', { hour: '2-digit', minute: '2-digit', hour12: false });
const clockTime = (ms: number): string => TIME.format(new Date(ms));

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
  lost: 'The line is broken: this is how it was. It is tried again by itself.',
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
  fine: 'Everybody is where they should be.',
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

/** What is said while rooms are open, and in the spaces of channels. */
export const liveEn = { rooms };
