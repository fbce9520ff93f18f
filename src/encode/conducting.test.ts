import { emptyScene, type SceneRecord } from '../schema/scene';
import { ClassId } from '../schema/ids';
import {
  addTime,
  clockOf,
  clockState,
  clockUntil,
  leftOf,
  MINUTE_MS,
  pressClock,
  revealNext,
  scenesFor,
  secondsShown,
  seenIn,
  stepsOf,
  toTurn,
} from './conducting';
import type { PublicLineup, PublicPlan } from './publicLineup';

const NOW = 1_800_000_000_000;
const scene = emptyScene(ClassId.parse('c_1'));
const after = (from: SceneRecord, change: Partial<SceneRecord>): SceneRecord => ({
  ...from,
  ...change,
});
const clockIn = ({ clock }: SceneRecord) => {
  if (!clock) throw new Error('expected a clock');
  return clock;
};

describe('the clock', () => {
  test('runs out when something else does, and is taken away with it', () => {
    const until = after(scene, clockUntil(scene, NOW + 90_000, NOW));
    expect([secondsShown(clockIn(until), NOW), clockIn(until).lengthMs]).toEqual([90, 90_000]);
    expect(clockState(clockIn(until), NOW + 90_000)).toBe('over');
    expect(after(until, clockUntil(until, null, NOW)).clock).toBeNull();
  });

  const set = after(scene, clockOf(scene, 3 * MINUTE_MS));
  const running = after(set, pressClock(set, NOW));

  test('runs by the clock of the machine, so that a reload a minute later finds a minute less', () => {
    const reread = JSON.parse(JSON.stringify(running)) as SceneRecord;
    expect(secondsShown(clockIn(reread), NOW + 61_000)).toBe(119);
    expect(clockState(clockIn(reread), NOW + 61_000)).toBe('running');
    expect(clockState(clockIn(reread), NOW + 2 * MINUTE_MS)).toBe('warning');
    expect(clockState(clockIn(reread), NOW + 3 * MINUTE_MS)).toBe('over');
    expect(leftOf(clockIn(reread), NOW + 9 * MINUTE_MS)).toBe(0);
  });

  test('pauses where it is, goes on from there, and from the start once it has run out', () => {
    const paused = after(running, pressClock(running, NOW + 50_000));
    expect(secondsShown(clockIn(paused), NOW + 5 * MINUTE_MS)).toBe(130);
    const on = after(paused, pressClock(paused, NOW + 5 * MINUTE_MS));
    expect(secondsShown(clockIn(on), NOW + 5 * MINUTE_MS + 10_000)).toBe(120);
    const again = after(running, pressClock(running, NOW + 4 * MINUTE_MS));
    expect(secondsShown(clockIn(again), NOW + 4 * MINUTE_MS)).toBe(180);
  });

  test('takes a minute more or less, running or not, and goes on where it had run out', () => {
    const more = after(running, addTime(running, MINUTE_MS, NOW + 30_000));
    expect(secondsShown(clockIn(more), NOW + 30_000)).toBe(210);
    const none = after(running, addTime(running, -9 * MINUTE_MS, NOW));
    expect(clockState(clockIn(none), NOW)).toBe('over');
    const late = after(running, addTime(running, MINUTE_MS, NOW + 5 * MINUTE_MS));
    expect(secondsShown(clockIn(late), NOW + 5 * MINUTE_MS)).toBe(60);
    const still = after(set, addTime(set, 2 * MINUTE_MS, NOW));
    expect(clockIn(still)).toMatchObject({ lengthMs: 5 * MINUTE_MS, endsAt: null });
    expect(clockIn(after(set, addTime(set, -9 * MINUTE_MS, NOW))).leftMs).toBe(MINUTE_MS);
  });
});

describe('turns', () => {
  const turns = { kind: 'stations', stations: [], minutes: 12, table: [[0], [1], [2]] } as const;
  const plan: PublicPlan = { instructions: '', turns };

  test('go no further than the last and no further back than the first; each starts its clock', () => {
    const second = after(scene, toTurn(scene, plan, 1, NOW));
    expect(second.turn).toBe(1);
    expect(secondsShown(clockIn(second), NOW)).toBe(12 * 60);
    expect(clockIn(second).endsAt).toBe(NOW + 12 * MINUTE_MS);
    const last = after(second, toTurn(second, plan, 9, NOW));
    expect(last.turn).toBe(2);
    // At the end of the turns nothing starts anew.
    expect(toTurn(last, plan, 3, NOW + 5)).toEqual({ turn: 2 });
    expect(toTurn(scene, plan, -1, NOW)).toEqual({ turn: 0 });
  });

  test('without minutes touch no clock', () => {
    expect(toTurn(scene, { ...plan, turns: { ...turns, minutes: null } }, 1, NOW)).toEqual({
      turn: 1,
    });
  });
});

describe('a reveal', () => {
  const lineup: PublicLineup = {
    groups: ['abc', 'de', 'f', ''].map((names, sign) => ({
      name: `Group ${sign}`,
      sign,
      ...{ place: '', text: '', picture: null },
      members: names.split('').map((name) => ({ name, roles: [] })),
    })),
  };

  test('by name goes seat by seat through the groups, whoever sits there, and ends with all', () => {
    let now = after(scene, { reveal: { by: 'name', shown: 0 } });
    const seen = [seenIn(now, lineup)];
    while (now.reveal) {
      now = after(now, revealNext(now, lineup));
      seen.push(seenIn(now, lineup));
    }
    expect(seen.map((counts) => counts.join(''))).toEqual([
      '0000',
      '1000',
      '1100',
      '1110',
      '2110',
      '2210',
      '3210',
    ]);
  });

  test('by group shows whole groups, and one press more than groups changes nothing', () => {
    expect(stepsOf('group', lineup)).toBe(4);
    const two = after(scene, { reveal: { by: 'group', shown: 2 } });
    expect(seenIn(two, lineup)).toEqual([3, 2, 0, 0]);
    expect(revealNext(scene, lineup)).toEqual({});
  });
});

test('scenes are offered where there is something to show', () => {
  const nothing: PublicPlan = { instructions: ' ', turns: null };
  expect(scenesFor(nothing, false)).toEqual(['byGroup', 'byName', 'clock', 'pick']);
  const turns = { kind: 'meet', stations: [], minutes: null, table: [] } as const;
  expect(scenesFor({ instructions: 'Go.', turns }, true)).toEqual([
    ...['byGroup', 'byName', 'instructions', 'clock', 'stations', 'jigsaw', 'pick'],
  ]);
});

test('a clock that stands is still, until it has nothing left', () => {
  const stands = after(scene, clockOf(scene, MINUTE_MS));
  expect(clockState(clockIn(stands), NOW)).toBe('still');
  expect(clockState({ ...clockIn(stands), leftMs: 0 }, NOW)).toBe('over');
});
