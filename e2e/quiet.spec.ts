import { CREW, everythingOn, expect, openDemo, test } from './pages';

test('no notice and no spoken word of the bench reaches the stage, however quickly it is opened', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/rules`);
  const names = page.getByRole('combobox', { name: 'Names, two or more' });
  await expect(names).toBeVisible();
  for (const name of ['amira', 'bram']) {
    await names.pressSequentially(name);
    await names.press('Enter');
  }
  await names.press('Enter');
  await page.getByRole('button', { name: /^Remove the rule: Amira/ }).click();
  await expect(page.getByText('The rule was removed.').first()).toBeAttached();
  await page.getByRole('link', { name: /Show on stage/ }).click();
  await expect(page.getByRole('heading', { name: 'Week 7, bank walk' })).toBeVisible();
  expect(await page.evaluate(everythingOn)).not.toMatch(/rule|apart|together|Undo/i);
  await expect(page.getByRole('status')).toHaveCount(0);
  expect(await page.locator('[aria-live]:not(next-route-announcer *)').count()).toBe(0);

  await openDemo(page, `${CREW}/groups`);
  await page.getByRole('button', { name: /^Ngozi/ }).click();
  await page.keyboard.press('5');
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: 'Week 7, bank walk' })).toBeVisible();
  expect(await page.evaluate(everythingOn)).not.toMatch(/rule|kept|apart|together|Undo/i);
});

for (const step of ['roster', 'rules', 'groups', 'show', 'stage', 'print', 'handoff']) {
  test(`${step} shows and speaks no id, and has a title of its own that says nothing private`, async ({
    page,
  }) => {
    await openDemo(page, `${CREW}/${step}`);
    await expect(page.getByRole('heading').nth(1)).toBeVisible();
    await expect(page).toHaveTitle(
      /^(Roster|Quiet rules|Groups|Stage|Paper|Hand off) · Gruppetto$/,
    );
    const spoken = await page.evaluate(() =>
      [
        document.body.innerText,
        ...[...document.querySelectorAll('[aria-label], [title]')].map(
          (one) => `${one.getAttribute('aria-label')} ${one.getAttribute('title')}`,
        ),
      ].join('\n'),
    );
    expect(spoken).not.toMatch(/\b[a-z]+_[0-9a-f]{8,}/);
  });
}

test('a printed bench says who is in which group, and nothing of rules, measures or what is known', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await expect(page.getByText('quiet rules').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const main = page.getByRole('main');
  await expect(main.getByText('Alder').first()).toBeVisible();
  await expect(main.getByRole('button', { name: /^Ngozi Eze/ })).toBeVisible();
  for (const word of [/quiet rule/, /means /, /repeat/, /uneven/, /Take \d/, /experience/]) {
    await expect(page.getByText(word).filter({ visible: true })).toHaveCount(0);
  }
  await page.goto(page.url().replace('groups', 'term'));
  await expect(page.getByRole('rowheader', { name: 'Ngozi E.' })).toBeVisible();
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByRole('button', { name: /^Plan / })).toBeHidden();
});
