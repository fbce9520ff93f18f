import { count, listNames, listParts } from './words';

type Sizing =
  { readonly by: 'count'; readonly count: number } | { readonly by: 'size'; readonly size: number };

/** Sentences have slots in braces: a control each, or the list of what is looked after. */
export const recipe = {
  sentence: {
    shuffle: 'Make {sizing} from {who}.',
    shuffleLeftover: 'Make {sizing} from {who}, leftovers {leftover}.',
    order: 'Deal {sizing} from {who}, by {dealing}.',
    orderLeftover: 'Deal {sizing} from {who}, leftovers {leftover}, by {dealing}.',
    value: 'Make one group for each {dealing} from {who}.',
    hand: 'Set out {sizing}, {dealing}, for {who}.',
    goals: 'With {goals}.',
    goalsWithoutRules: 'With {goals}, without {rules}.',
    withoutRules: 'Without {rules}.',
    naming: 'Groups are {naming}.',
  },
  goal: { mix: 'mixed {details}', match: 'matched {details}' },
  empty: 'empty',
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
  order: { familyName: 'family name', givenName: 'given name', list: 'class list' },
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
  sections: { mixed: 'sections mixed', kept: 'sections kept' },
  sectionsLabel: 'Sections',
  fresh: 'fresh partners',
  freshLabel: 'Fresh partners',
  wishes: 'wishes met',
  wishesLabel: 'Wishes',
  limits: (number: number) => count(number, 'limit'),
  limitsLabel: 'At least, at most, never alone',
  naming: {
    words: 'named in words',
    numbers: 'numbered',
    letters: 'lettered',
    list: 'named from a list',
  },
  namingLabel: 'Names of the groups',
  alsoOptions: {
    balance: 'mix or match a detail',
    sections: 'sections',
    freshPartners: 'fresh partners',
    wishes: 'wishes',
    limits: 'at least, at most, never alone',
    dealing: 'deal without shuffling',
    naming: 'names of the groups',
    saved: 'keep or use a recipe',
  },
  givesValues: (number: number) => count(number, 'group'),
  sizing: (sizing: Sizing) =>
    sizing.by === 'count' ? count(sizing.count, 'group') : `groups of ${sizing.size}`,
  sizingLabel: 'How many groups, or how many students in each',
  byCount: 'So many groups',
  bySize: 'So many in each',
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
    larger: 'No group is smaller than the size; leftover students join one each.',
    smaller: 'Every group has the size but the last, which holds whoever is left.',
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
