import { existsSync, mkdirSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './packages.mjs';

/** The worker that holds the application for when there is no network, made of what a build has left. */
const OUT = 'public/offline.js';
/** What stands beside the built scripts and belongs to every page. */
const BESIDE = ['/icon.svg', '/manifest.webmanifest'];
/** Maps of scripts, and what a server sends instead of a file. */
const NOT_ASKED_FOR = /\.(map|br|gz)$/;
/** Pages that need the network: the students’ page, and the services for practice; and what stands where nothing is. */
const ONLINE = /^\/(seats\b|standins\b|_)/;

await makeOfflineWorker();

async function makeOfflineWorker() {
  const next = join(ROOT, '.next');
  const buildId = readFileSync(join(next, 'BUILD_ID'), 'utf8').trim();
  const icons = filesIn(join(ROOT, 'public', 'icons')).map((name) => `/icons/${name}`);
  const scripts = filesIn(join(next, 'static')).map((name) => `/_next/static/${encoded(name)}`);
  mkdirSync(join(ROOT, 'public'), { recursive: true });
  await build({
    absWorkingDir: ROOT,
    entryPoints: ['src/serving/worker.ts'],
    outfile: OUT,
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: {
      'process.env.NODE_ENV': '"production"',
      BUILD: JSON.stringify(buildId),
      FILES: JSON.stringify([...BESIDE, ...icons, ...scripts]),
      PAGES: JSON.stringify(pages(next)),
    },
  });
}

/** The address of each page, with a place for each id in it: /c/[classId]/groups is /c/_classId_/groups. */
function pages(next) {
  const routes = JSON.parse(readFileSync(join(next, 'app-path-routes-manifest.json'), 'utf8'));
  return Object.entries(routes)
    .filter(([file, route]) => file.endsWith('/page') && !ONLINE.test(route))
    .map(([, route]) => route.replaceAll(/\[(\w+)\]/g, '_$1_'))
    .sort();
}

function filesIn(folder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => statSync(join(folder, name)).isFile() && !NOT_ASKED_FOR.test(name))
    .sort();
}

/** As the build writes it into pages: brackets of a route are encoded, its round ones are not. */
function encoded(name) {
  return name.split('/').map(encodeURIComponent).join('/');
}
