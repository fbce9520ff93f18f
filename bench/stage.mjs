/* global MutationObserver, KeyboardEvent */
import { demoPath, withDemoPage } from '../scripts/demoPage.mjs';

/** From a press on the bench until the stage in the other window has drawn it. */

const PORT = 4793;
const RUNS = 15;
const NOTHING_MS = 3_000;

/** The moment, in ms since 1970, at which the page has drawn and laid out its next change; its window may be behind. */
const nextDrawn = () =>
  new Promise((resolve) => {
    const watch = new MutationObserver(() => {
      watch.disconnect();
      void document.body.offsetHeight;
      resolve(performance.timeOrigin + performance.now());
    });
    watch.observe(document.querySelector('main'), {
      ...{ childList: true, subtree: true, characterData: true, attributes: true },
    });
  });

/** Presses a key on what has the focus and gives the moment of it. */
const pressed = (key) => {
  const at = performance.timeOrigin + performance.now();
  (document.activeElement ?? document.body).dispatchEvent(
    new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }),
  );
  return at;
};

await withDemoPage(PORT, async (page, address) => {
  const CREW = `${address}${demoPath('thursday-crew')}`;
  await page.goto(address);
  await page.getByText('Thursday crew').waitFor();
  await page.goto(`${CREW}/groups`);
  await page.locator('[data-student]').first().waitFor();
  const stage = await page.context().newPage();
  await stage.goto(`${CREW}/stage`);
  await stage.getByText('Ngozi').waitFor();
  await stage.waitForTimeout(1_000);
  await page.getByRole('button', { name: 'Follow live' }).click();
  await page.waitForTimeout(500);
  const timed = async (name, focus, keys) => {
    const times = [];
    for (let run = 0; run < RUNS; run++) {
      await focus(run);
      await page.waitForTimeout(300);
      const drawn = stage.evaluate(nextDrawn);
      drawn.catch(() => undefined);
      await stage.waitForTimeout(50);
      const at = await page.evaluate(pressed, keys(run));
      // Where no other arrangement is as good the groups stay, and the bench says so: nothing is drawn.
      const ended = await Promise.race([drawn, stage.waitForTimeout(NOTHING_MS).then(() => null)]);
      if (ended === null) await stage.reload();
      else times.push(ended - at);
    }
    times.sort((a, b) => a - b);
    console.log(
      `${name.padEnd(40)} median ${Math.round(times[Math.floor(times.length / 2)])} ms, worst ${Math.round(times.at(-1))} ms, ${times.length} of ${RUNS} drawn`,
    );
  };
  const tile = page.getByRole('button', { name: /^Ngozi/ }).and(page.locator('[data-student]'));
  await timed(
    'a student moved by a key',
    () => tile.focus(),
    (run) => String((run % 2) + 1),
  );
  await timed(
    'a reshuffle',
    () => page.evaluate(() => document.activeElement?.blur()),
    () => 'r',
  );
});
