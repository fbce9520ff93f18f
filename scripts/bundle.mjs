import { existsSync, readdirSync, renameSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensurePackages, ROOT } from './packages.mjs';

const SOURCES = [
  'cli',
  'demo',
  'bench',
  'src/core',
  'src/schema',
  'src/services',
  'src/standins',
  'src/formats',
  'src/messages',
  'src/encode',
];

/** The command line as a module, bundled anew only when a source is newer than the last bundle. */
export function loadCommandLine() {
  return loadBundle('cli/main.ts');
}

/** Bundles one TypeScript entry for Node and imports it. */
export async function loadBundle(entry) {
  const out = join(ROOT, '.cache', entry.replace(/\W/g, '-') + '.mjs');
  if (!existsSync(out) || statSync(out).mtimeMs < newestSource()) {
    ensurePackages();
    const { buildSync } = await import('esbuild');
    // Two that start at once must not read what the other is still writing.
    const making = `${out}.${process.pid}`;
    buildSync({
      absWorkingDir: ROOT,
      entryPoints: [entry],
      outfile: making,
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      logLevel: 'error',
      // Packages of the older kind ask Node for its parts while they run.
      banner: {
        js: "import { createRequire as requireOf } from 'node:module'; const require = requireOf(import.meta.url);",
      },
      // Loads a file that stands beside it; only the bench uses it.
      external: ['highs'],
    });
    renameSync(making, out);
  }
  return import(pathToFileURL(out).href);
}

function newestSource() {
  const times = SOURCES.filter((folder) => existsSync(join(ROOT, folder))).flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
      .filter((file) => file.isFile() && /\.(ts|mjs|json)$/.test(file.name))
      .map((file) => statSync(join(file.parentPath ?? file.path, file.name)).mtimeMs),
  );
  return Math.max(...times);
}
