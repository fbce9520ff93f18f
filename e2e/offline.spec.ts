import { readFileSync } from 'node:fs';
import type { BrowserContext } from '@playwright/test';
import {
  chooseWay,
  classOf,
  CREW,
  ESTUARY,
  expect,
  openDemo,
  rows,
  savedBy,
  test as base,
  type Page,
} from './pages';
import { isSecond, startTwoBuilds, type TwoBuilds } from './twoBuilds';

base.use({ serviceWorkers: 'allow' });

const test = base.extend<{ server: TwoBuilds }>({
  // eslint-disable-next-line no-empty-pattern -- a fixture names what it takes, and this takes nothing
  server: async ({}, use, { project }) => {
    const server = await startTwoBuilds(project.use.baseURL ?? '');
    await use(server);
    await server.stop();
  },
  baseURL: async ({ server }, use) => use(server.address),
});

/** Opens the demo and waits until the browser holds the whole application. */
async function openKept(page: Page, path: string): Promise<void> {
  await openDemo(page, '/');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  if (path !== '/') await page.goto(path);
}

const shuffle = (page: Page) => page.getByRole('button', { name: /^(Reshuffle|Make groups)/ });

test('after a first visit everything goes on without a network: links, the engine, files, a new class', async ({
  page,
  context,
}) => {
  await openKept(page, '/');
  await context.setOffline(true);
  await page.getByRole('link', { name: /Thursday crew/ }).click();
  await expect(page.locator('[data-student]').first()).toBeVisible();
  // A page that was loaded anew would have forgotten it.
  await page.evaluate(() => Object.assign(window, { same: true }));
  for (const step of ['Roster', 'Quiet rules', 'Term', 'Activities', 'Groups']) {
    await page
      .getByRole('navigation')
      .getByRole('link', { name: new RegExp(`^${step}`) })
      .click();
    await expect(page).toHaveTitle(new RegExp(`^${step} ·`));
  }
  expect(await page.evaluate(() => 'same' in window)).toBe(true);
  const before = await rows(page);
  await shuffle(page).click();
  await expect.poll(() => rows(page)).not.toEqual(before);

  await page.goto(`${CREW}/handoff`);
  await chooseWay(page, 'a file', 'Workbook');
  const { name } = await savedBy(page, () =>
    page.getByRole('button', { name: /^Save workbook/ }).click(),
  );
  expect(name).toMatch(/\.xlsx$/);

  await classOf(page, 'Made on the train', 'Ana Ruiz\nBo Lee\nCaro Stern\nDai Wu');
  await shuffle(page).click();
  await expect(page.locator('[data-student]')).toHaveCount(4);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-student]')).toHaveCount(4);
});

test('with its server gone a bookmark deep inside opens, with the policy of a page and a nonce of its own', async ({
  page,
  server,
}) => {
  await openKept(page, '/');
  await server.stop();
  const nonces = new Set<string>();
  for (const path of [`${CREW}/activities`, `${ESTUARY}/roster/ladder`, `${CREW}/stage`]) {
    const response = await page.goto(path);
    const policy = (await response?.headerValue('content-security-policy')) ?? '';
    expect(policy).toContain("object-src 'none'");
    nonces.add(/'nonce-([^']+)'/.exec(policy)?.[1] ?? '');
  }
  expect(nonces.size).toBe(3);
  await expect(page.getByText(/^Alder$/).first()).toBeVisible();
  await page.goto('/nowhere');
  await expect(page.getByRole('link', { name: /Thursday crew/ })).toBeVisible();
});

test('the services that a teacher has entered are in the policy of a page that was kept before', async ({
  page,
  context,
  baseURL,
}) => {
  await openKept(page, '/');
  const value = encodeURIComponent('https://rooms.example.org');
  await context.addCookies([{ name: 'gruppetto-services', value, url: baseURL ?? '' }]);
  const response = await page.goto(`${CREW}/handoff`);
  expect(await response?.headerValue('content-security-policy')).toContain(
    "connect-src 'self' https://rooms.example.org;",
  );
});

test('a newer build is offered, not forced, and all tabs go over to it at once when it is taken', async ({
  page,
  context,
  server,
}) => {
  await openKept(page, `${CREW}/groups`);
  const other = await context.newPage();
  await other.goto(`${CREW}/roster`);
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  const offer = page.getByRole('status').filter({ hasText: 'A newer Gruppetto is ready.' });
  await expect(offer).toBeHidden();

  server.publishSecond();
  await askForNewer(page);
  await expect(offer).toBeVisible();
  // Work goes on in the build that it was begun in, also when a page is loaded again.
  await page.reload();
  expect(await page.evaluate(isSecond)).toBe(false);
  await expect(offer).toBeVisible();

  const turned = other.waitForEvent('load');
  await offer.getByRole('button', { name: 'Open it' }).click();
  await turned;
  await page.waitForFunction(isSecond);
  await other.waitForFunction(isSecond);
  await expect(page.locator('[data-student]').first()).toBeVisible();
  await expect(offer).toBeHidden();
  // At once, or where the old worker had to be put away when the new one has fetched all that it holds.
  await expect.poll(() => storesOf(context), { timeout: 30_000 }).toHaveLength(1);
});

test('a browser that keeps nothing for offline works as before', async ({ browser, server }) => {
  const context = await browser.newContext({
    baseURL: server.address,
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await openDemo(page, `${CREW}/groups`);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await context.close();
});

test('what is shared with the installed application is opened: a list becomes a class', async ({
  page,
}) => {
  await openKept(page, '/');
  await page.evaluate(() => {
    const form = document.createElement('form');
    Object.assign(form, { method: 'post', action: '/shared', enctype: 'multipart/form-data' });
    const text = document.createElement('textarea');
    Object.assign(text, { name: 'text', value: 'Ana Ruiz\nBo Lee' });
    form.append(text);
    document.body.append(form);
    form.submit();
  });
  await expect(page.getByRole('button', { name: 'Add 2 students' })).toBeVisible();
});

test('a class file opened from the desktop arrives on the shelf', async ({ page }) => {
  await openDemo(page, '/');
  await page.addInitScript(
    (text) => {
      const launched = {
        files: [{ getFile: () => Promise.resolve(new File([text], 'lab.json')) }],
      };
      Object.defineProperty(window, 'launchQueue', {
        value: { setConsumer: (take: (launch: typeof launched) => void) => take(launched) },
      });
    },
    readFileSync('demo/classes/estuary-lab.json', 'utf8'),
  );
  await page.goto('/');
  await expect(page.getByText('Everything in this file is on the shelf already')).toBeVisible();
});

async function askForNewer(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const registration = await navigator.serviceWorker.getRegistration();
    await registration?.update();
  });
}

/** The stores of pages that the browser holds, one for each build. */
async function storesOf(context: BrowserContext): Promise<readonly string[]> {
  const [page] = context.pages();
  const names = (await page?.evaluate(() => caches.keys())) ?? [];
  return names.filter((name) => name.startsWith('gruppetto-pages-'));
}

test('where the browser clears the site, the page that is open stays, and all of it can be saved', async ({
  page,
  baseURL,
}) => {
  await openKept(page, '/');
  await page.evaluate(() => Object.assign(window, { same: true }));
  const session = await page.context().newCDPSession(page);
  const origin = new URL(baseURL ?? '').origin;
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await expect(page.getByRole('alert').filter({ hasText: 'has removed' })).toBeVisible();
  await page.waitForFunction(() => navigator.serviceWorker.controller === null);
  expect(await page.evaluate(() => 'same' in window)).toBe(true);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything as a file' }).click();
  expect(readFileSync(await (await waiting).path(), 'utf8')).toContain('Thursday crew');
});
