import { CREW, OPEN_COURSE, expect, expectAccessible, openDemo, rowOf, test } from './pages';

test('from an empty shelf to groups on stage, by keyboard alone', async ({ page }) => {
  await openDemo(page, '/');
  const keys = page.keyboard;
  await page.getByLabel(/Make another class/).focus();
  await keys.type('Weir watchers');
  await keys.press('Enter');
  await page.waitForURL(/roster/);
  await expect(page.getByRole('textbox', { name: /One student a line/ })).toBeFocused();
  await keys.insertText('Ana Ruiz\nBo Li\nCaro Moe\nDov Ash\nEli Orr\nFay Ito');
  await keys.press('Control+Enter');
  await expect(page.getByText('6 students, all here today')).toBeVisible();
  await page.getByRole('link', { name: 'Quiet rules' }).focus();
  await keys.press('Enter');
  await page.getByRole('radio', { name: 'these apart' }).focus();
  await keys.press('ArrowRight');
  await keys.press('Tab');
  for (const name of ['ana', 'bo']) {
    await keys.type(name);
    await keys.press('Enter');
  }
  await keys.press('Enter');
  await expect(page.getByText('Ana R. and Bo L. together', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Groups', exact: true }).focus();
  await keys.press('Enter');
  await page.getByRole('button', { name: /How many groups/ }).focus();
  await keys.press('Enter');
  await expect(page.getByRole('radio', { name: 'So many in each', exact: true })).toBeFocused();
  await keys.press('Tab');
  await keys.press('Tab');
  await keys.press('ArrowDown');
  await expect(page.getByText('2 groups of 3')).toBeVisible();
  await keys.press('Enter');
  await keys.press('r');
  await expect(rowOf(page, 'Ana Ruiz').getByRole('button', { name: 'Bo Li' })).toBeVisible();
  await keys.press('s');
  await expect(page.getByRole('button', { name: /Full screen/ })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Group 1' })).toBeVisible();
  await keys.press('b');
  await page.waitForURL(/groups/);
});

test('a student is moved by a figure, by Alt and an arrow, and aside, with focus and word kept', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  const tile = page.getByRole('button', { name: /^Arjun Pillai/ });
  const row = rowOf(page, /^Arjun Pillai/);
  await tile.focus();
  await page.keyboard.press('3');
  await expect(row).toHaveAttribute('data-row', '2');
  await expect(tile).toBeFocused();
  await expect(
    page.getByRole('status').filter({ hasText: 'Arjun P. is in Sedge now.' }),
  ).toBeAttached();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(row).toHaveAttribute('data-row', '1');
  await page.keyboard.press('0');
  await expect(row).toHaveAttribute('data-row', 'aside');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(row).toHaveAttribute('data-row', '0');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-row="1"] [data-student]:focus')).toHaveCount(1);
});

test('the drawer moves the selected student with a press, and single letters can be turned off', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await page.getByRole('button', { name: /^Arjun Pillai/ }).press('Enter');
  const drawer = page.getByRole('complementary', { name: 'About the selection' });
  await expect(drawer.getByRole('heading', { name: 'Arjun P. in Rush' })).toBeVisible();
  await drawer.getByRole('button', { name: /Cress/ }).click();
  await expect(rowOf(page, /^Arjun Pillai/)).toHaveAttribute('data-row', '6');
  await page.keyboard.press('Shift+?');
  await page.getByRole('switch', { name: /Single letters/ }).click();
  await page.keyboard.press('Escape');
  await page.locator('h1').click({ position: { x: 1, y: 1 }, trial: true });
  await page.keyboard.press('s');
  await page.keyboard.press('Control+z');
  await expect(rowOf(page, /^Arjun Pillai/)).toHaveAttribute('data-row', '4');
});

test('a key leads into the drawer and back, and what is done there leaves the focus where it goes on', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  const tile = page.locator('[data-student]').and(page.getByRole('button', { name: /^Arjun P/ }));
  const drawer = page.getByRole('complementary', { name: 'About the selection' });
  await tile.focus();
  await page.keyboard.press('d');
  await expect(drawer).toBeFocused();
  await expect(drawer.getByRole('heading', { name: 'Arjun P. in Rush' })).toBeVisible();
  await page.keyboard.press('d');
  await expect(tile).toBeFocused();
  await drawer.getByRole('button', { name: /Cress/ }).last().press('Enter');
  await expect(rowOf(page, /^Arjun Pillai/)).toHaveAttribute('data-row', '6');
  await expect(tile).toBeFocused();
  await drawer.getByRole('button', { name: /^Done/ }).press('Enter');
  await expect(drawer.getByRole('heading', { name: 'Take 2' })).toBeVisible();
  await expect(tile).toBeFocused();
  const row = (name: string) => page.getByRole('button', { name: `${name}: about this group` });
  await row('Cress').press('Enter');
  await drawer.getByRole('button', { name: 'Remove the group' }).press('Enter');
  await expect(row('Cress')).toHaveCount(0);
  await expect(page.locator('[data-row="0"] button').first()).toBeFocused();
});

test('among 300 groups a student is dragged, with words, and moved to any of them by its number', async ({
  page,
}) => {
  await openDemo(page, `${OPEN_COURSE}/groups`);
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.getByText('1,200 students in 300 groups.')).toBeVisible();
  // Whoever is looked for is listed with the group, chosen and brought in sight.
  const find = page.getByRole('combobox', { name: 'Find a student' });
  await find.fill('ioa');
  const second = page.getByRole('option').nth(1);
  const sought = (await second.locator('span').first().innerText()).trim();
  expect(sought).toMatch(/^Ioana /);
  await expectAccessible(page);
  await find.press('ArrowDown');
  await find.press('ArrowDown');
  await find.press('Enter');
  await expect(page.getByRole('option')).toHaveCount(0);
  await expect(page.getByRole('button', { name: sought }).first()).toBeInViewport();
  await expect(page.getByText(/^2 of \d+, Enter for the next$/)).toBeVisible();
  await find.fill('');
  await page.keyboard.press('Escape');
  await page.locator('[data-scroller]').evaluate((sheet) => sheet.scrollTo(0, 0));
  const row = (index: number) => page.locator(`[data-row="${index}"]`);
  const tileOf = (id: string | null) => page.locator(`[data-student="${id ?? ''}"]`);
  const first = row(0).locator('[data-student]').first();
  const moved = await first.getAttribute('data-student');
  await first.hover();
  await expect(first).toHaveCSS('cursor', 'grab');
  const [from, to] = [await first.boundingBox(), await row(2).boundingBox()];
  if (!from || !to) throw new Error('expected both on screen');
  await page.mouse.move(from.x + 12, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y + 24, { steps: 4 });
  // On the name of the group: on a person the two would change places.
  await page.mouse.move(to.x + 60, to.y + to.height / 2, { steps: 8 });
  await expect(page.locator('[role="status"]').filter({ hasText: / over / })).toHaveCount(1);
  await page.mouse.up();
  await expect(row(2).locator(`[data-student="${moved ?? ''}"]`)).toBeVisible();
  await tileOf(moved).focus();
  await page.keyboard.press('1');
  await expect(page.getByText('to group 1…')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('to group 1…')).toHaveCount(0);
  await expect(row(2).locator(`[data-student="${moved ?? ''}"]`)).toBeVisible();
  await page.keyboard.type('298');
  await expect(row(2).locator(`[data-student="${moved ?? ''}"]`)).toHaveCount(0);
  // Its new row is far out of sight: the focus stays in the old one.
  await expect(row(2).locator('[data-student]:focus')).toHaveCount(1);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByText('1,200 students in 300 groups.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(row(2).locator(`[data-student="${moved ?? ''}"]`)).toBeVisible();
});
