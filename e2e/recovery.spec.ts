import { readFileSync } from 'node:fs';
import { CREW, expect, openDemo, test } from './pages';

test('beside a newer Gruppetto nothing is written, and everything can be saved as a file that opens', async ({
  page,
}) => {
  await openDemo(page, '/');
  const newer = async (): Promise<void> => {
    const known = (await indexedDB.databases()).find(({ name }) => name === 'gruppetto-demo');
    await new Promise<void>((done, fail) => {
      const open = indexedDB.open('gruppetto-demo', (known?.version ?? 0) + 1);
      open.onsuccess = () => {
        open.result.close();
        done();
      };
      open.onerror = () => fail(new Error('not opened'));
    });
  };
  // The page that is open lets go by itself, and says so.
  await page.evaluate(newer);
  await expect(page.getByRole('alert').filter({ hasText: 'opened in another tab' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('alert').filter({ hasText: 'newer Gruppetto' })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything as a file' }).click();
  const path = await (await waiting).path();
  expect(readFileSync(path, 'utf8')).toContain('River Survey, Thursday crew');

  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        indexedDB.deleteDatabase('gruppetto-demo').onsuccess = () => done();
      }),
  );
  await openDemo(page, '/');
  await page.getByRole('button', { name: 'Delete Estuary Lab' }).click();
  await expect(page.getByRole('link', { name: /Estuary/ })).toHaveCount(0);
  const input = page.getByLabel('Open a class file').and(page.locator('input'));
  await input.setInputFiles(path);
  await expect(page.getByRole('link', { name: /Estuary Lab/ })).toBeVisible();
});

test('a browser whose tabs cannot talk works, and says what follows from it', async ({ page }) => {
  await page.addInitScript(() => {
    Reflect.deleteProperty(globalThis, 'BroadcastChannel');
  });
  await openDemo(page, `${CREW}/groups`);
  await expect(page.getByText(/does not let tabs talk to each other/)).toBeVisible();
});

test('a storage that cannot be opened is never taken for an empty one', async ({ page }) => {
  await openDemo(page, '/');
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('internal error', 'UnknownError');
    };
  });
  await page.clock.install();
  await page.reload();
  await page.clock.runFor(10_000);
  await expect(page.getByRole('alert').filter({ hasText: 'could not read them' })).toBeVisible();
  await expect(page.getByText(/Make (another|your first) class/)).toHaveCount(0);
});

test('site data that is cleared under an open page is told, and all of it can still be saved', async ({
  page,
  baseURL,
}) => {
  await openDemo(page, '/');
  const session = await page.context().newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', {
    origin: new URL(baseURL ?? '').origin,
    storageTypes: 'indexeddb',
  });
  await expect(page.getByRole('alert').filter({ hasText: 'has removed' })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything as a file' }).click();
  const path = await (await waiting).path();
  expect(readFileSync(path, 'utf8')).toContain('River Survey, Thursday crew');
});
