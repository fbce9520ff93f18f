import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { monitorEventLoopDelay, performance } from 'node:perf_hooks';
import { handOffToChannels } from '@/services/channels/handOff';
import { Scim } from '@/services/channels/scim';
import { SpacesClient, type Saying } from '@/services/channels/spaces';
import { MACHINE, ServiceClient } from '@/services/client';
import { handOffToRooms } from '@/services/rooms/handOff';
import type { ServiceLineup } from '@/services/types';
import { printTable } from './table';

const PORT = 3917;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const GROUPS = 1_250;
const IN_GROUP = 4;

/** 5,000 people in 1,250 groups handed off to stand-ins in a process of their own: seconds, requests, longest stall. */
export async function benchServices(): Promise<void> {
  const people = Array.from({ length: GROUPS * IN_GROUP }, (_, at) => ({
    name: `Student ${at}`,
    email: `s${at}@example.org`,
  }));
  const file = join(mkdtempSync(join(tmpdir(), 'gruppetto-bench-')), 'class.json');
  writeFileSync(file, JSON.stringify({ class: { staff: [] }, students: people }));
  const server = spawn(
    process.execPath,
    [
      ...['scripts/standins.mjs', '--port', String(PORT), '--class', file],
      ...['--rooms', '5000', '--members', '5000'],
    ],
    { stdio: 'ignore' },
  );
  try {
    await answering();
    const lineup = lineupOf(people, 0);
    const moved = lineupOf(people, 2);
    let session: Awaited<ReturnType<typeof handOffToRooms>>['session'] = null;
    const toRooms = (to: ServiceLineup, dryRun = false) =>
      measured(`rooms${dryRun ? ', dry run' : ''}`, '/rooms/v1', async (client) => {
        const done = await handOffToRooms(client, to, {
          ...{ dryRun, moveIn: 'automatic', mayReturn: true, minutes: 20, open: false },
          ...{ warningSeconds: 60, countdownSeconds: 30, earlier: session, day: '2026-11-26' },
          hash: (text) => Promise.resolve(createHash('sha256').update(text).digest('hex')),
        });
        session = done.session;
        return done.arrived.length;
      });
    const toChannels = (to: ServiceLineup) =>
      measured('channels', '/scim/v2', async (client) => {
        const done = await handOffToChannels(new Scim(client), to, {
          ...{ dryRun: false, createUsers: false, mayStay: [], nameOf: new Map() },
        });
        return done.arrived.length;
      });
    const rows = [
      await toRooms(lineup, true),
      await toRooms(lineup),
      await toRooms(moved),
      await toChannels(lineup),
      await toChannels(moved),
      await measured('the same to every space', '/spaces/v1', async (client) => {
        const spaces = new SpacesClient(client);
        const all = (await spaces.of(moved)) ?? [];
        const sayings = all.map(({ id, name }): Saying => ({
          ...{ space: id, part: 'announcements', body: { text: `Hello ${name}` } },
        }));
        const said = await spaces.say(sayings, 'bench');
        return said.filter((one) => one === null).length;
      }),
    ];
    printTable(`Hand-off of ${people.length} in ${GROUPS} groups, to a process beside`, [
      ['what', 'seconds', 'requests', 'arrived', 'longest stall ms'],
      ...rows,
    ]);
  } finally {
    server.kill();
  }
}

/** Groups of four in the order of the list, where the first so many have changed places with those of the last group. */
function lineupOf(
  people: readonly { readonly name: string; readonly email: string }[],
  moved: number,
): ServiceLineup {
  const [first, last] = [people.slice(0, moved), people.slice(people.length - moved)];
  const order = [...last, ...people.slice(moved, people.length - moved), ...first];
  return {
    ...{ id: 'l_bench', name: 'Bench' },
    staff: [],
    groups: Array.from({ length: GROUPS }, (_, row) => ({
      key: String(row),
      name: `Group ${row + 1}`,
      led: [],
      members: order
        .slice(row * IN_GROUP, (row + 1) * IN_GROUP)
        .map((one) => ({ ...one, id: one.email, roles: [] })),
    })),
  };
}

async function measured(
  what: string,
  root: string,
  work: (client: ServiceClient) => Promise<number>,
): Promise<readonly (string | number)[]> {
  let requests = 0;
  const client = new ServiceClient(ADDRESS + root, 'river', {
    ...MACHINE,
    fetch: (url, init) => {
      requests++;
      return fetch(url, init);
    },
  });
  const stalls = monitorEventLoopDelay({ resolution: 5 });
  stalls.enable();
  const begin = performance.now();
  const arrived = await work(client);
  const seconds = (performance.now() - begin) / 1000;
  stalls.disable();
  return [what, seconds, requests, arrived, stalls.max / 1e6];
}

async function answering(): Promise<void> {
  for (;;) {
    const ready = await fetch(`${ADDRESS}/rooms/v1/`).then(
      () => true,
      () => false,
    );
    if (ready) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}
