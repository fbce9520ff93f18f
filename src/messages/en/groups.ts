import { count, listNames } from './words';

export const groups = {
  noStudents: 'There is nobody to put into groups yet.',
  toRoster: 'Paste the class list',
  noLineup: 'This class has no lineup.',
  invite: 'Nothing has been dealt yet. Say above how the groups should be, then make them.',
  make: 'Make groups',
  reshuffle: 'Reshuffle',
  working: 'Making groups',
  stop: 'Stop',
  failed:
    'The groups could not be made. Your last take is as it was; press Reshuffle to try again.',
  made: (number: number) => `${count(number, 'group')} made.`,
  sheet: 'Groups',
  column: { group: 'group', students: 'students', size: 'size', rules: 'quiet rules' },
  sizeLabel: (size: number) => count(size, 'student'),
  nobody: 'nobody',
  away: 'away today',
  left: 'has left',
  tileLabel: (name: string, away: string, troubled: boolean) =>
    [name, away, troubled ? 'a quiet rule is broken' : ''].filter(Boolean).join(', '),
  tileHelp: 'Press a figure to move the student to that group, or Alt with an arrow key.',
  goneStudent: 'former student',
  aside: 'Aside',
  asideEmpty: 'Nobody stands aside. Drop a student here to take them out of their group.',
  drawer: 'About the selection',
  takeTitle: (number: number) => `Take ${number}`,
  placed: (students: number, number: number) =>
    `${count(students, 'student')} in ${count(number, 'group')}.`,
  standAside: (number: number) =>
    `${count(number, 'student')} ${number === 1 ? 'stands' : 'stand'} aside.`,
  allKept: (number: number) =>
    number === 1 ? 'The quiet rule is kept.' : `All ${number} quiet rules are kept.`,
  isBroken: (sentence: string) => `Not kept: ${sentence}.`,
  changedByHand: 'Changed by hand since it was dealt.',
  howToMove:
    'To move somebody, drag their tile to another row. Or select the tile and press the number of the group.',
  studentIn: (name: string, group: string | null) =>
    group === null ? `${name}, aside` : `${name} in ${group}`,
  ruleState: (sentence: string, broken: boolean) => `${broken ? 'Not kept' : 'Kept'}: ${sentence}.`,
  noRules: 'No quiet rule names this student.',
  moveTo: 'Move to',
  nowSize: (size: number) => `now ${size}`,
  deselect: 'Done',
  moved: (name: string, group: string | null, broken: readonly string[]) =>
    `${name} ${group === null ? 'stands aside' : `is in ${group}`} now.${broken.length > 0 ? ` Not kept: ${listNames(broken)}.` : ''}`,
};

export const takes = {
  title: 'Takes',
  hint: ', and . to look',
  take: (number: number) => `Take ${number}`,
  madeAt: (moment: string) => {
    const date = new Date(moment);
    const sameDay = date.toDateString() === new Date().toDateString();
    const format: Intl.DateTimeFormatOptions = sameDay
      ? { hour: '2-digit', minute: '2-digit' }
      : { day: 'numeric', month: 'short' };
    return new Intl.DateTimeFormat('en-GB', format).format(date);
  },
  byHand: 'changed by hand',
  broken: (number: number) => `${count(number, 'rule')} broken`,
  broughtBack: (number: number) => `Take ${number} is shown.`,
  asDealt: 'Put back as dealt',
  remove: (number: number) => `Remove take ${number}`,
  removed: (number: number) => `Take ${number} was removed.`,
};
