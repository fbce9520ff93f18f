import { emptyClass } from '../schema/classRecord';
import { ClassId, LineupId, StudentId } from '../schema/ids';
import { newLineup } from '../schema/lineup';
import { emptyScene, sceneIdFor } from '../schema/scene';
import { newGroup } from '../schema/take';
import { NAMES_SHOWN } from '../schema/shownNames';
import { addAdult, editAdult } from './actions/adults';
import { choose } from './actions/drafts';
import { deleteLineup } from './actions/lineups';
import { addStudent, deleteStudent } from './actions/students';
import {
  changePlan,
  conduct,
  keepDraw,
  keepExperts,
  showLineup,
  takeBackDraw,
} from './actions/stage';
import { addTake, moveStudents } from './actions/takes';
import { drawsOf, lineupsOf, planOf, shownTake } from './queries';
import { storeWith } from './testStore';

const MOMENT = '2026-10-15T09:00:00.000Z';
const classId = ClassId.parse('c_crew');
const homeId = LineupId.parse('l_home');
const ana = StudentId.parse('s_ana');
const groups = [newGroup('Alder', 0, [ana]), newGroup('Sedge', 1, [])];

function given() {
  const store = storeWith([
    { ...emptyClass(classId, 'Crew', MOMENT), openLineupId: homeId },
    newLineup(homeId, classId, 'Week 1', MOMENT),
  ]);
  const scene = () => store.records.get('scene', sceneIdFor(classId));
  return { store, scene };
}

test('a change of the stage keeps the rest of it, and is no step to undo', () => {
  const { store, scene } = given();
  conduct(store, classId, () => ({ show: 'byName' }));
  conduct(store, classId, ({ turn }) => ({ turn: turn + 1 }));
  expect(scene()).toEqual({ ...emptyScene(classId), show: 'byName', turn: 1 });
  expect(store.history.nextUndo(classId)).toBeNull();
});

test('what is shown is a copy, groups and what they do: later changes and deletions reach it no further than they must', () => {
  const { store, scene } = given();
  showLineup(store, homeId, '2026-10-15');
  expect(scene()).toBeUndefined();
  addTake(store, homeId, 1, groups);
  changePlan(store, homeId, () => ({ instructions: 'Boots.' }));
  keepExperts(store, homeId, 'Experts', 7, groups);
  conduct(store, classId, () => ({ reveal: { by: 'name', shown: 3 } }));
  showLineup(store, homeId, '2026-10-15');
  changePlan(store, homeId, () => ({ instructions: 'Nets.' }));
  moveStudents(store, shownTake(store.records, homeId)!.id, [ana], 1);
  expect(scene()).toMatchObject({
    held: {
      ...{ lineupId: homeId, on: '2026-10-15', groups, experts: groups },
      plan: { instructions: 'Boots.' },
    },
    reveal: { by: 'name', shown: 0 },
  });
  deleteStudent(store, ana);
  expect(scene()?.held?.groups.map(({ studentIds }) => studentIds)).toEqual([[], []]);
  expect(scene()?.held?.experts?.map(({ studentIds }) => studentIds)).toEqual([[], []]);
  deleteLineup(store, homeId);
  expect(scene()?.held).toBeNull();
});

test('a plan is made with its first word, changed as one step each, and undone', () => {
  const { store } = given();
  changePlan(store, homeId, () => ({ instructions: 'Boots.' }));
  changePlan(store, homeId, ({ places }) => ({ places: { ...places, '0': 'Ford' } }));
  expect(planOf(store.records, homeId)).toMatchObject({
    instructions: 'Boots.',
    places: { '0': 'Ford' },
  });
  expect(store.records.all('plan')).toHaveLength(1);
  store.history.undo(classId);
  expect(planOf(store.records, homeId)?.places).toEqual({});
  store.history.undo(classId);
  expect(planOf(store.records, homeId)).toBeUndefined();
});

test('a draw is kept and shown; taken back, it has not been', () => {
  const { store, scene } = given();
  keepDraw(store, classId, { of: 'student', students: [{ id: ana, round: 1 }], group: null });
  const [draw] = drawsOf(store.records, classId);
  expect(scene()).toMatchObject({ show: 'pick', drawId: draw?.id });
  takeBackDraw(store, classId, drawsOf(store.records, classId));
  expect(drawsOf(store.records, classId)).toEqual([]);
  expect(scene()?.drawId).toBeNull();
  takeBackDraw(store, classId, []);
  store.history.undo(classId);
  expect(drawsOf(store.records, classId)).toEqual([draw]);
});

test('expert groups are a lineup of their own, linked with their home, in one step; the home stays open', () => {
  const { store } = given();
  keepExperts(store, homeId, 'Experts', 7, groups);
  const experts = planOf(store.records, homeId)?.expertsId;
  expect(lineupsOf(store.records, classId).map(({ name }) => name)).toEqual(['Week 1', 'Experts']);
  expect(shownTake(store.records, experts ?? homeId)?.groups).toEqual(groups);
  expect(store.records.get('class', classId)?.openLineupId).toBe(homeId);
  deleteLineup(store, experts ?? homeId);
  expect(planOf(store.records, homeId)?.expertsId).toBeNull();
  store.history.undo(classId);
  expect(planOf(store.records, homeId)?.expertsId).toBe(experts);
  store.history.undo(classId);
  expect(lineupsOf(store.records, classId)).toHaveLength(1);
  expect(planOf(store.records, homeId)).toBeUndefined();
});

test('with what is shown goes what it was called: those in groups and those who lead one, and nobody besides', () => {
  const { store, scene } = given();
  const add = (name: string): StudentId =>
    addStudent(store, classId, { name, email: `${name}@school.example.org` });
  const [bo, caro, dov] = [add('Bo'), add('Caro'), add('Dov')];
  addTake(store, homeId, 1, [newGroup('Alder', 0, [bo])]);
  keepExperts(store, homeId, 'Experts', 7, [newGroup('Experts', 0, [caro])]);
  const [noor, sol] = [
    addAdult(store, classId, { name: 'Noor' }),
    addAdult(store, classId, { name: 'Sol' }),
  ];
  editAdult(store, noor, { room: 'B1', email: 'noor@school.example.org', never: [dov] });
  changePlan(store, homeId, () => ({
    leads: { '0': { adultId: noor, periodId: null, locked: false } },
  }));
  choose(store, NAMES_SHOWN, classId, 'whole');
  showLineup(store, homeId, '2026-10-15');
  expect(scene()?.held?.as).toEqual({
    ...{ className: 'Crew', lineup: 'Week 1', names: 'whole', roles: true, periods: [] },
    students: [
      { id: bo, name: 'Bo', givenName: '', familyName: '', preferredName: '' },
      { id: caro, name: 'Caro', givenName: '', familyName: '', preferredName: '' },
    ],
    adults: [{ id: noor, name: 'Noor', room: 'B1' }],
  });
  expect(JSON.stringify(scene())).not.toMatch(new RegExp(`${sol}|${dov}|@school`));
  deleteStudent(store, bo);
  expect(scene()?.held?.as?.students.map(({ id }) => id)).toEqual([caro]);
});
