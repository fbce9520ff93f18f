import { CREW, expect, expectAccessible, openDemo, test, type Page } from './pages';
import { connect, look, newToken, settle } from './practice';

/** Channels of the open lineup in a practice service whose people are in a hurry. */
async function fillChannels(page: Page, settings: object = {}): Promise<void> {
  const token = newToken();
  await openDemo(page, `${CREW}/handoff`);
  await settle(page, token, { pace: 400, ...settings });
  await connect(page, 'channels', token);
  await page.getByRole('button', { name: 'Send 26 changes' }).click();
  await expect(page.getByText(/26 students arrived, 2 did not/)).toBeVisible();
}

test('every group is told the same in its own words, once, and a student sees the own space alone', async ({
  page,
}) => {
  await fillChannels(page);
  await page.getByRole('link', { name: 'Look into the spaces' }).click();
  await expect(page.getByText(/^7 spaces/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Text' }).fill('Hello {{group}}: {{members}}');
  await expect(page.getByText('As Alder would read it')).toBeVisible();
  await expectAccessible(page);
  // Of three the service says no, though it was done: sending to those again makes no doubles.
  let refused = 0;
  await page.route('**/announcements', async (route) => {
    if (++refused > 3) return route.continue();
    await route.fetch();
    return route.fulfill({
      ...{ status: 403, contentType: 'application/problem+json' },
      body: JSON.stringify({ detail: 'Not just now.' }),
    });
  });
  await page.getByRole('button', { name: 'Send to 7 groups' }).click();
  await expect(page.getByText('3 groups do not have it yet')).toBeVisible();
  await page.getByRole('button', { name: 'Send to those again' }).click();
  await expect(page.getByText('3 groups have it.')).toBeVisible();
  // In the space that is open it is seen at once.
  await expect(page.getByText('Hello Alder: Amira Haddad')).toHaveCount(1);
  await page.getByRole('button', { name: /^Iris/ }).click();
  await expect(page.getByText('Hello Iris: Ngozi Eze', { exact: false })).toHaveCount(1);

  await page.getByRole('combobox', { name: /^As/ }).selectOption({ label: 'Ngozi E.' });
  await expect(page.getByText('Ngozi E. sees 1 space')).toBeVisible();
  await expect(page.getByText('Asked for each of the other 6 as that student')).toBeVisible();
  await expect(page.getByRole('article')).toContainText('Hello Iris: Ngozi Eze');
});

test('what somebody who moves would lose sight of is told before it is sent', async ({ page }) => {
  await fillChannels(page);
  await page.getByRole('link', { name: 'Look into the spaces' }).click();
  // Whoever has written is moved to another group.
  const posts = page.locator('[aria-label="Groups"] button', { hasText: 'post' });
  await posts.first().click();
  const group = (await posts.first().innerText()).split('\n')[0] ?? '';
  const writer = page.getByRole('region', { name: group }).locator('small').last();
  await expect(writer).toBeVisible();
  const name = (await writer.innerText()).split(',')[0] ?? '';
  await page.goto(`${CREW}/groups`);
  await page
    .getByRole('button', { name: new RegExp(`^${name.split(' ')[0]}`) })
    .first()
    .click();
  await page.keyboard.press(group === 'Willow' ? '1' : '2');
  // Within the page: what was just pressed need not be on the disk yet.
  await page
    .getByRole('link', { name: /Hand off/ })
    .first()
    .click();
  await look(page);
  await expect(page.getByText('Who would lose sight of what they wrote:')).toBeVisible();
  await expect(page.getByText(`leaves ${group}, and would no longer see`)).toBeVisible();
});

test('a hand-off that is cut off in the middle is gone on with, from another tab too', async ({
  page,
  context,
}) => {
  const token = newToken();
  await openDemo(page, `${CREW}/handoff`);
  await connect(page, 'channels', token);
  await expect(page.getByRole('button', { name: 'Send 26 changes' })).toBeVisible();
  let made = 0;
  await context.route('**/standins/scim/**', (route) => {
    if (route.request().method() === 'POST' && ++made > 3) return route.abort();
    return made > 3 ? route.abort() : route.continue();
  });
  await page.getByRole('button', { name: 'Send 26 changes' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/was cut off at \d\d:\d\d, after \d of 7 groups/)).toBeVisible();
  await context.unroute('**/standins/scim/**');

  const second = await context.newPage();
  await second.goto(`${CREW}/handoff`);
  await second.getByLabel('Your token for it').fill(token);
  await second.getByRole('button', { name: 'Go on with it' }).click();
  await expect(second.getByText(/26 students arrived, 2 did not/)).toBeVisible();
  await expect(page.getByText(/was cut off at/)).toBeHidden();
  const headers = { Authorization: `Bearer ${token}` };
  const groups = await page.request.get('/standins/scim/v2/Groups', { headers });
  expect(((await groups.json()) as { totalResults: number }).totalResults).toBe(7);
});
