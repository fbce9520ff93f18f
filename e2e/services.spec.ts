import { chooseWay, CREW, expect, expectAccessible, openDemo, test } from './pages';
import { connect, look, newToken } from './practice';

test.beforeEach(async ({ page }) => {
  await openDemo(page, `${CREW}/handoff`);
  await expect(page.getByRole('heading', { name: 'What goes' })).toBeVisible();
});

test('channels: one wrong address is named, mended and sent again; two who move are shown before', async ({
  page,
}) => {
  await connect(page, 'channels', newToken());
  const changes = page.getByRole('group', { name: 'What would change' });
  await expect(changes).toContainText('+ Amira Haddad');
  await expect(page.getByRole('list', { name: 'Not taken' })).toContainText(
    'Chipo Dube The service knows nobody with this address.',
  );
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Send 26 changes' }).click();
  await expect(page.getByText(/26 students arrived, 2 did not/)).toBeVisible();
  const slip = page.getByRole('listitem').filter({ hasText: 'Chipo Dube: the address is nearly' });
  await slip.getByRole('button', { name: 'Mend here' }).click();
  await slip.getByRole('button', { name: 'Use chipo.dube@example.org' }).click();
  await look(page);
  await page.getByRole('button', { name: 'Send 1 change' }).click();
  await expect(page.getByText(/27 students arrived, 1 did not/)).toBeVisible();
  await expect(page.getByText('Sent to channels: 27 arrived, 1 did not')).toBeVisible();

  await page.goto(`${CREW}/groups`);
  await page.getByRole('button', { name: /^Ngozi/ }).click();
  await page.keyboard.press('1');
  await page
    .getByRole('link', { name: /Hand off/ })
    .first()
    .click();
  await look(page);
  await expect(changes).toContainText('+ Ngozi Eze');
  await expect(changes).toContainText('− Ngozi Eze');
  await page.getByRole('button', { name: 'Send 2 changes' }).click();
  await expect(page.getByText(/27 students arrived/)).toBeVisible();
  await look(page);
  await expect(page.getByRole('button', { name: 'Send all the same' })).toBeVisible();
});

test('rooms: made in one session that a second hand-off goes on with, after a reload too', async ({
  page,
}) => {
  await connect(page, 'rooms', newToken());
  await page.getByRole('button', { name: 'Send 27 changes' }).click();
  await expect(page.getByText(/26 students arrived, 2 did not/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Not taken' })).toContainText(
    'chipo.dube@exmaple.org is not known here.',
  );
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await look(page);
  await expect(page.getByRole('group', { name: 'What would change' })).toContainText('unchanged');
  await expect(page.getByRole('button', { name: 'Send 1 change' })).toBeVisible();
});

test('an address elsewhere is talked to only after it was allowed, and a token stands nowhere but in its tab', async ({
  page,
}) => {
  await chooseWay(page, 'rooms');
  await page.getByLabel('Its address').fill('https://rooms.elsewhere.example');
  await page.getByLabel('Your token for it').fill('river-secret');
  await expect(page.getByRole('button', { name: 'See what would change' })).toBeDisabled();
  await page.getByRole('button', { name: 'Allow this address' }).click();
  await expect(page.getByRole('button', { name: 'See what would change' })).toBeEnabled();
  await expect(page.getByLabel('Its address')).toHaveValue('https://rooms.elsewhere.example');
  const response = await page.goto(`${CREW}/handoff`);
  expect(response?.headers()['content-security-policy']).toContain(
    "connect-src 'self' https://rooms.elsewhere.example;",
  );
  const kept = await page.evaluate(async () => {
    const names = (await indexedDB.databases()).map(({ name }) => name ?? '');
    const all = await Promise.all(
      names.map(
        (name) =>
          new Promise<string>((resolve, reject) => {
            const opening = indexedDB.open(name);
            opening.onerror = () => reject(new Error('no database'));
            opening.onsuccess = () => {
              const db = opening.result;
              const stores = [...db.objectStoreNames];
              const reading = db
                .transaction(stores)
                .objectStore(stores[0] ?? '')
                .getAll();
              reading.onsuccess = () => resolve(JSON.stringify(reading.result));
            };
          }),
      ),
    );
    return (
      all.join('') +
      decodeURIComponent(document.cookie) +
      JSON.stringify(Object.entries(localStorage))
    );
  });
  expect(kept).toContain('rooms.elsewhere.example');
  expect(kept).not.toContain('river-secret');
});
