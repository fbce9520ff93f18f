import { count, eitherOf, listNames, longDay } from './words';

type Kind = 'apart' | 'together';
type LimitKind = 'atLeast' | 'atMost' | 'notAlone';

const detailValue = (detail: string, value: string): string => `${detail}: ${value}`;

export const rules = {
  title: 'Quiet rules',
  quiet: 'For you only. The class never sees them.',
  kindLegend: 'Keep',
  kind: { apart: 'these apart', together: 'these together' },
  andWord: 'and',
  kindWord: { apart: 'apart', together: 'together' },
  /** How a kind may be told in a sentence, as expressions: with what says nothing of whom or how, and with a "not". */
  toldAs: {
    apart: [
      ...['apart from', 'apart', 'away from', '(?:in )?different groups', 'split(?: up)?'],
      ...['separate(?:d|ly)?(?: from)?'],
    ],
    together: [
      ...['together with', 'together', 'in (?:the same|one) group(?: as| with)?', 'with'],
      ...['next to'],
    ],
    not: ['not', 'never', 'cannot', "(?:do|can|must|should|wo)n[’']?t", "can[’']t"],
    between: ['from', 'or'],
    idle: [
      ...['please', 'keep', 'put', 'place', 'make sure', 'must', 'should', 'be', 'are', 'is'],
      ...['stay', 'sit', 'work(?:ing)?', 'go', 'never again', 'always'],
    ],
  },
  unclear: (name: string, among: readonly string[]) =>
    among.length === 0
      ? `Nobody in this class is called “${name}”. Write the name as it stands in the roster.`
      : `“${name}” may be ${eitherOf(among)}. Write more of the name.`,
  names: 'Names, two or more, and “apart” or “together”',
  namesExample: 'Type the beginning of a name…',
  nobody: 'Nobody else of that name in this class',
  add: 'Add the rule',
  addSentence: (sentence: string) => `Add: ${sentence}`,
  added: (sentence: string) => `Rule added: ${sentence}.`,
  none: 'No quiet rules yet. Anybody may be with anybody.',
  sectionsKept: 'Each section in groups of its own',
  pinned: (name: string) => `${name} is pinned to a group`,
  /** "at least 1 with swims: yes in every group". */
  limit: (kind: LimitKind, detail: string, value: string, number: number) =>
    kind === 'notAlone'
      ? `nobody alone in a group with ${detailValue(detail, value)}`
      : `${kind === 'atLeast' ? 'at least' : 'at most'} ${number} with ${detailValue(detail, value)} in every group`,
  /** The same for every value of a detail: "nobody alone in a group with their home language". */
  limitEvery: (kind: LimitKind, detail: string, number: number) =>
    kind === 'notAlone'
      ? `nobody alone in a group with their ${detail}`
      : `${kind === 'atLeast' ? 'at least' : 'at most'} ${number} with each ${detail} in every group`,
  detailValue,
  keep: (kind: Kind) => `Keep them ${kind}`,
  sentence: (kind: Kind, names: readonly string[]) => `${listNames(names)} ${kind}`,
  until: (date: string) => `until ${longDay(date)}`,
  turn: { apart: 'make it apart', together: 'make it together' },
  turnInto: (kind: Kind, sentence: string) => `Keep them ${kind} instead (now: ${sentence})`,
  remove: (sentence: string) => `Remove the rule: ${sentence}`,
  removed: 'The rule was removed.',
  check: 'Can the rules hold?',
  allCanHold: (number: number, groups: number) =>
    `${number === 1 ? 'The rule' : number === 2 ? 'Both rules' : `All ${number} rules`} can hold in ${count(groups, 'group')}.`,
  whereTitle: 'Where these rules show',
  where: [
    'Here, and beside each group on the Groups page.',
    'Never on stage, and in no file or copy that you hand off.',
    'Reasons and dates are yours alone.',
  ],
  stateHere: (none: boolean, broken: number) =>
    broken > 0 ? `${count(broken, 'rule')} broken` : none ? 'no quiet rule here' : 'kept',
  brokenHere: (kind: Kind, names: readonly string[]) =>
    kind === 'apart' ? `${listNames(names)} meet` : `${listNames(names)} are not together`,
  /** What is wrong in a group with a limit: those in it who have the value, and how many the limit says. */
  limitBrokenHere: (
    kind: LimitKind,
    detail: string,
    value: string,
    names: readonly string[],
    number: number,
  ) => {
    const what = detailValue(detail, value);
    switch (kind) {
      case 'notAlone':
        return `${listNames(names)} is the only one here with ${what}`;
      case 'atMost':
        return `${names.length} here with ${what}, ${number} at most`;
      case 'atLeast':
        return names.length === 0
          ? `nobody here with ${what}`
          : `only ${names.length} of ${number} here with ${what}`;
      default:
        return kind satisfies never;
    }
  },
};

export const clash = {
  title: 'These rules cannot all hold',
  notFoundTitle: 'Not every rule was kept',
  rulesConcerned: 'Rules concerned',
  makeGroups: (groups: number) => `Make ${count(groups, 'group')}`,
  makeSize: (size: number) => `Make groups of ${size}`,
  makeRange: (least: number, most: number) => `Make groups of ${least} to ${most}`,
  dropOnce: (sentence: string) => `Leave out this once: ${sentence}`,
  mayBeLess: 'There are too many rules to try each of them: some of these may have no part in it.',
  moreRules: (number: number) => `and ${count(number, 'more rule')}`,
  moreWays: (number: number) => `${count(number, 'other way')} out`,
  othersClash:
    'Other rules clash as well: leaving out one of these is not enough, some have to go together.',
  dropAllOnce: (sentences: readonly string[]) =>
    `Leave out together this once: ${sentences.join('; ')}`,
  drop: (sentence: string) => `Remove for good: ${sentence}`,
  useAnyway: (broken: number) =>
    `Use the best found, with ${broken === 1 ? '1 rule' : `${broken} rules`} broken`,
};
