import { spawn, spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

const shown = (env) => ({
  cwd: ROOT,
  stdio: ['ignore', 'inherit', 'inherit'],
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
});

/** Runs a command in the project's folder with its output shown; returns whether it ended well. */
export function run(command, args, env = {}) {
  return spawnSync(command, args, shown(env)).status === 0;
}

/** The same beside others; resolves to whether it ended well. */
export function runBeside(command, args) {
  return new Promise((resolve) => {
    spawn(command, args, shown({}))
      .on('error', () => resolve(false))
      .on('close', (status) => resolve(status === 0));
  });
}

/** Installs the packages when they are missing or older than the lock file; ends the process when that fails. */
export function ensurePackages() {
  const mark = join(ROOT, 'node_modules', '.package-lock.json');
  const lock = join(ROOT, 'package-lock.json');
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync(lock).mtimeMs) return;
  console.error('Installing packages (once; about a minute and a half)...');
  // The packages' own install steps would fetch binaries; everything needed ships inside the packages.
  const install = ['install', '--no-audit', '--no-fund', '--ignore-scripts', '--no-save'];
  if (run('npm', install)) return;
  console.error(
    'The packages could not be installed. Nothing else was changed; run the command again.',
  );
  process.exit(1);
}
