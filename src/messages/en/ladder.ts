import type { LadderIssue, LadderRead } from '../../formats/ladder';
import type { MasteryRule } from '../../schema/classRecord';
import { count, listNames, shortDay } from './words';

const per = (share: number): string => `${Math.round(share)} %`;

/** What the view of the skill ladder says. */
export const ladder = {
  page: 'Skill ladder',
  title: 'The ladder',
  back: 'Back to the roster',
  none: 'A ladder is a list of skills in the order in which they are learned. With it students are grouped by what each needs next.',
  begin: 'Write the skills, one a line, or open a file with them.',
  rule: 'A skill counts as mastered with {rule}.',
  ruleLabel: 'When a skill counts as mastered',
  ruleOf: (rule: MasteryRule) =>
    rule.by === 'share'
      ? `${rule.percent} % of the points${rule.least > 1 ? `, of at least ${rule.least} answers` : ''}`
      : `${rule.right} right of the last ${rule.of}`,
  ruleBy: 'Counted by',
  ruleByOf: { share: 'points', last: 'right answers' },
  percent: 'Per cent of the points',
  least: 'At least so many answers',
  right: 'Right answers',
  of: 'Of the last',
  fewer: 'One fewer',
  more: 'One more',
  between: (least: number, most: number) => `Between ${least} and ${most}.`,
  ruleNote: (right: number) =>
    `The newest answers count; where there are too few, those before them are added. An answer is right from ${right} % of its points on. What the class list says counts as the oldest.`,
  picture: 'Where everybody stands',
  rung: (number: number, name: string) => `${number}. ${name}`,
  top: 'all of it mastered',
  unknown: 'no results',
  standsAt: (students: number) => (students === 0 ? 'nobody' : count(students, 'student')),
  studentAt: (name: string, place: string) => `${name}, ${place}`,
  moreHere: (number: number) => `and ${number} more`,
  groups: (name: string) => `The groups of ${name}`,
  group: (name: string, from: string, to: string, focus: readonly string[]) =>
    `${name}: ${from === to ? `all at ${from}` : `from ${from} to ${to}`}; ${focus.length === 0 ? 'works on none of it' : `works on ${listNames(focus)}`}`,
  groupsKey: 'A line: from where to where a group stands. A diamond: a skill that it works on.',
  noGroups:
    'Groups stand here once they are matched by what students need next: that is a part of the sentence on the page of groups.',
  toGroups: 'Groups',
  close: 'Close',
  resultsOf: (name: string) => `What ${name} has mastered`,
  state: { mastered: 'mastered', notYet: 'not yet', unknown: 'not known' },
  standing: (state: 'mastered' | 'notYet' | 'unknown', share: number | null, answers: number) => {
    const known = share === null ? '' : ` (${per(share)} of ${count(answers, 'answer')})`;
    return `${{ mastered: 'mastered', notYet: 'not yet', unknown: answers > 0 ? 'too few answers' : 'not known' }[state]}${known}`;
  },
  answersIn: (test: string, day: string) => `${test}, ${shortDay(day)}`,
  answer: (question: string, whole: number) => `${question}, of ${whole}`,
  noAnswer: 'none',
  badAnswer: (given: string, whole: number) =>
    `"${given}" is no number from 0 to ${whole}. What stood there before was kept.`,
  contradictions: 'Against the order',
  contradiction: (name: string, beyond: string, gap: string) =>
    `${name} masters ${beyond}, and not ${gap}.`,
  contradictionsHint:
    'Either the order of the ladder is another for them, or a result is not right. Nothing was changed: they need the earlier skill next.',
  moved: (test: string) => `Since ${test}`,
  movedNone: 'Nobody has moved on the ladder.',
  movedOn: (name: string, from: string, to: string) => `${name}: ${from} → ${to}`,
  movedStays: (name: string, at: string) => `${name} stays at ${at}`,
  won: (skills: readonly string[]) => `new: ${listNames(skills)}`,
  lost: (skills: readonly string[]) => `no longer: ${listNames(skills)}`,
  regroup:
    'On the page of groups, "Regroup with few moves" serves as many as can be after this and moves nobody who need not.',
  skills: (number: number) => `Skills (${number})`,
  skillName: 'Name of the skill',
  skillText: (name: string) => `About ${name}`,
  noText: 'what it means',
  addSkill: 'Add a skill',
  addMany: 'Skills to add, one a line',
  up: (name: string) => `${name} is learned earlier`,
  down: (name: string) => `${name} is learned later`,
  remove: (name: string) => `Take ${name} off the ladder`,
  isDetail: (name: string) => `${name} is a detail of the roster; remove it there`,
  removed: (name: string) => `${name} is off the ladder. Its results are kept.`,
  taken: (name: string) => `There is a skill called ${name} already.`,
  open: 'Open a ladder',
  opened: (number: number) => `The ladder has ${count(number, 'skill')} now.`,
  save: 'Save the ladder as',
  saveAs: { json: 'a file for Gruppetto (JSON)', csv: 'a table (CSV)' },
  fileName: (name: string) => `${name}, skill ladder`,
  keepEverywhere: 'Keep for every class',
  kept: (name: string) => `Kept as ${name}. Every class can take it.`,
  takeKept: 'Take a kept ladder',
  chooseKept: 'choose…',
  forgetKept: (name: string) => `Forget the ladder ${name}`,
  keptName: 'Keep it as',
  unread: (code: Extract<LadderRead, { ok: false }>['code'], file: string) =>
    ({
      empty: `${file} has no skill in it.`,
      notLadder: `${file} is no ladder that can be read. A ladder is a list with a skill a line, or a file saved here.`,
      newer: `${file} was saved by a newer Gruppetto, which says more than this one can read.`,
    })[code] + ' The ladder stays as it is.',
  issue: (issue: LadderIssue) => {
    switch (issue.code) {
      case 'twice':
        return `${issue.name} stands there twice, again in line ${issue.line}; it was taken once.`;
      case 'shortened':
        return `Line ${issue.line} is too long and was shortened: ${issue.name.slice(0, 30)}…`;
      case 'tooMany':
        return `There are ${issue.given} skills; the first ${issue.most} were taken.`;
      default:
        return issue satisfies never;
    }
  },
  tests: (number: number) => (number === 0 ? 'Results' : `Results (${count(number, 'test')})`),
  testsNone: 'No test was taken in yet. What the class list says of skills counts until then.',
  testLine: (day: string, students: number, questions: number) =>
    `${shortDay(day)}: ${count(students, 'student')}, ${count(questions, 'question')}`,
  testName: 'Name of the test',
  testDay: (name: string) => `Day of ${name}`,
  testRemove: (name: string) => `Remove ${name} with all its answers`,
  testRemoved: (name: string) => `${name} was removed.`,
  questions: 'Which skill each question asks for',
  asksFor: (question: string) => `${question} asks for`,
  asksNothing: 'none of the ladder',
  takeIn: {
    title: 'Bring in results',
    text: 'A list with students and their answers',
    hint: 'Paste it from a spreadsheet: names, numbers or addresses, and a column for each question; points, ticks, 7/10, per cent, or words.',
    open: 'Open a file',
    leave: 'Not now',
    name: 'Called',
    usualName: (number: number) => `Test ${number}`,
    day: 'Day of the test',
    noColumn: 'No column in this list can be read as answers.',
    noHeading: (number: number) => `Column ${number}`,
    take: (heading: string) => `Take in ${heading}`,
    whole: (whole: number) => `of ${whole}`,
    newSkill: (name: string) => `a new skill: ${name}`,
    unmatched: (questions: number) =>
      `${count(questions, 'question')} ${questions === 1 ? 'asks' : 'ask'} for no skill yet. They are kept, and count once you say which.`,
    matched: (matched: number, unknown: readonly string[]) =>
      unknown.length === 0
        ? `All ${count(matched, 'student')} are in the class.`
        : `${count(matched, 'student')} found in the class. Not in it, and left out: ${listNames(unknown)}.`,
    missing: (names: readonly string[]) => {
      const MOST = 8;
      const told =
        names.length <= MOST
          ? names
          : [...names.slice(0, MOST - 2), `${names.length - MOST + 2} others`];
      return `Not in this list, and without these results: ${listNames(told)}.`;
    },
    unread: (name: string, heading: string, cell: string, whole: number) =>
      `${name}, ${heading}: "${cell}" is no answer of ${whole}, and is left blank.`,
    unreadMore: (number: number) => `and ${number} more such cells`,
    go: (questions: number) => `Keep ${count(questions, 'question')}`,
    done: (students: number) => `Results of ${count(students, 'student')} kept.`,
  },
};
