import { rules } from './rules';
import { listNames } from './words';

export const rulesEn = {
  ...rules,
  reason: 'Reason, for you alone',
  reasonEmpty: 'add a reason',
  lastDay: 'Last day of the rule',
  lastDayEmpty: 'for good',
  ended: 'over',
  matrix: {
    title: 'Everybody beside everybody',
    hint: 'Figures say how often two have worked together. Press a cell to keep two apart, then together. Keys: A, T, Delete.',
    order: 'Order',
    orders: { list: 'class list', name: 'name', section: 'section', group: 'group now' },
    overlay: 'Outline who is in one group now',
    cell: (one: string, two: string, kind: 'apart' | 'together' | null, met: number) =>
      [
        `${one} and ${two}`,
        kind === null ? '' : `kept ${kind}`,
        met === 0 ? 'not met yet' : met === 1 ? 'met once' : `met ${met} times`,
      ]
        .filter(Boolean)
        .join(', '),
    inLarger: (names: readonly string[]) =>
      `These two are in a rule about ${listNames(names)}. Change that rule in the list.`,
  },
};
