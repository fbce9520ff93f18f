import type { Page } from '@playwright/test';
import { CREW, expect, expectAccessible, openDemo, rowOf, rows, test } from './pages';

test.use({
  hasTouch: true,
  colorScheme: 'dark',
  contextOptions: { reducedMotion: 'no-preference' },
});

const LIST = 'Ana Ruiz\nBo Li\nCaro Moe\nDov Ash\nEli Orr\nFay Ito\nGus Abt\nHana Sow\nIdo Par';

/** The demo is opened wide, where it says that it is saved; then the screen is a phone's. */
async function onPhone(page: Page, path: string): Promise<void> {
  await openDemo(page, path);
  await page.setViewportSize({ width: 390, height: 844 });
}

/** Nothing stands out to the right, and axe finds nothing grave. */
async function expectFits(page: Page): Promise<void> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(over).toBe(0);
  await expectAccessible(page);
}

test('on a phone in the dark, from a pasted list to groups on stage by taps alone', async ({
  page,
}) => {
  await onPhone(page, '/');
  const name = page.getByLabel(/Make another class/);
  await name.tap();
  await name.fill('Weir watchers');
  await page.getByRole('button', { name: 'Make the class' }).tap();
  const box = page.getByRole('textbox', { name: /One student a line/ });
  await box.tap();
  await box.fill(LIST);
  await expectFits(page);
  await page.getByRole('button', { name: /^Add 9 students/ }).tap();
  await page.getByRole('link', { name: /Make groups/ }).tap();
  await page.getByRole('button', { name: /How many groups/ }).tap();
  await page.getByRole('radio', { name: 'So many groups' }).tap();
  await page.getByRole('spinbutton').fill('3');
  await expect(page.getByText('3 groups of 3')).toBeVisible();
  await expectFits(page);
  await page.getByRole('button', { name: /^Make groups/ }).tap();
  await expect.poll(async () => (await rows(page)).map((row) => row.length)).toEqual([3, 3, 3]);
  const before = await rows(page);
  await expectFits(page);

  await page.getByRole('button', { name: /^Ana Ruiz/ }).tap();
  const drawer = page.getByRole('complementary', { name: 'About the selection' });
  await expect(drawer.getByRole('heading', { name: /^Ana R. in/ })).toBeVisible();
  await expectFits(page);
  await page.getByRole('button', { name: /^Undo/ }).first().tap();
  await expect.poll(() => rows(page)).toEqual([]);
  await page.getByRole('button', { name: /^Redo/ }).first().tap();
  await expect.poll(() => rows(page)).toEqual(before);

  await page.getByRole('link', { name: 'Stage', exact: true }).tap();
  await expect(page.getByRole('heading', { name: 'Where groups work' })).toBeVisible();
  await expectFits(page);
  await page.getByRole('link', { name: 'Show it here' }).tap();
  await page.waitForURL(/stage/);
  await expect(page.getByRole('listitem').filter({ hasText: 'Group 1' })).toBeVisible();
  await expectFits(page);
});

test('on a phone two students are kept apart, and part with the next shuffle', async ({ page }) => {
  await onPhone(page, `${CREW}/rules`);
  const entry = page.getByRole('combobox').first();
  await entry.tap();
  for (const typed of ['rafael', 'dara']) {
    await entry.fill(typed);
    await page.getByRole('option').first().tap();
  }
  await page.getByRole('button', { name: /^Add: / }).tap();
  await expect(page.getByText('All 5 rules can hold in 7 groups.')).toBeVisible();
  await expectFits(page);
  await page.getByRole('link', { name: 'Groups', exact: true }).tap();
  const rafael = rowOf(page, /^Rafael/);
  await expect(rafael).toBeVisible();
  const shuffles = page.getByRole('button', { name: /^Reshuffle/ }).first();
  const shown = await rows(page);
  await shuffles.tap();
  await expect.poll(() => rows(page)).not.toEqual(shown);
  await expect(rafael.getByRole('button', { name: /^Dara/ })).toHaveCount(0);
});

test('on a phone the names of groups stand in one line beside their measures', async ({ page }) => {
  await onPhone(page, `${CREW}/groups`);
  await expect(page.getByText(/pairs? again/).first()).toBeVisible();
  const heights = await page
    .locator('[data-row]:not([data-row="aside"]) [aria-pressed] [id]')
    .evaluateAll((names) => names.map((name) => name.getBoundingClientRect().height));
  expect(heights).toHaveLength(7);
  expect(Math.max(...heights)).toBeLessThan(30);
  await expectFits(page);
});
