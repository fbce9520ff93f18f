import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureBuild } from './build.mjs';
import { lanAddresses, openToLan } from './lan.mjs';
import { ensurePackages, ROOT } from './packages.mjs';

/** The first port tried. It stays the same from day to day where it can: a browser keeps classes by address. */
const FIRST_PORT = 4170;
const PORTS_TRIED = 200;
const FIRST_LAN_PORT = 4670;

const { values } = parseArgs({
  options: {
    demo: { type: 'boolean', default: false },
    // Opens the students' pages to the local network.
    lan: { type: 'boolean', default: false },
    // Keeps open seats in a file, so that they outlive a new start.
    'seats-file': { type: 'string', default: '' },
  },
});
const { demo, lan, 'seats-file': seatsFile } = values;
ensurePackages();
ensureBuild();
const port = await freePort(demo ? FIRST_PORT : FIRST_PORT + PORTS_TRIED);
const address = `http://localhost:${port}`;
const lanPort = lan ? await freePort(FIRST_LAN_PORT, '0.0.0.0') : null;
const [lanHost] = lanAddresses();
const students = lanPort !== null && lanHost ? `http://${lanHost}:${lanPort}` : '';
const server = spawn(process.execPath, ['scripts/serve.mjs', '--port', String(port)], {
  cwd: ROOT,
  stdio: ['ignore', 'ignore', 'inherit'],
  env: {
    ...process.env,
    NEXT_TELEMETRY_DISABLED: '1',
    GRUPPETTO_DEMO: demo ? '1' : '0',
    GRUPPETTO_STUDENTS: students,
    GRUPPETTO_SEATS_FILE: seatsFile && resolve(seatsFile),
  },
});
server.on('exit', (code) => process.exit(code ?? 1));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
await answering(address);
console.log(
  `Gruppetto${demo ? ' with the demo classes' : ''} is at ${address}  (stop it with Ctrl C)`,
);
if (lanPort !== null) await tellLan(port, lanPort);

/** The students' pages alone, with where they are and a code for the phone. */
async function tellLan(from, to) {
  if (students === '') {
    console.log('This machine is in no local network: students’ pages answer here alone.');
    return;
  }
  await openToLan(from, to);
  const { default: qrcode } = await import('qrcode-generator');
  const code = qrcode(0, 'L');
  code.addData(students);
  code.make();
  console.log(
    `Students’ pages, and nothing else, answer in the local network at ${students}/seats/CODE.\n` +
      'Anybody in this network can open them; who has a slip can choose. The code of the address:\n',
  );
  console.log(code.createASCII(1, 2));
}

async function freePort(first, host = 'localhost') {
  for (let candidate = first; candidate < first + PORTS_TRIED; candidate++) {
    if (await isFree(candidate, host)) return candidate;
  }
  throw new Error(`expected a free port from ${first} on, found none in ${PORTS_TRIED}`);
}

function isFree(candidate, host) {
  return new Promise((free) => {
    const probe = createServer();
    probe.once('error', () => free(false));
    probe.listen(candidate, host, () => probe.close(() => free(true)));
  });
}

/** Waits until the server answers. */
async function answering(url) {
  for (;;) {
    const ready = await fetch(url).then(
      (response) => response.ok,
      () => false,
    );
    if (ready) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}
