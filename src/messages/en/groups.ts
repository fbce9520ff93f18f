import type { Gain } from '@/core/explain/gains';
import { count, listNames } from './words';

/** What stands for a skill where those are together of whom nothing is known. */
const NO_RESULTS = 'no results yet';

const groups = {
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
  /** Where only some rows were dealt anew. */
  remade: (number: number) => `${count(number, 'group')} dealt anew; the others are as they were.`,
  made: (number: number) => `${count(number, 'group')} made.`,
  again: (number: number) =>
    `These are the groups of take ${number} again: no others as good were found.`,
  againOf: (number: number, asGood: number) =>
    `These are the groups of take ${number} again: ${asGood === 1 ? 'no other division is as good' : `only ${count(asGood, 'division')} are this good`}.`,
  noOther: 'There is no other.',
  nextCosts: (losses: readonly string[]) =>
    losses.length === 0
      ? 'The next best is a little worse.'
      : `The next best comes with ${listNames(losses)}.`,
  older: (parts: readonly ('sentence' | 'roll')[]) =>
    `These groups are older than ${listNames(parts.map((part) => (part === 'sentence' ? 'the sentence above' : 'the roll')))}.`,
  workedIn: 'Worked in these groups:',
  workedInNote: 'It keeps the groups it opened with; whoever moves here is asked about there.',
  letGo: 'Make other groups all the same',
  reshuffleChosen: (number: number) => `Reshuffle ${count(number, 'group')}`,
  pinnedStay: (number: number) =>
    `${count(number, 'pinned student')} ${number === 1 ? 'stays' : 'stay'}`,
  lockedStay: (number: number) =>
    `${count(number, 'locked group')} ${number === 1 ? 'stays' : 'stay'}`,
  evenPinned: 'Shuffle them too',
  openSeats: 'Open seats',
  setOut: 'Set out the groups',
  sheet: 'Groups',
  column: { group: 'group', students: 'students', size: 'size', rules: 'rules' },
  sizeLabel: (size: number) => count(size, 'student'),
  nobody: 'nobody',
  away: 'away today',
  left: 'has left',
  tileLabel: (name: string, parts: readonly string[]) =>
    [name, ...parts.filter(Boolean)].join(', '),
  troubled: 'a rule is broken',
  pinned: 'pinned',
  locked: 'locked',
  chosen: (name: string) => `${name}: about this group`,
  lead: 'lead',
  writeTo: (name: string) => `Write to ${name}`,
  effect: {
    breaks: 'breaks a rule',
    mends: 'mends a rule',
    better: 'better',
    same: 'as good',
    worse: 'less good',
  },
  best: ['best', '2nd best', '3rd best'] as readonly string[],
  placeBest: (number: number) =>
    number === 1 ? 'Place where it fits best' : 'Place them where they fit best',
  placed: (number: number, moved: readonly string[]) =>
    [
      `${count(number, 'student')} placed.`,
      ...(moved.length > 0 ? [`For that, ${listNames(moved)} moved to another group.`] : []),
    ].join(' '),
  swapped: (one: string, two: string) => `${one} and ${two} have changed places.`,
  findLabel: 'Find a student',
  foundOf: (place: number, of: number) =>
    of === 1 ? 'found' : `${place} of ${of}, Enter for the next`,
  foundIn: (name: string, group: string) => `${name}, ${group}`,
  foundMany: (number: number, listed: number) =>
    number > listed ? `${number} of that name: write more of it` : `${number} found`,
  notFound: (text: string) => `Nobody called ${text} is in the groups.`,
  tileHelp: 'Type the number of a group to move the student there, or press Alt with an arrow key.',
  /** While the number of a group is being typed: it may still go on. */
  typing: (number: string) => `to group ${number}…`,
  drag: {
    lifted: (names: readonly string[]) => `${listNames(names)} picked up.`,
    overGroup: (names: readonly string[], group: string, effect: string | null) =>
      `${listNames(names)} over ${group}${effect === null ? '' : `: ${effect}`}`,
    overStudent: (one: string, two: string, effect: string | null) =>
      `${one} over ${two}, to change places${effect === null ? '' : `: ${effect}`}`,
    nowhere: 'Put back; nobody moved.',
  },
  gone: (names: readonly string[]) =>
    `${listNames(names)} ${names.length === 1 ? 'is' : 'are'} away today, and off the stage.`,
  evenOut: 'Even the groups',
  evened: (names: readonly string[]) =>
    names.length === 0
      ? 'The groups are as even as they can be; nobody moved.'
      : `The groups are even again: ${listNames(names)} moved.`,
  notEvened: 'The groups cannot be evened with all rules kept. They stay as they are.',
  aside: 'Aside',
  asideEmpty: 'Nobody stands aside. Drop a student here to take them out of their group.',
  drawer: 'About the selection',
  moved: (names: readonly string[], group: string | null) => {
    const are = names.length === 1;
    return group === null
      ? `${listNames(names)} ${are ? 'stands' : 'stand'} aside now.`
      : `${listNames(names)} ${are ? 'is' : 'are'} in ${group} now.`;
  },
  pinnedNow: (names: readonly string[], pinned: boolean) =>
    pinned
      ? `${listNames(names)} ${names.length === 1 ? 'stays' : 'stay'} here in a reshuffle.`
      : `A reshuffle may move ${listNames(names)} again.`,
  partLost: (name: string, role: string, group: string) =>
    `${name} was ${role} of ${group}, which has none now.`,
  addedGone: (names: readonly string[]) =>
    names.length === 1
      ? `${names.join('')}, added by hand, is not among them: the sentence above says how many there are.`
      : `${listNames(names)}, added by hand, are not among them: the sentence above says how many there are.`,
  notKept: (broken: readonly string[]) => `Not kept: ${listNames(broken)}.`,
};

/** How measures are told, beside the columns and the takes. */
const measures = {
  partners: 'partners',
  wishes: 'wishes',
  topics: 'ranked groups',
  unknown: (number: number) => `${number} not known`,
  firstRank: (met: number, of: number) => `${met} of ${of} in their first`,
  ranksLeft: (ranks: number) => `${count(ranks, 'rank')} from the best`,
  ranksExplained: (cost: number, best: number) =>
    `Counted from 0 for a first rank, all ranks given come to ${cost}; in groups of these sizes ${best} may be possible.`,
  needs: 'needs next',
  served: (met: number, of: number) => `${met} of ${of} served`,
  canBe: (most: number) => `${most} can be`,
  canBeExplained: (most: number, of: number) =>
    `In groups of these sizes ${most} of ${of} at the most can be in a group that works on what they need next.`,
  focusSpoken: (focus: readonly string[], met: number, of: number) =>
    `Works on ${listNames(focus.map((skill) => (skill === '' ? NO_RESULTS : skill)))}; what ${met} of ${of} need next.`,
  noResults: NO_RESULTS,
  unserved: (number: number) => `${number} not served`,
  means: (least: number, most: number) =>
    figure(least) === figure(most)
      ? `all means ${figure(least)}`
      : `means ${figure(least)} to ${figure(most)}`,
  alikeTo: (cost: number) => `alike to ${percent(1 - cost)}`,
  even: 'even',
  off: (cost: number) => `${cost} uneven`,
  share: (cost: number) => percent(cost),
  pairs: (number: number) => String(number),
  repeats: (number: number) => (number === 0 ? 'all new' : count(number, 'repeat')),
  again: (met: number) => (met === 0 ? 'all new' : `${count(met, 'pair')} again`),
  met: (met: number, of: number) => (of === 0 ? 'none' : `${met} of ${of}`),
  best: 'best',
  /** Short, since it stands below the figure it belongs to. */
  bestIs: (figure: string) => `cannot be under ${figure}`,
  /** The same for figures of which more is better. */
  mostIs: (figure: string) => `cannot be over ${figure}`,
  nearBest: 'near the best',
  meansExplained: 'The lowest and the highest mean of a group.',
  bestExplained: 'Nothing better is possible in groups of these sizes.',
  bestAtMost: (text: string) => `Nothing better than this is possible: ${text}.`,
  sortBy: (name: string) => `Sort the rows by ${name}`,
  sortedBy: (name: string, order: 'down' | 'up' | null) =>
    order === null
      ? 'The rows stand as they were dealt.'
      : `The rows are sorted by ${name}, ${order === 'down' ? 'most first' : 'least first'}.`,
  number: (name: string, mean: string, values: string) => `${name}: mean ${mean}; ${values}`,
  figure: (value: number) => figure(value),
  shares: (name: string, parts: readonly string[]) => `${name}: ${parts.join(', ')}`,
};

// Made once: a formatter costs a hundred times what it is used for.
const ONE_DIGIT = new Intl.NumberFormat('en', { maximumFractionDigits: 1 });
const WHOLE = new Intl.NumberFormat('en', { maximumFractionDigits: 0 });

function percent(share: number): string {
  const value = share * 100;
  return `${(value < 10 ? ONE_DIGIT : WHOLE).format(value)} %`;
}

function figure(value: number): string {
  return ONE_DIGIT.format(value);
}

/** What other groups have over these, or these over others. */
const differences = {
  /** `name` is that of a detail, where the difference is in one. */
  better: (gain: Gain, name: string): string => {
    switch (gain.what) {
      case 'repeats':
        return `${count(gain.by, 'repeat')} fewer`;
      case 'wishes':
        return `${gain.by} more with a wish met`;
      case 'ranks':
        return `${count(gain.by, 'rank')} nearer to what was chosen`;
      case 'moves':
        return `${count(gain.by, 'student')} fewer moved`;
      case 'needs':
        return 'more served in what they need next';
      case 'uneven':
        return `${gain.by} fewer uneven in ${name}`;
      case 'means':
        return `${name} mixed more evenly`;
      case 'alike':
        return `${name} more alike in each group`;
      default:
        return gain satisfies never;
    }
  },
  worse: (gain: Gain, name: string): string => {
    switch (gain.what) {
      case 'repeats':
        return `${count(gain.by, 'repeat')} more`;
      case 'wishes':
        return `${gain.by} fewer with a wish met`;
      case 'ranks':
        return `${count(gain.by, 'rank')} further from what was chosen`;
      case 'moves':
        return `${count(gain.by, 'student')} more moved`;
      case 'needs':
        return 'fewer served in what they need next';
      case 'uneven':
        return `${gain.by} more uneven in ${name}`;
      case 'means':
        return `${name} mixed less evenly`;
      case 'alike':
        return `${name} less alike in each group`;
      default:
        return gain satisfies never;
    }
  },
  ready: 'Better groups are ready',
  readySpoken: (gains: readonly string[]) =>
    `Better groups are ready in the strip of takes: ${listNames(gains)}.`,
  gains: (gains: readonly string[]) => listNames(gains),
  proven: 'Proven: no groups are better in all that the sentence asks for.',
};

const takes = {
  title: 'Takes',
  hint: 'Go through them with the keys , and .',
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
  compare: 'Compare two',
  star: (number: number) => `Star take ${number}`,
  unstar: (number: number) => `Take the star from take ${number}`,
  starred: 'starred',
  remove: (number: number) => `Remove take ${number}`,
  removed: (number: number) => `Take ${number} was removed.`,
};

/** What is said of groups: on the bench, and of what they come to. */
export const groupsEn = { ...groups, measures, differences, takes };
