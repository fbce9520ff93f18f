import { sizingIssueSentence } from './sizingIssues';
import { count, listNames, listParts } from './words';

type Sizing =
  | { readonly by: 'count'; readonly count: number }
  | { readonly by: 'size' | 'atMost'; readonly size: number }
  | { readonly by: 'sizes'; readonly sizes: readonly number[] }
  | { readonly by: 'range'; readonly least: number; readonly most: number };

/** Sentences have slots in braces: a control each, or the list of what is looked after. */
export const recipeEn = {
  sizingIssueSentence,
  sentence: {
    shuffle: 'Make {sizing} from {who}.',
    shuffleLeftover: 'Make {sizing} from {who}, leftovers {leftover}.',
    order: 'Deal {sizing} from {who}, by {dealing}.',
    orderLeftover: 'Deal {sizing} from {who}, leftovers {leftover}, by {dealing}.',
    value: 'Make one group for each {dealing} from {who}.',
    hand: 'Set out {sizing}, {dealing}, for {who}.',
    choose: 'Set out {sizing}, and {who} {dealing}.',
    goals: 'With {goals}.',
    goalsWithoutRules: 'With {goals}, without {rules}.',
    withoutRules: 'Without {rules}.',
    rulesShownOnly: 'Your {rules} are not kept by this: where one is broken, the row says so.',
    naming: 'Groups are {naming}.',
    roles: 'Roles: {roles}.',
  },
  goal: { mix: 'mixed {details}', match: 'matched {details}' },
  empty: 'empty',
  chosen: 'choose',
  also: 'Add more',
  alsoLabel: 'Other things the recipe can say',
  who: {
    sections: (names: readonly string[], number: number) => `${number} of ${listNames(names)}`,
    unplaced: (number: number) => `${number} in no lineup yet`,
    groups: (lineup: string, number: number) => `${number} from ${lineup}`,
    values: (values: readonly string[], number: number) => `${number} with ${listNames(values)}`,
    value: (detail: string, value: string) => `${detail} ${value}`,
  },
  whoLabel: 'Who is dealt into groups',
  inOrder: (order: string, dealt: string) => `${order}, ${dealt}`,
  order: {
    familyName: 'family name',
    givenName: 'given name',
    number: 'student number',
    list: 'class list',
  },
  dealt: { round: 'round the groups', blocks: 'in blocks' },
  dealingLabel: 'How students come into groups',
  balanceLabel: 'What to mix and what to match',
  weighed: {
    little: (goal: string) => `${goal} (a little)`,
    plain: (goal: string) => goal,
    most: (goal: string) => `${goal} (above all)`,
  },
  listed: listNames,
  listParts,
  sections: { mixed: 'sections mixed', kept: 'each section by itself' },
  sectionsLabel: 'Sections',
  fresh: 'fresh partners',
  freshLabel: 'Fresh partners',
  wishes: 'wishes met',
  wishesLabel: 'Wishes',
  topics: 'ranked groups given',
  topicsLabel: 'Ranked groups',
  needs: (focus: number) => `matched by what they need next, ${count(focus, 'skill')} a group`,
  needsLabel: 'What students need next',
  limits: (number: number) => count(number, 'limit'),
  limitsLabel: 'At least, at most, never alone',
  naming: {
    words: 'named in words',
    numbers: 'numbered',
    letters: 'lettered',
    list: 'named from a list',
  },
  namingLabel: 'Names of the groups',
  lead: 'lead',
  roleGiven: {
    random: (role: string) => `${role} at random`,
    first: (role: string) => `${role} to the first of each group`,
    turns: (role: string) => `${role} in turns`,
  },
  rolesLabel: 'Roles in every group',
  alsoOptions: {
    balance: 'mix or match a detail',
    sections: 'sections',
    freshPartners: 'fresh partners',
    wishes: 'wishes',
    topics: 'ranked groups',
    needs: 'what they need next',
    limits: 'at least, at most, never alone',
    dealing: 'deal without shuffling',
    roles: 'a lead or other roles',
    naming: 'names of the groups',
    saved: 'keep or use a recipe',
  },
  givesValues: (number: number) => count(number, 'group'),
  sizing: (sizing: Sizing) => {
    switch (sizing.by) {
      case 'count':
        return count(sizing.count, 'group');
      case 'size':
        return `groups of ${sizing.size}`;
      case 'atMost':
        return `groups of at most ${sizing.size}`;
      case 'range':
        return `groups of ${sizing.least} to ${sizing.most}`;
      case 'sizes':
        return `groups of ${listNames(sizing.sizes.map(String))}`;
      default:
        return sizing satisfies never;
    }
  },
  sizingLabel: 'How many groups, or how many students in each',
  sizingBy: {
    count: 'So many groups',
    size: 'So many in each',
    atMost: 'At most so many in each',
    range: 'From so many to so many',
    sizes: 'Each its own size',
  },
  leastLabel: 'Fewest students in a group',
  mostLabel: 'Most students in a group',
  smallerLeast: 'Fewest: one less',
  largerLeast: 'Fewest: one more',
  smallerMost: 'Most: one less',
  largerMost: 'Most: one more',
  sizesLabel: 'Sizes of the groups, one after the other',
  sizesHint: 'For example 5, 5, 4, 3.',
  sizesUnread: 'These are no sizes. Write whole numbers with commas between them.',
  rangeHint: 'As even as the quiet rules allow.',
  countLabel: 'Number of groups',
  fewerGroups: 'One group fewer',
  moreGroups: 'One group more',
  sizeLabel: 'Students in each group',
  smallerGroups: 'One student fewer in each',
  largerGroups: 'One student more in each',
  sizeTooLarge: (size: number, here: number) =>
    `A group of ${size} cannot be had: ${here === 1 ? '1 student is' : `${here} students are`} here.`,
  here: (number: number) => `${number.toLocaleString('en')} here today`,
  leftoverLabel: 'What happens to leftover students',
  leftover: { spread: 'spread out', larger: 'joining groups', smaller: 'in a smaller group' },
  leftoverExplained: {
    spread: 'As near to the size as can be; groups differ by at most one.',
    larger: 'No group is smaller than the size; leftover students are shared among the groups.',
    smaller: 'Every group has the size but the last, which holds whoever is left.',
  },
  oneAlone: 'One student would be alone.',
  farLarger: (largest: number, size: number) =>
    `There are too few groups for the leftovers: ${largest} in a group instead of ${size}.`,
  leftoverInstead: {
    spread: 'Spread them out',
    larger: 'Let them join groups',
    smaller: 'Put them in a smaller group',
  },
  rules: (number: number) => (number === 0 ? 'quiet rules' : count(number, 'quiet rule')),
  /** "4 groups of 4 and 3 of 3". */
  gives: (counts: readonly { readonly groups: number; readonly size: number }[]) =>
    counts
      .map(({ groups, size }, index) =>
        index === 0 ? `${count(groups, 'group')} of ${size}` : `${groups} of ${size}`,
      )
      .join(' and '),
};
