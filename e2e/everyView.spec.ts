import type { Locator } from '@playwright/test';
import { CREW, ESTUARY, expect, expectAccessible, openDemo, rowOf, test, keepPart } from './pages';

const VIEWS = {
  shelf: '/',
  roster: `${CREW}/roster`,
  rules: `${CREW}/rules`,
  groups: `${CREW}/groups`,
  seats: `${CREW}/groups/seats`,
  show: `${CREW}/show`,
  stage: `${CREW}/stage`,
  print: `${CREW}/print`,
  handoff: `${CREW}/handoff`,
  activities: `${CREW}/activities`,
  marks: `${CREW}/activities/term`,
};

for (const [name, path] of Object.entries(VIEWS)) {
  test(`${name} has no serious accessibility finding, light or dark, and fits screens from 390 to 1920 pixels`, async ({
    page,
  }) => {
    await openDemo(page, path);
    await expect(page.getByRole('heading').nth(1)).toBeVisible();
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      await expectAccessible(page);
    }
    for (const width of [390, 768, 1024, 1280, 1920]) {
      await page.setViewportSize({ width, height: 844 });
      const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      expect({ width, over }).toEqual({ width, over: 0 });
    }
  });
}

test('states that come and go are accessible too: a clash, a selection, an open editor, no groups', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await page.getByRole('button', { name: /^Arjun Pillai/ }).click();
  await page.getByRole('button', { name: /How many groups/ }).click();
  await page.getByRole('radio', { name: 'So many groups' }).check();
  await page.getByRole('spinbutton').fill('2');
  await expectAccessible(page);
  await keepPart(page);
  await page.keyboard.press('r');
  await expect(page.getByRole('alert').filter({ hasText: 'cannot all hold' })).toBeVisible();
  await expectAccessible(page);
  await page.goto(`${ESTUARY}/groups`);
  await expect(page.getByText('Nothing has been dealt yet.')).toBeVisible();
  await expectAccessible(page);
});

test('names that look like markup stay names everywhere', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel(/Make another class/).fill('<img src=x onerror=alert(1)>');
  await page.keyboard.press('Enter');
  await page
    .getByRole('textbox', { name: /One student a line/ })
    .fill('<script>alert(1)</script>\nBo');
  await page.getByRole('button', { name: 'Add 2 students' }).click();
  await expect(page.getByRole('rowheader', { name: '<script>alert(1)</script>' })).toBeVisible();
  expect(await page.locator('img').count()).toBe(0);
});

test('pages come with a strict content policy and the usual headers', async ({ request }) => {
  const response = await request.get('/');
  const headers = response.headers();
  const policy = headers['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("object-src 'none'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
  });
  expect(headers['x-powered-by']).toBeUndefined();
});

test('in colours forced by the system it still shows what is chosen, what is shown and what is in trouble', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openDemo(page, `${CREW}/groups`);
  const ground = (of: Locator) => of.evaluate((one) => getComputedStyle(one).backgroundColor);
  const border = (of: Locator) => of.evaluate((one) => getComputedStyle(one).borderTopStyle);
  const takes = page.getByRole('region', { name: 'Takes' }).getByRole('button', { name: /^Take/ });
  expect(await ground(takes.nth(1))).not.toBe(await ground(takes.nth(0)));
  const tile = page.getByRole('button', { name: /^Ngozi Eze/ });
  const other = page.getByRole('button', { name: /^Dov Lerner/ });
  await tile.click();
  await expect.poll(() => ground(tile)).not.toBe(await ground(other));
  await page.keyboard.press('Escape');
  const row = await rowOf(page, /^Dov Lerner/).getAttribute('data-row');
  await tile.focus();
  await page.keyboard.press(String(Number(row) + 1));
  await expect.poll(() => border(tile)).toBe('double');
  await page.getByRole('button', { name: /Other things/ }).click();
  await page.getByRole('button', { name: 'sections' }).click();
  const chosen = page
    .getByRole('radio', { checked: true })
    .locator('xpath=following-sibling::*[1]');
  const open = page.getByRole('radio', { checked: false }).locator('xpath=following-sibling::*[1]');
  expect(await ground(chosen.first())).not.toBe(await ground(open.first()));
});
