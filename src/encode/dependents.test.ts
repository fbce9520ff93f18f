import { newActivity } from '../schema/activity';
import { ActivityId, ClassId, LineupId, PlanId, ReceiptId, SceneId, SeriesId } from '../schema/ids';
import { newLineup, type LineupRecord } from '../schema/lineup';
import { emptyPlan } from '../schema/plan';
import { PLAIN_RECIPE } from '../schema/recipe';
import type { ReceiptRecord } from '../schema/receipt';
import { newSeatSession } from '../schema/seatSession';
import { daysAhead, dependentsOf, type Around } from './dependents';

const classId = ClassId.parse('c');
const MOMENT = '2026-10-15T09:00:00.000Z';
const lineup = (name: string, known: Partial<LineupRecord> = {}): LineupRecord => ({
  ...newLineup(LineupId.parse(name), classId, name, MOMENT),
  ...known,
});
const receipt = (of: string, to: string, at: string): ReceiptRecord => ({
  ...{ record: 'receipt', id: ReceiptId.parse(`${of} ${to} ${at}`), classId, takeId: null },
  ...{ lineupId: LineupId.parse(of), takeNumber: 1, to, at: `${at}T10:00:00.000Z`, file: '' },
  ...{ did: to === 'csv' ? 'saved' : 'sent', addresses: false, groups: [], service: null },
});
const around = (own: LineupRecord, known: Partial<Around> = {}): Around => ({
  ...{ lineup: own, lineups: [own], plans: [], receipts: [], scenes: [], seatSessions: [] },
  activities: [],
  ...known,
});

test('nothing hangs on a draft that was only tried', () => {
  expect(dependentsOf(around(lineup('Week 1')))).toEqual([]);
});

test('days it was used on, days ahead, and days that are done are told apart', () => {
  const seriesId = SeriesId.parse('se');
  const planned = { seriesId, on: '2026-10-15', also: ['2026-10-22', '2026-10-29'] };
  const one = lineup('Week 1', {
    planned,
    used: { on: '2026-10-15', here: null, again: [{ on: '2026-10-22', here: null }] },
  });
  expect(dependentsOf(around(one))).toEqual([
    { kind: 'used', days: ['2026-10-15', '2026-10-22'] },
    { kind: 'ahead', days: ['2026-10-29'] },
  ]);
  expect(daysAhead(lineup('Week 2', { planned }))).toEqual([planned.on, ...planned.also]);
});

test('lineups linked with it in either direction, and those dealt out of its groups', () => {
  const [home, experts, pairs] = [lineup('Home'), lineup('Experts'), lineup('Pairs')];
  const plan = { ...emptyPlan(PlanId.parse('p'), classId, home.id), expertsId: experts.id };
  const who = { of: 'groups' as const, lineupId: home.id, groups: [0] };
  const lineups = [home, experts, { ...pairs, recipe: { ...PLAIN_RECIPE, who } }];
  const plans = [plan];
  expect(dependentsOf(around(home, { lineups, plans }))).toEqual([
    { kind: 'experts', names: ['Experts'] },
    { kind: 'dealtFrom', names: ['Pairs'] },
  ]);
  expect(dependentsOf(around(experts, { lineups, plans }))).toEqual([
    { kind: 'homes', names: ['Home'] },
  ]);
});

test('activities that are worked in its groups, by name', () => {
  const [one, other] = [lineup('Week 1'), lineup('Week 2')];
  const activity = (name: string, of: LineupRecord) =>
    newActivity(ActivityId.parse(name), classId, of.id, name, MOMENT);
  const activities = [activity('Report', one), activity('Poster', other)];
  expect(dependentsOf(around(one, { activities }))).toEqual([
    { kind: 'activities', names: ['Report'] },
  ]);
});

test('what was handed off of it, the newest of each service, and not what was of another lineup', () => {
  const receipts = [
    receipt('Week 1', 'rooms', '2026-10-20'),
    receipt('Week 1', 'csv', '2026-10-19'),
    receipt('Week 1', 'rooms', '2026-10-16'),
    receipt('Week 2', 'channels', '2026-10-16'),
  ];
  expect(dependentsOf(around(lineup('Week 1'), { receipts }))).toEqual([
    { kind: 'rooms', on: '2026-10-20' },
    { kind: 'copies' },
  ]);
});

test('what the class sees of it now', () => {
  const held = { lineupId: LineupId.parse('Week 1'), on: '2026-10-20', groups: [], plan: null };
  const scene = {
    record: 'scene',
    id: SceneId.parse('sc'),
    classId,
    held: { ...held, experts: null },
  };
  const scenes = [scene as unknown as Around['scenes'][number]];
  expect(dependentsOf(around(lineup('Week 1'), { scenes }))).toEqual([{ kind: 'stage' }]);
  expect(dependentsOf(around(lineup('Week 2'), { scenes }))).toEqual([]);
});

test('a choosing hangs on its lineup while it is open', () => {
  const own = lineup('Week 1');
  const prepared = newSeatSession(classId, own.id, []);
  const at = '2026-10-15T10:00:00.000Z';
  const open = {
    ...prepared,
    opened: { ...{ key: 'k', sessionId: 's', code: 'c', at }, slips: [], guarded: false },
  };
  const hangs = (session: typeof prepared) =>
    dependentsOf(around(own, { seatSessions: [session] })).map(({ kind }) => kind);
  expect(hangs(prepared)).toEqual([]);
  expect(hangs(open)).toEqual(['seats']);
  expect(hangs({ ...open, closedAt: at })).toEqual([]);
});
