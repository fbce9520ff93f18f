import { NO_WORK } from '../schema/activity';
import { PLAIN_RECIPE } from '../schema/recipe';
import {
  createActivity,
  editActivity,
  keepOpened,
  openActivity,
  removeActivity,
  setActivityGroups,
  setAnswerAside,
  setOwn,
  setWork,
  takeInAnswers,
  takeMarks,
} from './actions/activities';
import {
  addAdult,
  addAdults,
  addPeriod,
  editPeriod,
  putAdults,
  removeAdult,
  removePeriod,
  setLeads,
} from './actions/adults';
import {
  addDetail,
  addSection,
  editDetail,
  renameSection,
  setGroupWords,
  setRoles,
  setStaff,
} from './actions/classParts';
import { createClass } from './actions/classes';
import { choose, chosen, draftText, keepDraft } from './actions/drafts';
import {
  changeRecipe,
  createLineup,
  openLineup,
  removeRole,
  removeSavedRecipe,
  renameLineup,
  saveRecipe,
  setPinned,
  setUsed,
  setUsualRecipe,
  wishRole,
} from './actions/lineups';
import { dropReceipt, keepReceipt } from './actions/receipts';
import { addRule, editRule, setPairRule } from './actions/rules';
import { chooseSign } from './actions/signs';
import {
  editResults,
  removeResults,
  setAnswer,
  setLadder,
  setMasteryRule,
  takeInResults,
} from './actions/skills';
import { changePlan, keepDraw } from './actions/stage';
import { addStudent, setDetail, setTakesPart } from './actions/students';
import { addTake, lockGroup, placeStudents } from './actions/takes';
import { NAMES_SHOWN } from '../schema/shownNames';
import {
  activitiesOf,
  activityById,
  adultsOf,
  drawsOf,
  groupsOfLineups,
  lineupById,
  lineupsOf,
  planOf,
  plansBefore,
  receiptsOf,
  resultsOf,
  rollOfLineup,
  rulesOf,
  seriesOf,
  turnsBeside,
  usedGroupsOf,
} from './queries';
import { crew, dealt, there } from './testCrew';

const DAY = '2026-10-15';
const NEXT_DAY = '2026-10-16';

describe('an activity', () => {
  function given() {
    const made = dealt();
    const { store, classId, lineup } = made;
    const id = createActivity(store, classId, lineup.id, { name: 'Report', due: `${DAY}T12:00` });
    return { ...made, id, now: () => there(activityById(store.records, id)) };
  }

  test('is changed in what is said of it, and in nothing else', () => {
    const { store, id, now } = given();
    const before = now();
    editActivity(store, id, { most: 20 });
    expect(now()).toEqual({ ...before, most: 20 });
  });

  test('takes what was being pasted into it along when it goes, and no other box', () => {
    const { store, classId, id, now } = given();
    const other = createActivity(store, classId, null, { name: 'Quiz' });
    const boxes = [id, other].flatMap((activityId) =>
      (['marks', 'answers'] as const).map((of) => ({ of, classId, activityId })),
    );
    boxes.forEach((box) => keepDraft(store, box, 'Ana 7'));
    removeActivity(store, id);
    expect(activityById(store.records, id)).toBeUndefined();
    expect(boxes.map((box) => draftText(store, box))).toEqual(['', '', 'Ana 7', 'Ana 7']);
    store.history.undo(classId);
    expect(now().name).toBe('Report');
  });

  test('opens at a moment that is said, with the groups of then', () => {
    const { store, id, now } = given();
    openActivity(store, id, `${NEXT_DAY}T09:00`);
    expect(now()).toMatchObject({ opens: `${NEXT_DAY}T09:00` });
    expect(now().groups).toHaveLength(2);
  });

  test('has no groups to keep while its lineup was never dealt, nor where everybody works alone', () => {
    const { store, classId } = given();
    const undealt = createLineup(store, classId, 'Week 2', null);
    const waiting = [undealt, null].map((lineupId) =>
      createActivity(store, classId, lineupId, { name: 'Early', opens: `${DAY}T08:00` }),
    );
    let changes = 0;
    store.records.listen(() => (changes += 1));
    keepOpened(store, classId, `${NEXT_DAY}T08:00`);
    expect(waiting.map((one) => there(activityById(store.records, one)).groups)).toEqual([
      ...[null, null],
    ]);
    expect(changes).toBe(0);
  });

  test('keeps what was said of a group’s work where only a part is changed', () => {
    const { store, id, now } = given();
    setWork(store, id, ['0', '1'], 'mark', (_, key) => ({ points: Number(key) + 7 }));
    setWork(store, id, ['1'], 'mark', ({ points }) => ({ comment: `${String(points)} points` }));
    expect(now().work).toEqual({
      '0': { ...NO_WORK, points: 7 },
      '1': { ...NO_WORK, points: 8, comment: '8 points' },
    });
  });

  test('keeps what was said of a member, and of the others', () => {
    const { store, ids, id, now } = given();
    setOwn(store, id, there(ids[0]), { points: 2 });
    setOwn(store, id, there(ids[0]), { state: 'excused' });
    setOwn(store, id, there(ids[1]), { share: 40 });
    expect(now().own).toMatchObject({
      [there(ids[0])]: { points: 2, state: 'excused', share: null },
      [there(ids[1])]: { points: null, share: 40 },
    });
  });

  test('has the answers of those who have sent theirs, each until they send another', () => {
    const { store, ids, id, now } = given();
    const [ana, bo] = [there(ids[0]), there(ids[1])];
    takeInAnswers(store, id, { [ana]: { [bo]: 60 } });
    takeInAnswers(store, id, { [bo]: { [ana]: 50 } });
    expect(now().answers).toEqual({ [ana]: { [bo]: 60 }, [bo]: { [ana]: 50 } });
    expect(now().groups).toHaveLength(2);
    takeInAnswers(store, id, { [ana]: { [bo]: 30 } });
    expect(now().answers).toEqual({ [ana]: { [bo]: 30 }, [bo]: { [ana]: 50 } });
  });

  test('sets an answer aside once, and lets it count again', () => {
    const { store, ids, id, now } = given();
    const [ana, bo] = [there(ids[0]), there(ids[1])];
    for (const one of [ana, bo, ana]) setAnswerAside(store, id, one, true);
    expect(now().setAside).toEqual([ana, bo]);
    setAnswerAside(store, id, ana, false);
    expect(now().setAside).toEqual([bo]);
  });

  test('takes in a sheet of marks as one step', () => {
    const { store, classId, id, now } = given();
    const before = now();
    takeMarks(store, id, { work: { '0': { ...NO_WORK, points: 9 } }, own: {}, members: 'points' });
    expect(now()).toMatchObject({ members: 'points', work: { '0': { points: 9 } } });
    expect(now().groups).toHaveLength(2);
    store.history.undo(classId);
    expect(now()).toEqual(before);
  });
});

describe('adults', () => {
  test('stand in the order in which they came, each after all others of the class', () => {
    const { store, classId } = crew('Ana');
    const named = (names: string) => names.split(' ').map((name) => ({ name, email: '' }));
    addAdult(store, classId, { name: 'Oda' });
    addAdults(store, classId, named('Pia Quinn'));
    addAdult(store, classId, { name: 'Rui', room: 'Lab 2' });
    const all = () => adultsOf(store.records, classId);
    expect(all().map(({ name, order }) => `${name} ${String(order)}`)).toEqual([
      ...['Oda 1', 'Pia 2', 'Quinn 3', 'Rui 4'],
    ]);
    expect(there(all()[3])).toMatchObject({ room: 'Lab 2', email: '', times: [], skills: [] });
    putAdults(
      store,
      all().map((one) => ({ ...one, room: 'Hut' })),
    );
    expect(all().map(({ room }) => room)).toEqual(['Hut', 'Hut', 'Hut', 'Hut']);
    store.history.undo(classId);
    expect(all().map(({ room }) => room)).toEqual(['', '', '', 'Lab 2']);
  });

  test('leave their groups without one when they go, and the others theirs', () => {
    const { store, classId, lineup } = dealt();
    const [oda, pia] = ['Oda', 'Pia'].map((name) => addAdult(store, classId, { name }));
    const led = (adultId: typeof oda) => ({
      adultId: there(adultId),
      periodId: null,
      locked: true,
    });
    setLeads(store, lineup.id, () => ({ '0': led(oda), '1': led(pia) }));
    removeAdult(store, there(oda));
    expect(adultsOf(store.records, classId).map(({ name }) => name)).toEqual(['Pia']);
    expect(there(planOf(store.records, lineup.id)).leads).toEqual({
      '0': { ...led(oda), adultId: null },
      '1': led(pia),
    });
  });

  test('a second change of who leads goes on from the first, in one plan', () => {
    const { store, lineup } = dealt();
    const lead = { adultId: null, periodId: null, locked: true };
    setLeads(store, lineup.id, () => ({ '0': lead }));
    setLeads(store, lineup.id, (leads) => ({ ...leads, '1': lead }));
    expect(store.records.all('plan')).toHaveLength(1);
    expect(there(planOf(store.records, lineup.id)).leads).toEqual({ '0': lead, '1': lead });
  });

  test('a time is changed in what is said of it; one that goes is no time of a meeting any more', () => {
    const { store, classId, lineup } = dealt();
    const period = (name: string) => ({ name, day: 1, from: '08:00', to: '09:00' });
    const [early, late] = ['Early', 'Late'].map((name) => addPeriod(store, classId, period(name)));
    editPeriod(store, classId, there(late), { from: '10:00', to: '11:00' });
    const times = () => there(store.records.get('class', classId)).periods;
    expect(times()).toEqual([
      { id: early, ...period('Early') },
      { id: late, ...period('Late'), from: '10:00', to: '11:00' },
    ]);
    changePlan(store, lineup.id, () => ({ meetAt: [there(early), there(late)] }));
    removePeriod(store, classId, there(early));
    expect(times().map(({ name }) => name)).toEqual(['Late']);
    expect(there(planOf(store.records, lineup.id)).meetAt).toEqual([late]);
  });

  test('where every time may be met at, none is named after one has gone', () => {
    const { store, classId, lineup } = dealt();
    const time = addPeriod(store, classId, { name: 'Early', day: null, from: null, to: null });
    changePlan(store, lineup.id, () => ({ instructions: 'Boots.' }));
    removePeriod(store, classId, time);
    expect(there(planOf(store.records, lineup.id)).meetAt).toBeNull();
  });
});

describe('a test', () => {
  const item = (skill: string | null) => ({ name: `Question ${skill ?? ''}`, skill, whole: 1 });
  function given() {
    const made = crew('Ana Bo');
    const { store, classId, ids } = made;
    setLadder(store, classId, [{ name: 'Count', text: 'to ten' }]);
    takeInResults(store, classId, {
      ...{ name: 'First', on: DAY, items: [item('count '), item('Measure'), item(null)] },
      answers: { [there(ids[0])]: [1, 0, null] },
    });
    const id = there(resultsOf(store.records, classId)[0]).id;
    return { ...made, id, now: () => there(store.records.get('results', id)) };
  }

  test('puts the skills that the ladder does not have above it, each once', () => {
    const { store, classId } = given();
    takeInResults(store, classId, {
      ...{ name: 'Second', on: NEXT_DAY, answers: {} },
      items: [item('Map'), item('map'), item('MEASURE')],
    });
    expect(there(store.records.get('class', classId)).skillLadder).toEqual([
      { name: 'Count', text: 'to ten' },
      { name: 'Measure', text: '' },
      { name: 'Map', text: '' },
    ]);
    expect(resultsOf(store.records, classId).map(({ name }) => name)).toEqual(['Second', 'First']);
  });

  test('is changed in one answer alone, also of somebody who had given none', () => {
    const { store, ids, id, now } = given();
    setAnswer(store, id, there(ids[0]), 1, 1);
    setAnswer(store, id, there(ids[1]), 2, 0);
    expect(now().answers).toEqual({
      [there(ids[0])]: [1, 1, null],
      [there(ids[1])]: [null, null, 0],
    });
  });

  test('has another name and day when it is told so, and goes when it is taken away', () => {
    const { store, classId, id, now } = given();
    const before = now();
    editResults(store, id, { name: 'Entry', on: NEXT_DAY });
    expect(now()).toEqual({ ...before, name: 'Entry', on: NEXT_DAY });
    removeResults(store, id);
    expect(resultsOf(store.records, classId)).toEqual([]);
    store.history.undo(classId);
    expect(now().name).toBe('Entry');
  });

  test('is judged by the rule that the class has', () => {
    const { store, classId } = given();
    const rule = { by: 'share', percent: 60, least: 2 } as const;
    setMasteryRule(store, classId, rule);
    expect(there(store.records.get('class', classId)).masteryRule).toEqual(rule);
  });
});

describe('what left the application', () => {
  const did = { to: 'list', did: 'saved', file: 'crew.csv', addresses: false } as const;

  test('is kept with the groups as they left, without those who were away, and counts as used', () => {
    const { store, classId, ids, lineup, take, nameOf } = dealt();
    setTakesPart(store, [there(ids[1])], false, DAY);
    keepReceipt(store, lineup.id, did, DAY);
    keepReceipt(store, lineup.id, { ...did, to: 'cards' }, DAY);
    const all = () => receiptsOf(store.records, lineup.id);
    expect(
      all()
        .map(({ to }) => to)
        .sort(),
    ).toEqual(['cards', 'list']);
    const kept = there(all().find(({ to }) => to === 'list'));
    expect(kept).toMatchObject({
      ...{ ...did, classId, lineupId: lineup.id, takeId: take().id, takeNumber: 1, service: null },
    });
    expect(kept.groups.map((one) => one.studentIds.map(nameOf).join(' '))).toEqual([
      ...['Ana Caro', 'Dov Eli Fay'],
    ]);
    expect(there(lineupById(store.records, lineup.id)).used?.on).toBe(DAY);
    dropReceipt(store, kept);
    expect(all().map(({ to }) => to)).toEqual(['cards']);
    store.history.undo(classId);
    expect(all()).toHaveLength(2);
  });

  test('is nothing where there are no groups yet', () => {
    const { store, classId } = crew('Ana');
    const { id } = there(lineupsOf(store.records, classId)[0]);
    keepReceipt(store, id, did, DAY);
    expect(receiptsOf(store.records, id)).toEqual([]);
  });
});

describe('a quiet rule', () => {
  test('stands after the others of its class, and is about at least two', () => {
    const { store, classId, ids } = crew('Ana Bo Caro');
    addRule(store, classId, 'apart', [there(ids[0]), there(ids[0])]);
    expect(rulesOf(store.records, classId)).toEqual([]);
    addRule(store, createClass(store, 'Lecture', 'Week 1'), 'apart', ids);
    addRule(store, classId, 'apart', [there(ids[0]), there(ids[1]), there(ids[0])]);
    addRule(store, classId, 'together', ids);
    const rules = () => rulesOf(store.records, classId);
    expect(rules().map(({ order, studentIds }) => [order, studentIds.length])).toEqual([
      ...[
        [1, 2],
        [2, 3],
      ],
    ]);
    editRule(store, there(rules()[1]).id, { reason: 'They share a boat.' });
    expect(rules().map(({ kind, reason }) => `${kind} ${reason}`)).toEqual([
      ...['apart ', 'together They share a boat.'],
    ]);
  });

  test('of two who stood in several is one, or none', () => {
    const { store, classId, ids } = crew('Ana Bo Caro');
    const [ana, bo] = [there(ids[0]), there(ids[1])];
    for (let again = 0; again < 2; again++) addRule(store, classId, 'apart', [ana, bo]);
    addRule(store, classId, 'apart', ids);
    const kinds = (): string[] =>
      rulesOf(store.records, classId).map(
        ({ kind, studentIds }) => `${kind} ${String(studentIds.length)}`,
      );
    setPairRule(store, classId, bo, ana, 'together');
    expect(kinds()).toEqual(['together 2', 'apart 3']);
    setPairRule(store, classId, ana, bo, null);
    expect(kinds()).toEqual(['apart 3']);
    setPairRule(store, classId, ana, bo, null);
    expect(kinds()).toEqual(['apart 3']);
    setPairRule(store, classId, ana, bo, 'apart');
    expect(rulesOf(store.records, classId).map(({ order }) => order)).toEqual([3, 4]);
  });
});

describe('a lineup', () => {
  test('is renamed, opened, used and pinned by itself, and others stay as they are', () => {
    const { store, classId, ids, lineup } = dealt();
    const other = createLineup(store, classId, 'Week 2', lineup.id);
    const before = there(lineupById(store.records, other));
    openLineup(store, classId, lineup.id);
    renameLineup(store, lineup.id, 'Bank walk');
    setUsed(store, lineup.id, DAY);
    setPinned(store, lineup.id, [there(ids[0]), there(ids[1])], true);
    setPinned(store, lineup.id, [there(ids[0]), there(ids[2])], true);
    setPinned(store, lineup.id, [there(ids[1])], false);
    const now = () => there(lineupById(store.records, lineup.id));
    expect(now()).toMatchObject({ name: 'Bank walk', pinned: [ids[0], ids[2]] });
    expect(now().used).toEqual({ on: DAY, here: ids, again: [] });
    expect(lineupById(store.records, other)).toEqual(before);
    expect(there(store.records.get('class', classId)).openLineupId).toBe(lineup.id);
    setUsed(store, lineup.id, null);
    expect(now().used).toBeNull();
  });

  test('opening the one that is open writes nothing', () => {
    const { store, classId, lineup } = dealt();
    let changes = 0;
    store.records.listen(() => (changes += 1));
    openLineup(store, classId, lineup.id);
    expect(changes).toBe(0);
  });

  test('begins with the usual recipe of its class where there is one', () => {
    const { store, classId, lineup } = dealt();
    const usual = { ...PLAIN_RECIPE, sizing: { by: 'count', count: 3 } } as const;
    setUsualRecipe(store, classId, usual);
    changeRecipe(store, lineup.id, { sizing: { by: 'atMost', size: 2 } });
    const recipeOf = (id: typeof lineup.id) => there(lineupById(store.records, id)).recipe;
    expect(recipeOf(createLineup(store, classId, 'Week 2', lineup.id))).toEqual(usual);
    setUsualRecipe(store, classId, null);
    expect(recipeOf(createLineup(store, classId, 'Week 3', lineup.id))).toEqual(
      recipeOf(lineup.id),
    );
  });

  test('a recipe is kept once under each name', () => {
    const { store, classId } = crew('Ana');
    const saved = (name: string, title: string) => ({
      ...{ name, detailNames: { d: title } },
      recipe: PLAIN_RECIPE,
    });
    const names = (): string[] =>
      there(store.records.get('class', classId)).savedRecipes.map(
        (one) => `${one.name} ${String(one.detailNames.d)}`,
      );
    saveRecipe(store, classId, saved('Mixed', 'level'));
    saveRecipe(store, classId, saved('Alike', 'level'));
    saveRecipe(store, classId, saved('Mixed', 'experience'));
    expect(names()).toEqual(['Alike level', 'Mixed experience']);
    removeSavedRecipe(store, classId, 'Alike');
    expect(names()).toEqual(['Mixed experience']);
  });

  test('a role that is wished for is given at once; one that is removed is nobody’s and no recipe’s', () => {
    const { store, classId, ids, lineup, take } = dealt();
    setRoles(store, classId, ['speaker', 'clock']);
    const holders = (role: string) => take().groups.map(({ roles }) => roles[role] ?? null);
    const asked = () => there(lineupById(store.records, lineup.id)).recipe.roles;
    wishRole(
      store,
      lineup.id,
      'speaker',
      'random',
      new Map([
        [0, there(ids[0])],
        [1, there(ids[3])],
      ]),
    );
    wishRole(store, lineup.id, 'clock', 'first', new Map([[0, there(ids[1])]]));
    expect(holders('speaker')).toEqual([ids[0], ids[3]]);
    expect(holders('clock')).toEqual([ids[1], null]);
    wishRole(store, lineup.id, 'speaker', 'turns', new Map([[0, there(ids[2])]]));
    expect(asked().map(({ role }) => role)).toEqual(['speaker', 'clock']);
    expect(JSON.stringify(asked()[0])).toContain('turns');
    expect(holders('speaker')).toEqual([ids[2], ids[3]]);
    removeRole(store, lineup.id, 'speaker');
    expect(there(store.records.get('class', classId)).roles).toEqual(['clock']);
    expect(asked().map(({ role }) => role)).toEqual(['clock']);
    expect(holders('speaker')).toEqual([null, null]);
    expect(holders('clock')).toEqual([ids[1], null]);
    wishRole(store, lineup.id, 'clock', null, new Map());
    expect(asked()).toEqual([]);
  });
});

describe('parts of a class', () => {
  test('are changed by themselves: a section’s name, who teaches, what groups are called', () => {
    const { store, classId } = crew('Ana');
    const [north, south] = ['North', 'South'].map((name) => addSection(store, classId, name));
    renameSection(store, classId, there(south), 'South bank');
    const now = () => there(store.records.get('class', classId));
    expect(now().sections.map(({ id, name, sign }) => [id, name, sign])).toEqual([
      [north, 'North', 0],
      [south, 'South bank', 1],
    ]);
    setStaff(store, classId, [{ name: 'Oda Lind' }] as never);
    setGroupWords(store, classId, ['Alder', 'Sedge']);
    expect(now()).toMatchObject({ staff: [{ name: 'Oda Lind' }], groupNames: ['Alder', 'Sedge'] });
    setGroupWords(store, classId, []);
    expect(now().groupNames).toEqual([]);
  });

  test('a detail of another kind has its values said in that kind, and those of other classes stay', () => {
    const { store, classId, ids, of } = crew('Ana Bo');
    addDetail(store, classId, { name: 'paces', kind: 'category', levels: [] } as never);
    const detail = there(there(store.records.get('class', classId)).details[0]);
    setDetail(store, [there(ids[0])], detail.id, '12');
    editDetail(store, classId, detail.id, { kind: 'number' }, Number);
    expect(ids.map((id) => of(id).details[detail.id])).toEqual([12, undefined]);
    expect(there(store.records.get('class', classId)).details).toMatchObject([
      { name: 'paces', kind: 'number' },
    ]);
  });
});

test('a choice is remembered for its class, or everywhere, and is no step', () => {
  const { store, classId } = crew('Ana');
  const usual = chosen(store, NAMES_SHOWN, classId);
  choose(store, NAMES_SHOWN, null, 'initial');
  expect(chosen(store, NAMES_SHOWN, classId)).toBe(usual);
  choose(store, NAMES_SHOWN, classId, 'whole');
  expect(chosen(store, NAMES_SHOWN, classId)).toBe('whole');
  expect(store.history.undo(classId)).toBe('addStudents');
});

test('text in a box is found again, one box for each thing, and emptied it is kept no longer', () => {
  const { store, classId } = crew('Ana');
  keepDraft(store, { of: 'paste', classId }, 'Bo');
  keepDraft(store, { of: 'past', classId }, 'Week 1');
  expect(draftText(store, { of: 'paste', classId })).toBe('Bo');
  keepDraft(store, { of: 'paste', classId }, '');
  expect(store.records.all('draft').map(({ text }) => text)).toEqual(['Week 1']);
  expect(store.history.undo(classId)).toBe('addStudents');
});

describe('what is asked of a class', () => {
  test('is of that class alone, in the order that it has', () => {
    const { store, classId, ids, lineup, take } = dealt();
    const other = createClass(store, 'Lecture', 'Week 9');
    addStudent(store, other, { name: 'Zoe', email: '' });
    const undealt = createLineup(store, classId, 'Week 2', null);
    expect(lineupsOf(store.records, classId).map(({ name }) => name)).toEqual(['Week 1', 'Week 2']);
    expect(groupsOfLineups(store.records, classId)).toEqual({
      [lineup.id]: [ids.slice(0, 3), ids.slice(3)],
    });
    expect(groupsOfLineups(store.records, other)).toEqual({});
    expect(seriesOf(store.records, classId)).toEqual([]);
    expect(activitiesOf(store.records, other)).toEqual([]);
    changePlan(store, lineup.id, () => ({ instructions: 'Boots.' }));
    changePlan(store, undealt, () => ({ instructions: 'Nets.' }));
    expect(
      plansBefore(store.records, classId, undealt).map(({ plan }) => plan.instructions),
    ).toEqual(['Boots.']);
    expect(plansBefore(store.records, classId, lineup.id)).toEqual([]);
    expect(there(plansBefore(store.records, classId, undealt)[0]).groups).toBe(take().groups);
    for (const student of [ids[1], ids[0]]) {
      keepDraw(store, classId, {
        ...{ of: 'student', students: [{ id: there(student), round: 1 }], group: null },
      });
    }
    expect(drawsOf(store.records, classId)).toHaveLength(2);
    expect(drawsOf(store.records, other)).toEqual([]);
  });

  test('counts turns and partners of every lineup that was used, but of the one that is looked at', () => {
    const { store, classId, ids, lineup } = dealt();
    const next = createLineup(store, classId, 'Week 2', lineup.id);
    addTake(store, next, 2, there(store.records.all('take')[0]).groups);
    expect(turnsBeside(store.records, classId, next)).toEqual([]);
    setTakesPart(store, [there(ids[5])], false, DAY);
    setUsed(store, lineup.id, DAY);
    const [groups] = turnsBeside(store.records, classId, next);
    expect(there(groups).map(({ studentIds }) => studentIds.length)).toEqual([3, 2]);
    expect(turnsBeside(store.records, classId, lineup.id)).toEqual([]);
    expect(usedGroupsOf(store.records, classId)).toEqual([
      { lineupId: lineup.id, on: DAY, groups: [ids.slice(0, 3), ids.slice(3, 5)] },
    ]);
    expect(rollOfLineup(store.records, next, NEXT_DAY).every(({ here }) => here)).toBe(true);
    expect(
      rollOfLineup(store.records, lineup.id, NEXT_DAY).filter(({ here }) => !here),
    ).toMatchObject([{ name: 'Fay' }]);
  });
});

test('students are placed in the groups that are named for them, and a locked group stays locked', () => {
  const { store, ids, take, rows } = dealt();
  lockGroup(store, take().id, 1, true);
  placeStudents(
    store,
    take().id,
    new Map([
      [there(ids[0]), 1],
      [there(ids[5]), 0],
    ]),
  );
  expect(rows()).toEqual(['Bo Caro Fay', 'Dov Eli Ana']);
  expect(take().groups.map(({ locked }) => locked)).toEqual([false, true]);
});

describe('a sign that is chosen for a group', () => {
  function given() {
    const made = dealt();
    const { store, classId, lineup, ids } = made;
    addTake(store, lineup.id, 2, there(store.records.all('take')[0]).groups);
    const activity = createActivity(store, classId, lineup.id, { name: 'Report' });
    setWork(store, activity, ['0'], 'mark', () => ({ points: 7 }));
    setActivityGroups(store, activity, {
      groups: there(activityById(store.records, activity)).groups,
      splits: { [there(ids[0])]: { key: '1', first: 0.5 } },
      settled: { [there(ids[1])]: '0', [there(ids[2])]: '' },
    });
    changePlan(store, lineup.id, () => ({
      places: { '0': 'Ford', '1': 'Weir' },
      cards: { '0': { text: 'Width and depth', picture: null } },
      leads: { '1': { adultId: null, periodId: null, locked: true } },
    }));
    const signs = () =>
      store.records
        .all('take')
        .map(({ groups }) => groups.map(({ name, sign }) => `${name}${String(sign)}`));
    const plan = () => there(planOf(store.records, lineup.id));
    return { ...made, activity, signs, plan };
  }

  test('brings along what is kept by it: place, card, lead and marks, in every take', () => {
    const { store, classId, lineup, ids, activity, signs, plan } = given();
    const before = [...store.records.every()];
    chooseSign(store, lineup.id, 0, 5);
    expect(signs()).toEqual([
      ['A5', 'B1'],
      ['A5', 'B1'],
    ]);
    expect(plan()).toMatchObject({
      places: { '5': 'Ford', '1': 'Weir' },
      cards: { '5': { text: 'Width and depth' } },
    });
    const now = there(activityById(store.records, activity));
    expect(now.groups?.map(({ key, sign }) => `${key} ${String(sign)}`)).toEqual(['5 5', '1 1']);
    expect(Object.keys(now.work)).toEqual(['5']);
    expect(now.splits).toEqual({ [there(ids[0])]: { key: '1', first: 0.5 } });
    expect(now.settled).toEqual({ [there(ids[1])]: '5', [there(ids[2])]: '' });
    expect(store.history.undo(classId)).toBe('chooseSign');
    expect([...store.records.every()]).toEqual(before);
  });

  test('is changed for that of the group that had it', () => {
    const { store, lineup, signs, plan } = given();
    chooseSign(store, lineup.id, 0, 1);
    expect(signs()[0]).toEqual(['A1', 'B0']);
    expect(plan().places).toEqual({ '1': 'Ford', '0': 'Weir' });
    expect(Object.keys(plan().leads)).toEqual(['0']);
  });

  test('stays where a service knows the groups by it, and touches no other lineup', () => {
    const { store, classId, lineup, signs, take } = given();
    const other = createLineup(store, classId, 'Week 2', null);
    addTake(store, other, 3, take().groups);
    chooseSign(store, lineup.id, 0, 4);
    expect(signs()).toEqual([
      ...[
        ['A4', 'B1'],
        ['A4', 'B1'],
      ],
      ['A0', 'B1'],
    ]);
    const service = { address: 'x', arrived: 6, refused: [], session: null };
    keepReceipt(
      store,
      lineup.id,
      { to: 'rooms', did: 'sent', file: '', addresses: true, service },
      DAY,
    );
    chooseSign(store, lineup.id, 4, 0);
    expect(signs()[0]).toEqual(['A4', 'B1']);
  });
});
