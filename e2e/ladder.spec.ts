import { readFileSync } from 'node:fs';
import { expect, expectAccessible, keepPart, openDemo, test } from './pages';

const [one, two] = (
  JSON.parse(readFileSync('demo/classes/juniors-1.json', 'utf8')) as {
    readonly students: readonly { readonly name: string }[];
  }
).students;

test('a year is pooled, some are left out, a third walk is brought in, groups get adults, and all of it is one undo away', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByRole('button', { name: /Pool/ }).first().click();
  for (const name of ['Ford', 'Weir', 'Mill']) {
    await page.getByRole('checkbox', { name: `Junior Survey, ${name}` }).check();
  }
  await page.getByRole('textbox', { name: /name/i }).last().fill('Juniors');
  await page
    .getByRole('button', { name: /^Pool|Make the pool/ })
    .last()
    .click();
  await expect(page.getByRole('heading', { name: 'Juniors' })).toBeVisible();

  // Left out: whoever is helped elsewhere and does not fall behind, two details at once.
  await page.getByText('Left out of groups').click();
  const by = page.getByRole('combobox', { name: 'Leave out by' });
  await by.selectOption('helped elsewhere');
  await page.getByRole('checkbox', { name: 'yes', exact: true }).check({ force: true });
  await page.getByRole('button', { name: 'And another detail' }).click();
  await page.getByRole('combobox', { name: 'and by' }).selectOption('falls behind');
  await page.getByRole('checkbox', { name: 'no', exact: true }).check({ force: true });
  await page.getByRole('radio', { name: 'all of this applies' }).check({ force: true });
  await page.getByRole('button', { name: 'Leave them out' }).click();
  await expect(page.getByText(/helped elsewhere: yes; and falls behind: no/).first()).toBeVisible();

  await page.getByRole('link', { name: 'Skill ladder and results' }).click();
  await expect(page.getByRole('heading', { name: 'The ladder' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Skills (8)' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Since First walk' })).toBeVisible();
  await expectAccessible(page);

  // A student: their answers, one of them changed where it stands, and taken back.
  const picture = page.getByRole('region', { name: 'Where everybody stands' });
  const first = picture.getByRole('button', { name: /, 2\. reading the map$/ }).first();
  const name = (await first.innerText()).trim();
  await first.click();
  const results = page.getByRole('region', { name: `What ${name} has mastered` });
  await expect(results.getByText(/^not yet/).first()).toBeVisible();
  await results
    .getByRole('button', { name: /^2a reading the map, of 1/ })
    .first()
    .click();
  await results.getByRole('textbox').fill('7');
  await page.keyboard.press('Enter');
  await expect(results.getByRole('alert')).toContainText('"7" is no number from 0 to 1');
  await results.getByRole('button', { name: 'Close' }).click();

  // A third test of three students: one of them is nobody here, one cell is no answer.
  await page.getByRole('button', { name: 'Bring in results' }).click();
  const box = page.getByRole('region', { name: 'Bring in results' });
  await box
    .getByRole('textbox', { name: /A list with students/ })
    .fill(
      [
        'Number\tName\t2a reading the map\t2b reading the map\tPaddling',
        `J1100\t${one!.name}\t1\t1\t3`,
        `J1101\t${two!.name}\t130%\t100%\t4`,
        'X999\tNobody Here\t1\t0\t5',
      ].join('\n'),
    );
  await expect(box.getByText(/2 students found in the class/)).toContainText('Nobody Here');
  await expect(box.getByText(/"130%" is no answer/)).toBeVisible();
  await expect(box.getByRole('combobox', { name: '2b reading the map asks for' })).toHaveValue(
    'reading the map',
  );
  await box.getByRole('textbox', { name: 'Called' }).fill('Third walk');
  await box.getByRole('button', { name: /^Keep \d questions?/ }).click();
  await expect(page.getByRole('heading', { name: 'Results (3 tests)' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Since Second walk' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByRole('heading', { name: 'Results (2 tests)' })).toBeVisible();

  // Groups by need, and adults for them.
  await page.getByRole('link', { name: 'Groups', exact: true }).first().click();
  await page.getByRole('button', { name: /Other things the recipe can say/ }).click();
  await page.getByRole('button', { name: 'what they need next' }).click();
  await expect(page.getByText('One student has no results')).toBeVisible();
  await page.getByRole('radio', { name: 'leave them out' }).check({ force: true });
  await keepPart(page);
  await page.getByRole('button', { name: 'Make groups' }).click();
  await expect(page.getByText(/\d+ of \d+ served/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Adults and times' }).click();
  await page.getByRole('button', { name: 'Give every group an adult' }).click();
  // Fifteen groups of four are more than six adults have times for: who is short is told, with a way out.
  const missing = page.getByRole('status').filter({ hasText: 'What would be enough' });
  await expect(missing).toContainText(/can only have/);
  await expectAccessible(page);
  await missing.getByRole('button', { name: /^Do that/ }).click();
  await expect(missing).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Timetable' })).toBeVisible();
  // By hand: what somebody who cannot would mean is said before it is chosen, and after.
  const who = page.getByRole('combobox', { name: /^Who leads/ }).first();
  const cannot = who.locator('option', { hasText: 'cannot then' }).first();
  await who.selectOption((await cannot.getAttribute('value')) ?? '');
  await expect(page.getByText('cannot then', { exact: false }).last()).toBeAttached();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'a calendar' }).click();
  expect((await saved).suggestedFilename()).toMatch(/timetable\.ics$/);
});

test('a list with the answers of a test makes a class and its ladder: no answer becomes a detail, nothing is typed twice', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByLabel(/Make (another|your first) class/).fill('Night walk');
  await page.getByRole('button', { name: 'Make the class' }).click();
  await page
    .getByRole('textbox', { name: /One student a line/ })
    .fill(
      [
        'Name\tShoe\tbanks\tmaps\tfloats\tgraphs',
        ...['Ona Reyes\t37\t1\t1\t1\t0', 'Per Holm\t41\t1\t0\t0\t0'],
        ...['Rua Tane\t39\t1\t1\t0\t0', 'Siv Berg\t40\t0\t0\t0\t0'],
      ].join('\n'),
    );
  await expect(page.getByText('4 columns look like the answers of a test.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep them as results' }).click();
  await page.getByRole('button', { name: 'Add 4 students' }).click();
  await expect(page.getByText('4 students, all here today')).toBeVisible();
  await page.getByRole('link', { name: 'Skill ladder and results' }).first().click();
  // Begun on the roster, it lies open here; without a ladder each question is a skill of its own.
  const box = page.getByRole('region', { name: 'Bring in results' });
  await expect(box.getByText('All 4 students are in the class.')).toBeVisible();
  await box.getByRole('checkbox', { name: 'Take in Shoe' }).uncheck();
  await box.getByRole('button', { name: 'Keep 4 questions' }).click();
  await expect(page.getByRole('heading', { name: 'Skills (4)' })).toBeVisible();
  const picture = page.getByRole('region', { name: 'Where everybody stands' }).first();
  await expect(picture.getByRole('button', { name: 'Ona R., 4. graphs' })).toBeVisible();
  await expect(picture.getByRole('button', { name: 'Per H., 2. maps' })).toBeVisible();
  // The rule is changed in its sentence, and a skill is put in another place.
  await page.getByRole('button', { name: 'floats is learned earlier' }).click();
  await expect(picture.getByRole('button', { name: 'Rua T., 2. floats' })).toBeVisible();
  await expect(page.getByText('Rua T. masters maps, and not floats.')).toBeAttached();
  await expectAccessible(page);
});
