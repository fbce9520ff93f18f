import { readFileSync } from 'node:fs';
import { CREW, expect, expectAccessible, keepPart, openDemo, test } from './pages';

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
  await keepPart(page);
  await page.getByRole('button', { name: /^The first day/ }).click();
  await page.getByRole('textbox', { name: 'The first day' }).fill('2027-01-07');
  await keepPart(page);
  await page.getByRole('button', { name: /^Days on which there is none/ }).click();
  await page.getByRole('textbox', { name: /Days on which/ }).fill('2027-01-14 to 2027-01-20\nsoon');
  await expect(page.getByText('"soon" is no day.')).toBeVisible();
  await keepPart(page);
  await expect(page.getByText('Thu 7 Jan to Thu 4 Feb')).toBeVisible();
  await page.getByRole('button', { name: 'Plan 4 rounds' }).click();
  await expect(page.getByText('4 rounds planned.')).toBeVisible();
  await expect(planned).toHaveCount(4);
  // Those days are taken now; more rounds begin after them, and their partners are known.
  await expect(page.getByText(/has groups already on all 4 days/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin after them, on Thu 11 Feb' }).click();
  await expect(page.getByText('Thu 11 Feb to Thu 4 Mar')).toBeVisible();
  await expect(page.getByText(/has groups already/)).toBeHidden();

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

test('a student who leaves is mended out of what is planned, the lead goes round, and a day falls out', async ({
  page,
}) => {
  // A whole term is walked through: 40 s on two slow cores.
  test.slow();
  await page.getByRole('button', { name: /^Roles that go round/ }).click();
  await page.getByRole('checkbox', { name: 'lead' }).check({ force: true });
  await keepPart(page);
  await page.getByRole('button', { name: 'How many rounds: 6 rounds' }).click();
  await page.getByRole('button', { name: 'One round more' }).click();
  await page.getByRole('button', { name: 'One round more' }).click();
  await keepPart(page);
  await page.getByRole('button', { name: 'Plan 8 rounds' }).click();
  await expect(page.getByText('8 rounds planned.')).toBeVisible();
  // The first two are used.
  const used = page.getByRole('columnheader', { name: /used/ });
  const before = await used.count();
  for (const more of [1, 2]) {
    await page
      .getByRole('columnheader', { name: /planned/ })
      .first()
      .getByRole('link')
      .click();
    await page.getByRole('button', { name: /· draft/ }).click();
    await page.getByRole('menuitem', { name: 'Count it as used today' }).click();
    await page.getByRole('link', { name: 'Term' }).click();
    await expect(used).toHaveCount(before + more);
  }
  /** Who was in which group in a round that was used, of those in the table. */
  const groupsOf = (round: number) =>
    page.locator('tbody tr').evaluateAll(
      (rows, at) =>
        rows.map((row) => {
          const group = row.querySelectorAll('td')[at]?.getAttribute('aria-label')?.split(',')[0];
          return `${row.querySelector('th')?.textContent}: ${group}`;
        }),
      2 + before + round,
    );
  const usedBefore = [await groupsOf(0), await groupsOf(1)];
  // Eight rounds of seven groups: 56 turns for 28, on top of none.
  const leads = page.locator('tbody td[title], tbody tr td:nth-of-type(3)');
  expect(new Set(await leads.allTextContents()).size).toBeLessThanOrEqual(3);
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Days ahead' }).click();
  const firstDay = page.getByLabel(/^Day of/).first();
  const dayBefore = await firstDay.inputValue();
  await page.getByRole('button', { name: 'Falls out' }).first().click();
  await expect(page.getByText('6 rounds moved on.')).toBeVisible();
  await expect(firstDay).not.toHaveValue(dayBefore);
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  await page.getByRole('link', { name: 'Roster' }).click();
  await page.getByRole('button', { name: 'More about Ngozi Eze' }).click();
  await page.getByRole('button', { name: 'Has left the class' }).click();
  await page.getByRole('link', { name: 'Term' }).click();
  await page.getByRole('button', { name: 'Mend with the fewest changes' }).click();
  // Whoever was with her has other partners now, in each of six rounds three; nobody else moves.
  await expect(page.getByText(/6 rounds made anew; (1\d) students have other/)).toBeVisible();
  await expect(
    page.getByText(/^Other partners than before, in at least one round: /),
  ).toBeVisible();
  await expect(page.getByText('still in them.')).toBeHidden();
  for (const [round, was] of usedBefore.entries()) {
    expect(await groupsOf(round)).toEqual(was.filter((one) => !one.startsWith('Ngozi E.')));
  }
});

test('weeks from a sheet are looked at, dated and kept as used; undo takes them back', async ({
  page,
}) => {
  const used = page.getByRole('columnheader', { name: /used/ });
  const before = await used.count();
  await page.getByRole('button', { name: 'Bring in earlier weeks' }).click();
  await page
    .getByRole('textbox', { name: /A list with a column/ })
    .fill(
      ['Name\tSpring 1\t10 Sep', 'Amira Haddad\tA\t2', 'Ngozi Eze\tA\t1', 'Bram Visser\tB\t1']
        .concat(['Nobody Known\tB\t2', 'Anahera Walker\tB\t2'])
        .join('\n'),
    );
  await expect(page.getByText(/Not in it, and left out: .*Nobody Known/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'Spring 1' }).check();
  await page.getByLabel('Day of Spring 1').fill('2026-03-05');
  await page.getByRole('button', { name: 'Keep 2 lineups as used' }).click();
  await expect(page.getByText('2 lineups kept.')).toBeVisible();
  await expect(used).toHaveCount(before + 2);
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(used).toHaveCount(before);
});

test('the term leaves as a table, a workbook and a calendar that names no student', async ({
  page,
}) => {
  const saved = async (name: string): Promise<string> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).click(),
    ]);
    const text = readFileSync(await file.path(), 'utf8');
    return `${file.suggestedFilename()}\n${text}`;
  };
  const table = await saved('a table (CSV)');
  expect(table).toMatch(/^River Survey, Thursday crew, term\.csv/);
  expect(table).toContain('Amira H.');
  const calendar = await saved('a calendar of its days');
  expect(calendar).toContain('BEGIN:VEVENT');
  expect(calendar).not.toContain('Amira');
  expect(await saved('a workbook')).toMatch(/term\.xlsx\nPK/);
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
