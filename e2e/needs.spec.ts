import { CREW, expect, expectAccessible, keepPart, openDemo, test } from './pages';

test('groups are made by what students need next: each says what it works on, the ladder shows it, the stage does not', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await page.getByRole('button', { name: /Other things the recipe can say/ }).click();
  await page.getByRole('button', { name: 'what they need next' }).click();
  await expect(page.getByText(/28 students have something to learn next/)).toBeVisible();
  // The order of the ladder is the teacher's: the last skill is learned before the others for a moment.
  const order = page.getByRole('textbox', { name: /^The ladder/ });
  const usual = await order.inputValue();
  await order.fill(usual.replace('map reading\n', '') + '\nmap reading');
  await order.blur();
  const rung = page.locator('section ol li').first();
  await expect(rung).toContainText('map reading');
  await order.fill(usual);
  await order.blur();
  await expect(rung).toContainText('write-up');
  await expectAccessible(page);
  await keepPart(page);
  await page.getByRole('button', { name: 'Reshuffle' }).click();
  await expect(page.getByText('28 of 28 served')).toBeVisible();
  const ladder = page.locator('section', {
    has: page.getByRole('heading', { name: 'The ladder' }),
  });
  const rungs = ladder.getByRole('listitem');
  await expect(rungs).toHaveCount(8);
  await expect(rungs.last()).toContainText('map reading');
  await expect(rungs.last()).toContainText(/needs? this next; worked on in/);
  await expectAccessible(page);

  // With one skill a group somebody is left, who is named with what they need.
  await page.getByRole('button', { name: /^What students need next/ }).click();
  await page.getByRole('button', { name: 'One skill fewer' }).click();
  await keepPart(page);
  const older = page.getByText('These groups are older than the sentence above.');
  await expect(older).toBeVisible();
  await page.getByRole('button', { name: 'Reshuffle' }).click();
  await expect(older).toHaveCount(0);
  const served = page.getByText(/\d+ of 28 served/);
  await expect(served).not.toHaveText('28 of 28 served');
  await page.getByRole('link', { name: 'Stage', exact: true }).click();
  await expect(page.getByText('species keys')).toHaveCount(0);
});
