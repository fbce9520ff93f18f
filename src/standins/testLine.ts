import { rngFromSeed, type Rng } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { Ask, Reply } from './http';
import type { Transport } from '../services/client';
import type { ServiceLineup } from '../services/types';

export const TOKEN = 'river-token';
export const NAMES = 'ana bo caro dov eli fen gil hana iolo jun'.split(' ');
export const address = (name: string): string => `${name}@example.org`;
export const directory = NAMES.map((name) => ({ name, email: address(name) }));
export const known = (token: string) => (token === TOKEN ? directory : null);

/** A lineup written as "Alder: ana bo"; the sign of a group is its place. */
export function lineupOf(...groups: readonly string[]): ServiceLineup {
  return {
    id: 'l_1',
    name: 'Week 3',
    groups: groups.map((line, sign) => {
      const [name = '', names = ''] = line.split(':');
      const members = names.split(' ').filter((one) => one !== '');
      return {
        ...{ key: String(sign), name, led: [] },
        members: members.map((one) => ({ id: one, name: one, email: address(one), roles: [] })),
      };
    }),
    staff: [{ name: 'Oda', email: address('jun') }],
  };
}

export interface Faults {
  /** Parts of a thousand of the requests that are lost before, or after, they are done. */
  readonly before: number;
  readonly after: number;
  readonly failing: number;
  readonly busy: number;
  /** That are done twice. */
  readonly twice: number;
}
export const NONE: Faults = { before: 0, after: 0, failing: 0, busy: 0, twice: 0 };

export interface Line {
  readonly transport: Transport;
  readonly sent: {
    readonly method: string;
    readonly url: string;
    readonly headers: Headers;
    readonly body: string;
  }[];
}

/** A line to a stand-in that loses, repeats and refuses at random, on a clock that costs no time. */
export function lineTo(
  service: { handle: (ask: Ask) => Reply },
  faults = NONE,
  rng: Rng = rngFromSeed(1),
): Line {
  const sent: Line['sent'][number][] = [];
  let now = Date.parse('2026-11-26T10:00:00Z');
  const chance = (thousandths: number): boolean => uniformInt(rng, 1000) < thousandths;
  const transport: Transport = {
    now: () => now,
    random: () => 0.5,
    sleep: (ms) => {
      now += ms;
      return Promise.resolve();
    },
    fetch: (url, { method = 'GET', headers, body }) => {
      const { pathname, searchParams } = new URL(url);
      const given = new Headers(headers);
      sent.push({ method, url, headers: given, body: typeof body === 'string' ? body : '' });
      const ask: Ask = {
        method,
        path: pathname.replace(/^.*\/v[12]/, ''),
        query: searchParams,
        headers: Object.fromEntries(given),
        body: typeof body === 'string' ? body : '',
      };
      if (chance(faults.before)) return Promise.reject(new TypeError('lost'));
      if (chance(faults.busy)) {
        return Promise.resolve(new Response('', { status: 429, headers: { 'Retry-After': '2' } }));
      }
      let answer = service.handle(ask);
      if (chance(faults.twice)) answer = service.handle(ask);
      if (chance(faults.after)) return Promise.reject(new TypeError('lost'));
      if (chance(faults.failing)) return Promise.resolve(new Response('', { status: 503 }));
      const text = answer.body === null ? null : JSON.stringify(answer.body);
      return Promise.resolve(
        new Response(text, { status: answer.status, headers: answer.headers }),
      );
    },
  };
  return { transport, sent };
}
