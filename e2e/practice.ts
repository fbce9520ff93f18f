import { chooseWay, type Page } from './pages';

/** Looks at what would change in the practice service, each test with a token of its own. */
export async function connect(
  page: Page,
  kind: 'rooms' | 'channels',
  token: string,
): Promise<void> {
  await chooseWay(page, kind);
  await page.getByRole('button', { name: 'Practise with a made-up service' }).click();
  await page.getByLabel('Your token for it').fill(token);
  await look(page);
}

export async function look(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'See what would change' }).click();
}

/** A token with practice services of its own. */
export const newToken = (): string =>
  `river-${Math.trunc(performance.now() * 1000)}-${process.pid}`;

/** How fast the made-up people of a token are, and how its services behave. */
export async function settle(page: Page, token: string, settings: object): Promise<void> {
  const headers = { Authorization: `Bearer ${token}` };
  const usual = (await (
    await page.request.get('/standins/settings', { headers })
  ).json()) as object;
  await page.request.put('/standins/settings', { headers, data: { ...usual, ...settings } });
}
