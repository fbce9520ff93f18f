import { spawnSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './packages.mjs';

/**
 * Runs the mutation tests of the named parts, one after another; without a name those of all.
 *
 * `--lines N` tries the mutants of N lines of each part alone: a fair sample where the whole takes hours (mutants of
 * several lines, which are the easier ones to notice, are left out of it). `--seed N` draws other lines: those that tests
 * were written after are no fair sample any more.
 */
const PARTS = ['store', 'encode', 'formats', 'core'];
const words = process.argv.slice(2);
const lines = numberAfter('--lines', 0);
const seed = numberAfter('--seed', 2026);

for (const part of words.length > 0 ? words : PARTS) {
  const done = spawnSync('npx', ['stryker', 'run'], {
    cwd: ROOT,
    stdio: 'inherit',
    env: {
      ...process.env,
      MUTANTS_OF: part,
      ...(lines > 0 && { MUTANTS_IN: drawLines(part, lines).join() }),
    },
  });
  if (done.status !== 0) process.exit(done.status ?? 1);
}

function numberAfter(option, otherwise) {
  const at = words.indexOf(option);
  return at < 0 ? otherwise : Number(words.splice(at, 2)[1]);
}

/** So many lines of a part that hold code, as ranges Stryker takes: `path:line-line`. */
function drawLines(part, count) {
  const all = readdirSync(path.join(ROOT, 'src', part), { recursive: true })
    .filter((file) => file.endsWith('.ts') && !/test/.test(path.basename(file)))
    .map((file) => `src/${part}/${file}`)
    .sort()
    .flatMap((file) =>
      readFileSync(path.join(ROOT, file), 'utf8')
        .split('\n')
        .flatMap((line, index) =>
          /[=?(<>&|+\-*]|return/.test(line) && !/^\s*(\*|\/[/*]|import|export type)/.test(line)
            ? [`${file}:${String(index + 1)}-${String(index + 1)}`]
            : [],
        ),
    );
  const next = randomFrom(seed);
  for (let index = all.length - 1; index > 0; index -= 1) {
    const other = Math.floor(next() * (index + 1));
    [all[index], all[other]] = [all[other], all[index]];
  }
  return all.slice(0, count).sort();
}

/** Numbers from 0 to 1 by the mulberry32 recurrence, the same for the same seed. */
function randomFrom(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
