import { rngFromSeed, type Rng } from '../../core/random/rng';
import { uniformInt } from '../../core/random/uniform';
import type { SeatsRequest } from '../../services/seats/contract';
import { PIN_TRIES, SeatState, type KeptSession, type Outcome } from './state';

const NOON = Date.parse('2026-11-27T12:00:00Z');

function request(people: number, seats: readonly number[], more: Partial<SeatsRequest> = {}) {
  return {
    ...{ name: 'River survey', kind: 'seats', endsAt: null, mayChange: true, namesSeen: true },
    ...{ firstLeads: true, most: 3, guarded: false },
    groups: seats.map((count, at) => ({
      ...{ id: `g${at}`, name: `Team ${at}`, sign: at, topic: '', seats: count },
    })),
    people: Array.from({ length: people }, (_, at) => ({
      ...{
        id: `p${at}`,
        name: `Student ${at}`,
        pin: '12345',
        secret: `secret-secret-secret-${at}`,
      },
    })),
    ...more,
  } satisfies SeatsRequest;
}

function session(...given: Parameters<typeof request>): SeatState {
  return new SeatState('s', 'abc234', request(...given), NOON);
}

/** What came of a choice; 'waits' where nothing did yet. */
function ask(state: SeatState, person: string, group: string | null): Outcome | 'waits' {
  let came: Outcome | 'waits' = 'waits';
  state.choose(person, group, (outcome) => (came = outcome));
  return came;
}

const SCHEDULES = 10_000;
const STEPS = 40;

interface Asked {
  readonly person: string;
  readonly group: string | null;
  outcomes: Outcome[];
  takenBack: boolean;
}

/** Runs one schedule of everybody's doings and checks after each that nobody is lost, doubled or too many. */
class Schedule {
  private readonly rng: Rng;
  private readonly state: SeatState;
  private readonly asked: Asked[] = [];
  /** Where each must sit, told by outcomes alone. */
  private readonly expected = new Map<string, string | null>();
  private readonly apart: readonly (readonly [string, string])[];
  private byHand = false;

  constructor(seed: number) {
    this.rng = rngFromSeed(seed);
    const people = 2 + this.draw(6);
    const seats = Array.from({ length: 1 + this.draw(3) }, () => this.draw(4));
    const guarded = this.draw(2) === 0;
    this.state = session(people, seats, { guarded, mayChange: this.draw(4) > 0 });
    this.apart = guarded ? [['p0', 'p1']] : [];
  }

  run(): void {
    for (let step = 0; step < STEPS; step++) {
      const before = this.state.state === 'closed' ? [...this.seats()].join() : null;
      this.step();
      this.check();
      if (before !== null && [...this.seats()].join() !== before) {
        throw new Error('expected no change after the end');
      }
    }
    this.state.patch({ state: 'closed' });
    this.check();
    for (const { outcomes, takenBack } of this.asked) {
      if (outcomes.length !== (takenBack ? 0 : 1)) {
        throw new Error(`expected one answer, received ${outcomes.length}`);
      }
    }
  }

  private draw(count: number): number {
    return uniformInt(this.rng, count);
  }

  private step(): void {
    const { state } = this;
    const { people, groups } = state.request;
    const person = people[this.draw(people.length)]?.id ?? '';
    const group = this.draw(5) === 0 ? null : (groups[this.draw(groups.length)]?.id ?? null);
    const what = this.draw(20);
    if (what < 11) this.choose(person, group);
    else if (what < 16) this.settle();
    else if (what < 17) {
      if (state.move(person, group) === null) {
        this.expected.set(person, group);
        this.byHand = true;
      }
    } else if (what < 18) state.setSeats(groups[this.draw(groups.length)]?.id ?? '', this.draw(5));
    else if (what < 19) state.patch({ state: this.draw(2) === 0 ? 'paused' : 'open' });
    else if (this.draw(6) === 0) state.patch({ state: 'closed' });
  }

  private choose(person: string, group: string | null): void {
    const asked: Asked = { person, group, outcomes: [], takenBack: false };
    this.asked.push(asked);
    const takeBack = this.state.choose(person, group, (outcome) => {
      asked.outcomes.push(outcome);
      if (outcome === null) this.expected.set(person, group);
    });
    // Somebody who hears nothing for long gives up, or asks again.
    if (this.draw(8) === 0) asked.takenBack = takeBack();
  }

  /** The teacher's side says what is closed: sometimes too late. */
  private settle(): void {
    const seats = this.seats();
    const closed: Record<string, string[]> = {};
    for (const [one, two] of this.apart) {
      const [a, b] = [seats.get(one), seats.get(two)];
      Object.assign(closed, { [one]: b ? [b] : [], [two]: a ? [a] : [] });
    }
    const late = this.draw(4) === 0 && this.state.revision > 0;
    if (this.state.settle(this.state.revision - (late ? 1 : 0), closed) === late) {
      throw new Error('expected only what is worked out from the newest seats to count');
    }
  }

  private seats(): Map<string, string | null> {
    const { people } = this.state.request;
    return new Map(people.map(({ id }) => [id, this.state.groupOf(id)]));
  }

  /** Plain throws: half a million matchers would take minutes. */
  private check(): void {
    const seats = this.seats();
    const count = new Map<string | null, number>();
    for (const [id, group] of seats) {
      count.set(group, (count.get(group) ?? 0) + 1);
      if (group !== (this.expected.get(id) ?? null)) {
        throw new Error(`expected ${id} in ${this.expected.get(id)}, found them in ${group}`);
      }
    }
    for (const { id, seats: most } of this.state.groups) {
      if ((count.get(id) ?? 0) > most) throw new Error(`expected at most ${most} in ${id}`);
    }
    // Whom a rule parts: only the teacher can seat them together.
    const [one, two] = this.apart[0] ?? ['', ''];
    const together = seats.get(one) ?? null;
    if (together !== null && together === seats.get(two) && !this.byHand) {
      throw new Error(`expected ${one} and ${two} apart, found both in ${together}`);
    }
  }
}

describe('choosing seats', () => {
  test('no schedule of requests overfills a group, loses anybody, or counts after the end', () => {
    for (let seed = 1; seed <= SCHEDULES; seed++) new Schedule(seed).run();
  });

  test('a rule holds however two who must not sit together hurry', () => {
    for (const order of [
      ['p0', 'p1'],
      ['p1', 'p0'],
    ]) {
      const state = session(2, [2, 2], { guarded: true });
      state.settle(0, {});
      const outcomes: (Outcome | undefined)[] = [undefined, undefined];
      order.forEach((person, at) => state.choose(person, 'g0', (came) => (outcomes[at] = came)));
      expect(outcomes).toEqual([null, undefined]);
      expect(state.settle(1, { [order[1] ?? '']: ['g0'] })).toBe(true);
      expect(outcomes).toEqual([null, 'taken']);
    }
  });

  test('who gives up waiting is not seated later', () => {
    const state = session(1, [1], { guarded: true });
    const told: Outcome[] = [];
    const takeBack = state.choose('p0', 'g0', (outcome) => told.push(outcome));
    expect(takeBack()).toBe(true);
    state.settle(0, {});
    expect(state.groupOf('p0')).toBeNull();
    expect(told).toEqual([]);
  });

  test('a full group and one that a rule closes look the same to the byte', () => {
    const full = session(5, [2, 2], { guarded: true });
    full.settle(0, {});
    expect(ask(full, 'p1', 'g0')).toBeNull();
    full.settle(1, {});
    expect(ask(full, 'p2', 'g0')).toBeNull();
    full.settle(2, {});
    const closed = session(5, [2, 2], { guarded: true });
    closed.settle(0, {});
    expect(ask(closed, 'p1', 'g0')).toBeNull();
    closed.settle(1, { p0: ['g0'] });
    expect(JSON.stringify(full.seenBy('p0'))).toBe(JSON.stringify(closed.seenBy('p0')));
    expect(ask(full, 'p0', 'g0')).toBe('taken');
    expect(ask(closed, 'p0', 'g0')).toBe('taken');
    expect(JSON.stringify(full.seenBy('p0'))).toBe(JSON.stringify(closed.seenBy('p0')));
    // And to whom it is not closed it looks open.
    expect(closed.seenBy('p3').groups[0]?.open).toBe(true);
  });

  test('guarded sessions tell neither places left nor who sits elsewhere', () => {
    const state = session(3, [3, 3], { guarded: true });
    state.settle(0, {});
    ask(state, 'p1', 'g0');
    const text = JSON.stringify(state.seenBy('p0'));
    expect(text).not.toContain('Student 1');
    expect(state.seenBy('p0').groups.map(({ left, names }) => [left, names])).toEqual([
      [null, null],
      [null, null],
    ]);
    expect(state.seenBy('p1').groups[0]?.names).toEqual(['Student 1']);
  });

  test('the first to sit leads, and the next when the first goes', () => {
    const state = session(3, [3]);
    for (const one of ['p1', 'p0']) expect(ask(state, one, 'g0')).toBeNull();
    expect([state.seenBy('p1').leads, state.seenBy('p0').leads]).toEqual([true, false]);
    ask(state, 'p1', null);
    expect([state.seenBy('p1').leads, state.seenBy('p0').leads]).toEqual([false, true]);
  });

  test('a choice that may not be changed stays', () => {
    const state = session(1, [1, 1], { mayChange: false });
    expect(ask(state, 'p0', 'g0')).toBeNull();
    expect([ask(state, 'p0', 'g1'), ask(state, 'p0', null)]).toEqual(['fixed', 'fixed']);
    expect(ask(state, 'p0', 'g0')).toBeNull();
  });

  test('it closes by itself when the time is up, and stays closed', () => {
    const state = session(1, [1], { endsAt: new Date(NOON + 60_000).toISOString() });
    state.advance(NOON + 59_999);
    expect(state.state).toBe('open');
    state.advance(NOON + 60_000);
    expect(ask(state, 'p0', 'g0')).toBe('closed');
    expect(state.patch({ state: 'open' })).toBe(false);
    expect(state.move('p0', 'g0')).toBe('closed');
  });

  test('PINs are locked after some wrong ones, twice as long each time', () => {
    const state = session(1, [1]);
    const fail = (): void => {
      for (let i = 0; i < PIN_TRIES; i++) state.tried('p0', false);
    };
    fail();
    expect(state.mayTry('p0')).toBe(false);
    expect(state.lockedFor('p0')).toBe(30_000);
    const { lastEvent } = state;
    state.advance(NOON + 30_000);
    // That it is over is told, too.
    expect(state.since(lastEvent)?.event).toMatchObject({ people: [{ id: 'p0', locked: false }] });
    expect(state.mayTry('p0')).toBe(true);
    fail();
    expect(state.lockedFor('p0')).toBe(60_000);
    state.unlock('p0');
    expect(state.mayTry('p0')).toBe(true);
  });

  test('an event tells all that came after another, and reading anew comes to the same', () => {
    const state = session(3, [3, 3]);
    const { lastEvent, people } = state.body();
    ask(state, 'p1', 'g0');
    ask(state, 'p2', 'g1');
    state.setSeats('g1', 5);
    const missed = state.since(Number(lastEvent))?.event;
    if (!missed || missed === 'reset') throw new Error('expected what was missed');
    const joined = people.map((one) => missed.people.find(({ id }) => id === one.id) ?? one);
    expect(joined).toEqual(state.body().people);
    expect(missed.groups).toEqual([{ id: 'g1', seats: 5 }]);
    expect(missed.log).toEqual(state.body().log);
    expect(state.since(state.lastEvent)).toBeNull();
    expect(state.since(-5)?.event).toBe('reset');
  });

  test('wishes are of those there are, nobody names themselves, and nobody sees who named whom', () => {
    const state = session(4, [2, 2], { kind: 'partners', most: 2 });
    expect(state.wish('p0', ['p1', 'p2', 'p3'])).toBe('unknown');
    expect(state.wish('p0', ['p0'])).toBe('unknown');
    expect(state.wish('p0', ['p1', 'p1'])).toBeNull();
    expect(state.seenBy('p0').wishes).toEqual(['p1']);
    expect(state.seenBy('p1').wishes).toEqual([]);
    expect(state.seenBy('p1').people.map(({ id }) => id)).toEqual(['p0', 'p2', 'p3']);
    const topics = session(1, [2, 2], { kind: 'topics' });
    expect(topics.wish('p0', ['g1', 'g0'])).toBeNull();
    expect(topics.wish('p0', ['p0'])).toBe('unknown');
    expect(ask(topics, 'p0', 'g0')).toBe('unknown');
  });

  test('a session that was kept goes on as it was', () => {
    const state = session(4, [3, 3], { guarded: true });
    state.settle(0, {});
    ask(state, 'p1', 'g0');
    state.advance(NOON + 10);
    state.settle(1, { p2: ['g0'] });
    ask(state, 'p0', 'g0');
    state.settle(2, {});
    const again = SeatState.from(
      JSON.parse(JSON.stringify(state.kept())) as KeptSession,
      NOON + 20,
    );
    expect(again.kept()).toEqual(state.kept());
    for (const one of ['p0', 'p1', 'p2', 'p3']) {
      const { now: _, ...before } = state.seenBy(one);
      expect(again.seenBy(one)).toMatchObject(before);
    }
  });
});
