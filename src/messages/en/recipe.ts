import { count } from './words';

type Sizing =
  { readonly by: 'count'; readonly count: number } | { readonly by: 'size'; readonly size: number };

export const recipe = {
  make: 'Make',
  from: 'from',
  leftovers: 'leftovers',
  keeping: 'keeping',
  comma: ',',
  stop: '.',
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
  here: (number: number) => `${number} here today`,
  leftoverLabel: 'What happens to leftover students',
  leftover: { spread: 'spread out', larger: 'joining groups', smaller: 'in a smaller group' },
  leftoverExplained: {
    spread: 'As near to the size as can be; groups differ by at most one.',
    larger: 'No group is smaller than the size; leftover students join one each.',
    smaller: 'Every group has the size but the last, which holds whoever is left.',
  },
  rules: (number: number) => (number === 0 ? 'no quiet rules yet' : count(number, 'quiet rule')),
  /** "4 groups of 4 and 3 of 3". */
  gives: (counts: readonly { readonly groups: number; readonly size: number }[]) =>
    counts
      .map(({ groups, size }, index) =>
        index === 0 ? `${count(groups, 'group')} of ${size}` : `${groups} of ${size}`,
      )
      .join(' and '),
};
