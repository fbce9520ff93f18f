import { listNames, shortDay } from './words';

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
