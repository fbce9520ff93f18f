import type { Route } from '@playwright/test';
import { CREW, expect, openDemo, test, type Page } from './pages';

const KB = 1_000;
/** Bytes of compressed script, with the lines of each answer above it. */
const MOST = 250 * KB;
const MOST_SHOWN = 150 * KB;
const PAGES: Readonly<Record<string, readonly [path: string, most: number]>> = {
  'the shelf': ['/', MOST],
  roster: [`${CREW}/roster`, MOST],
  rules: [`${CREW}/rules`, MOST],
  groups: [`${CREW}/groups`, MOST],
  'what the stage shows': [`${CREW}/show`, MOST],
  'the stage': [`${CREW}/stage`, MOST_SHOWN],
  paper: [`${CREW}/print`, MOST],
  'hand off': [`${CREW}/handoff`, MOST],
  activities: [`${CREW}/activities`, MOST],
  term: [`${CREW}/term`, MOST],
};

for (const [name, [path, most]] of Object.entries(PAGES)) {
  test(`${name} loads at most ${String(most / KB)} kB of script, with what follows by itself`, async ({
    page,
  }) => {
    await openDemo(page, '/');
    const loaded = await loadedBy(page, path);
    expect(loaded).toBeGreaterThan(50 * KB);
    expect(loaded).toBeLessThan(most);
  });
}

/** How many bytes of script a page has loaded from an empty cache when nothing more comes. */
async function loadedBy(page: Page, path: string): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  const bytes = new Map<string, number>();
  session.on('Network.responseReceived', ({ requestId, response }) => {
    if (response.mimeType.includes('javascript')) bytes.set(requestId, 0);
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (bytes.has(requestId)) bytes.set(requestId, encodedDataLength);
  });
  await page.goto(path);
  await expect(page.getByRole('heading').nth(1)).toBeVisible();
  await page.waitForLoadState('networkidle');
  return [...bytes.values()].reduce((sum, each) => sum + each, 0);
}

test('what is typed while parts of the page are still on their way is taken, and stands where it was typed', async ({
  page,
}) => {
  await openDemo(page, '/');
  const first = await (await page.request.get(`${CREW}/rules`)).text();
  const late: Route[] = [];
  let held = true;
  await page.route('**/*.css', (route) => {
    if (!held || first.includes(new URL(route.request().url()).pathname)) return route.continue();
    late.push(route);
  });
  // What is held back before the page has loaded would hold back its loading too.
  await page.goto(`${CREW}/rules`, { waitUntil: 'domcontentloaded' });
  const names = page.getByRole('combobox', { name: 'Names, two or more' });
  await names.pressSequentially('amira,b');
  await expect(names).toHaveValue('b');
  await expect(page.getByRole('grid')).toBeHidden();
  held = false;
  await Promise.all(late.splice(0).map((route) => route.continue()));
  await expect(page.getByRole('grid')).toBeVisible();
  await names.blur();
  await expect(names).toHaveValue('b');
  await names.fill('br');
  await page.getByRole('option', { name: /Bram/ }).click();
  await expect(page.getByRole('button', { name: /Add: Amira.*Bram/ })).toBeEnabled();
});
