import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ReceiptFile } from '@/services/receiptFile';
import { main } from './main';
import type { StandinSettings } from '@/standins/host';
import { directoryOf, standins } from './standins';

const DEMO = join(__dirname, '../demo/classes/thursday-crew.json');
const LINEUP = 'Week 7, bank walk';
const TOKEN = 'secret-river-token';
const folder = mkdtempSync(join(tmpdir(), 'gruppetto-service-'));
let servers: Server[] = [];
let files = 0;

async function service(
  more: Partial<StandinSettings> = {},
  token = TOKEN,
  state: string | null = null,
): Promise<string> {
  const server = standins(token, directoryOf(DEMO), more, state);
  servers.push(server);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}/base/`;
}

afterEach(() => {
  servers.forEach((server) => {
    server.closeAllConnections();
    server.close();
  });
  servers = [];
});

const place = (name: string): string => join(folder, `${++files}-${name}.json`);

async function handOff(to: string, url: string, more: readonly string[] = [], file = DEMO) {
  const receipt = more.includes('--receipt')
    ? more[more.indexOf('--receipt') + 1]!
    : place('receipt');
  const said: string[] = [];
  const args = [file, '--lineup', LINEUP, '--to', to, '--url', url, '--token', TOKEN];
  const own = more.includes('--receipt') ? [] : ['--receipt', receipt];
  const code = await main(['handoff', ...args, ...own, ...more], (sentence) => said.push(sentence));
  const text = existsSync(receipt) ? readFileSync(receipt, 'utf8') : '';
  return {
    code,
    said: said.join('\n'),
    receipt,
    text,
    read: text === '' || code === 2 ? null : ReceiptFile.parse(JSON.parse(text)),
  };
}

/** The demo with two students of the lineup changed about. */
function swapped(): string {
  const data = JSON.parse(readFileSync(DEMO, 'utf8')) as {
    lineups: { name: string; takeId: string }[];
    takes: { id: string; groups: { studentIds: string[] }[] }[];
  };
  const { takeId } = data.lineups.find(({ name }) => name === LINEUP)!;
  const { groups } = data.takes.find(({ id }) => id === takeId)!;
  const [one, two] = [groups[0]!.studentIds, groups[1]!.studentIds];
  [one[0], two[0]] = [two[0]!, one[0]!];
  const path = place('class');
  writeFileSync(path, JSON.stringify(data));
  return path;
}

const PLAN_OF_SWAP = [
  { name: 'Alder', joins: [{ name: 'Dara Sokolova' }], leaves: [{ name: 'Amira Haddad' }] },
  { name: 'Willow', joins: [{ name: 'Amira Haddad' }], leaves: [{ name: 'Dara Sokolova' }] },
];
interface Plan {
  readonly groups: readonly { name: string; joins: unknown[]; leaves: unknown[] }[];
  readonly refused: readonly unknown[];
}

test.each(['channels', 'rooms'])(
  '%s: who arrived and who did not is in the receipt, once each, and a second run sends the difference',
  async (to) => {
    const url = await service();
    const first = await handOff(to, url);
    expect(first.code).toBe(3);
    expect(first.said).toBe(
      'Not arrived, with the reasons in the receipt: Iolo Wynne, Chipo Dube.',
    );
    expect(first.read!.refused.map(({ name, reason }) => [name, reason])).toEqual([
      ['Iolo Wynne', 'There is no address.'],
      [
        'Chipo Dube',
        to === 'rooms'
          ? 'chipo.dube@exmaple.org is not known here.'
          : 'The service knows nobody with this address.',
      ],
    ]);
    expect(first.read!.arrived).toHaveLength(26);
    expect(first.text).not.toContain(TOKEN);
    const plan = place('plan');
    const dry = await handOff(
      to,
      url,
      ['--dry-run', '--plan', plan, '--receipt', first.receipt],
      swapped(),
    );
    const planned = JSON.parse(readFileSync(plan, 'utf8')) as Plan;
    expect(planned.groups.filter(({ joins, leaves }) => joins.length + leaves.length > 0)).toEqual(
      // Rooms are asked for nobody who was refused before: they come again as if they were new.
      to === 'channels'
        ? PLAN_OF_SWAP
        : [...PLAN_OF_SWAP, expect.objectContaining({ name: 'Bulrush', leaves: [] })],
    );
    expect([dry.code, dry.text]).toEqual([0, first.text]);
    const second = await handOff(to, url, ['--receipt', first.receipt], swapped());
    expect(second.read!.arrived.find(({ name }) => name === 'Amira Haddad')!.group).toBe('Willow');
    expect(second.read!.session).toEqual(first.read!.session);
  },
);

test('a service that fails and loses answers gets there all the same', async () => {
  const url = await service({ failing: 150, lost: 150 });
  for (const to of ['channels', 'rooms']) {
    expect(
      (await handOff(to, url, to === 'channels' ? ['--create-users'] : [])).read!.arrived.length,
    ).toBeGreaterThanOrEqual(26);
  }
});

test('too many rooms: the service’s own words reach the teacher, and nobody is claimed', async () => {
  const { code, said, read } = await handOff('rooms', await service({ rooms: 3 }));
  expect(code).toBe(3);
  expect(said).toContain('A session has 3 rooms at most.');
  expect(read!.arrived).toEqual([]);
  expect(read!.refused).toHaveLength(28);
});

test('another token is told, and written nowhere', async () => {
  const { code, said, read, text } = await handOff('channels', await service({}, 'other'));
  expect([code, said.split('\n')[0]]).toEqual([
    3,
    'The service does not accept the token. Ask for a new one.',
  ]);
  expect(read!.arrived).toEqual([]);
  expect(text + said).not.toContain(TOKEN);
});

test.each([
  ['an unknown lineup', ['--lineup', 'Week 70']],
  ['another kind of service', ['--to', 'fax']],
  ['an address that is none', ['--url', 'nowhere']],
  ['a number that is none', ['--minutes', '-3']],
  ['a receipt in a folder that is not there', ['--receipt', join(folder, 'no/receipt.json')]],
  ['a receipt that is something else', ['--receipt', DEMO]],
  ['an unknown option', ['--loud']],
])('%s: refused in one sentence before anything is sent', async (_, more) => {
  let asked = 0;
  const url = await service();
  servers[0]!.on('request', () => asked++);
  const { code, said } = await handOff('channels', url, more);
  expect([code, asked, said.includes('\n')]).toEqual([2, 0, false]);
});

test('stand-ins with a file hold after a new start what they held before, and the file has no token', async () => {
  const state = place('state');
  const first = await handOff('rooms', await service({}, TOKEN, state));
  const again = await handOff('rooms', await service({}, TOKEN, state), [
    ...['--receipt', first.receipt],
  ]);
  expect(again.read!.session).toEqual(first.read!.session);
  expect(again.read!.arrived).toEqual(first.read!.arrived);
  expect(
    readFileSync(state, 'utf8')
      .split('\n')
      .filter((line) => line !== ''),
  ).toHaveLength(1);
});
