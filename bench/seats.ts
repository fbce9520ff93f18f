import { performance } from 'node:perf_hooks';
import { rngFromSeed } from '@/core/random/rng';
import { uniformInt } from '@/core/random/uniform';
import { MACHINE, type Transport } from '@/services/client';
import { SEATS_ROOT, type SeatsRequest } from '@/services/seats/contract';
import { LedSeats, openSession } from '@/services/seats/lead';
import { SeatsVisit } from '@/services/seats/visit';
import { Seats } from '@/standins/seats/service';
import { printTable } from './table';

const STUDENTS = 300;
const GROUPS = 40;
const SEATS_IN_EACH = 8;
const WITHIN_MS = 10_000;
const ROOT = `http://seats.example${SEATS_ROOT}`;
const TOKEN = 'a-token-that-is-made-up-for-this';

/** 300 students who choose within 10 s, each with a page that follows: answer times, and whether a group was overfilled. */
export async function benchSeats(): Promise<void> {
  const rows = [];
  for (const guarded of [false, true]) rows.push(await choosing(guarded));
  printTable('300 students choose within 10 s, each with a page that follows', [
    ['', 'median ms', '99 % ms', 'slowest ms', 'seated', 'groups overfilled'],
    ...rows,
  ]);
}

async function choosing(guarded: boolean): Promise<readonly (string | number)[]> {
  const seats = new Seats({ isTeacher: () => true });
  const transport: Transport = {
    ...MACHINE,
    fetch: (url, init) => {
      const { pathname } = new URL(url);
      return seats.answer(new Request(url, init), pathname.slice(SEATS_ROOT.length));
    },
  };
  const request: SeatsRequest = {
    ...{ name: 'Open course', kind: 'seats', endsAt: null, mayChange: true, namesSeen: false },
    ...{ firstLeads: false, most: 1, guarded },
    groups: Array.from({ length: GROUPS }, (_, at) => ({
      ...{ id: `g${at}`, name: `Team ${at + 1}`, sign: at, topic: '', seats: SEATS_IN_EACH },
    })),
    people: Array.from({ length: STUDENTS }, (_, at) => ({
      ...{
        id: `p${at}`,
        name: `Student ${at}`,
        pin: '12345',
        secret: `secret-secret-secret-${at}`,
      },
    })),
  };
  const made = await openSession(ROOT, TOKEN, request, 'key', transport);
  if ('ok' in made) throw new Error(made.why);
  const led = new LedSeats(ROOT, TOKEN, made.id, transport);
  const stop = new AbortController();
  // The teacher's side, which in a guarded session says after each choice what is closed.
  void led.watch(
    async ({ revision }) => {
      if (guarded) await led.settle(revision, {});
    },
    () => undefined,
    stop.signal,
  );
  const rng = rngFromSeed(1);
  const visit = new SeatsVisit(ROOT, made.code, transport);
  const times: number[] = [];
  const one = async (at: number): Promise<void> => {
    const token = `secret-secret-secret-${at}`;
    void visit.watch(
      token,
      () => undefined,
      () => undefined,
      stop.signal,
    );
    await MACHINE.sleep(uniformInt(rng, WITHIN_MS));
    for (let tries = 0; tries < 12; tries++) {
      // The first groups are what most would like.
      const group = Math.min(uniformInt(rng, GROUPS), uniformInt(rng, GROUPS));
      const began = performance.now();
      const outcome = await visit.choose(token, `g${group}`, `${at} ${tries}`);
      times.push(performance.now() - began);
      if (outcome === 'done') return;
    }
  };
  await Promise.all(Array.from({ length: STUDENTS }, (_, at) => one(at)));
  const end = await led.read();
  stop.abort();
  seats.end();
  const taken = end?.people.filter(({ group }) => group !== null) ?? [];
  const over = request.groups.filter(
    ({ id }) => taken.filter(({ group }) => group === id).length > SEATS_IN_EACH,
  );
  times.sort((a, b) => a - b);
  const at = (share: number): string =>
    (times[Math.floor(share * (times.length - 1))] ?? 0).toFixed(1);
  const name = guarded ? 'with quiet rules' : 'without rules';
  return [name, at(0.5), at(0.99), at(1), taken.length, over.length];
}
