import { clockFigures } from '../clockFigures';
import { compare, count } from './words';

/** The figures of a mark: at most two places. */
const figure = (value: number): string => String(Math.round(value * 100) / 100);

/** What the class reads: on stage, on paper and where it is told how to choose. Each class may have a language of its own. */
export const shown = {
  language: 'en',
  compare,
  stage: {
    nothing: 'No lineup yet',
    empty: 'The groups will stand here as soon as they are made.',
    groups: 'Groups',
    instructions: 'Instructions',
    byName: 'By name',
    stations: 'Stations',
    jigsaw: 'Jigsaw',
    lead: 'lead',
    openPlace: (host: string) => `open ${host}`,
    letters: 'Jump to a letter',
    page: (page: number, pages: number) => `page ${page} of ${pages}`,
    turn: (turn: number, turns: number) => `Turn ${turn} of ${turns}`,
    station: (number: number) => `Station ${number}`,
    break: 'Break',
    noStations: 'No stations have been planned for these groups.',
    sides: {
      home: 'Home groups: go to your experts',
      experts: 'Expert groups: go back home',
    },
    noExperts: 'No expert groups have been made for these groups.',
    clock: {
      none: 'No time is set.',
      figures: clockFigures,
      still: 'stands still',
      warning: 'nearly over',
      over: 'Time is up',
    },
    pick: {
      none: 'Who will it be?',
      left: (left: number, of: number) =>
        left === of ? `All ${of} are still to come.` : `${left} of ${of} are still to come.`,
    },
  },
  paper: {
    turn: (number: number) => `Turn ${number}`,
    group: 'Group',
    break: 'break',
    notes: 'Notes',
    fold: 'fold here',
    codeOf: (what: string) => `Code with ${what}`,
    codeHint: 'A phone reads the text from the code itself; nothing is uploaded.',
    list: 'the whole list by name',
    tooLong: (what: string) =>
      `${what} is too much text for one code. The codes of single groups hold less.`,
  },
  seats: {
    over: 'Choosing is over',
    addressLabel: 'Code for the phone: the address',
    pin: 'Pick your name and type the PIN of your slip, or photograph the code on it.',
    isPaused: 'Stopped for now',
    isOpen: 'Open',
    left: (left: string) => `${left} left`,
    minutes: (minutes: number) => count(minutes, 'minute'),
    seconds: (seconds: number) => count(seconds, 'second'),
    places: (taken: number, all: number) => `${taken} of ${all} have a place`,
    answered: (answered: number, all: number) => `${answered} of ${all} have answered.`,
    slipPin: (pin: string) => `PIN ${pin}`,
    slipCode: (name: string) => `Personal code of ${name}`,
  },
  marks: {
    mark: (points: number, most: number) => `${figure(points)} of ${figure(most)}`,
    late: (points: number) => `${figure(points)} taken off for coming late`,
    criterion: (name: string, points: number, most: number) =>
      `${name}: ${figure(points)} of ${figure(most)}`,
    none: 'No mark yet.',
    excused: 'Excused.',
    absent: 'Absent: 0.',
  },
};
