import { spawnSync } from 'node:child_process';
import { ROOT } from './packages.mjs';

/** Runs the mutation tests of the named parts, one after another; without a name those of all. */
const PARTS = ['store', 'encode', 'formats', 'core'];
const asked = process.argv.slice(2);

for (const part of asked.length > 0 ? asked : PARTS) {
  const done = spawnSync('npx', ['stryker', 'run'], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, MUTANTS_OF: part },
  });
  if (done.status !== 0) process.exit(done.status ?? 1);
}
