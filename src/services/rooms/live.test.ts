import { rngFromSeed } from '../../core/random/rng';
import { uniformInt } from '../../core/random/uniform';
import type { Ask } from '../../standins/http';
import { Rooms } from '../../standins/rooms/service';
import type { Transport } from '../client';
import { LiveRooms, type Line } from './board';
import type { Session } from './contract';
import { afterEvent, readEvent, readSession } from './live';

const TOKEN = 'river-token';
const NAMES = Array.from({ length: 24 }, (_, at) => `n${at}`);
const people = NAMES.map((name) => ({ name, email: `${name}@example.org` }));
const BEGIN = Date.parse('2026-11-26T10:00:00Z');

/** A service on a clock that a test moves, with six rooms of four that are open. */
class Service {
  now = BEGIN;
  readonly rooms = new Rooms(
    (token) => (token === TOKEN ? people : null),
    undefined,
    () => this.now,
  );
  private keys = 0;

  constructor(more: object = {}) {
    const rooms = Array.from({ length: 6 }, (_, room) => ({
      name: `Room ${room}`,
      people: people.slice(room * 4, room * 4 + 4).map((one) => ({ ...one, role: 'student' })),
    }));
    const usual = { moveIn: 'automatic', mayReturn: true, minutes: 20 };
    const times = { warningSeconds: 60, countdownSeconds: 30 };
    this.ask('POST', '', { name: 'Week 7', rooms, ...usual, ...times, ...more });
    this.ask('POST', '/s1/open');
  }

  handle(method: string, path: string, body?: unknown, headers: object = {}) {
    const given: Ask['headers'] = {
      authorization: `Bearer ${TOKEN}`,
      'content-type': 'application/json',
      'idempotency-key': `k${++this.keys}`,
      ...headers,
    };
    const [plain = '', query = ''] = path.split('?');
    return this.rooms.handle({
      ...{ method, path: `/sessions${plain}`, query: new URLSearchParams(query) },
      ...{ headers: given, body: body === undefined ? '' : JSON.stringify(body) },
    });
  }

  ask(method: string, path: string, body?: unknown) {
    const { status, body: answer } = this.handle(method, path, body);
    return { status, body: answer as Session };
  }

  session(as?: string): Session {
    return this.ask('GET', `/s1${as === undefined ? '' : `?as=${as}`}`).body;
  }

  after(seconds: number): Session {
    this.now += seconds * 1000;
    return this.session();
  }
}

/** What of a session is seen, whatever the order in which people stand in a room. */
function seen({ rooms, state, minutes, endsAt, closesAt, messages }: Session) {
  const inOrder = rooms.map((room) => ({
    ...room,
    people: [...(room.people ?? [])].sort((a, b) => a.email.localeCompare(b.email)),
  }));
  return { rooms: inOrder, state, minutes, endsAt, closesAt, messages };
}

const presences = ({ rooms }: Session): Record<string, number> => {
  const count: Record<string, number> = {};
  rooms.forEach((room) =>
    room.people?.forEach(({ presence = 'untold' }) => {
      count[presence] = (count[presence] ?? 0) + 1;
    }),
  );
  return count;
};

/** Something a teacher does, by a number. */
function lead(service: Service, rng: ReturnType<typeof rngFromSeed>): void {
  const { rooms } = service.session();
  const any = <T>(all: readonly T[]): T => all[uniformInt(rng, all.length)] as T;
  switch (uniformInt(rng, 6)) {
    case 0:
    case 1:
      service.ask('POST', '/s1/moves', {
        moves: [{ email: any(people).email, to: any(rooms).id }],
      });
      return;
    case 2:
      service.ask('POST', '/s1/messages', { text: 'Five minutes more', rooms: [any(rooms).id] });
      return;
    case 3:
      service.ask('POST', '/s1/rooms', { name: 'One more', people: [] });
      return;
    case 4:
      service.ask('DELETE', `/s1/rooms/${any(rooms).id}`);
      return;
    default:
      service.ask('PATCH', '/s1', { minutes: 5 + uniformInt(rng, 30) });
  }
}

test('people come by themselves: most soon, some late, some drop out and return', () => {
  const service = new Service();
  expect(presences(service.session())).toEqual({ waiting: 24 });
  const soon = presences(service.after(15));
  expect(soon.here).toBeGreaterThan(15);
  const all = Array.from({ length: 30 }, () => presences(service.after(10)));
  expect(all.some(({ dropped = 0 }) => dropped > 0)).toBe(true);
  expect(all.at(-1)!.here).toBeGreaterThan(20);
});

test('the time runs out into a countdown and then the rooms close; more time in the countdown opens them again', () => {
  const service = new Service();
  expect(service.session().endsAt).toBe('2026-11-26T10:20:00.000Z');
  expect(service.after(20 * 60 - 1).state).toBe('open');
  expect(service.after(1).state).toBe('closing');
  service.ask('PATCH', '/s1', { minutes: 25 });
  expect(service.after(299).state).toBe('open');
  expect(service.after(2).state).toBe('closing');
  expect(service.after(30).state).toBe('closed');
  expect(service.ask('PATCH', '/s1', { minutes: 30 }).status).toBe(409);
});

test('everybody is warned once before the time is up, and again where there is more of it', () => {
  const service = new Service();
  const warnings = () =>
    service.session().messages!.filter(({ text }) => text === '60 seconds left.');
  service.after(19 * 60 - 1);
  expect(warnings()).toHaveLength(0);
  service.after(2);
  expect(warnings()).toHaveLength(1);
  service.ask('PATCH', '/s1', { minutes: 30 });
  service.after(9 * 60 + 50);
  expect(warnings()).toHaveLength(1);
  service.after(20);
  expect(warnings()).toHaveLength(2);
});

test('closing by hand counts down, and may be asked for twice', () => {
  const service = new Service();
  service.ask('POST', '/s1/close');
  service.now += 10_000;
  service.ask('POST', '/s1/close');
  expect(service.session().state).toBe('closing');
  expect(service.after(20).state).toBe('closed');
});

test('whoever is moved while they are there walks over, and is in no two rooms', () => {
  const service = new Service();
  const { rooms } = service.after(200);
  const mover = rooms[0]!.people!.find(({ presence }) => presence === 'here')!;
  service.ask('POST', '/s1/moves', { moves: [{ email: mover.email, to: rooms[1]!.id }] });
  const where = ({ rooms: all }: Session) =>
    all.flatMap(({ id, people: inside = [] }) =>
      inside
        .filter(({ email }) => email === mover.email)
        .map(({ presence }) => `${id} ${presence}`),
    );
  expect(where(service.session())).toEqual(['r2 onTheWay']);
  expect(where(service.after(6))).toEqual(['r2 here']);
});

test('a room is removed only when nobody is in it; a member sees their own room and what was said there', () => {
  const service = new Service();
  expect(service.ask('DELETE', '/s1/rooms/r1').status).toBe(409);
  const added = service.ask('POST', '/s1/rooms', { name: 'Willow', people: [] }).body;
  expect(service.ask('DELETE', `/s1/rooms/${added.id}`).status).toBe(204);
  service.ask('POST', '/s1/messages', { text: 'To all' });
  service.ask('POST', '/s1/messages', { text: 'To the second', rooms: ['r2'] });
  const mine = service.session('n0@example.org');
  expect(mine.rooms.map(({ id }) => id)).toEqual(['r1']);
  expect(mine.messages!.map(({ text }) => text)).toEqual(['To all']);
  expect(service.handle('GET', '/s1?as=nobody@example.org').status).toBe(404);
});

test('events laid over an earlier reading give what a reading gives now, whatever came twice', () => {
  for (let seed = 1; seed <= 60; seed++) {
    const rng = rngFromSeed(seed);
    const service = new Service();
    let known: Session | null = service.after(uniformInt(rng, 60));
    const from = Number(known.lastEvent);
    for (let step = 0; step < 25; step++) {
      service.now += uniformInt(rng, 20_000);
      lead(service, rng);
    }
    const answer = service.handle('GET', '/s1/events', undefined, {
      // A few that were seen before come again.
      'last-event-id': String(Math.max(0, from - uniformInt(rng, 3))),
    });
    for (const block of answer.stream!()!
      .split('\n\n')
      .filter((one) => one !== '')) {
      const [, event = '', data = ''] = /^id: \d+\nevent: (.*)\ndata: (.*)$/.exec(block)!;
      if (known) known = afterEvent(known, readEvent(event, data)!);
    }
    // Somebody told before they were, or a room that is gone, has it read anew: never wrong.
    if (known) expect({ seed, ...seen(known) }).toEqual({ seed, ...seen(service.session()) });
  }
});

test('events of another name tell nothing; what is told otherwise than here has the session read anew', () => {
  expect(readEvent('weather', '{}')).toBeNull();
  expect(readEvent('constructor', '{}')).toBeNull();
  const anew = { event: 'reset', data: {} };
  expect(readEvent('person', '{"room":"r1"}')).toEqual(anew);
  expect(readEvent('message', 'no JSON')).toEqual(anew);
});

test('a service that tells its sessions in other words is understood as far as who is in which room', () => {
  const rooms = [
    { id: 'r1', name: 'Alder', people: [{ email: 'n0@example.org', presence: 'away' }] },
  ];
  const told = { id: 's1', state: 'running', now: 17, messages: 'none', rooms };
  expect(readSession(told)).toEqual({
    id: 's1',
    rooms: [{ id: 'r1', name: 'Alder', people: [{ email: 'n0@example.org' }] }],
  });
  expect(readSession({ id: 's1', rooms: [], endsAt: '2026-11-26T11:00:00+01:00' }).endsAt).toBe(
    '2026-11-26T11:00:00+01:00',
  );
});

/** A line to a service that breaks at random, on its clock. */
function lineTo(service: Service, rng: ReturnType<typeof rngFromSeed>, broken: () => boolean) {
  const answers: string[] = [];
  const transport: Transport = {
    now: () => service.now,
    random: () => 0.5,
    sleep: (ms) =>
      // Time passes only while nothing else is to be done.
      new Promise((resolve) => {
        setImmediate(() => {
          if (ms < 5_000) {
            service.now += ms;
            resolve();
          }
        });
      }),
    fetch: (url, { method = 'GET', headers, body }) => {
      if (broken()) return Promise.reject(new TypeError('lost'));
      const { pathname, search } = new URL(url);
      const given = Object.fromEntries(new Headers(headers));
      const answer = service.handle(
        method,
        pathname.replace('/rooms/v1/sessions', '') + search,
        typeof body === 'string' ? JSON.parse(body) : undefined,
        given,
      );
      answers.push(`${method} ${pathname} ${answer.status}`);
      const { stream } = answer;
      if (!stream) {
        const text = answer.body === null ? null : JSON.stringify(answer.body);
        return Promise.resolve(new Response(text, { status: answer.status }));
      }
      let pulls = 0;
      const bytes = new ReadableStream<Uint8Array>({
        pull: async (controller) => {
          await new Promise(setImmediate);
          service.now += 200;
          if (broken() || ++pulls > 30) controller.error(new TypeError('lost'));
          else controller.enqueue(new TextEncoder().encode(`: here\n\n${stream() ?? ''}`));
        },
      });
      return Promise.resolve(
        new Response(bytes, { headers: { 'Content-Type': 'text/event-stream' } }),
      );
    },
  };
  return { transport, answers };
}

test('the board is right again after the line was lost, again and again', async () => {
  for (let seed = 1; seed <= 25; seed++) {
    const rng = rngFromSeed(seed);
    const service = new Service();
    let breaking = true;
    const { transport } = lineTo(service, rng, () => breaking && uniformInt(rng, 100) < 25);
    const board = new LiveRooms('https://a.example/rooms/v1', TOKEN, 's1', transport, () => 'key');
    const stop = new AbortController();
    const shown: Session[] = [];
    const lines: Line[] = [];
    const watching = board.watch(
      {
        onSession: (session) => shown.push(session),
        onLine: (line) => lines.push(line),
      },
      stop.signal,
    );
    for (let step = 0; step < 40; step++) {
      lead(service, rng);
      await new Promise(setImmediate);
    }
    breaking = false;
    const still = service.session();
    for (let turn = 0; turn < 200; turn++) await new Promise(setImmediate);
    stop.abort();
    await watching;
    expect(lines).toContain('live');
    // What happened until the breaking stopped is all there, whatever has happened since.
    const [now, then] = [shown.at(-1)!, still];
    expect({ seed, rooms: now.rooms.map(({ id }) => id).sort() }).toEqual({
      ...{ seed, rooms: then.rooms.map(({ id }) => id).sort() },
    });
    expect(now.messages!.slice(0, then.messages!.length)).toEqual(then.messages);
    expect(seen(now).rooms.map(({ people: inside }) => inside.map(({ email }) => email))).toEqual(
      seen(then).rooms.map(({ people: inside }) => inside.map(({ email }) => email)),
    );
  }
});

test('a line that stays broken is tried again later and later, never later than in a second', async () => {
  let asked = 0;
  const { transport } = lineTo(new Service(), rngFromSeed(1), () => ++asked > 1);
  const waits: number[] = [];
  const stop = new AbortController();
  const board = new LiveRooms('https://a.example/rooms/v1', TOKEN, 's1', {
    ...transport,
    sleep: (ms) => {
      if (ms < 5_000 && waits.push(ms) === 5) stop.abort();
      return transport.sleep(ms);
    },
  });
  await board.watch({ onSession: () => undefined, onLine: () => undefined }, stop.signal);
  expect(waits).toEqual([100, 200, 400, 800, 800]);
});

test('a token that is not accepted, and a session that is no more, end it with a word', async () => {
  const ends = async (token: string, id: string): Promise<readonly Line[]> => {
    const { transport } = lineTo(new Service(), rngFromSeed(1), () => false);
    const lines: Line[] = [];
    const board = new LiveRooms('https://a.example/rooms/v1', token, id, transport);
    await board.watch(
      { onSession: () => undefined, onLine: (line) => lines.push(line) },
      new AbortController().signal,
    );
    return lines;
  };
  expect(await ends('another', 's1')).toEqual(['token']);
  expect(await ends(TOKEN, 's9')).toEqual(['gone']);
});

test('what a teacher asks for is done once, and a refusal comes in the service’s words', async () => {
  const service = new Service();
  const { transport, answers } = lineTo(service, rngFromSeed(1), () => false);
  let keys = 0;
  const key = () => `own${++keys}`;
  const board = new LiveRooms('https://a.example/rooms/v1', TOKEN, 's1', transport, key);
  expect(await board.say('Come back soon', ['r1'])).toBeNull();
  expect(await board.move([{ email: 'nobody@example.org', to: 'r1' }])).toEqual({
    code: 'refused',
    detail: 'nobody@example.org is in no room.',
  });
  expect(await board.setMinutes(25)).toBeNull();
  expect(await board.addRoom('Willow')).toBeNull();
  expect(await board.removeRoom('r7')).toBeNull();
  expect(answers.filter((one) => one.startsWith('PATCH'))).toHaveLength(1);
  expect(service.session().minutes).toBe(25);
  expect(service.session().messages!.map(({ text }) => text)).toEqual(['Come back soon']);
});
