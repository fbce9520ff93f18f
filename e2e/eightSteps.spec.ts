import {
  chooseWay,
  classOf,
  CREW,
  expect,
  keepPart,
  openDemo,
  pasteBox,
  rowOf,
  rows,
  savedBy,
  test,
} from './pages';

const LIST = `Amira Haddad

  Bram Visser <bram.visser@example.org>
Chipo Dube\tchipo.dube@example.org
Dov Lerner <dov@@example>
Eero Peltonen
Farida Saleh
Amira Haddad
Hana Jelínek`;

test('1: a pasted list becomes a class; doubles are asked about, malformed addresses marked', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByLabel(/Make another class/).fill('Gauge readers');
  await page.getByLabel(/Make another class/).press('Enter');
  const area = page.getByRole('textbox', { name: /One student a line/ });
  await area.fill(LIST);
  await expect(page.getByText('8 students read.')).toBeVisible();
  await expect(page.getByText('Dov Lerner: dov@@example is not a complete address.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Answer 1 question first' })).toBeDisabled();
  await page
    .getByRole('group', { name: /Amira Haddad stands on line 1 and on line 8/ })
    .getByLabel(/Another student/)
    .check();
  await page.getByRole('button', { name: 'Add 8 students' }).click();
  await expect(page.getByText('8 students, all here today')).toBeVisible();
  await expect(
    page.getByRole('row', { name: /Dov Lerner/ }).getByText('not a full address'),
  ).toBeVisible();
  await (await pasteBox(page)).fill('Bram Visser');
  await expect(page.getByText('Bram Visser (line 1) is already in the class')).toBeVisible();
});

test('2: the recipe says its sizes at once, re-deals nothing, and refuses what cannot be had', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  const before = await rows(page);
  await page.getByRole('button', { name: /How many groups/ }).click();
  const figure = page.getByRole('spinbutton');
  await figure.fill('5');
  await expect(page.getByText('4 groups of 5 and 2 of 4')).toBeVisible();
  await figure.fill('0');
  await expect(page.getByText('A group needs at least 1 student.')).toBeVisible();
  await figure.fill('29');
  await expect(page.getByText('A group of 29 cannot be had: 28 students are here.')).toBeVisible();
  await page.getByRole('radio', { name: 'So many groups' }).check();
  await expect(page.getByRole('spinbutton')).toHaveValue('6');
  await page.getByRole('spinbutton').fill('29');
  await expect(
    page.getByText('There can be at most 28 groups, one for each student here.'),
  ).toBeVisible();
  await keepPart(page);
  await expect(page.getByText('4 groups of 5 and 2 of 4')).toBeVisible();
  expect(await rows(page)).toEqual(before);
});

test('a quiet rule is typed as it is said, and what is not understood stays to be looked at', async ({
  page,
}) => {
  await classOf(page, 'Gauge readers', 'Ana Ruiz\nAna Tavi\nBo Li\nCaro Moe\nDov Ash\nEli Orr');
  await page.getByRole('link', { name: /quiet rules/ }).click();
  const names = page.getByRole('combobox', { name: 'Names, two or more' });
  await names.fill('Bo and Caro apart');
  await names.press('Enter');
  await expect(page.getByText('Bo L. and Caro M. apart', { exact: true })).toBeVisible();
  await names.fill('Dov, Ana, Eli');
  await expect(names).toHaveValue('Ana, Eli');
  await expect(page.getByRole('button', { name: /^Dov Ash/ })).toBeVisible();
});

test('3 and 4: quiet rules hold in what is made; a clash is named, with ways out one press away', async ({
  page,
}) => {
  await classOf(page, 'Gauge readers', 'Ana\nBo\nCaro\nDov\nEli\nFay');
  await page.getByRole('link', { name: /quiet rules/ }).click();
  const names = page.getByRole('combobox', { name: 'Names, two or more' });
  await expect(names).toBeVisible();
  for (const name of ['ana', 'bo', 'car']) {
    await names.pressSequentially(name);
    await names.press('Enter');
  }
  await names.press('Enter');
  await expect(
    page.getByRole('paragraph').filter({ hasText: 'Ana, Bo and Caro apart' }),
  ).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot all hold' })).toContainText(
    'would each need a group of their own: that is 3, and there are 2 groups',
  );
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'cannot all hold' })).toContainText(
    'These rules cannot all hold',
  );
  expect(await rows(page)).toEqual([]);
  await page.getByRole('button', { name: 'Make 3 groups' }).click();
  await expect(page.locator('[data-row]')).toHaveCount(4);
  for (const row of await rows(page)) {
    expect(row.filter((name) => ['Ana', 'Bo', 'Caro'].includes(name))).toHaveLength(1);
  }
});

test('4: every reshuffle is a take; an earlier one comes back as it was', async ({ page }) => {
  await openDemo(page, `${CREW}/groups`);
  const takes = page.getByRole('region', { name: 'Takes' }).getByRole('listitem');
  await expect(takes).toHaveCount(2);
  const second = await rows(page);
  await page.getByRole('button', { name: 'Reshuffle' }).click();
  await expect(takes).toHaveCount(3);
  await expect(page.getByRole('img', { name: 'kept' }).first()).toBeVisible();
  expect(await rows(page)).not.toEqual(second);
  await page.keyboard.press('r');
  await expect(takes).toHaveCount(4);
  await page
    .getByRole('button', { name: /Take 2/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /Take 2/ }).first()).toHaveAttribute(
    'aria-current',
    'true',
  );
  expect(await rows(page)).toEqual(second);
  await expect(takes).toHaveCount(4);
});

test('5: a dragged student moves; a broken rule is marked on the row; undo and redo', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  // Once the measures are there nothing is moved about any more.
  await expect(page.getByText(/^means /).first()).toBeVisible();
  const before = await rows(page);
  const tile = page.getByRole('button', { name: /^Ngozi Eze/ });
  const target = rowOf(page, /^Dov Lerner/);
  // What a mouse needs comes with the mouse.
  await tile.hover();
  await expect(tile).toHaveCSS('cursor', 'grab');
  const [from, to] = [await tile.boundingBox(), await target.boundingBox()];
  if (!from || !to) throw new Error('expected both on screen');
  await page.mouse.move(from.x + 12, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y + 30, { steps: 4 });
  // On the name of the group: on a person the two would change places.
  await page.mouse.move(to.x + 60, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(rowOf(page, /^Ngozi Eze/).getByText('Ngozi E. and Dov L. meet')).toBeVisible();
  await expect(page.getByRole('button', { name: /Take 2/ }).first()).toContainText('1 rule broken');
  const after = await rows(page);
  await page.getByRole('button', { name: /^Undo: move a student/ }).click();
  expect(await rows(page)).toEqual(before);
  await page.keyboard.press('Control+y');
  expect(await rows(page)).toEqual(after);
});

test('dropped on a person of another group, two change places', async ({ page }) => {
  await openDemo(page, `${CREW}/groups`);
  // Once the measures are there nothing is moved about any more.
  await expect(page.getByText(/^means /).first()).toBeVisible();
  const one = page.getByRole('button', { name: /^Ngozi Eze/ });
  const two = page.getByRole('button', { name: /^Dara Sokolova/ });
  const rowOfTile = async (name: RegExp) => rowOf(page, name).getAttribute('data-row');
  const before = [await rowOfTile(/^Ngozi Eze/), await rowOfTile(/^Dara Sokolova/)];
  await one.hover();
  await expect(one).toHaveCSS('cursor', 'grab');
  const [from, to] = [await one.boundingBox(), await two.boundingBox()];
  if (!from || !to) throw new Error('expected both on screen');
  await page.mouse.move(from.x + 12, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y + 30, { steps: 4 });
  await page.mouse.move(to.x + 20, to.y + 20, { steps: 8 });
  await page.mouse.up();
  await expect(rowOf(page, /^Ngozi Eze/)).toHaveAttribute('data-row', before[1] ?? '');
  await expect(rowOf(page, /^Dara Sokolova/)).toHaveAttribute('data-row', before[0] ?? '');
});

test('6: the stage shows names and groups, nothing quiet, and holds still until told', async ({
  page,
  context,
}) => {
  await openDemo(page, `${CREW}/stage`);
  await expect(page.getByRole('heading', { name: 'Week 7, bank walk' })).toBeVisible();
  const text = await page.locator('body').innerText();
  expect(text).toContain('Ngozi');
  for (const quiet of [
    'apart',
    'together',
    'talk over',
    'gauge',
    'tablet',
    'seasoned',
    'example.org',
    'kept',
  ]) {
    expect(text).not.toContain(quiet);
  }
  // Names grow to their size once the faces are there.
  await expect
    .poll(() =>
      page.getByText('Ngozi').evaluate((name) => parseFloat(getComputedStyle(name).fontSize)),
    )
    .toBeGreaterThan(36);
  const shown = await page.locator('main').innerText();
  const bench = await context.newPage();
  await bench.goto(`${CREW}/groups`);
  await bench.getByRole('button', { name: 'Reshuffle' }).click();
  await expect(page.getByRole('button', { name: /Show what is new/ })).toBeVisible();
  expect(await page.locator('main').innerText()).toBe(shown);
  await page.keyboard.press('n');
  await expect.poll(() => page.locator('main').innerText()).not.toBe(shown);
});

test('7: files and copies carry the lineup, formulas made harmless, nothing quiet', async ({
  page,
}) => {
  await classOf(page, 'Gauge readers', '=cmd() <eq@example.org>\nBo Li\nCaro\tcaro@example.org');
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.locator('[data-row="0"]')).toBeVisible();
  await page
    .getByRole('link', { name: /Hand off/ })
    .first()
    .click();
  const save = async (way: string): Promise<string> => {
    await chooseWay(page, 'a file', way);
    const { name, text } = await savedBy(page, () =>
      page.getByRole('button', { name: /^Save / }).click(),
    );
    expect(name).toMatch(/^gauge-readers-.*\.csv$/);
    return text;
  };
  await page.getByText('E-mail addresses').click();
  const rooms = await save('List for rooms');
  expect(rooms.split('\r\n').slice(0, -1).sort()).toEqual(
    [
      "Group 1,'=cmd(),eq@example.org",
      'Group 1,Bo Li,',
      'Group 1,Caro,caro@example.org',
      'room,name,e-mail',
    ].sort(),
  );
  await page.getByText('E-mail addresses').click();
  expect(await save('List by name')).toBe(
    "\ufeffname,group\r\n'=cmd(),Group 1\r\nBo Li,Group 1\r\nCaro,Group 1\r\n",
  );
  expect(await save('List by group')).toContain('Group 1,Bo Li');
  await chooseWay(page, 'a message', 'Plain lines');
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await expect(page.getByText('Copied.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('Bo Li');
  await chooseWay(page, 'a message', 'Table');
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  // What is read while it is still being written is refused by the browser.
  const html = (): Promise<string> =>
    page.evaluate(async () => {
      const [item] = await navigator.clipboard.read();
      return (await item?.getType('text/html'))?.text() ?? '';
    });
  await expect.poll(() => html().catch(() => '')).toContain('<td>Bo Li</td>');
});
