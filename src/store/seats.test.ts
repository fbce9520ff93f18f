import { ClassId, LineupId, SeatSessionId, StudentId } from '../schema/ids';
import { emptyClass } from '../schema/classRecord';
import { newLineup } from '../schema/lineup';
import { newSeatSession, type SeatSessionRecord } from '../schema/seatSession';
import { newStudent } from '../schema/student';
import { newGroup } from '../schema/take';
import {
  beginSeats,
  changeSeats,
  chooseAgain,
  keepSeats,
  prepareSeats,
  takePartners,
  takeSeats,
  takeTopics,
} from './actions/seats';
import { runningSeatSessions, seatSessionOf, shownTake } from './queries';
import { storeWith } from './testStore';

const MOMENT = '2026-11-27T10:00:00.000Z';
const classId = ClassId.parse('c');
const lineupId = LineupId.parse('l');
const [ana, bo] = ['ana', 'bo'].map((id) => StudentId.parse(id)) as [StudentId, StudentId];
const GROUPS = [0, 1].map((sign) => ({
  ...{ id: `g${sign + 1}`, sign, name: `Team ${sign}`, topic: '', seats: 2, least: 0, staying: [] },
}));
const OPENED = {
  ...{ key: 'k', sessionId: 's', code: 'abc234', at: MOMENT, guarded: false },
  slips: [ana, bo].map((studentId, at) => ({
    ...{ id: `p${at + 1}`, studentId, pin: '12345', secret: 'a secret' },
  })),
};

function given(more: Partial<SeatSessionRecord> = {}) {
  const session = {
    ...newSeatSession(classId, lineupId, GROUPS),
    id: SeatSessionId.parse('ss'),
    opened: OPENED,
    ...more,
  };
  const store = storeWith([
    emptyClass(classId, 'Crew', MOMENT),
    newLineup(lineupId, classId, 'Week 1', MOMENT),
    ...[ana, bo].map((id, order) => newStudent(id, classId, order, { name: id, email: '' })),
    session,
  ]);
  return { store, session, lineup: () => store.records.get('lineup', lineupId) };
}

test('a lineup has one choosing, however often it is prepared', () => {
  const { store } = given();
  prepareSeats(store, lineupId, GROUPS);
  expect(store.records.all('seatSession')).toHaveLength(1);
});

test('what students did is no step to undo, what the teacher set is one', () => {
  const { store, session } = given();
  changeSeats(store, session.id, () => ({ minutes: 10 }));
  keepSeats(store, session.id, { seats: { p1: 'g2' } });
  store.history.undo();
  expect(seatSessionOf(store.records, lineupId)).toMatchObject({
    ...{ minutes: 5, seats: { p1: 'g2' } },
  });
});

test('once it is open no undo reaches it', async () => {
  const { store, session } = given({ opened: null });
  changeSeats(store, session.id, () => ({ minutes: 10 }));
  await beginSeats(store, session.id, { opened: OPENED, groups: GROUPS });
  for (let i = 0; i < 3; i++) store.history.undo();
  expect(seatSessionOf(store.records, lineupId)).toMatchObject({ opened: OPENED, minutes: 10 });
  expect(store.records.all('seatSession')).toHaveLength(1);
});

test('only what is open to students runs', () => {
  const { store, session } = given();
  expect(runningSeatSessions(store.records)).toHaveLength(1);
  keepSeats(store, session.id, { closedAt: MOMENT });
  expect(runningSeatSessions(store.records)).toHaveLength(0);
  keepSeats(store, session.id, { closedAt: null, opened: { ...OPENED, sessionId: '' } });
  expect(runningSeatSessions(store.records)).toHaveLength(0);
});

test('groups that were chosen become a take, and one undo takes both back', () => {
  const { store, session } = given({ closedAt: MOMENT });
  takeSeats(store, session, 3, [newGroup('Team 0', 0, [ana]), newGroup('Team 1', 1, [bo])]);
  expect(shownTake(store.records, lineupId)).toMatchObject({ number: 1, seed: 3 });
  expect(seatSessionOf(store.records, lineupId)?.takenAt).not.toBeNull();
  store.history.undo();
  expect(shownTake(store.records, lineupId)).toBeUndefined();
  expect(seatSessionOf(store.records, lineupId)?.takenAt).toBeNull();
});

test('partners named become wishes that the recipe looks at', () => {
  const { store, session, lineup } = given({ kind: 'partners' });
  takePartners(store, session, new Map([[ana, [bo, ana]]]));
  expect(store.records.get('student', ana)?.wishes).toEqual([bo]);
  expect(store.records.get('student', bo)?.wishes).toEqual([]);
  expect(lineup()?.recipe.wishes).toBe('plain');
});

test('ranks are kept by the signs of groups, with sizes that suit them', () => {
  const { store, session, lineup } = given({ kind: 'topics', wishes: { p2: ['g2', 'g1'] } });
  takeTopics(store, session, [0, 2]);
  expect(lineup()).toMatchObject({
    ranks: { [bo]: [1, 0] },
    recipe: { topics: 'most', sizing: { by: 'sizes', sizes: [0, 2] }, dealing: { by: 'shuffle' } },
  });
  takeTopics(store, session, [1, 2]);
  expect(lineup()?.recipe.sizing).toEqual({ by: 'count', count: 2 });
});

test('choosing anew forgets who sat where and keeps the groups', () => {
  const { store, session } = given({ closedAt: MOMENT, seats: { p1: 'g1' } });
  chooseAgain(store, session.id);
  expect(seatSessionOf(store.records, lineupId)).toMatchObject({
    ...{ opened: null, seats: {}, closedAt: null, groups: GROUPS },
  });
});
