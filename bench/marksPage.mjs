/* global PerformanceObserver */
import { Buffer } from 'node:buffer';
import { readFileSync } from 'node:fs';
import { withDemoPage } from '../scripts/demoPage.mjs';

/** 300 students by 12 activities: from the Enter that ends a mark until the page is painted, alone, in groups and over the term. */

const PORT = 4796;
const STUDENTS = 300;
const GROUP = 5;
const EDITS = 40;

const file = JSON.parse(readFileSync('demo/classes/open-course.json', 'utf8'));
const crew = JSON.parse(readFileSync('demo/classes/thursday-crew.json', 'utf8'));
const classId = file.class.id;
const students = file.students.slice(0, STUDENTS);
const lineups = file.lineups.map((one) => ({ ...one, takeId: null, pinned: [] }));
const groups = Array.from({ length: STUDENTS / GROUP }, (_, row) => ({
  ...{ key: String(row), name: `Group ${row + 1}`, sign: row, roles: {} },
  studentIds: students.slice(row * GROUP, (row + 1) * GROUP).map(({ id }) => id),
}));
const work = { points: 7, criteria: {}, comment: '', came: { state: 'in', at: null } };
const activities = Array.from({ length: 12 }, (_, at) => {
  const alone = at % 2 === 0;
  const keys = alone ? students.map(({ id }) => id) : groups.map(({ key }) => key);
  const answers = students.map(({ id }, place) => {
    const members = groups[Math.floor(place / GROUP)].studentIds;
    return [id, Object.fromEntries(members.map((one, other) => [one, 10 + 5 * other]))];
  });
  return {
    ...{ ...crew.activities[0], id: `ac_bench_${at}`, classId, name: `Activity ${at + 1}` },
    ...{ lineupId: null, groups: alone ? null : groups, criteria: [], own: {}, late: null },
    members: alone ? 'same' : 'answers',
    answers: alone ? {} : Object.fromEntries(answers),
    work: Object.fromEntries(keys.map((key) => [key, work])),
  };
});
const name = 'Three hundred';
const given = {
  ...{ ...file, students, lineups, takes: [], plans: [], activities },
  class: { ...file.class, name },
};
/** Under ids of its own: the course that it is cut from is there too. */
const text = JSON.stringify(given).replaceAll(/"(c|s|l)_([0-9a-f]{20})/g, '"$1_b$2');

async function edits(page, cells) {
  await cells.first().focus();
  await page.evaluate(() => {
    globalThis.seen = [];
    new PerformanceObserver((list) =>
      globalThis.seen.push(...list.getEntries().filter(({ name }) => name === 'keydown')),
    ).observe({ type: 'event', durationThreshold: 16 });
  });
  for (let edit = 0; edit < EDITS; edit++) {
    await page.keyboard.type(String(1 + (edit % 9)));
    await page.keyboard.press('Enter');
    await page.waitForTimeout(60);
  }
  const times = await page.evaluate(() =>
    globalThis.seen.filter(({ duration }) => duration > 0).map(({ duration }) => duration),
  );
  times.sort((a, b) => a - b);
  const quick = 2 * EDITS - times.length;
  const slow = times.filter((ms) => ms > 50).length;
  return `${2 * EDITS} presses: ${quick} under 16 ms; of the others median ${times[Math.floor(times.length / 2)] ?? 0} ms, worst ${times.at(-1) ?? 0} ms, over 50 ms ${slow}`;
}

await withDemoPage(PORT, async (page, address) => {
  await page.goto(address);
  await page.getByText('Thursday crew').waitFor();
  await page
    .locator('input[type="file"]')
    .first()
    .setInputFiles({
      ...{ name: 'bench.json', mimeType: 'application/json' },
      buffer: Buffer.from(text),
    });
  const link = page.getByRole('link', { name: new RegExp(name) });
  await link.waitFor();
  await page.getByText('Saved', { exact: true }).waitFor();
  const path = /\/c\/[^/]+/.exec((await link.getAttribute('href')) ?? '')?.[0] ?? '';
  for (const called of ['Activity 1', 'Activity 2']) {
    await page.goto(`${address}${path}/activities`);
    await page.getByRole('link', { name: called, exact: true }).click();
    const cells = page.getByRole('textbox', { name: /: Mark$/ });
    await cells.first().waitFor();
    await page.waitForTimeout(1000);
    console.log(`${called}: ${await edits(page, cells)}`);
  }
  const begun = Date.now();
  await page.getByRole('link', { name: 'All activities' }).click();
  await page.getByRole('link', { name: 'Marks over the term' }).click();
  await page.getByRole('columnheader', { name: /Activity 12/ }).waitFor();
  console.log(`Term of ${STUDENTS} by 12 shown after ${Date.now() - begun} ms`);
});
