import { readFileSync } from 'node:fs';
import {
  CREW,
  everythingOn,
  expect,
  expectAccessible,
  keepPart,
  openDemo,
  test,
  type Page,
} from './pages';

const ACTIVITIES = `${CREW}/activities`;
const MARKS = [7, 8.5, 6, 9, 10, 5.5, 8] as const;

/** Chooses a part of the settings' sentence and closes it again. */
async function setMembers(page: Page, said: RegExp): Promise<void> {
  await page.getByRole('button', { name: /^How members come to their marks/ }).click();
  await page.getByRole('radio', { name: said }).check({ force: true });
  await keepPart(page);
}

/** Goes on by the rail, so that nothing is loaded anew. */
async function step(page: Page, name: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Steps of the work' })
    .getByRole('link', { name, exact: true })
    .click();
}

test('an activity with new groups: seven marks by keyboard, two of members, a changed lineup, out and back', async ({
  page,
}) => {
  test.slow();
  await openDemo(page, ACTIVITIES);
  await page.getByRole('button', { name: 'New activity' }).click();
  await page.getByLabel('What is it called?').fill('Bank profile');
  await page
    .getByRole('combobox', { name: 'Worked in' })
    .selectOption('new groups, yet to be made');
  await page.getByRole('button', { name: 'Begin it' }).click();
  await expect(page.getByText('This lineup has no groups yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Make the groups' }).click();
  await expect(page.getByRole('button', { name: /How many groups/ })).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByRole('button', { name: /^Amira/ })).toBeVisible();
  await step(page, 'Activities');
  await page.getByRole('link', { name: 'Bank profile' }).click();

  // Seven marks, typed one after the other.
  const cells = page.getByRole('textbox', { name: /: Mark$/ });
  await expect(cells).toHaveCount(MARKS.length);
  await cells.first().focus();
  for (const mark of MARKS) {
    await page.keyboard.type(String(mark));
    await page.keyboard.press('Enter');
  }
  for (const [at, mark] of MARKS.entries()) await expect(cells.nth(at)).toHaveValue(String(mark));

  // Two members with points of their own, in the first group, opened by key.
  await setMembers(page, /points up or down/);
  await cells.first().focus();
  await page.keyboard.press('Alt+ArrowDown');
  const points = page.getByRole('textbox', { name: /: Up or down$/ });
  await expect(points).toHaveCount(4);
  await points.first().focus();
  await page.keyboard.type('1,5');
  await page.keyboard.press('Enter');
  await page.keyboard.type('-2');
  await page.keyboard.press('Enter');
  const rows = page.locator('tr[data-member]');
  await expect(rows.nth(0)).toContainText('8.5');
  await expect(rows.nth(1)).toContainText('5');
  const member = (await rows.nth(0).getByRole('rowheader').innerText()).trim();

  // The lineup changes: the activity keeps its groups and asks.
  await step(page, 'Groups');
  await expect(page.getByText('Worked in these groups: Bank profile.')).toBeVisible();
  await page
    .getByRole('button', { name: new RegExp(`^${member}`) })
    .first()
    .click();
  await page.keyboard.press('5');
  await page.keyboard.press('Escape');
  await step(page, 'Activities');
  await expect(page.getByRole('row', { name: /Bank profile/ })).toContainText(
    '1 student in another group since',
  );
  await page.getByRole('link', { name: 'Bank profile' }).click();
  await expect(page.getByRole('region', { name: /has changed since/ })).toContainText(member);
  await page.getByRole('button', { name: `Half of each mark: ${member}` }).click();
  await expect(page.getByRole('region', { name: /has changed since/ })).toBeHidden();
  await page
    .getByRole('button', { name: /^Members of/ })
    .first()
    .click();
  // Half of 7 and 1.5, half of the other group's 10 and 1.5 of at most 10.
  await expect(rows.filter({ hasText: member })).toContainText('9.5');

  // Out, changed in a sheet, and back: the difference first.
  await page.getByRole('button', { name: 'Marks out' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const saved = readFileSync(await (await saving).path(), 'utf8');
  const lines = saved.trim().split('\r\n');
  expect(lines).toHaveLength(29);
  expect(lines[0]).toBe('Number,Name,Group,Bank profile,Comment');
  const [, , , mark = ''] = lines[1]!.split(',');
  const [name = ''] = lines[1]!.split(',').slice(1);
  const other = mark === '3' ? '4' : '3';
  const changed = [
    ...[lines[0], lines[1]!.replace(`,${mark},`, `,${other},`)],
    ...[lines[2]!.replace(/,[\d.]+,([^,]*)$/, ',99,$1'), 'x,Nobody Known,Alder,4,'],
  ];
  await page.getByRole('button', { name: 'Marks in' }).click();
  await page.getByLabel('Paste the sheet, or open a file').fill(changed.join('\n'));
  await expect(page.getByText('What changes (1)')).toBeVisible();
  await expect(page.getByText('99 is more than the most, 10. Left out.')).toBeVisible();
  await expect(page.getByText(/Nobody Known: not a student of this activity/)).toBeVisible();
  await page.getByRole('button', { name: 'Take in 1 mark' }).click();
  await expect(page.getByText('1 mark taken in.').first()).toBeVisible();
  await step(page, 'Activities');
  await page.getByRole('link', { name: 'Marks over the term' }).click();
  const given = name.split(' ')[0]!;
  await expect(page.getByRole('row', { name: new RegExp(`^${given}`) }).first()).toContainText(
    other,
  );
});

test('what cannot be a mark is told at its cell, stays typed there, and what was there is kept', async ({
  page,
}) => {
  await openDemo(page, ACTIVITIES);
  await page.getByRole('link', { name: 'Flow report' }).click();
  const cell = page.getByRole('textbox', { name: 'Alder: Data' });
  const before = await cell.inputValue();
  for (const [typed, why] of [
    ['9', '9 is more than the most, 8.'],
    ['-1', '-1 is below 0.'],
    ['good', '“good” is no number.'],
  ] as const) {
    await cell.fill(typed);
    await page.keyboard.press('Enter');
    await expect(cell).toBeFocused();
    await expect(page.getByRole('alert').filter({ hasText: why })).toBeVisible();
    await expect(cell).toHaveValue(typed);
  }
  await page.keyboard.press('Escape');
  await expect(cell).toHaveValue(before);
  await cell.fill('6,5');
  await page.keyboard.press('Enter');
  await expect(cell).toHaveValue('6.5');
  await expect(page.getByRole('textbox', { name: 'Willow: Data' })).toBeFocused();
  await page.getByRole('button', { name: /^When it is due/ }).click();
  await page.getByLabel('Day and time').fill('2026-09-01T10:00');
  await expect(page.getByText(/is before it opens/)).toBeVisible();
  await keepPart(page);
  await expect(page.getByRole('button', { name: /^When it is due: 17 Sept/ })).toBeVisible();
});

test('a sheet with a stranger, two rows for one, a word, too much and a blank: each is named, the rest is taken', async ({
  page,
}) => {
  const crew = JSON.parse(readFileSync('demo/classes/thursday-crew.json', 'utf8')) as {
    readonly students: readonly { readonly name: string; readonly externalId: string }[];
  };
  const number = (name: string): string =>
    crew.students.find((one) => one.name.startsWith(name))?.externalId ?? '';
  await openDemo(page, ACTIVITIES);
  await page.getByRole('link', { name: 'Field notebook' }).click();
  await page.getByRole('button', { name: 'Marks in' }).click();
  const rows = [
    ...['Number;Field notebook', `${number('Amira')};7,5`, `${number('Bram')};4`],
    ...[`${number('Bram')};5`, `${number('Chipo')};eight`, `${number('Dara')};11`, '99;3'],
    ...[`${number('Eero')};`, `${number('Farida')};excused`, `${number('Hana')};-1`],
  ];
  await page.getByLabel('Paste the sheet, or open a file').fill(rows.join('\n'));
  for (const said of [
    /Rows 3 and 4 are both Bram V., with different marks/,
    /“eight” is no mark/,
    /11 is more than the most, 10/,
    /Row 7.*not a student of this activity/,
    /-1 is below 0/,
    '1 row without a mark: theirs stay as they are.',
    'Amira H.: none → 7.5',
    'Farida S.: none → excused',
  ]) {
    await expect(page.getByText(said)).toBeVisible();
  }
  await page.getByRole('button', { name: 'Take in 2 marks' }).click();
  await expect(page.getByRole('textbox', { name: 'Amira H.: Mark' })).toHaveValue('7.5');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByRole('textbox', { name: 'Amira H.: Mark' })).toHaveValue('');
});

test('files in a folder are noted as come in by their names, and doubts are asked', async ({
  page,
}) => {
  await openDemo(page, ACTIVITIES);
  await page.getByRole('link', { name: 'Bank walk sheet' }).click();
  await page.getByRole('button', { name: 'Note from files' }).click();
  const file = (name: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from('x') });
  await page
    .getByLabel('Choose files')
    .setInputFiles([file('alder_final.pdf'), file('Sedge.docx'), file('holiday.png')]);
  await expect(page.getByText('3 files; of 2 it is clear whose they are.')).toBeVisible();
  await page.getByRole('combobox', { name: /Whose is holiday.png/ }).selectOption('Rush');
  await page.getByRole('button', { name: 'Note that 3 came in' }).click();
  const came = page.getByRole('combobox', { name: /: Came in$/ });
  await expect(came.first()).toHaveValue('in');
  const values = await came.evaluateAll((all) =>
    all.map((one) => (one as HTMLSelectElement).value),
  );
  expect(values.filter((one) => one === 'in')).toHaveLength(3);
  await page.getByRole('button', { name: 'Write to who is missing' }).click();
  await page.getByRole('radio', { name: 'all of the group' }).check({ force: true });
  await expect(page.getByRole('link', { name: /^Write to/ })).toHaveCount(4);
  const href = await page.getByRole('link', { name: 'Write to Willow' }).getAttribute('href');
  expect(decodeURIComponent(href ?? '')).toMatch(/^mailto:.*@example\.org.*Bank walk sheet/);
});

test('no mark and no comment reaches stage, print, hand-off or a student’s page', async ({
  page,
}) => {
  test.slow();
  await openDemo(page, ACTIVITIES);
  await page.getByRole('link', { name: 'Flow report' }).click();
  await page.getByRole('textbox', { name: 'Alder: Comment' }).fill('QUIET-comment');
  await page.getByRole('textbox', { name: 'Alder: Data' }).fill('7.77');
  await page.keyboard.press('Enter');
  await page
    .getByRole('button', { name: /^Members of/ })
    .first()
    .click();
  await page
    .getByRole('textbox', { name: /: Comment$/ })
    .nth(1)
    .fill('QUIET-own');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  for (const path of ['stage', 'print', 'handoff', 'groups', 'term', 'show']) {
    await page.goto(`${CREW}/${path}`);
    await expect(page.getByRole('heading').first()).toBeVisible();
    const text = await page.evaluate(everythingOn);
    expect({ path, leaks: /QUIET|7\.77/.test(text) }).toEqual({ path, leaks: false });
  }
  // A slip has what was asked for: one student's marks alone.
  await page.goto(ACTIVITIES);
  await page.getByRole('link', { name: 'Flow report' }).click();
  await page.getByRole('button', { name: 'Marks out' }).click();
  await page.getByRole('link', { name: 'Slips to print' }).click();
  await expect(page.getByText('Choose whose slip is to be printed.')).toBeVisible();
  expect(await page.getByRole('main').innerText()).not.toContain('QUIET');
  await page.getByRole('combobox', { name: /^For/ }).selectOption({ label: 'Ngozi' });
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(1);
  await expectAccessible(page);
});

test('a lineup in use names the activities that are worked in it before it changes', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await page.getByRole('button', { name: /Week 7, bank walk/ }).click();
  await page.getByRole('menuitem', { name: /The class works in these groups now/ }).click();
  await page.getByRole('button', { name: /^Rafael/ }).focus();
  await page.keyboard.press('3');
  await expect(page.getByText(/Bank walk sheet is worked in these groups/)).toBeVisible();
});

for (const colorScheme of ['light', 'dark'] as const) {
  test(`an open activity, its settings and everything beside it are accessible (${colorScheme})`, async ({
    page,
  }) => {
    // A dozen readings of a page that grows: half a minute, and three times that on slow cores.
    test.slow();
    await page.emulateMedia({ colorScheme });
    await openDemo(page, ACTIVITIES);
    await page.getByRole('link', { name: 'Species poster' }).click();
    await page
      .getByRole('button', { name: /^Members of/ })
      .first()
      .click();
    await expectAccessible(page);
    for (const part of [
      ...['Instructions', 'Hand-outs', 'Write to who is missing', 'Note from files'],
      ...['Shares by members', 'Marks out', 'Marks in', 'Spread', 'Once more'],
    ]) {
      await page.getByRole('button', { name: part, exact: true }).click();
      await expect(page.getByRole('group', { name: part })).toBeVisible();
      await expectAccessible(page);
    }
    await page.getByRole('button', { name: /^What a mark is made of/ }).click();
    await page.getByRole('button', { name: 'Add a criterion' }).click();
    await expectAccessible(page);
  });
}
