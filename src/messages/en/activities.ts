import type { MarkColumn, MarkOut } from '../../formats/out/marksOut';
import type { MemberMarks } from '../../schema/activity';
import { count, listNames, shortDay } from './words';

/** "8 Oct, 11:10", of a moment on the teacher's clock. */
const moment = (at: string): string => `${shortDay(at.slice(0, 10))}, ${at.slice(11)}`;

/** A figure as it is read: at most two places. */
const figure = (value: number): string => String(Math.round(value * 100) / 100);

const hours = (minutes: number): string => {
  if (minutes < 60) return count(Math.round(minutes), 'minute');
  if (minutes < 48 * 60) return count(Math.round(minutes / 60), 'hour');
  return count(Math.round(minutes / 60 / 24), 'day');
};

/** What activities and marks say. */
export const activities = {
  title: 'Activities',
  none: 'An activity is the work that a lineup is made for: who has handed it in, and what it was worth.',
  back: 'All activities',
  gone: 'This activity is not there any more.',
  figure,
  moment,
  noDay: 'no day yet',
  list: {
    name: 'Activity',
    groups: 'Worked in',
    due: 'Due',
    came: 'Came in',
    marked: 'Marked',
    mean: 'Mean',
    cameOf: (came: number, all: number) => `${came} of ${all}`,
    percent: (value: number) => `${Math.round(value)} %`,
    nothing: '–',
    asks: (students: number) =>
      `${count(students, 'student')} in another group since: to be decided`,
    overTerm: 'Marks over the term',
  },
  begin: {
    title: 'New activity',
    name: 'What is it called?',
    usualName: (number: number) => `Activity ${number}`,
    in: 'Worked in',
    alone: 'everybody alone',
    newGroups: 'new groups, yet to be made',
    due: 'Due',
    go: 'Begin it',
  },
  groupsOf: (lineup: string) => `the groups of ${lineup}`,
  groupsGone: 'groups of a lineup that is gone',
  alone: 'everybody alone',
  /** The settings as one sentence; each part opens what changes it. */
  sentence:
    'Worked in {groups}, {opens}; due {due}, {last}. {most}; {members}; {late}. It counts {weight}.',
  part: {
    groups: 'Worked in',
    opens: 'When it opens',
    due: 'When it is due',
    last: 'How late it may come',
    most: 'What a mark is made of',
    members: 'How members come to their marks',
    late: 'What coming late takes off',
    weight: 'How much it counts over the term',
  },
  opensOf: (opens: string | null, open: boolean) =>
    open
      ? opens === null
        ? 'open'
        : `open since ${moment(opens)}`
      : opens === null
        ? 'not open yet'
        : `opens ${moment(opens)}`,
  dueOf: (due: string | null) => (due === null ? 'on no day yet' : moment(due)),
  lastOf: (last: string | null) =>
    last === null ? 'accepted however late' : `accepted until ${moment(last)}`,
  mostOf: (most: number, criteria: number) =>
    criteria === 0
      ? `Marks of up to ${count(most, 'point')}`
      : `Marks of up to ${count(most, 'point')}, by ${count(criteria, 'criterion', 'criteria')}`,
  membersOf: {
    same: 'members have the mark of their group',
    points: 'members have the mark of their group, points up or down',
    shares: 'members share the mark by what I say each did',
    answers: 'members share the mark by what they say of one another',
    own: 'members have each their own mark',
  } satisfies Record<MemberMarks, string>,
  membersAlone: 'everybody has their own mark',
  lateOf: (
    late: {
      readonly percent: number;
      readonly every: 'hour' | 'day';
      readonly upTo: number;
    } | null,
  ) =>
    late === null
      ? 'coming late takes nothing off'
      : `coming late takes off ${figure(late.percent)} % of the most points for each ${late.every} begun, ${figure(late.upTo)} % at the most`,
  weightOf: (weight: number) =>
    weight === 0 ? 'for nothing over the term' : weight === 1 ? 'once' : `${figure(weight)} times`,
  settings: {
    openNow: 'Open it now',
    opensAt: 'Opens by itself on',
    openNote:
      'From its opening on the activity keeps these groups, whatever becomes of the lineup. Changes of the lineup are asked about.',
    groupsFixed:
      'It has opened, and work has its place in these groups. To work in others, make the same activity once more below.',
    noGroups: 'This lineup has no groups yet.',
    toGroups: 'Make the groups',
    at: 'Day and time',
    none: 'None',
    most: 'Most points',
    step: 'Marks that are worked out go to the nearest',
    criterion: 'Criterion',
    criterionText: 'what it asks for',
    criterionMost: 'Most points',
    addCriterion: 'Add a criterion',
    usualCriterion: (number: number) => `Criterion ${number}`,
    removeCriterion: (name: string) => `Remove ${name}`,
    criteriaHint: 'With criteria a mark is the sum of theirs; without them it is one figure.',
    strength: 'How much shares move marks, in per cent',
    bound: 'No mark further from the group’s than, in per cent of the most points',
    percent: 'Per cent of the most points',
    every: 'For each',
    everyOf: { hour: 'hour begun', day: 'day begun' },
    upTo: 'At the most, in per cent',
    lateNone: 'Nothing',
    lateSome: 'Some points',
    weight: 'Weight',
    rule: {
      same: 'Everybody in a group has its mark.',
      points: 'Beside each member you write points up or down. No mark leaves 0 to the most.',
      shares:
        'Beside each member you write how much of the work they did, in per cent; those left open share the rest evenly. Whoever did an even part has the group’s mark; a larger part gives more, a smaller one less. The marks of a group together stay what its mark gives.',
      answers:
        'Each member divides 100 points among the others. What they give themselves is not read, and whoever says nothing counts as having divided evenly, so that a missing answer hurts nobody. A larger part gives more than the group’s mark, a smaller one less; together the marks stay what the group’s mark gives.',
      own: 'Beside each member you write their own mark; who has none has the group’s.',
    } satisfies Record<MemberMarks, string>,
  },
  bad: {
    noFigure: (given: string) => `“${given}” is no number. What stood there before was kept.`,
    below: (given: string, least: number) =>
      least === 0
        ? `${given} is below 0. What stood there before was kept.`
        : `${given} is less than ${figure(least)}. What stood there before was kept.`,
    over: (given: string, most: number) =>
      `${given} is more than the most, ${figure(most)}. What stood there before was kept.`,
    overNow: (value: number, most: number) =>
      `${figure(value)} is more than the most by now, ${figure(most)}: it counts as ${figure(most)}.`,
    dueBeforeOpening: (due: string, opens: string) =>
      `${moment(due)} is before it opens, ${moment(opens)}. The day that stood there was kept.`,
    lastBeforeDue: (last: string, due: string) =>
      `${moment(last)} is before it is due, ${moment(due)}. The day that stood there was kept.`,
    opensAfterDue: (opens: string, due: string) =>
      `${moment(opens)} is after it is due, ${moment(due)}. The day that stood there was kept.`,
    noMoment: 'This is no day and time. What stood there before was kept.',
    noPoints: (given: string) =>
      `“${given}” is no number above 0. What stood there before was kept.`,
  },
  grid: {
    title: 'What came in, and marks',
    keysAlone: 'Enter or ↓ goes to the next row, ↑ back, ← → across.',
    keys: 'Enter or ↓ goes to the next row, ↑ back, ← → across; Alt ↓ opens a group, Alt ↑ closes it.',
    group: 'Group',
    student: 'Student',
    came: 'Came in',
    mark: 'Mark',
    of: (most: number) => `of ${figure(most)}`,
    off: 'Late',
    end: 'In the end',
    comment: 'Comment',
    lead: (name: string) => `lead ${name}`,
    open: (name: string) => `Members of ${name}`,
    cell: (who: string, column: string) => `${who}: ${column}`,
    /** In an empty cell of a member. */
    hints: { points: '±', own: 'own', shares: '%' },
    up: 'Up or down',
    share: 'Part, %',
    own: 'Own mark',
    part: 'Part',
    state: 'Here',
    states: { there: 'took part', excused: 'excused', absent: 'absent' },
    partOf: (part: number) => `${Math.round(part * 100)} %`,
    partHint: '100 % is an even part.',
    markState: {
      marked: '',
      missing: 'no mark yet',
      excused: 'excused',
      absent: 'absent: 0',
    } satisfies Record<MarkOut['state'], string>,
    offOf: (points: number) => `−${figure(points)}`,
    split: (name: string) => `and a part of ${name}’s mark`,
    show: 'Show',
    shows: (all: number, notYet: number, toMark: number, marked: number) => ({
      all: `all ${all}`,
      notYet: `not yet in (${notYet})`,
      toMark: `to mark (${toMark})`,
      marked: `marked (${marked})`,
    }),
    nothingHere: 'None of them now.',
    cameState: { no: 'not yet', in: 'came in', seen: 'seen', returned: 'returned' },
    cameAt: (who: string) => `When the work of ${who} came in`,
    cameWhen: (at: string | null) => (at === null ? 'when?' : moment(at)),
    late: (minutes: number) => `${hours(minutes)} late`,
    tooLate: (minutes: number) => `${hours(minutes)} late, after the last day`,
    empty: 'The activity has nobody in it yet.',
  },
  changed: {
    title: (students: number, lineup: string) =>
      `${lineup} has changed since: ${count(students, 'student')} ${students === 1 ? 'is' : 'are'} in another group now`,
    text: 'The activity keeps the groups it opened with until you decide.',
    move: (name: string, from: string | null, to: string | null) =>
      from === null
        ? `${name} is new in ${to ?? ''}.`
        : to === null
          ? `${name} is in no group any more; it was ${from}.`
          : `${name}: was in ${from}, is in ${to} now.`,
    decision: {
      stay: 'Stays',
      go: 'Goes along',
      split: 'Half of each mark',
    } satisfies Record<'stay' | 'go' | 'split', string>,
    all: { stay: 'All stay', go: 'All go along' },
    of: (decision: string, name: string) => `${decision}: ${name}`,
    done: (students: number) => `Decided about ${count(students, 'student')}.`,
  },
  splitRow: (name: string, first: string, second: string) =>
    `${name} has a part of two marks: ${first} and ${second}. First part, in per cent`,
  texts: {
    instructions: 'Instructions',
    instructionsHint: 'Markdown: headings, lists, **bold**, links.',
    change: 'Change',
    done: 'Done',
    onStage: 'Put them on the stage',
    onStageDone: (lineup: string) => `The stage shows these instructions with ${lineup}.`,
    handout: 'Hand-out for each group',
    handoutHint:
      'Placeholders such as {{group}}, {{members}}, {{lead}}, {{place}} and {{instructions}} are filled for each group.',
    usualHandout: '# {{group}}\n\n- {{members}}\n\n{{instructions}}\n',
    save: { 'pack-html': 'Save as pages', 'pack-docx': 'Save as documents' },
    fileName: (activity: string) => `${activity}, hand-outs`,
    saved: (groups: number) => `Hand-outs for ${count(groups, 'group')} saved.`,
  },
  letters: {
    none: 'Everything has come in.',
    to: 'To',
    toOf: { lead: 'the lead', group: 'all of the group' },
    template: 'Text',
    templateHint:
      'Kept for the class. {{activity}}, {{due}}, {{group}}, {{members}} and {{lead}} are filled in for each letter.',
    usual: (isDue: boolean) =>
      `Subject: {{activity}}: {{group}}\n\nHello,\n\n{{activity}}${isDue ? ', due {{due}},' : ''} has not come in from {{group}} yet. Is there anything in your way?\n`,
    write: (name: string) => `Write to ${name}`,
    part: (name: string, number: number) => `Write to ${name}, letter ${number}`,
    nobody: (names: readonly string[]) =>
      `Nobody can be written to in ${listNames(names)}: no address, or no lead.`,
    masked: 'Names are hidden just now; letters are written once they are shown.',
    opened: 'opened',
  },
  files: {
    hint: 'Only names and times of the files are read; what is in them stays where it is.',
    open: 'Choose files',
    folder: 'Choose a folder',
    found: (files: number, sure: number) =>
      `${count(files, 'file')}; of ${sure} it is clear whose they are.`,
    doubt: (file: string) => `Whose is ${file}?`,
    nobody: 'nobody’s',
    newest: (name: string, files: number, at: string) =>
      `${name}: ${count(files, 'file')}, the newest of ${moment(at)}`,
    go: (groups: number) => `Note that ${groups} came in`,
    leave: 'Leave it',
    done: (groups: number) => `Noted of ${groups} that their work came in.`,
  },
  channels: {
    ask: 'Look into the group spaces',
    nothing: 'Nothing was filed in the group spaces of this lineup.',
    done: (groups: number) => `Noted of ${count(groups, 'group')} what was filed in their spaces.`,
    notConnected: 'No group spaces are connected; that is done under Hand off.',
    token: (address: string) =>
      `To look into the group spaces of ${address} its token is needed. It stays in this tab.`,
    tokenLabel: 'Token',
    failed: 'The group spaces could not be reached. Nothing was changed; try again in a moment.',
  },
  sheet: {
    save: { csv: 'Save as CSV', xlsx: 'Save as workbook', json: 'Save as JSON' },
    layout: 'Columns',
    columns: 'Columns and their headings',
    earlier: (name: string) => `${name} further to the front`,
    heading: (name: string) => `Heading of ${name}`,
    take: (name: string) => `Column ${name}`,
    decimal: 'Decimals with a',
    decimalOf: { '.': 'point', ',': 'comma' },
    slips: 'Slips to print',
    fileName: (className: string, activity: string) => `${className}, ${activity}, marks`,
    text: 'Paste the sheet, or open a file',
    hint: 'One row a student, with a number, an address or a name, and a column of marks.',
    open: 'Open a file',
    leave: 'Leave it',
    column: 'Marks stand in',
    noColumn: 'There is no column of figures in this sheet. Nothing was changed.',
    choose: 'Choose a column',
    unnamed: (number: number) => `column ${number}`,
    unknown: (name: string, row: number) =>
      `Row ${row}, ${name}: not a student of this activity. Left out.`,
    doubtful: (name: string, row: number) =>
      `Row ${row}, ${name}: more than one student could be meant. Left out; a number or an address tells them apart.`,
    twice: (name: string, rows: readonly number[]) =>
      `Rows ${listNames(rows.map(String))} are both ${name}, with different marks. Neither was taken.`,
    cell: (name: string, row: number, why: string) => `Row ${row}, ${name}: ${why}`,
    noFigure: (given: string) => `“${given}” is no mark. Left out.`,
    below: (given: string) => `${given} is below 0. Left out.`,
    over: (given: string, most: number) =>
      `${given} is more than the most, ${figure(most)}. Left out.`,
    tooMuch: (name: string, off: number, left: number) =>
      `${name}: ${figure(off)} are taken off for coming late, so ${figure(left)} is the most that can be left. Left out.`,
    stuck:
      'These marks cannot all be had at once with what is split or set aside. Nothing was changed.',
    changes: (changes: number) =>
      changes === 0 ? 'The sheet says what stands here already.' : `What changes (${changes})`,
    change: (name: string, from: string, to: string) => `${name}: ${from} → ${to}`,
    none: 'none',
    becomesOwn:
      'Members of one group differ: everybody has their own mark from then on, beginning with what they have now.',
    blank: (students: number) =>
      `${count(students, 'row')} without a mark: theirs stay as they are.`,
    go: (changes: number) => `Take in ${count(changes, 'mark')}`,
    done: (changes: number) => `${count(changes, 'mark')} taken in.`,
    moreTold: (number: number) => `and ${number} more`,
    excused: ['excused', 'exc', 'e'],
    absent: ['absent', 'abs', 'a'],
  },
  out: {
    headings: {
      number: 'Number',
      name: 'Name',
      givenName: 'Given name',
      familyName: 'Family name',
      email: 'Address',
      section: 'Section',
      group: 'Group',
      marks: 'Mark',
      percent: 'Per cent',
      mean: 'Mean, %',
      missing: 'Missing',
      comment: 'Comment',
    } satisfies Record<MarkColumn, string>,
    state: (state: MarkOut['state']) =>
      ({ marked: '', missing: '', excused: 'excused', absent: 'absent' })[state],
    sheet: 'Marks',
    of: (heading: string, activity: string) => `${activity}, ${heading}`,
  },
  shares: {
    given: (given: number, all: number) => `${given} of ${all} have answered.`,
    missing: (names: readonly string[]) => `No answer of ${listNames(names)}; it counts as even.`,
    cell: (from: string, to: string) => `${from} gives ${to}`,
    from: 'From',
    outlier: 'far off',
    outlierHint:
      'Far off: differs by more than half an even part from what the others give. Only you see it; it counts until you set the answer aside.',
    counts: 'Counts',
    self: 'not read',
    count: (name: string) => `Count what ${name} says`,
    template: 'Save a sheet to fill in',
    templateName: (activity: string) => `${activity}, points for one another`,
    takeIn: 'Read their answers from a sheet',
    text: 'Paste the answers, or open a file',
    open: 'Open a file',
    leave: 'Leave it',
    hint: 'One row for each who answers; a column for each who is answered about, headed with the name.',
    found: (answers: number) => `${count(answers, 'answer')} found.`,
    noAnswers: 'No column is headed with the name of a member. Nothing was changed.',
    bad: (from: string, to: string, given: string) =>
      `${from} about ${to}: “${given}” is no number from 0 on. Left out.`,
    notTogether: (from: string, to: string) =>
      `${from} about ${to}: they are not in one group. Left out.`,
    go: (answers: number) => `Take in ${count(answers, 'answer')}`,
    done: (answers: number) => `${count(answers, 'answer')} taken in.`,
  },
  chart: {
    title: 'Marks of each group, from the lowest to the highest of its members',
    group: (name: string, low: string, high: string, mean: string) =>
      `${name}: ${low} to ${high}, mean ${mean}`,
  },
  onceMore: {
    name: 'Name',
    forClass: 'For the class',
    go: 'Make it',
    done: (name: string) => `${name} is made.`,
    series: (series: string, lineups: number) =>
      `For each of the ${count(lineups, 'lineup')} of ${series}`,
    seriesName: (activity: string, lineup: string) => `${activity}, ${lineup}`,
    seriesDone: (activities: number) => `${count(activities, 'activity', 'activities')} made.`,
    note: 'Instructions, criteria and rules go along; marks and what came in do not.',
  },
  besideTitle: 'More about this activity',
  beside: {
    texts: 'Instructions',
    handout: 'Hand-outs',
    letters: 'Write to who is missing',
    files: 'Note from files',
    shares: 'Shares by members',
    save: 'Marks out',
    read: 'Marks in',
    spread: 'Spread',
    onceMore: 'Once more',
  },
  remove: 'Delete this activity',
  removed: (name: string) => `${name} deleted, with its marks.`,
  term: {
    title: 'Marks over the term',
    none: 'Marks stand here once there is an activity.',
    student: 'Student',
    mean: 'Mean',
    missing: 'Missing',
    carried: 'Part of the work',
    carriedHint:
      'How much of their groups’ work each did, where shares were asked for; 100 % is an even part.',
    order: 'Order',
    orders: {
      name: 'by name',
      mean: 'by mean',
      missing: 'by what is missing',
      carried: 'by part of the work',
    },
    weightHint:
      'The mean is of the per cents, each by its weight. Excused ones do not count, absent ones count as 0, missing ones are told and do not count.',
    fileName: (className: string) => `${className}, marks`,
    cell: (points: number, most: number) => `${figure(points)} of ${figure(most)}`,
  },
  slips: {
    title: (activity: string) => `Slips: ${activity}`,
    page: 'Slips',
    for: 'For',
    everybody: 'everybody, a slip each',
    groups: 'each group, its mark alone',
    choose: 'choose whose slip',
    print: 'Print',
    back: 'Back to the activity',
    pages: (pages: number) => count(pages, 'page'),
    nothing: 'Choose whose slip is to be printed. Nobody’s marks stand on another’s slip.',
  },
};
