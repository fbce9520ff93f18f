import { rngFromSeed } from '../../core/random/rng';
import { Channels } from '../../standins/channels/service';
import { Spaces } from '../../standins/channels/spaces';
import type { Ask, Reply } from '../../standins/http';
import { address, known, lineTo, lineupOf, NAMES, NONE, TOKEN } from '../../standins/testLine';
import { ServiceClient } from '../client';
import type { ServiceLineup } from '../types';
import { handOffToChannels } from './handOff';
import { Scim } from './scim';
import { lostSights, SpacesClient, type Saying } from './spaces';

const LINEUP = lineupOf('Alder: ana bo caro', 'Sedge: dov eli', 'Rush: fen gil hana', 'Iris: iolo');

/** A service of channels with spaces, on a clock that a test moves, filled with a lineup. */
async function service(lineup: ServiceLineup = LINEUP) {
  const clock = { now: Date.parse('2026-11-26T10:00:00Z') };
  const channels = new Channels(known, { members: 250, page: 3 });
  const spaces = new Spaces(known, channels, () => clock.now);
  const handOff = (dryRun = false, to = lineup) =>
    handOffToChannels(new Scim(clientOf('scim/v2', channels)), to, {
      ...{ dryRun, createUsers: false, mayStay: [] },
      nameOf: new Map(),
    });
  await handOff();
  const client = new SpacesClient(clientOf('spaces/v1', spaces));
  await client.of(lineup);
  return { clock, channels, spaces, client, handOff };
}

interface Service {
  readonly handle: (ask: Ask) => Reply;
}

function clientOf(root: string, to: Service, faults = NONE, seed = 1): ServiceClient {
  const { transport } = lineTo(to, faults, rngFromSeed(seed));
  return new ServiceClient(`https://channels.example/${root}`, TOKEN, transport);
}

test('there is a space for every group, with its members and staff', async () => {
  const { client } = await service();
  const found = await client.of(LINEUP);
  expect(found!.map(({ name, members }) => [name, members.length])).toEqual([
    ['Week 3 · Alder', 4],
    ['Week 3 · Sedge', 3],
    ['Week 3 · Rush', 4],
    ['Week 3 · Iris', 2],
  ]);
});

test('whatever is lost or repeated, every group hears it once', async () => {
  for (let seed = 1; seed <= 40; seed++) {
    const { client, spaces } = await service();
    const all = (await client.of(LINEUP))!;
    const faults = { before: 120, after: 120, failing: 80, busy: 50, twice: 100 };
    const rough = new SpacesClient(clientOf('spaces/v1', spaces, faults, seed));
    const sayings = all.flatMap(({ id, name }): Saying[] => [
      { space: id, part: 'announcements', body: { text: `Hello ${name}` } },
      { space: id, part: 'welcome', body: { text: `Welcome ${name}` } },
      { space: id, part: 'files', body: { name: 'Sheet', link: 'https://a.example/sheet' } },
    ]);
    let said = await rough.say(sayings, 'first');
    // Those that did not arrive are tried once more with the same key, by somebody whose line is better.
    if (said.some((one) => one !== null)) said = await client.say(sayings, 'first');
    expect(said.filter((one) => one !== null)).toEqual([]);
    for (const { id, name } of all) {
      const space = (await client.read(id))!;
      const heard = space.announcements.map(({ text }) => text);
      const filed = space.filed.filter(({ email }) => email === null);
      expect({ seed, heard, welcome: space.welcome, files: filed.length }).toEqual({
        ...{ seed, heard: [`Hello ${name}`], welcome: `Welcome ${name}`, files: 1 },
      });
    }
  }
});

test('a member sees the own space and no other, and writes nothing for staff', async () => {
  const { client, spaces } = await service();
  const all = (await client.of(LINEUP))!;
  for (const name of NAMES.filter((one) => one !== 'jun')) {
    const seen = (await client.seenBy(address(name).toUpperCase()))!;
    expect(seen).toHaveLength(1);
    for (const { id, members } of all) {
      const mine = members.some((one) => one.name === name);
      expect((await client.read(id, address(name))) !== null).toBe(mine);
    }
  }
  expect(await client.seenBy(address('jun'))).toHaveLength(4);
  const refused = spaces.handle({
    ...{ method: 'PUT', path: `/spaces/${all[0]!.id}/welcome`, body: '{"text":"Hi"}' },
    query: new URLSearchParams({ as: address('ana') }),
    headers: { authorization: `Bearer ${TOKEN}`, 'content-type': 'application/json' },
  });
  expect(refused.status).toBe(403);
});

test('members write and file by themselves; whoever leaves loses sight of the threads they wrote in', async () => {
  const { clock, client, handOff } = await service();
  clock.now += 10 * 60_000;
  const all = (await client.of(LINEUP))!;
  expect(all.some(({ posts }) => posts === 0)).toBe(true);
  const written = (await Promise.all(all.map(({ id }) => client.read(id)))).flatMap((space) =>
    space!.threads.flatMap(({ posts }) => posts.map(({ email }) => email)),
  );
  expect(written.length).toBeGreaterThan(3);
  // Everybody moves on by one group.
  const moved = {
    ...LINEUP,
    groups: LINEUP.groups.map((group, row) => ({
      ...group,
      members: LINEUP.groups[(row + 1) % LINEUP.groups.length]!.members,
    })),
  };
  const { plan } = await handOff(true, moved);
  const lost = await lostSights(client, plan);
  const writers = new Set(written);
  expect(
    new Set(lost.filter(({ threads }) => threads.length > 0).map(({ name }) => address(name))),
  ).toEqual(writers);
  expect(lost.every(({ group }) => LINEUP.groups.some(({ name }) => name === group))).toBe(true);
});

test('what was filed last is told by the key of its group, and only what students filed', async () => {
  const { clock, client } = await service();
  const all = (await client.of(LINEUP))!;
  const file: Saying = {
    ...{ space: all[0]!.id, part: 'files', body: { name: 'Sheet', link: 'https://a.example/s' } },
  };
  await client.say([file], 'k');
  expect([...(await client.filed(LINEUP))!.keys()]).toEqual([]);
  clock.now += 10 * 60_000;
  const wanted = new Map<string, string>();
  for (const { id, externalId } of all) {
    const times = (await client.read(id))!.filed.flatMap((one) => (one.email ? [one.at] : []));
    const newest = times.sort().at(-1);
    if (newest) wanted.set(externalId!.split(':').at(-1)!, newest);
  }
  expect(wanted.size).toBeGreaterThan(0);
  expect(await client.filed(LINEUP)).toEqual(wanted);
});

test('an archived space is read and not written; a service without spaces says so', async () => {
  const { client, channels } = await service();
  const [first] = (await client.of(LINEUP))!;
  expect(await client.archive([first!.id, 'g99'])).toEqual([
    null,
    { code: 'refused', detail: 'There is no such space.' },
  ]);
  const saying: Saying = { space: first!.id, part: 'welcome', body: { text: 'Late' } };
  expect(await client.say([saying], 'k')).toEqual([
    { code: 'refused', detail: 'The space is archived.' },
  ]);
  expect((await client.read(first!.id))!.archived).toBe(true);
  const without = new SpacesClient(clientOf('spaces/v1', channels));
  expect(await without.of(LINEUP)).toBeNull();
  expect(await lostSights(without, [])).toEqual([]);
});
