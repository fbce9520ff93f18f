/* global requestAnimationFrame */
import { demoPath, withDemoPage } from '../scripts/demoPage.mjs';

/** From a press on Term until the table of 1,200 students by 15 rounds is painted, and scrolling through it. */

const PORT = 4794;
const RUNS = 9;
const ROUNDS = 15;

await withDemoPage(PORT, async (page, address) => {
  await page.goto(address);
  await page.getByText('Thursday crew').waitFor();
  await page.goto(`${address}${demoPath('open-course')}/term`);
  const plan = page.getByRole('button', { name: /^How many rounds/ });
  await plan.click();
  for (let rounds = 6; rounds < ROUNDS; rounds++) {
    await page.getByRole('button', { name: 'One round more' }).click();
  }
  await page.locator('button[aria-expanded="true"][aria-controls]').last().click();
  const begun = Date.now();
  await page.getByRole('button', { name: `Plan ${ROUNDS} rounds` }).click();
  await page.getByText(`${ROUNDS} rounds planned.`).waitFor({ timeout: 300_000 });
  console.log(`${ROUNDS} rounds planned in ${Date.now() - begun} ms`);
  await page.getByText('Saved', { exact: true }).waitFor();
  const times = [];
  for (let run = 0; run < RUNS; run++) {
    await page.getByRole('link', { name: 'Quiet rules' }).click();
    await page.waitForURL(/rules/);
    await page.waitForTimeout(500);
    times.push(
      await page.evaluate(
        () =>
          new Promise((resolve) => {
            const begin = performance.now();
            const look = () => {
              if (document.querySelector('tbody [data-student]')) {
                requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - begin)));
              } else requestAnimationFrame(look);
            };
            [...document.querySelectorAll('nav a')].find((a) => /term/.test(a.href)).click();
            look();
          }),
      ),
    );
  }
  times.sort((a, b) => a - b);
  console.log(
    `Term painted: median ${Math.round(times[Math.floor(RUNS / 2)])} ms, worst ${Math.round(times.at(-1))} ms`,
  );
  const frames = await page.evaluate(
    () =>
      new Promise((resolve) => {
        const box = document.querySelector('table').parentElement;
        const gaps = [];
        let last = performance.now();
        const step = () => {
          const now = performance.now();
          gaps.push(now - last);
          last = now;
          box.scrollTop += 120;
          if (gaps.length < 100) requestAnimationFrame(step);
          else resolve(gaps);
        };
        requestAnimationFrame(step);
      }),
  );
  frames.sort((a, b) => a - b);
  console.log(
    `scrolling: median ${Math.round(frames[50])} ms a frame, worst of a hundred ${Math.round(frames.at(-1))} ms`,
  );
});
