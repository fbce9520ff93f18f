import { count, listNames } from './words';

const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
const LONG = new Intl.DateTimeFormat('en-GB', {
  ...{ weekday: 'short', day: 'numeric', month: 'short' },
});
/** A day (YYYY-MM-DD) at noon, so that no zone makes another of it. */
const noon = (day: string): Date => new Date(`${day}T12:00:00`);

const orders = {
  name: 'by name',
  section: 'by section',
  met: 'fewest partners first',
  repeats: 'most repeats first',
  small: 'most often in a smaller group first',
  lead: 'fewest times lead first',
};

/** What the view of the term says. */
export const term = {
  page: 'Term',
  title: 'The term',
  none: 'Nothing has been used or planned yet. A lineup counts once it was shown, printed or handed off; rounds that are planned stand here too.',
  toGroups: 'Make groups',
  plan: {
    sentence:
      'Plan {rounds} of {sizing}, {every} from {from}, {notOn}; fresh partners, {mix}, {roles}.',
    sentenceWithoutDays: 'Plan {rounds} of {sizing}, {every}; fresh partners, {mix}, {roles}.',
    rounds: (rounds: number) => count(rounds, 'round'),
    roundsLabel: 'How many rounds',
    fewer: 'One round fewer',
    more: 'One round more',
    tooMany: (most: number) => `Between 1 and ${most} rounds can be planned at a time.`,
    sizingLabel: 'How large the groups are',
    by: { count: 'so many groups', size: 'so many in each' },
    number: 'How many',
    tooSmall: 'At least one.',
    every: {
      week: 'every week',
      twoWeeks: 'every two weeks',
      day: 'every school day',
      none: 'on days of your own',
    },
    everyLabel: 'When',
    from: (day: string) => LONG.format(noon(day)),
    fromLabel: 'The first day',
    notOn: (days: number) => (days === 0 ? 'no day left out' : `not on ${count(days, 'day')}`),
    notOnLabel: 'Days on which there is none',
    notOnHint:
      'One day a line, as 2026-10-29; of a week or more the first and the last: 2026-10-26 to 2026-10-30.',
    openCalendar: 'Take days from a calendar file',
    calendarRead: (name: string, days: number | null) =>
      days === null
        ? `${name} is no calendar that can be read. The days above stay as they are.`
        : days === 0
          ? `${name} has nothing from the first day on.`
          : `${count(days, 'day')} taken from ${name}.`,
    notOnUnread: (line: string) => `"${line}" is no day.`,
    mix: (details: readonly string[]) =>
      details.length === 0 ? 'nothing mixed' : `mix ${listNames(details)}`,
    mixLabel: 'What is mixed in every round',
    mixNothing: 'The class has no details yet. They come with the roster.',
    lead: 'lead',
    inTurn: (roles: readonly string[]) =>
      roles.length === 0 ? 'no roles given' : `${listNames(roles)} in turn`,
    inTurnLabel: 'Roles that go round',
    inTurnHint:
      'Over all rounds, and those used before, each has a role as often as the others, as far as the groups allow.',
    recipe: (name: string) =>
      `Quiet rules hold in every round; limits, what is matched and how groups are called come from ${name}.`,
    outlook: (sizes: string, students: number) => `${sizes} from ${count(students, 'student')}.`,
    sizes: (groups: number, size: number) => `${count(groups, 'group')} of ${size}`,
    days: (first: string, last: string) =>
      first === last
        ? LONG.format(noon(first))
        : `${LONG.format(noon(first))} to ${LONG.format(noon(last))}.`,
    taken: (days: readonly string[], of: number) =>
      days.length === 1 || days.length < of
        ? `The class has groups already on ${listNames(days.map((day) => SHORT.format(noon(day))))}; new ones come beside them.`
        : `The class has groups already on all ${of} days; new ones come beside them.`,
    beginAfter: (day: string) => `Begin after them, on ${LONG.format(noon(day))}`,
    met: (met: number, others: number) =>
      met >= others
        ? 'Each can have worked with everybody at the end.'
        : `Each can have worked with ${met} of ${others} others at the end.`,
    fresh: (most: number, rounds: number) =>
      most >= rounds
        ? 'No pair need meet twice.'
        : most === 0
          ? 'Even the next round repeats a pair.'
          : `Only ${count(most, 'round')} can be without a repeat.`,
    repeats: (pairs: number) => `At least ${count(pairs, 'pair')} will meet again.`,
    noGroups: 'No groups can be made so.',
    go: (rounds: number) => `Plan ${count(rounds, 'round')}`,
    working: (done: number) => `Planning … ${Math.round(done * 100)} %`,
    stop: 'Stop',
    clash:
      'The rules cannot all hold in every round. Make groups of this size once on the page of groups: it names the few that clash.',
    failed: 'Planning broke off. Nothing was changed; try again.',
    done: (rounds: number) => `${count(rounds, 'round')} planned.`,
    round: (number: number) => `Round ${number}`,
    day: (day: string) => LONG.format(noon(day)),
    series: (day: string) => `Planned on ${SHORT.format(noon(day))}`,
  },
  ahead: {
    title: 'What is still ahead',
    text: (rounds: number) => `${count(rounds, 'round')} planned and not used yet.`,
    missing: (names: readonly string[]) => `${listNames(names)} in none of them.`,
    gone: (names: readonly string[]) => `${listNames(names)} still in them.`,
    mend: 'Mend with the fewest changes',
    replan: 'Plan them anew',
    drop: 'Take them away',
    replanned: (rounds: number, students: number) =>
      `${count(rounds, 'round')} made anew; ${count(students, 'student')} ${students === 1 ? 'has' : 'have'} other partners in at least one. Used rounds stay.`,
    changed: (names: readonly string[]) =>
      names.length === 0
        ? 'Nobody has other partners than before.'
        : `Other partners than before, in at least one round: ${listNames(names)}.`,
    dropped: (rounds: number) => `${count(rounds, 'round')} taken away.`,
  },
  days: {
    title: 'Days ahead',
    none: 'Nothing is planned. Plan rounds in the sentence above, or put a lineup on a day here.',
    dayOf: (name: string, at: number) => (at === 0 ? `Day of ${name}` : `Day ${at + 1} of ${name}`),
    giveDay: 'Give it a day',
    anotherDay: 'One day more',
    notThen: 'Not then',
    fallsOut: 'Falls out',
    takeOut: 'Out of the term',
    movedOn: (rounds: number) => `${count(rounds, 'round')} moved on.`,
    put: 'Put into the term',
    on: 'On',
    putGo: 'Put it there',
  },
  past: {
    title: 'Bring in earlier weeks',
    text: 'A list with a column for each week',
    hint: 'Paste it from a spreadsheet: names, and in each column the group everybody was in; blank for whoever was away.',
    open: 'Open a file',
    leave: 'Not now',
    noColumn:
      'No column in this list tells groups: in none of them do students share a name or a number.',
    noHeading: (number: number) => `Column ${number}`,
    matched: (matched: number, unknown: readonly string[]) =>
      unknown.length === 0
        ? `All ${count(matched, 'student')} are in the class.`
        : `${count(matched, 'student')} found in the class. Not in it, and left out: ${listNames(unknown)}.`,
    dayOf: (heading: string) => `Day of ${heading}`,
    groups: (groups: number, students: number) =>
      `${count(groups, 'group')}, ${count(students, 'student')}`,
    group: (name: string) => (/^\d+$/.test(name) ? `Group ${name}` : name),
    go: (lineups: number) => `Keep ${count(lineups, 'lineup')} as used`,
    done: (lineups: number) => `${count(lineups, 'lineup')} kept. They count for fresh partners.`,
  },
  order: 'Students',
  orders,
  table: 'Where everybody was, lineup by lineup',
  student: 'Student',
  column: { used: 'used', planned: 'planned' },
  day: (day: string) => SHORT.format(noon(day)),
  noDay: 'no day',
  open: (name: string) => `Open ${name}`,
  columnRepeats: (pairs: number) => (pairs === 0 ? 'all new' : `${pairs} again`),
  columnSpoken: (pairs: number) => `${count(pairs, 'pair')} together again`,
  partners: 'Partners',
  met: (met: number, will: number, others: number) =>
    will > met ? `${met} → ${will} of ${others}` : `${met} of ${others}`,
  metSpoken: (met: number, will: number, others: number) =>
    `met ${met} of ${others}${will > met ? `, ${will} with what is planned` : ''}`,
  repeats: 'Again',
  turns: (role: string) => role,
  turnsSpoken: (role: string) => `turns at ${role}`,
  sameGroups: 'same groups',
  cell: (group: string, roles: readonly string[], again: boolean) =>
    [group, ...roles, ...(again ? ['a partner again'] : [])].join(', '),
  notThere: 'not there',
  dot: 'A dot: with somebody they had worked with before. A star: led the group.',
  select:
    'Press a student to see whom they have not met yet; with Shift a second one to see what they share.',
  notMet: (name: string) => `${name} has not worked with`,
  metAll: (name: string) => `${name} has worked with everybody.`,
  withPlanned: 'What is planned is counted.',
  share: (one: string, two: string) => `${one} and ${two}`,
  shareNothing: 'have not worked together, and are not planned to.',
  showChart: 'Show how partners grow',
  chart: 'Partners met, on average',
  chartBest: 'the most that is possible',
  chartMade: 'met',
  out: 'The term as',
  saveAs: { csv: 'a table (CSV)', xlsx: 'a workbook', ics: 'a calendar of its days' },
  print: 'Print',
  fileName: (name: string) => `${name}, term`,
  saved: {
    student: 'student',
    met: 'partners met',
    willMeet: 'with planned',
    repeats: 'repeats',
    small: 'times in a smaller group',
    turns: (role: string) => `times ${role}`,
    byStudent: 'By student',
    byLineup: 'By lineup',
    lineup: 'lineup',
    day: 'day',
    state: 'state',
    group: 'group',
    roles: 'roles',
  },
};
