import type { Importance } from '../../schema/recipe';
import { count, listNames, shortDay } from './words';

const times = (number: number): string => count(number, 'time');

const columns = {
  open: 'Columns',
  legend: 'Measures beside the groups',
  tiles: 'On the tiles',
  noneOnTiles: 'names only',
};

const drawer = {
  takeTitle: (number: number) => `Take ${number}`,
  seated: (students: number, number: number) =>
    `${count(students, 'student')} in ${count(number, 'group')}.`,
  standAside: (number: number) =>
    `${count(number, 'student')} ${number === 1 ? 'stands' : 'stand'} aside.`,
  allKept: (number: number) =>
    number === 1
      ? 'The quiet rule is kept.'
      : number === 2
        ? 'Both quiet rules are kept.'
        : `All ${number} quiet rules are kept.`,
  isBroken: (sentence: string) => `Not kept: ${sentence}.`,
  isKept: (sentence: string) => `Kept: ${sentence}.`,
  changedByHand: 'Changed by hand since it was dealt.',
  howToMove:
    'Select a student to see why they are here and where else they could be; select a group to change it. With Shift, select more.',
  studentIn: (name: string, group: string | null) =>
    group === null ? `${name}, aside` : `${name} in ${group}`,
  nothingSpecial: 'Nothing else is known that speaks for this place or against it.',
  mean: (name: string, group: string, all: string) =>
    `${name} ${group} on average; the class has ${all}.`,
  noValue: (name: string) => `Nobody’s ${name} is known.`,
  share: (name: string, value: string, have: number, share: string) =>
    `${name} ${value}: ${have}; an even share would be ${share}.`,
  onlyOne: (name: string, value: string) => `The only one here with ${name}: ${value}.`,
  metNobody: (of: number) =>
    `Has not worked with ${of === 1 ? 'the other one' : `any of these ${of}`} before.`,
  metSome: (met: number, of: number) => `Has worked with ${met} of these ${of} before.`,
  pairsNew: (of: number) =>
    of === 1
      ? 'These two have not worked together before.'
      : 'Nobody here has worked with another before.',
  pairsMet: (met: number, of: number) =>
    `${met} of ${count(of, 'pair')} have worked together before.`,
  wishMet: 'Is with somebody they wished for.',
  wishUnmet: 'Is with nobody they wished for.',
  notServed: (name: string, need: string) =>
    need === ''
      ? `Nothing is known of what ${name} needs, and others without results are elsewhere.`
      : `${name} needs ${need} next, which this group does not work on.`,
  ladder: {
    title: 'The ladder',
    rung: (students: number, groups: readonly string[]) =>
      `${count(students, 'student')} ${students === 1 ? 'needs' : 'need'} this next; ${groups.length === 0 ? 'no group works on it' : `worked on in ${listNames(groups)}`}`,
    key: 'A dot: somebody who needs this skill next; filled where their group works on it. The signs: the groups that do.',
    keyOfGroup: 'Who of the group needs which skill next; the rungs it works on are lit.',
  },
  adults: 'Adults and times',
  regroup: 'Regroup with few moves',
  regroupHint: 'After new results: as many as can be are served, and nobody moves who need not.',
  worksOn: (skills: readonly string[]) => {
    const named = skills.filter((name) => name !== '');
    return named.length === 0
      ? 'Those without results are together here.'
      : `Works on ${listNames(named)}.`;
  },
  wishes: (met: number, of: number) => `${met} of ${of} with a wish are with somebody they named.`,
  swapsTitle: 'Swaps that would help most',
  noSwaps: 'No swap of two would make this better.',
  swapNames: (one: string, two: string) => `${one} ↔ ${two}`,
  moveNames: (name: string, group: string) => `${name} → ${group}`,
  mends: 'mends a rule',
  gains: (better: readonly string[], worse: readonly string[]) =>
    [
      better.length > 0 ? `${listNames(better)} better` : '',
      worse.length > 0 ? `${listNames(worse)} less good` : '',
    ]
      .filter(Boolean)
      .join(', '),
  moveTo: 'Move to',
  nowSize: (size: number) => `now ${size}`,
  aside: 'Aside',
  done: 'Done',
  selectMore: 'Select more',
  pin: 'Pin here',
  unpin: 'Unpin',
  several: (number: number) => `${count(number, 'student')} selected`,
  swapThem: 'Swap these two',
  keepWith: { apart: 'Keep apart from', together: 'Keep together with' },
  keepWithWhom: { apart: 'Keep apart from…', together: 'Keep together with…' },
  keep: { apart: 'Keep these apart', together: 'Keep these together' },
  ruleAdded: (sentence: string) => `Quiet rule added: ${sentence}.`,
  nameOfGroup: 'Name of the group',
  chooseSign: 'Choose another sign',
  signOf: (number: number, group: string) =>
    group === '' ? `Sign ${number}` : `Sign ${number}, of ${group}: the two change signs`,
  signsStay: 'Rooms or channels know these groups by their signs, so signs stay as they are.',
  card: {
    title: 'For the class',
    hint: 'On the stage and on the pages of groups, with the name.',
    text: (group: string) => `What ${group} is about`,
    none: 'add what this group is about',
  },
  lockedNow: (group: string, locked: boolean) =>
    locked ? `${group} stays as it is in a reshuffle.` : `A reshuffle may change ${group} again.`,
  splitInto: (group: string, other: string) => `${group} was split; the others are in ${other}.`,
  lock: 'Lock this group',
  unlock: 'Unlock this group',
  lockHint: 'A reshuffle leaves a locked group as it is.',
  split: 'Split in two',
  remove: 'Remove the group',
  removed: (name: string, students: number) =>
    students === 0
      ? `${name} was removed.`
      : `${name} was removed; ${count(students, 'student')} ${students === 1 ? 'stands' : 'stand'} aside.`,
  add: 'Add a group',
  added: (name: string) => `${name} was added, with nobody in it yet.`,
  merge: (from: string, into: string) => `Merge ${from} into ${into}`,
  mergeTitle: 'Merge with',
  merged: (name: string) => `Merged into ${name}.`,
  severalGroups: (number: number) => `${count(number, 'group')} selected`,
  reshuffleThese: 'Reshuffle only these',
  reshuffleThis: 'Reshuffle it with others: select more groups with Shift.',
  mergeThese: 'Merge these into one',
  chart: (name: string) => `${name}: this group beside the class`,
  chartGroup: 'this group',
  chartClass: 'class, share',
  rolesTitle: 'Roles',
  roleNobody: 'nobody',
  turnWhy: ({
    before,
    others,
  }: {
    readonly before: number;
    readonly others: readonly [number, number] | null;
  }) => {
    const held = before === 0 ? 'first turn' : `had it ${times(before)} before`;
    if (others === null) return held;
    const [least, most] = others;
    const range = least === most ? times(most) : `${least} to ${times(most)}`;
    return `${held}; the others here ${most === 0 ? 'never yet' : range}`;
  },
  roleOf: (role: string, group: string) => `${role} of ${group}`,
  addRole: 'Add a role',
  roleName: 'Name of the role',
  removeRole: (role: string) => `Remove the role ${role}`,
  writeTo: (name: string) => `Write to ${name}`,
  noAddress: (name: string) => `${name} has no e-mail address.`,
  giveHow: {
    none: 'nobody',
    random: 'at random',
    first: 'to the first in each',
    turns: 'in turns',
  },
  rolesHint:
    'Given at once, and again whenever groups are made; in a group that stays, whoever has a role keeps it. In turns: to whoever had it least often this term.',
  giveAnew: 'Give them anew',
  given: (role: string, number: number) => `${role} given in ${count(number, 'group')}.`,
  givenNoMore: (role: string) => `${role} is given no more.`,
};

const guard = {
  title: { inUse: 'This lineup is in use', retired: 'This lineup is over' },
  closed:
    'The class is done with these groups. Who worked with whom is kept as it was, unless you change it.',
  explain: (students: number) =>
    `${count(students, 'student')} would lose somebody from their group:`,
  separation: (name: string, from: readonly string[]) => `${name} from ${listNames(from)}`,
  moved: (names: readonly string[]) =>
    `${listNames(names)} would stay together and come into another group.`,
  go: 'Do it all the same',
  leave: 'Leave it as it is',
  next: 'Make a new lineup for next time',
  hanging: 'What hangs on these groups:',
  gentler:
    'A smaller change parts fewer: move one student, swap two, or select some rows and reshuffle only those.',
  takesOver: (day: string) =>
    `A new lineup leaves this one as it is, and takes over from ${shortDay(day)}.`,
};

const compare = {
  title: (one: number, two: number) => `Take ${one} beside take ${two}`,
  takeOne: 'First take',
  takeTwo: 'Second take',
  moved: (number: number) =>
    number === 0
      ? 'Everybody is in the same group.'
      : `${count(number, 'student')} in another group:`,
  movedOne: (name: string, from: string, to: string) =>
    from === to ? `${name}: ${to}, with others` : `${name}: ${from} → ${to}`,
  more: (number: number) => `and ${number} more`,
  measure: 'measure',
  take: (number: number) => `take ${number}`,
  rules: 'rules broken',
  show: (number: number) => `Show take ${number}`,
  close: 'Close',
};

const importance: Readonly<Record<Importance, string>> = {
  little: 'a little',
  plain: 'as much as the rest',
  most: 'above all',
};

const editors = {
  who: 'Who is dealt into groups',
  whoOptions: {
    all: 'everybody here today',
    sections: 'some sections',
    unplaced: 'those in no lineup yet',
    groups: 'groups of another lineup',
    values: 'by a detail',
  },
  toRoll: 'Say who is here today',
  sectionsLegend: 'Sections',
  lineupLegend: 'Lineup',
  groupsLegend: 'Groups',
  detailLegend: 'Detail',
  valuesLegend: 'Values',
  nobodyLeft: 'With this choice nobody is left to deal.',
  dealing: 'How students come into groups',
  dealingOptions: {
    shuffle: 'shuffled',
    order: 'in an order',
    value: 'one group for each value',
    hand: 'empty groups, filled by hand',
    choose: 'students choose: open seats',
  },
  orderLegend: 'Order',
  blocksLegend: 'Dealt',
  dealingHint:
    'Only a shuffle looks after rules, mixing and partners. Otherwise the sheet shows what is broken.',
  valueOf: 'One group for each',
  balanceHint: 'Mix: every group is like the class. Match: those in a group are alike.',
  how: { mix: 'mix', match: 'match', none: 'ignore' },
  howLegend: (name: string) => name,
  importanceLegend: (name: string) => `How much ${name} counts`,
  importance,
  noDetails: 'The class has no details yet. Add them on the roster.',
  partners: 'Fresh partners',
  partnersHint: (lineups: number) =>
    lineups === 0
      ? 'No lineup of this class has been used yet, so every partner is new.'
      : `Looks at the ${count(lineups, 'lineup')} that this class has used. Drafts do not count.`,
  needs: 'Match what students need next',
  needsHint: (students: number, skills: number) =>
    `${count(students, 'student')} ${students === 1 ? 'has' : 'have'} something to learn next on the ladder of ${count(skills, 'skill')}: the first that they have not mastered.`,
  unknownNeeds: (students: number) =>
    students === 1 ? 'One student has no results' : `${students} students have no results`,
  unknownNeedsOf: {
    anywhere: 'put them anywhere',
    together: 'groups of their own',
    out: 'leave them out',
  },
  toLadder: 'Ladder and results',
  ladder: 'The ladder, from the first skill to the last',
  ladderHint: 'One skill a line, in the order in which they are learned; change the order here.',
  focus: 'Skills that a group works on',
  fewerSkills: 'One skill fewer',
  moreSkills: 'One skill more',
  focusRefused: (most: number) => `A group works on 1 to ${most} skills.`,
  wishes: 'Wishes',
  wishesHint: (students: number) =>
    `${count(students, 'student')} ${students === 1 ? 'has' : 'have'} named somebody. As many as can be get at least one of them.`,
  topics: 'Ranked groups',
  topicsHint: (students: number) =>
    `${count(students, 'student has', 'students have')} ranked the groups. Each gets one as early in their ranks as can be.`,
  off: 'does not matter',
  sections: 'Sections',
  sectionOptions: {
    any: 'do not matter',
    mixed: 'mixed evenly',
    kept: 'each in groups of its own',
  },
  limitKind: { atLeast: 'at least', atMost: 'at most', notAlone: 'never one alone' },
  limitKindLegend: 'In every group',
  limitCount: 'How many',
  fewer: 'One fewer',
  more: 'One more',
  addLimit: 'Add',
  removeLimit: (sentence: string) => `Remove: ${sentence}`,
  noLimits: 'No limits yet.',
  limitHas: (have: number, groups: number) =>
    `${count(have, 'student')} here ${have === 1 ? 'has' : 'have'} it, for ${count(groups, 'group')}.`,
  naming: 'Names of the groups',
  namingOptions: {
    words: 'words',
    numbers: 'numbers',
    letters: 'letters',
    list: 'a list of my own',
  },
  namingExtras: 'Added to each name',
  withCode: (code: string) => (code === '' ? 'course code (none yet)' : `course code: ${code}`),
  withDate: (date: string) => `date: ${date}`,
  wordsLabel: 'Words, in the order in which groups take them',
  listLabel: 'Names, one on each line',
  preview: 'Names now',
  usualWords: 'Back to the words that come with it',
  saved: 'Recipes kept',
  saveAs: 'Keep this recipe',
  recipeName: 'Name of the recipe',
  noSaved: 'None yet. A kept recipe can be used in every class.',
  use: (name: string) => `Use ${name}`,
  removeSaved: (name: string) => `Remove the recipe ${name}`,
  fromClass: (name: string) => `from ${name}`,
  applied: (name: string, lost: readonly string[]) =>
    lost.length === 0
      ? `The recipe is ${name} now. Groups stay as they are until you reshuffle.`
      : `The recipe is ${name} now, without ${listNames(lost)}, which this class does not have.`,
  usual: 'These settings from now on',
  usualUnset: 'A new lineup begins with the settings of the one before it.',
  usualSet: 'New lineups begin with the settings kept for the class.',
  usualDone: 'New lineups begin with these settings. Those that stand keep their own.',
  usualDrop: 'As the one before again',
  savedAs: (name: string) => `Kept as ${name}.`,
  values: 'Value',
  everyValue: 'every value',
  /** Values passed over by "never one alone", each had by a single student. */
  onlyOneHas: (values: readonly string[]) =>
    `Only one student here has ${listNames(values)}: that cannot be helped, and is passed over.`,
};

export const benchEn = { columns, drawer, guard, compare, editors };
