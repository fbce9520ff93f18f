import { CREW, expect, expectAccessible, openDemo, test, type Page } from './pages';
import { connect, newToken, settle } from './practice';

/** Rooms of the open lineup, made in a practice service whose people are in a hurry, and opened. */
async function openRooms(page: Page): Promise<string> {
  const token = newToken();
  await openDemo(page, `${CREW}/handoff`);
  await settle(page, token, { pace: 40 });
  await connect(page, 'rooms', token);
  await page.getByRole('button', { name: 'Send 27 changes' }).click();
  await expect(page.getByText(/26 students arrived, 2 did not/)).toBeVisible();
  await page.getByRole('link', { name: 'Lead the rooms' }).click();
  await page.getByRole('button', { name: 'Open the rooms' }).click();
  return token;
}

const row = (page: Page, name: string) =>
  page.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });

test('rooms are led: somebody moved by key and taken back, a message, more time, and closed with a countdown', async ({
  page,
}) => {
  await openRooms(page);
  await expect(page.getByText(/^\d+ of 26 here/)).toBeVisible();
  await expectAccessible(page);

  const ngozi = page.getByRole('button', { name: /^Ngozi E\./ });
  await expect(row(page, 'Iris').getByRole('button', { name: /^Ngozi E\./ })).toBeVisible();
  await ngozi.click();
  await page.keyboard.press('1');
  await expect(row(page, 'Alder').getByRole('button', { name: /^Ngozi E\./ })).toBeVisible();
  await expect(page.getByText('The rooms have changed since')).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(row(page, 'Iris').getByRole('button', { name: /^Ngozi E\./ })).toBeVisible();
  await expect(page.getByText('The rooms have changed since')).toBeHidden();

  await row(page, 'Rush').getByRole('button', { name: 'Write to Rush' }).click();
  await page.getByRole('textbox', { name: 'Message' }).fill('Come to the weir, please.');
  await page.getByRole('button', { name: 'Send', exact: true }).click();
  await expect(page.getByRole('log')).toContainText('You, to Rush');
  await expect(page.getByRole('textbox', { name: 'Message' })).toHaveValue('');

  await page.getByRole('button', { name: '5 minutes more' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^24:/);
  await page.getByRole('button', { name: 'Close the rooms' }).click();
  await page.getByRole('button', { name: 'Close them, with 30 seconds of countdown' }).click();
  await expect(page.getByText('The time is up: the rooms close by themselves.')).toBeVisible();
  await page.getByRole('button', { name: 'Five minutes more' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^0?[56]:/);
});

test('two exchange rooms, a latecomer is let in, and the rooms become a take that can be undone', async ({
  page,
}) => {
  await openRooms(page);
  const chip = (name: string) => page.getByRole('button', { name: new RegExp(`^${name}`) });
  await chip('Ngozi E\\.').click();
  await chip('Dov L\\.').click({ modifiers: ['Shift'] });
  await page.keyboard.press('x');
  await expect(row(page, 'Cress').getByRole('button', { name: /^Ngozi E\./ })).toBeVisible();
  await expect(row(page, 'Iris').getByRole('button', { name: /^Dov L\./ })).toBeVisible();

  await expect(page.getByText('has no address and cannot be let in')).toBeVisible();
  await page.getByRole('link', { name: 'Back to hand off' }).click();
  const slip = page.getByRole('listitem').filter({ hasText: 'Chipo Dube: the address is nearly' });
  await slip.getByRole('button', { name: 'Mend here' }).click();
  await slip.getByRole('button', { name: 'Use chipo.dube@example.org' }).click();
  await page.getByRole('link', { name: 'Lead the rooms' }).click();
  await page.getByRole('button', { name: 'Let Chipo Dube in where they fit best' }).click();
  // The smallest groups are the two that their missing have left.
  const three = page.getByRole('listitem').filter({ has: chip('Chipo D\\.') });
  await expect(three.getByRole('heading', { name: /^(Sedge|Bulrush)$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Keep them as a new take' }).click();
  await expect(page.getByText('The rooms have changed since')).toBeHidden();
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(page.getByText('The rooms have changed since')).toBeVisible();
});

test('a reload, another tab and a line that broke see the rooms as they are', async ({
  page,
  context,
}) => {
  const token = await openRooms(page);
  await context.route('**/standins/rooms/**', (route) => route.abort());
  // The stream that is open goes on; a page that is loaded now has none.
  await page.reload();
  await expect(page.getByText(/^The line is broken/)).toBeVisible();
  await context.unroute('**/standins/rooms/**');
  await expect(page.getByText('Seen as it happens')).toBeVisible();

  const second = await context.newPage();
  await second.goto(`${CREW}/handoff/rooms`);
  await second.getByLabel('Your token for it').fill(token);
  await second.getByRole('button', { name: 'Look into the rooms' }).click();
  await second.getByRole('button', { name: '1 minute more' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^20:/);
  await expect(second.getByRole('timer')).toHaveText(/^20:/);
});

test('the stage shows the time that is left, and nothing else of the rooms', async ({
  page,
  context,
}) => {
  await openRooms(page);
  await page.getByRole('switch', { name: 'The stage shows the time left' }).check({ force: true });
  const stage = await context.newPage();
  await stage.goto(`${CREW}/stage`);
  await expect(stage.getByRole('timer').first()).toHaveText(/^19:/);
  const text = await stage.evaluate(() => document.body.innerText);
  expect(text).not.toMatch(/not yet here|of 26|asks for you|Seen as it happens/);
});

test('a made-up service from the inside: rooms, channels, and how they behave', async ({
  page,
}) => {
  const token = await openRooms(page);
  await page.goto('/standins#s1/r1');
  await page.getByLabel('Token').fill('elsewhere');
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByText('This token is not known here')).toBeVisible();
  await page.getByLabel('Token').fill(token);
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByRole('heading', { name: 'Week 7, bank walk (open)' })).toBeVisible();
  await expect(page.getByText('You came in here')).toBeVisible();
  await expectAccessible(page);
});
