import {
  ActivityId,
  AdultId,
  ClassId,
  LineupId,
  PeriodId,
  ResultsId,
  RuleId,
  SeatSessionId,
  StudentId,
  TakeId,
} from '../schema/ids';
import { PLAIN_RECIPE } from '../schema/recipe';
import { newSeatSession } from '../schema/seatSession';
import { newGroup } from '../schema/take';
import * as activities from './actions/activities';
import * as adults from './actions/adults';
import * as parts from './actions/classParts';
import { copyClass, createClass, deleteClass } from './actions/classes';
import { draftText } from './actions/drafts';
import * as lineups from './actions/lineups';
import { keepReceipt } from './actions/receipts';
import { renameClass } from './actions/renameClass';
import { editRule, removeRule } from './actions/rules';
import * as seats from './actions/seats';
import { dropAhead, replanSeries, setDays } from './actions/series';
import { chooseSign } from './actions/signs';
import * as skills from './actions/skills';
import * as stage from './actions/stage';
import * as students from './actions/students';
import * as takes from './actions/takes';
import type { AppStore } from './appStore';
import {
  activityById,
  historyOf,
  lineupsOf,
  planOf,
  rollOf,
  rollOfLineup,
  shownAs,
} from './queries';
import { storeWith } from './testStore';

const DAY = '2026-10-15';
const gone = {
  class: ClassId.parse('c-gone'),
  lineup: LineupId.parse('l-gone'),
  take: TakeId.parse('t-gone'),
  student: StudentId.parse('s-gone'),
  rule: RuleId.parse('r-gone'),
  activity: ActivityId.parse('a-gone'),
  adult: AdultId.parse('ad-gone'),
  period: PeriodId.parse('p-gone'),
  results: ResultsId.parse('rs-gone'),
  seats: SeatSessionId.parse('ss-gone'),
};
const session = { ...newSeatSession(gone.class, gone.lineup, []), id: gone.seats };

/** What another tab may have taken away a moment before the press: each must be nothing then. */
const ON_WHAT_IS_GONE: Readonly<Record<string, (store: AppStore) => unknown>> = {
  editActivity: (store) => activities.editActivity(store, gone.activity, { name: 'x' }),
  removeActivity: (store) => activities.removeActivity(store, gone.activity),
  openActivity: (store) => activities.openActivity(store, gone.activity, `${DAY}T08:00`),
  keepOpened: (store) => activities.keepOpened(store, gone.class, `${DAY}T08:00`),
  setWork: (store) =>
    activities.setWork(store, gone.activity, ['0'], 'mark', () => ({ points: 1 })),
  setOwn: (store) => activities.setOwn(store, gone.activity, gone.student, { points: 1 }),
  setAnswerAside: (store) => activities.setAnswerAside(store, gone.activity, gone.student, true),
  takeInAnswers: (store) => activities.takeInAnswers(store, gone.activity, {}),
  editAdult: (store) => adults.editAdult(store, gone.adult, { name: 'x' }),
  removeAdult: (store) => adults.removeAdult(store, gone.adult),
  addPeriod: (store) =>
    adults.addPeriod(store, gone.class, { name: 'x', day: 1, from: null, to: null }),
  editPeriod: (store) => adults.editPeriod(store, gone.class, gone.period, { name: 'x' }),
  removePeriod: (store) => adults.removePeriod(store, gone.class, gone.period),
  setLeads: (store) => adults.setLeads(store, gone.lineup, (leads) => leads),
  editClass: (store) => parts.editClass(store, gone.class, {}),
  setNameOrder: (store) => parts.setNameOrder(store, gone.class, 'familyFirst'),
  addSection: (store) => parts.addSection(store, gone.class, 'x'),
  renameSection: (store) => parts.renameSection(store, gone.class, 'x', 'y'),
  removeSection: (store) => parts.removeSection(store, gone.class, 'x'),
  addDetail: (store) =>
    parts.addDetail(store, gone.class, { name: 'x', kind: 'level', levels: ['new'] } as never),
  editDetail: (store) => parts.editDetail(store, gone.class, 'd', { name: 'x' }),
  removeDetail: (store) => parts.removeDetail(store, gone.class, 'd'),
  addLeaveOut: (store) => parts.addLeaveOut(store, gone.class, { when: 'all', parts: [] } as never),
  switchLeaveOut: (store) => parts.switchLeaveOut(store, gone.class, 'x', false),
  removeLeaveOut: (store) => parts.removeLeaveOut(store, gone.class, 'x'),
  setStaff: (store) => parts.setStaff(store, gone.class, []),
  setRoles: (store) => parts.setRoles(store, gone.class, ['x']),
  setGroupWords: (store) => parts.setGroupWords(store, gone.class, ['x']),
  deleteClass: (store) => deleteClass(store, gone.class),
  copyClass: (store) => copyClass(store, gone.class, 'x'),
  renameClass: (store) => renameClass(store, gone.class, 'x'),
  renameLineup: (store) => lineups.renameLineup(store, gone.lineup, 'x'),
  setLineupState: (store) => lineups.setLineupState(store, gone.lineup, 'inUse', DAY),
  setUsed: (store) => lineups.setUsed(store, gone.lineup, DAY),
  noteUse: (store) => lineups.noteUse(store, gone.lineup, DAY),
  countAgain: (store) => lineups.countAgain(store, gone.lineup, DAY),
  deleteLineup: (store) => lineups.deleteLineup(store, gone.lineup),
  openLineup: (store) => lineups.openLineup(store, gone.class, gone.lineup),
  changeRecipe: (store) => lineups.changeRecipe(store, gone.lineup, {}),
  wishRole: (store) => lineups.wishRole(store, gone.lineup, 'x', 'random', new Map()),
  removeRole: (store) => lineups.removeRole(store, gone.lineup, 'x'),
  setPinned: (store) => lineups.setPinned(store, gone.lineup, [gone.student], true),
  saveRecipe: (store) =>
    lineups.saveRecipe(store, gone.class, { name: 'x', recipe: PLAIN_RECIPE } as never),
  setUsualRecipe: (store) => lineups.setUsualRecipe(store, gone.class, PLAIN_RECIPE),
  removeSavedRecipe: (store) => lineups.removeSavedRecipe(store, gone.class, 'x'),
  keepReceipt: (store) =>
    keepReceipt(
      store,
      gone.lineup,
      { to: 'csv', did: 'saved', file: '', addresses: 0 } as never,
      DAY,
    ),
  editRule: (store) => editRule(store, gone.rule, { kind: 'apart' }),
  removeRule: (store) => removeRule(store, gone.rule),
  prepareSeats: (store) => seats.prepareSeats(store, gone.lineup, []),
  changeSeats: (store) => seats.changeSeats(store, gone.seats, () => ({})),
  beginSeats: (store) => seats.beginSeats(store, gone.seats, { opened: null, groups: [] }),
  keepSeats: (store) => seats.keepSeats(store, gone.seats, {}),
  takeSeats: (store) => seats.takeSeats(store, session, 1, []),
  takePartners: (store) =>
    seats.takePartners(store, session, new Map([[gone.student, [gone.student]]])),
  chooseAgain: (store) => seats.chooseAgain(store, gone.seats),
  takeTopics: (store) => seats.takeTopics(store, session, [2]),
  replanSeries: (store) => replanSeries(store, 1, new Map([[gone.lineup, []]])),
  setDays: (store) => setDays(store, new Map([[gone.lineup, [DAY]]]), String),
  dropAhead: (store) => dropAhead(store, gone.class, 'x' as never),
  setLadder: (store) => skills.setLadder(store, gone.class, []),
  renameSkill: (store) => skills.renameSkill(store, gone.class, 'x', 'y'),
  setMasteryRule: (store) => skills.setMasteryRule(store, gone.class, {} as never),
  takeInResults: (store) =>
    skills.takeInResults(store, gone.class, { name: 'x', on: DAY, items: [], answers: {} }),
  editResults: (store) => skills.editResults(store, gone.results, { name: 'x' }),
  setAnswer: (store) => skills.setAnswer(store, gone.results, gone.student, 0, 1),
  removeResults: (store) => skills.removeResults(store, gone.results),
  showLineup: (store) => stage.showLineup(store, gone.lineup, DAY),
  changePlan: (store) => stage.changePlan(store, gone.lineup, () => ({})),
  takeBackDraw: (store) => stage.takeBackDraw(store, gone.class, []),
  keepExperts: (store) => stage.keepExperts(store, gone.lineup, 'x', 1, []),
  editStudent: (store) => students.editStudent(store, gone.student, { name: 'x' }),
  setDetail: (store) => students.setDetail(store, [gone.student], 'd', 1),
  setTakesPart: (store) => students.setTakesPart(store, [gone.student], false, DAY),
  leaveClass: (store) => students.leaveClass(store, [gone.student], DAY),
  restoreStudent: (store) => students.restoreStudent(store, gone.student),
  deleteStudent: (store) => students.deleteStudent(store, gone.student),
  mergeStudents: (store) => students.mergeStudents(store, gone.student, StudentId.parse('s2')),
  settleDoubt: (store) => students.settleDoubt(store, [gone.student], 'x'),
  addTake: (store) => takes.addTake(store, gone.lineup, 1, [newGroup('A', 0, [])]),
  starTake: (store) => takes.starTake(store, gone.take, true),
  moveStudents: (store) => takes.moveStudents(store, gone.take, [gone.student], 0),
  swapStudents: (store) => takes.swapStudents(store, gone.take, gone.student, gone.student),
  addGroup: (store) => takes.addGroup(store, gone.take, 'x', 0),
  removeGroup: (store) => takes.removeGroup(store, gone.take, 0),
  mergeGroups: (store) => takes.mergeGroups(store, gone.take, 0, 1),
  splitGroup: (store) => takes.splitGroup(store, gone.take, 0, 'x', 0),
  placeStudents: (store) => takes.placeStudents(store, gone.take, new Map([[gone.student, 0]])),
  renameGroup: (store) => takes.renameGroup(store, gone.take, 0, 'x'),
  nameGroups: (store) => takes.nameGroups(store, gone.lineup, {} as never, String),
  lockGroup: (store) => takes.lockGroup(store, gone.take, 0, true),
  giveRole: (store) => takes.giveRole(store, gone.take, 'x', new Map()),
  chooseSign: (store) => chooseSign(store, gone.lineup, 0, 1),
  undealTake: (store) => takes.undealTake(store, gone.take),
};

test.each(Object.entries(ON_WHAT_IS_GONE))(
  '%s about what is gone changes nothing and is no step to undo',
  async (_, act) => {
    const store = storeWith([]);
    createClass(store, 'Crew', 'Week 1');
    const before = [...store.records.every()];
    await act(store);
    expect([...store.records.every()]).toEqual(before);
    expect(store.history.undo()).toBe('createClass');
  },
);

test('what is asked of what is gone is answered with nothing', () => {
  const store = storeWith([]);
  expect(rollOf(store.records, gone.class, DAY)).toEqual([]);
  expect(rollOfLineup(store.records, gone.lineup, DAY)).toEqual([]);
  expect(lineupsOf(store.records, gone.class)).toEqual([]);
  expect(historyOf(store.records, gone.class, gone.lineup)).toEqual([]);
  expect(planOf(store.records, gone.lineup)).toBeUndefined();
  expect(shownAs(store.records, gone.lineup)).toBeNull();
  expect(activityById(store.records, gone.activity)).toBeUndefined();
  expect(draftText(store, { of: 'paste', classId: gone.class } as never)).toBe('');
});
