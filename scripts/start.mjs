import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { ensureBuild } from './build.mjs';
import { ensurePackages, ROOT } from './packages.mjs';

/** The first port tried. It stays the same from day to day where it can: a browser keeps classes by address. */
const FIRST_PORT = 4170;
const PORTS_TRIED = 200;

const demo = process.argv.includes('--demo');
ensurePackages();
ensureBuild();
const port = await freePort(demo ? FIRST_PORT : FIRST_PORT + PORTS_TRIED);
const address = `http://localhost:${port}`;
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', 'localhost'],
  {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', GRUPPETTO_DEMO: demo ? '1' : '0' },
  },
);
server.on('exit', (code) => process.exit(code ?? 1));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
await answering(address);
console.log(
  `Gruppetto${demo ? ' with the demo classes' : ''} is at ${address}  (stop it with Ctrl C)`,
);

async function freePort(first) {
  for (let candidate = first; candidate < first + PORTS_TRIED; candidate++) {
    if (await isFree(candidate)) return candidate;
  }
  throw new Error(`expected a free port from ${first} on, found none in ${PORTS_TRIED}`);
}

function isFree(candidate) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(candidate, 'localhost', () => probe.close(() => resolve(true)));
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
