import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run } from './packages.mjs';

const BUILD_MARK = join(ROOT, '.next', 'BUILD_ID');
const SOURCES = [
  'src',
  'public/icons',
  'scripts/offline.mjs',
  'scripts/compress.mjs',
  'next.config.ts',
  'package-lock.json',
  'tsconfig.json',
];

/** Builds the application when a source is newer than the last build; ends the process when that fails. */
export function ensureBuild() {
  if (existsSync(BUILD_MARK) && statSync(BUILD_MARK).mtimeMs > newest(SOURCES)) return;
  console.error('Building (once; about a minute and a half)...');
  // Webpack joins the modules of a worker into one, which makes the engine's inner loops a third faster.
  if (run('npm', ['run', '--silent', 'build'])) return;
  console.error(
    'The application could not be built. Run the command again after mending what is said above.',
  );
  process.exit(1);
}

function newest(names) {
  return Math.max(
    ...names.map((name) => {
      const path = join(ROOT, name);
      const info = statSync(path);
      if (!info.isDirectory()) return info.mtimeMs;
      return newest(readdirSync(path).map((inner) => join(name, inner)));
    }),
  );
}
