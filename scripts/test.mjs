import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensurePackages, ROOT, run, runBeside } from './packages.mjs';

const REPORTS = join(ROOT, '.cache', 'reports');
const UNIT_REPORT = join(REPORTS, 'unit.json');
const E2E_REPORT = join(REPORTS, 'e2e.json');

ensurePackages();
ensureChromium();
rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS, { recursive: true });

const counts = { passed: 0, failed: 0 };
const summary = [];

// Each of these takes one core, and linting longer than all others together.
const lint = runBeside('npx', ['eslint', '--max-warnings', '0', '.']);
for (const [name, command, ...args] of [
  ['formatting', 'npx', 'prettier', '--check', '--log-level', 'warn', '.'],
  ['import arrows', 'npm', 'run', '--silent', 'arrows'],
  ['types', 'npx', 'tsc', '--noEmit'],
]) {
  const ended = await runBeside(command, args);
  check(name, () => ended);
}
const linted = await lint;
check('lint', () => linted);
suite('unit tests', UNIT_REPORT, unitCounts, () =>
  run('npx', ['jest', '--ci', '--json', `--outputFile=${UNIT_REPORT}`]),
);
if (check('build', () => run('npm', ['run', '--silent', 'build']))) {
  const port = await freePort();
  suite('end-to-end tests', E2E_REPORT, e2eCounts, () =>
    run('npx', ['playwright', 'test'], {
      GRUPPETTO_E2E_REPORT: E2E_REPORT,
      GRUPPETTO_E2E_PORT: String(port),
    }),
  );
}

console.log(`\n${summary.join('\n')}\n`);
console.log(`${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);

/** One check counts as one. */
function check(name, works) {
  return record(name, works() ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 });
}

/** A suite counts each of its tests; one that ends badly without a failed test counts as one failure. */
function suite(name, report, read, works) {
  const ended = works();
  let result;
  try {
    result = read(JSON.parse(readFileSync(report, 'utf8')));
  } catch {
    result = { passed: 0, failed: 1 };
  }
  if (result.passed === 0 || (!ended && result.failed === 0)) result.failed++;
  return record(name, result);
}

function record(name, { passed, failed, note = '' }) {
  counts.passed += passed;
  counts.failed += failed;
  summary.push(
    `${failed === 0 ? 'ok    ' : 'FAILED'} ${name}: ${passed} passed, ${failed} failed${note}`,
  );
  console.error(`\n== ${summary.at(-1)}\n`);
  return failed === 0;
}

function unitCounts(report) {
  return {
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  };
}

function e2eCounts({ stats }) {
  return {
    passed: stats.expected + stats.flaky,
    failed: stats.unexpected,
    note: stats.flaky > 0 ? ` (${stats.flaky} of them only at the second try)` : '',
  };
}

function freePort() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, 'localhost', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
