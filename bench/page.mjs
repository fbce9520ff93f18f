/* global MessageChannel, MutationObserver, requestAnimationFrame, KeyboardEvent */
import { demoPath, withDemoPage } from '../scripts/demoPage.mjs';

/** How long the page takes from a press until it is painted, in Chromium with software drawing: medians and worst. */

const PORT = 4790;
const RUNS = 15;
const LEVELS = ['new', 'some', 'seasoned'];
/** Forty made-up students with a number, a level and a yes or no. */
const FORTY = [
  'Name,experience,level,swims',
  ...Array.from(
    { length: 40 },
    (_, i) => `Surveyor ${i + 1},${(i * 37) % 101},${LEVELS[i % 3]},${i % 4 ? 'yes' : 'no'}`,
  ),
].join('\n');

/**
 * Sends a key to what has the focus and waits until the page answers it with a change, or with one that brings `wanted`,
 * and has painted that.
 */
async function pressToPainted(page, key, selector, wanted = '*') {
  return page.evaluate(
    ([key, selector, wanted]) =>
      new Promise((resolve) => {
        const area = document.querySelector(selector) ?? document.body;
        let began = 0;
        const painted = () => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => resolve(performance.now() - began);
          port2.postMessage(null);
        };
        const watch = new MutationObserver(() => {
          if (!document.querySelector(wanted)) return;
          watch.disconnect();
          requestAnimationFrame(painted);
        });
        watch.observe(area, { childList: true, subtree: true });
        began = performance.now();
        (document.activeElement ?? document.body).dispatchEvent(
          new KeyboardEvent('keydown', { key, code: `Key${key}`, bubbles: true, cancelable: true }),
        );
      }),
    [key, selector, wanted],
  );
}

async function timed(page, runs, action) {
  const times = [];
  for (let run = 0; run < runs; run++) {
    times.push(await action(run));
    await page.waitForTimeout(250);
  }
  times.sort((a, b) => a - b);
  return [times[Math.floor(times.length / 2)], times.at(-1)].map((ms) => `${Math.round(ms)} ms`);
}

/** From the Enter that adds a rule of eleven apart in ten groups, each time undone, to the sentence that tells why not. */
async function clashTold(page) {
  const line = page.getByRole('combobox', { name: 'Names, two or more' });
  const panel = page.getByRole('alert').filter({ hasText: 'cannot all hold' });
  return timed(page, RUNS, async () => {
    for (let number = 20; number < 31; number++) {
      await line.fill(`Surveyor ${number}`);
      await line.press('Enter');
    }
    const ms = await pressToPainted(page, 'Enter', 'main', 'main [role="alert"]');
    await panel.waitFor();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Undo/ }).click();
    await panel.waitFor({ state: 'detached' });
    return ms;
  });
}

/** The first shuffle of a class opened anew, by a teacher who looks at it for a moment first. */
async function firstShuffle(page, url) {
  return timed(page, 9, async () => {
    await page.goto(url);
    await page.locator('[data-student]').first().waitFor();
    await page.waitForTimeout(1500);
    return pressToPainted(page, 'r', '[aria-label="Groups"]');
  });
}

const rows = [['what', 'median', 'worst']];
await withDemoPage(PORT, async (page, address) => {
  await page.goto(address);
  await page.getByText('Thursday crew').waitFor();
  await page.getByLabel(/Make another class/).fill('Forty');
  await page.getByLabel(/Make another class/).press('Enter');
  await page.getByRole('textbox', { name: /One student a line/ }).fill(FORTY);
  await page.getByRole('button', { name: 'Add 40 students' }).click();
  await page.getByRole('link', { name: /Make groups/ }).click();
  await page.getByRole('button', { name: /Other things/ }).click();
  await page.getByRole('button', { name: 'mix or match a detail' }).click();
  for (const name of ['experience', 'level']) {
    await page
      .getByRole('group', { name, exact: true })
      .getByRole('radio', { name: 'mix' })
      .check();
  }
  await page.locator('button[aria-expanded="true"][aria-controls]').last().click();
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await page
    .getByText(/^means /)
    .first()
    .waitFor();
  const sheet = '[aria-label="Groups"]';
  rows.push([
    '40 students, reshuffle',
    ...(await timed(page, RUNS, () => pressToPainted(page, 'r', sheet))),
  ]);
  await page.locator('[data-student]').first().focus();
  rows.push([
    '40 students, move by key',
    ...(await timed(page, RUNS, (run) => pressToPainted(page, String((run % 5) + 2), sheet))),
  ]);
  await page.locator('[data-student]').first().press('Enter');
  rows.push([
    '40 students, a selected one moved',
    ...(await timed(page, RUNS, (run) => pressToPainted(page, String((run % 5) + 2), sheet))),
  ]);

  await page.getByRole('link', { name: 'Quiet rules', exact: true }).click();
  rows.push(['40 students, a clash told', ...(await clashTold(page))]);

  rows.push([
    '28 students after six weeks, first shuffle',
    ...(await firstShuffle(page, `${address}${demoPath('thursday-crew')}/groups`)),
  ]);

  await page.goto(`${address}${demoPath('open-course')}/groups`);
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await page.locator('[data-student]').first().waitFor();
  await page.waitForTimeout(1000);
  rows.push([
    '1,200 students, reshuffle',
    ...(await timed(page, 7, () => pressToPainted(page, 'r', sheet))),
  ]);
  await page.locator('[data-student]').first().focus();
  rows.push([
    '1,200 students, move by key',
    ...(await timed(page, 7, (run) => pressToPainted(page, String((run % 5) + 2), sheet))),
  ]);
});
const widths = rows[0].map((_, column) => Math.max(...rows.map((row) => row[column].length)));
rows.forEach((row) =>
  console.log(row.map((cell, column) => cell.padEnd(widths[column])).join('  ')),
);
