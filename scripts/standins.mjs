import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { loadBundle } from './bundle.mjs';
import { ROOT } from './packages.mjs';

// Channels and rooms to try a hand-off with, on this machine alone; what they hold is gone when they end.
const number = (value) => Number(value ?? 0);
const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '3900' },
    token: { type: 'string', default: 'river' },
    class: { type: 'string', default: join(ROOT, 'demo/classes/thursday-crew.json') },
    delay: { type: 'string' },
    failing: { type: 'string' },
    lost: { type: 'string' },
    rooms: { type: 'string', default: '300' },
    members: { type: 'string', default: '250' },
  },
});
const { standins, directoryOf } = await loadBundle('cli/standins.ts');
standins({
  token: values.token,
  people: directoryOf(values.class),
  delayMs: number(values.delay),
  failing: number(values.failing),
  lost: number(values.lost),
  mostRooms: number(values.rooms),
  mostMembers: number(values.members),
}).listen(Number(values.port), '127.0.0.1', () => {
  console.log(`Channels and rooms at http://127.0.0.1:${values.port}, token ${values.token}`);
});
