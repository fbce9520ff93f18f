import { CREW, expect, expectAccessible, openDemo, test } from './pages';

test.beforeEach(async ({ page }) => {
  await openDemo(page, `${CREW}/term`);
  await expect(page.getByRole('heading', { name: 'The term' })).toBeVisible();
});

test('rounds are planned in one sentence, stand in the term, and a student who leaves has them planned anew; undo takes it back', async ({
  page,
}) => {
  await expectAccessible(page);
  const planned = page.getByRole('columnheader', { name: /planned/ });
  await expect(planned).toHaveCount(0);
  await page.getByRole('button', { name: 'How many rounds: 6 rounds' }).click();
  await page.getByRole('button', { name: 'One round fewer' }).click();
  await page.getByRole('button', { name: 'One round fewer' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^The first day/ }).click();
  await page.getByRole('textbox', { name: 'The first day' }).fill('2027-01-07');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Days on which there is none/ }).click();
  await page.getByRole('textbox', { name: /Days on which/ }).fill('2027-01-14 to 2027-01-20\nsoon');
  await expect(page.getByText('"soon" is no day.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Thu 7 Jan to Thu 4 Feb')).toBeVisible();
  await page.getByRole('button', { name: 'Plan 4 rounds' }).click();
  await expect(page.getByText('4 rounds planned.')).toBeVisible();
  await expect(planned).toHaveCount(4);

  await page.getByRole('link', { name: 'Roster' }).click();
  await page.getByRole('button', { name: 'More about Ngozi Eze' }).click();
  await page.getByRole('button', { name: 'Has left the class' }).click();
  await page.getByRole('link', { name: 'Term' }).click();
  await expect(page.getByText('Ngozi E. still in them.')).toBeVisible();
  await page.getByRole('button', { name: 'Plan them anew' }).click();
  await expect(
    page.getByText(/4 rounds made anew; \d+ students have other partners/),
  ).toBeVisible();
  await expect(page.getByText('still in them.')).toBeHidden();
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(page.getByText('still in them.')).toBeVisible();
  await page.getByRole('button', { name: 'Take them away' }).click();
  await expect(planned).toHaveCount(0);
});

test('a line of the term is read by key: whom somebody has not met, and what two share', async ({
  page,
}) => {
  const table = page.getByRole('group', { name: 'Where everybody was, lineup by lineup' });
  await table.getByRole('button', { name: 'Amira H.' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Amira H. has not worked with' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Shift+Enter');
  await expect(page.getByRole('heading', { name: 'Amira H. and Anahera W.' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Students' }).selectOption('most repeats first');
  await expectAccessible(page);
});
