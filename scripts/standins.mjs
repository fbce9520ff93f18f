import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { loadBundle } from './bundle.mjs';
import { ROOT } from './packages.mjs';

// Channels and rooms to try a hand-off with, on this machine alone; what they hold is gone when they end, or kept in --state FILE.
const number = { type: 'string' };
const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '3900' },
    token: { type: 'string', default: 'river' },
    class: { type: 'string', default: join(ROOT, 'demo/classes/thursday-crew.json') },
    ...{ delay: number, failing: number, lost: number, busy: number, pace: number },
    ...{ rooms: number, people: number, members: number },
    state: { type: 'string' },
  },
});
const { port, token, class: path, delay, state, ...given } = values;
const settings = Object.fromEntries(
  Object.entries({ ...given, ...(delay === undefined ? {} : { delayMs: delay }) }).map(
    ([name, value]) => [name, Number(value)],
  ),
);
const { standins, directoryOf } = await loadBundle('cli/standins.ts');
standins(token, directoryOf(path), settings, state ?? null).listen(
  Number(port),
  '127.0.0.1',
  () => {
    console.log(`Channels, spaces and rooms at http://127.0.0.1:${port}, token ${token}`);
  },
);
