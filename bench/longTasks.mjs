/* global PerformanceObserver */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { withDemoPage } from '../scripts/demoPage.mjs';

/** Work of over 50 ms that holds the page up with a list of 5,000 students, from choosing its file to finding in its table. */

const PORT = 4793;
const COUNT = 5_000;
const SETTLED_MS = 1_500;
const GIVEN = 'Amira Bo Chidi Dana Eito Farah Gil Hana Ines Juno Kofi Lena Mato Noor Ola Pia'.split(
  ' ',
);
const letter = (place) => String.fromCharCode(97 + (place % 26));
const FIVE_THOUSAND = [
  'No.,Name,Section,experience,level,swims',
  ...Array.from({ length: COUNT }, (_, i) => {
    const family = `${GIVEN[(i * 7) % 16]}son${letter(i)}${letter(i / 26)}${letter(i / 676)}`;
    const level = ['new', 'some', 'seasoned'][i % 3];
    return `${100_000 + i},${GIVEN[i % 16]} ${family},${'ABCDEFGH'[i % 8]},${(i * 37) % 101},${level},${i % 4 ? 'yes' : 'no'}`;
  }),
].join('\n');

const folder = mkdtempSync(join(tmpdir(), 'gruppetto-'));
const file = join(folder, 'five-thousand.csv');
writeFileSync(file, FIVE_THOUSAND);

await withDemoPage(
  PORT,
  async (page, address) => {
    await page.addInitScript(() => {
      globalThis.longTasks = [];
      const watch = new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) {
          globalThis.longTasks.push(Math.round(duration));
        }
      });
      watch.observe({ type: 'longtask', buffered: true });
    });
    await page.goto(address);
    await page.getByText('Thursday crew').waitFor();
    await page.getByLabel(/Make another class/).fill('Five thousand');
    await page.getByLabel(/Make another class/).press('Enter');
    await page.getByRole('textbox', { name: /One student a line/ }).waitFor();
    await page.waitForTimeout(SETTLED_MS);

    const watched = async (what, act) => {
      await page.evaluate(() => (globalThis.longTasks.length = 0));
      await act();
      await page.waitForTimeout(SETTLED_MS);
      const tasks = await page.evaluate(() => globalThis.longTasks);
      console.log(`${what.padEnd(28)} ${tasks.length === 0 ? 'none' : `${tasks.join(', ')} ms`}`);
    };
    const add = page.getByRole('button', { name: /^Add 5,?000 students/ });
    const find = page.getByRole('searchbox');
    await watched('a file chosen, until read', async () => {
      await page.locator('input[type=file]').first().setInputFiles(file);
      await add.waitFor();
    });
    await watched('taken in, until saved', async () => {
      await add.click();
      await page.getByRole('grid').waitFor();
      await page.getByText('Saved', { exact: true }).waitFor();
    });
    await watched('finding, letter by letter', () =>
      find.pressSequentially('amira', { delay: 150 }),
    );
    await watched('all shown again', async () => {
      for (let letters = 5; letters > 0; letters -= 1) {
        await find.press('Backspace');
        await page.waitForTimeout(150);
      }
    });
  },
  { serviceWorkers: 'block' },
);
rmSync(folder, { recursive: true });
