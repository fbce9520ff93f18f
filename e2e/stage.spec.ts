import { extractText, getDocumentProxy } from 'unpdf';
import {
  CREW,
  everythingOn,
  expect,
  expectAccessible,
  openDemo,
  privateWords,
  test,
} from './pages';
import type { Page } from '@playwright/test';

const STAGE = `${CREW}/stage`;
const SCENES = ['By group', 'By name', 'Instructions', 'Clock', 'Stations', 'Draw'];

const shownOn = (page: Page) => page.locator('main').innerText();

/** No private text of any student, rule or detail is in it. */
function expectQuiet(text: string): void {
  expect(privateWords().filter((word) => text.includes(word))).toEqual([]);
}

async function openStage(page: Page): Promise<void> {
  await openDemo(page, STAGE);
  await expect(page.getByRole('heading', { name: 'Week 7, bank walk' })).toBeVisible();
  await expect(page.getByText('Ngozi')).toBeVisible();
}

test('a stage in a second window holds what it shows until told, or follows the bench, as the bench says', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/show`);
  const opening = page.waitForEvent('popup');
  await page.getByRole('button', { name: 'Open in a second window' }).click();
  const stage = await opening;
  await expect(stage.getByText('Ngozi')).toBeVisible();
  const strip = page.getByRole('region', { name: 'The class sees' });
  await expect(strip).toContainText('Week 7, bank walk');
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  const before = await shownOn(stage);
  await page.getByRole('button', { name: 'Reshuffle' }).click();
  await expect(strip).toContainText('The bench has something newer.');
  expect(await shownOn(stage)).toBe(before);
  await stage.reload();
  await expect(stage.getByText('Ngozi')).toBeVisible();
  await expect.poll(() => shownOn(stage)).toBe(before);
  await strip.getByRole('button', { name: 'Show now' }).click();
  await expect.poll(() => shownOn(stage)).not.toBe(before);
  await strip.getByRole('button', { name: 'Follow live' }).click();
  await expect(strip).toContainText('Live');
  const held = await shownOn(stage);
  await page.getByRole('button', { name: /^Ngozi/ }).click();
  const row = await page.locator('[data-row]', { hasText: 'Ngozi' }).getAttribute('data-row');
  await page.keyboard.press(row === '0' ? '2' : '1');
  await expect.poll(() => shownOn(stage)).not.toBe(held);
  await strip.getByRole('combobox', { name: 'What is shown' }).selectOption('By name');
  await expect(stage.getByRole('button', { name: 'By name' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await stage.close();
  await expect(strip).toBeHidden();
});

test('every scene is a key away, has no serious finding, and nothing private in any word of it', async ({
  page,
}) => {
  await openStage(page);
  for (const [index, name] of SCENES.entries()) {
    await page.keyboard.press(String(index + 1));
    const scenes = page.getByRole('group', { name: 'What is shown' });
    await expect(scenes.getByRole('button', { name })).toHaveAttribute('aria-pressed', 'true');
    await expectAccessible(page);
    expectQuiet(await page.evaluate(everythingOn));
    const words = await page.locator('body').innerText();
    expect(words).not.toMatch(/apart|together|talk over|tablet|seasoned|example\.org|kept|rule/);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBe(0);
  }
  await page.keyboard.press('?');
  await expect(page.getByText('Stage: the scenes in their order')).toBeVisible();
});

test('a stage that crashes is gone from the strip of the bench', async ({ page, context }) => {
  await openDemo(page, `${CREW}/groups`);
  const stage = await context.newPage();
  await stage.goto(STAGE);
  await expect(stage.getByText('Ngozi')).toBeVisible();
  const strip = page.getByRole('region', { name: 'The class sees' });
  await expect(strip).toBeVisible();
  const session = await context.newCDPSession(stage);
  // It never answers: what should have answered is gone.
  void session.send('Page.crash').catch(() => undefined);
  await expect(strip).toBeHidden();
});

test('the stage by its address comes without the router, and leads back to the bench', async ({
  page,
}) => {
  await openStage(page);
  const hasRouter = (): Promise<boolean> => page.evaluate(() => 'next' in window);
  expect(await hasRouter()).toBe(false);
  await page.keyboard.press('b');
  await expect(page).toHaveURL(new RegExp(`${CREW}/groups$`));
  expect(await hasRouter()).toBe(true);
  // By a key of the bench it is the same stage, without a page being loaded.
  await page.evaluate(() => Object.assign(window, { same: true }));
  await expect(page.getByRole('button', { name: 'Reshuffle' })).toBeVisible();
  await page.keyboard.press('s');
  await expect(page.locator('main').getByText('Ngozi')).toBeVisible();
  await expect(page).toHaveTitle('Stage · Gruppetto');
  expect(await page.evaluate(() => 'same' in window)).toBe(true);
});

test('a projector has a light of its own, whatever the screen beside it has', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await openStage(page);
  // What stands behind the names.
  const ground = (): Promise<string> =>
    page.locator('main').evaluate((main) => {
      let part: Element | null = main;
      while (part && getComputedStyle(part).backgroundColor === 'rgba(0, 0, 0, 0)') {
        part = part.parentElement;
      }
      return part ? getComputedStyle(part).backgroundColor : '';
    });
  const dark = await ground();
  await page.keyboard.press('l');
  await expect.poll(ground).toBe('rgb(251, 247, 240)');
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByText('Ngozi')).toBeVisible();
  expect(await ground()).toBe('rgb(251, 247, 240)');
  await page.keyboard.press('l');
  await expect.poll(ground).toBe(dark);
});

test('by name everybody stands once, and one key goes from group to name and back', async ({
  page,
}) => {
  await openStage(page);
  await page.keyboard.press('v');
  await expect(page.getByRole('listitem').filter({ hasText: 'Ngozi' })).toContainText('Iris');
  const lines = await page.locator('main li').allInnerTexts();
  expect(lines).toHaveLength(28);
  await page.keyboard.press('v');
  await expect(page.getByRole('heading', { name: 'Iris' })).toBeVisible();
});

test('the clock goes on to the second through a reload, and says when time is up', async ({
  page,
}) => {
  await openStage(page);
  await page.clock.install();
  await page.reload();
  await expect(page.getByText('Ngozi')).toBeVisible();
  const clock = page.getByRole('timer');
  /** What is read off the clock, in seconds, and the moment at which it would then end. */
  const read = (): Promise<{ left: number; end: number }> =>
    clock.evaluate((face) => {
      const [, minutes, seconds] = /(\d+):(\d\d)/.exec(face.textContent) ?? [];
      const left = Number(minutes) * 60 + Number(seconds);
      return { left, end: Date.now() + left * 1000 };
    });
  const expectEnd = async (end: number): Promise<void> =>
    expect.poll(async () => Math.abs((await read()).end - end)).toBeLessThan(1_500);
  await page.keyboard.press('c');
  await expect(clock).toContainText(/10:00|9:5/);
  const { end } = await read();
  await page.clock.runFor(75_000);
  await expectEnd(end);
  await page.keyboard.press(']');
  await expectEnd(end + 60_000);
  await page.reload();
  await expectEnd(end + 60_000);
  await page.clock.runFor(530_000);
  await expect(clock).toContainText('nearly over');
  await page.keyboard.press('c');
  await expect(clock).toContainText('stands still');
  const { left } = await read();
  await page.clock.runFor(120_000);
  expect((await read()).left).toBe(left);
  await page.keyboard.press('c');
  await page.clock.runFor((left + 1) * 1000);
  await expect(clock).toContainText('Time is up');
});

test('turns move everybody on and start their clock; a break is nobody lost', async ({ page }) => {
  await openStage(page);
  await page.keyboard.press('5');
  const flow = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Flow' }) });
  await expect(page.getByText('Turn 1 of 4')).toBeVisible();
  const first = await flow.innerText();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Turn 2 of 4')).toBeVisible();
  await expect(page.getByRole('timer')).toContainText(/12:00|11:5/);
  expect(await flow.innerText()).not.toBe(first);
  await page.keyboard.press('PageUp');
  await expect(page.getByText('Turn 1 of 4')).toBeVisible();
  expect(await flow.innerText()).toBe(first);
});

test('names are revealed one by one and stay revealed after a reload', async ({
  page,
  context,
}) => {
  await openStage(page);
  await page.getByText('More', { exact: true }).click();
  await page.getByRole('button', { name: 'Reveal name by name' }).click();
  await expect(page.getByText('Ngozi')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Iris' })).toBeVisible();
  for (let name = 0; name < 7; name++) await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Ngozi')).toBeVisible();
  await expect(page.getByText('Petra')).toBeHidden();
  // Another window shows it as soon as it is on the disk.
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByText('Ngozi')).toBeVisible();
  await other.close();
  await page.reload();
  await expect(page.getByText('Ngozi')).toBeVisible();
  await expect(page.getByText('Petra')).toBeHidden();
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(page.getByText('Petra')).toBeVisible();
});

test('nobody is drawn twice before all have come, over a reload too, and a draw is taken back', async ({
  page,
}) => {
  await openStage(page);
  await page.keyboard.press('6');
  await expect(page.getByText('All 28 are still to come.')).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByText('27 of 28 are still to come.')).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByText('26 of 28 are still to come.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('26 of 28 are still to come.')).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('27 of 28 are still to come.')).toBeVisible();
  await page.getByRole('button', { name: 'One of each group' }).click();
  await expect(page.getByText('20 of 28 are still to come.')).toBeVisible();
});

test('a reshuffle on stage asks nothing and says nothing of why', async ({ page }) => {
  await openStage(page);
  const before = await shownOn(page);
  await page.keyboard.press('r');
  await expect.poll(() => shownOn(page)).not.toBe(before);
  expect(await page.locator('body').innerText()).not.toMatch(/rule|apart|together|take/i);
});

test('who is missing since is off the stage by one key, and the groups are evened with the fewest moves', async ({
  page,
  context,
}) => {
  await openStage(page);
  const bench = await context.newPage();
  await bench.goto(`${CREW}/groups`);
  for (const name of ['Ngozi', 'Petra']) {
    await bench
      .locator('[data-student]')
      .and(bench.getByRole('button', { name: new RegExp(`^${name}`) }))
      .focus();
    await bench.keyboard.press('m');
    await expect(
      bench.getByText(new RegExp(`${name} .* away today, and off the stage`)).first(),
    ).toBeVisible();
  }
  await expect(page.getByText('Ngozi')).toBeHidden();
  await expect(page.getByText('Petra')).toBeHidden();
  await bench.getByRole('button', { name: 'Even the groups' }).click();
  await expect(bench.getByText(/The groups are even again: [^,]* moved\./).first()).toBeVisible();
});

test('instructions are kept while they are written, shown beside the groups, and markup stays words', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/show`);
  const box = page.getByRole('textbox', { name: 'Instructions for this lineup' });
  await box.fill(
    '## Boots on\n\n<img src=x onerror=alert(1)>\n\n[Map](javascript:alert(2)) and **nets**',
  );
  await expect(page.getByRole('heading', { name: 'Boots on' })).toBeVisible();
  await page.getByRole('button', { name: 'Place of Alder: Footbridge' }).click();
  await page
    .getByRole('textbox', { name: 'Place of Alder' })
    .fill('https://rooms.example.org/alder');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.keyboard.press('s');
  await expect(page.getByRole('link', { name: 'open rooms.example.org' })).toBeVisible();
  await page.keyboard.press('i');
  const beside = page.getByRole('complementary', { name: 'Instructions' });
  await expect(beside.getByRole('heading', { name: 'Boots on' })).toBeVisible();
  expect(await page.locator('img').count()).toBe(0);
  expect(await page.locator('[href^="javascript"]').count()).toBe(0);
  await expectAccessible(page);
});

test('stations are planned with the best that is possible beside them, and expert groups are made and shown', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/show`);
  await expect(page.getByText('Every group comes to every station, to none twice.')).toBeVisible();
  await page.getByRole('button', { name: 'More: Stations' }).click();
  await expect(page.getByRole('columnheader', { name: 'Turn 5' })).toBeVisible();
  await expect(page.getByText('No two groups share a station twice.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('textbox', { name: 'Topics, one a line' }).fill('Flow\nLife\nBanks\nUse');
  await page.getByRole('button', { name: 'Make expert groups' }).click();
  await expect(page.getByText('Made: Flow, Life, Banks and Use.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /Show on stage/ }).click();
  await page.getByRole('button', { name: 'Jigsaw' }).click();
  await expect(page.getByText('Home groups: go to your experts')).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: /^Ngozi/ })).toContainText(
    /Flow|Life|Banks|Use/,
  );
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Banks' })).toBeVisible();
  await expectAccessible(page);
});

test('every sheet is printed on as many pages as are shown, with everybody and nothing private', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/print`);
  const sheet = page.getByRole('combobox', { name: 'Sheet' });
  await expect(page.locator('[data-page]').first()).toBeVisible();
  const sheets = await sheet.locator('option').allTextContents();
  for (const name of sheets) {
    await sheet.selectOption(name);
    await expect(page.locator('[data-page]').first()).toBeVisible();
    const shown = await page.locator('[data-page]').count();
    await expect(page.getByText(shown === 1 ? '1 page' : `${shown} pages`)).toBeVisible();
    const pdf = await getDocumentProxy(
      new Uint8Array(await page.pdf({ preferCSSPageSize: true, printBackground: true })),
    );
    const { totalPages, text } = await extractText(pdf, { mergePages: true });
    expect({ name, pages: totalPages }).toEqual({ name, pages: shown });
    expectQuiet(text);
    expect(text).not.toMatch(/apart|talk over|gauge|tablet|seasoned|example\.org|Print|Back to/);
    if (/name|class|group|draw|fold/.test(name)) expect(text).toContain('Ngozi');
    if (name.includes('stations')) expect(text).toContain('Kick sample');
  }
  await expectAccessible(page);
});
