import type { Clock, SceneName, SceneRecord } from '../schema/scene';
import type { PublicLineup, PublicPlan } from './publicLineup';

export const MINUTE_MS = 60_000;
const USUAL_CLOCK: Clock = {
  ...{ lengthMs: 10 * MINUTE_MS, leftMs: 10 * MINUTE_MS },
  ...{ endsAt: null, warnMs: MINUTE_MS, sound: false },
};

/** Every scene for which there is something to show. */
export function scenesFor(plan: PublicPlan, hasExperts: boolean): readonly SceneName[] {
  return [
    ...(['byGroup', 'byName'] as const),
    ...(plan.instructions.trim() === '' ? [] : (['instructions'] as const)),
    'clock',
    ...(plan.turns === null ? [] : (['stations'] as const)),
    ...(hasExperts ? (['jigsaw'] as const) : []),
    'pick',
  ];
}

/** What is left of a clock at a moment, in ms, never below 0. */
export function leftOf(clock: Clock, now: number): number {
  return Math.max(0, clock.endsAt === null ? clock.leftMs : clock.endsAt - now);
}

/** Whether a clock stands still, runs, runs out soon, or has run out. */
export function clockState(clock: Clock, now: number): 'still' | 'running' | 'warning' | 'over' {
  const left = leftOf(clock, now);
  if (left === 0) return 'over';
  if (clock.endsAt === null) return 'still';
  return left <= clock.warnMs ? 'warning' : 'running';
}

/** Whole seconds to be read off a clock: it shows 1:00 for the whole of the second before 0:59. */
export function secondsShown(clock: Clock, now: number): number {
  return Math.ceil(leftOf(clock, now) / 1000);
}

/** Sets a clock to a length and lets it stand. */
export function clockOf(scene: SceneRecord, lengthMs: number): Partial<SceneRecord> {
  const clock = scene.clock ?? USUAL_CLOCK;
  return { clock: { ...clock, lengthMs, leftMs: lengthMs, endsAt: null } };
}

/** Starts, pauses, goes on; from the beginning where it has run out. */
export function pressClock(scene: SceneRecord, now: number): Partial<SceneRecord> {
  const clock = scene.clock ?? USUAL_CLOCK;
  const left = leftOf(clock, now);
  if (clock.endsAt !== null && left > 0) return { clock: { ...clock, leftMs: left, endsAt: null } };
  const from = left === 0 ? clock.lengthMs : left;
  return { clock: { ...clock, leftMs: from, endsAt: now + from } };
}

/** A clock that ends at a moment given by something else; null takes it away. */
export function clockUntil(
  scene: SceneRecord,
  endsAt: number | null,
  now: number,
): Partial<SceneRecord> {
  if (endsAt === null) return { clock: null };
  const clock = scene.clock ?? USUAL_CLOCK;
  const leftMs = Math.max(0, endsAt - now);
  return { clock: { ...clock, lengthMs: Math.max(MINUTE_MS, leftMs), leftMs, endsAt } };
}

/** Adds time to what is left, or takes some; a clock that has run out goes on with what is added. */
export function addTime(scene: SceneRecord, ms: number, now: number): Partial<SceneRecord> {
  const clock = scene.clock ?? USUAL_CLOCK;
  const left = Math.max(0, leftOf(clock, now) + ms);
  const running = clock.endsAt !== null;
  return {
    clock: {
      ...clock,
      lengthMs: running ? clock.lengthMs : Math.max(MINUTE_MS, left),
      leftMs: running ? left : Math.max(MINUTE_MS, left),
      endsAt: running ? now + left : null,
    },
  };
}

/** The turn at the stations, and its clock where turns have a length. */
export function toTurn(
  scene: SceneRecord,
  { turns }: PublicPlan,
  turn: number,
  now: number,
): Partial<SceneRecord> {
  const last = Math.max(0, (turns?.table.length ?? 1) - 1);
  const next = Math.min(last, Math.max(0, turn));
  if (!turns?.minutes || next === scene.turn) return { turn: next };
  const length = turns.minutes * MINUTE_MS;
  const set = clockOf(scene, length);
  return { turn: next, ...pressClock({ ...scene, ...set }, now) };
}

/** Whether names are being revealed where the class looks just now. */
export function isRevealing({ reveal, show }: SceneRecord): boolean {
  return reveal !== null && show === 'byGroup';
}

/** Steps of a reveal: groups, or names. */
export function stepsOf(by: 'group' | 'name', { groups }: PublicLineup): number {
  return by === 'group'
    ? groups.length
    : groups.reduce((sum, { members }) => sum + members.length, 0);
}

/** One step on; at the last one all stands there and the reveal is over. */
export function revealNext(scene: SceneRecord, lineup: PublicLineup): Partial<SceneRecord> {
  if (!scene.reveal) return {};
  const shown = scene.reveal.shown + 1;
  return { reveal: shown >= stepsOf(scene.reveal.by, lineup) ? null : { ...scene.reveal, shown } };
}

/**
 * Group → how many of its names are seen. By name they come seat by seat, a name for each group in turn: the order
 * of seats alone, so that nothing can be read from it.
 */
export function seenIn({ reveal }: SceneRecord, { groups }: PublicLineup): readonly number[] {
  if (!reveal) return groups.map(({ members }) => members.length);
  if (reveal.by === 'group') {
    return groups.map(({ members }, row) => (row < reveal.shown ? members.length : 0));
  }
  const seen = groups.map(() => 0);
  let left = reveal.shown;
  const most = Math.max(0, ...groups.map(({ members }) => members.length));
  for (let seat = 0; seat < most; seat++) {
    groups.forEach(({ members }, row) => {
      if (left === 0 || seat >= members.length) return;
      seen[row] = seat + 1;
      left--;
    });
  }
  return seen;
}
