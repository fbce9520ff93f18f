import { unzipSync } from 'fflate';
import { writeFileSync } from 'node:fs';
import {
  chooseWay,
  CREW,
  expect,
  expectAccessible,
  openDemo,
  OPEN_COURSE,
  savedBy,
  test,
} from './pages';

const save = (name: string | RegExp) => ({ name });

test.beforeEach(async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openDemo(page, `${CREW}/handoff`);
  await expect(page.getByRole('heading', { name: 'What goes' })).toBeVisible();
});

test('a file: looked at before, columns of one’s own are kept, and a receipt tells what has changed since', async ({
  page,
}) => {
  await chooseWay(page, 'a file', 'List by name');
  await page.getByText('Columns and separator').click();
  await page.getByRole('combobox', { name: 'Add a column' }).selectOption('role');
  await page.getByRole('button', { name: 'group further to the front' }).click();
  await page.getByRole('combobox', { name: 'Between cells' }).selectOption('semicolon');
  const preview = page.getByRole('table');
  await expect(preview.getByRole('columnheader')).toHaveText(['group', 'name', 'role']);
  await expectAccessible(page);
  const { name, text } = await savedBy(page, () =>
    page.getByRole('button', save('Save list by name')).click(),
  );
  expect(name).toBe('river-survey-thursday-crew-week-7-bank-walk-by-name.csv');
  expect(text.split('\r\n')[0]).toBe('\ufeffgroup;name;role');
  expect(text.split('\r\n')).toHaveLength(30);
  await expect(page.getByText('Nothing has changed since.')).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  await page.goto(`${CREW}/groups`);
  await page.getByRole('button', { name: /^Ngozi/ }).click();
  await page.keyboard.press('1');
  await page
    .getByRole('link', { name: /Hand off/ })
    .first()
    .click();
  await expect(
    page.getByText(/Changed since: Ngozi Eze joins Alder\. Ngozi Eze leaves Iris\./),
  ).toBeVisible();
  await expect(page.getByRole('columnheader')).toHaveText(['group', 'name', 'role']);
});

test('addresses go only when asked for, and a missing one is mended where it is missed', async ({
  page,
}) => {
  await chooseWay(page, 'a file', 'List for rooms');
  await expect(page.getByText('has no address')).toHaveCount(0);
  await page.getByText('E-mail addresses').click();
  const missing = page.getByRole('listitem').filter({ hasText: 'Iolo Wynne has no address.' });
  await missing.getByRole('button', { name: 'Mend here' }).click();
  await missing.getByRole('button', { name: /^E-mail of Iolo Wynne/ }).click();
  await page.getByRole('textbox', { name: 'E-mail of Iolo Wynne' }).fill('iolo@example.org');
  await page.keyboard.press('Enter');
  await expect(missing).toHaveCount(0);
  const slip = page.getByRole('listitem').filter({ hasText: 'Chipo Dube: the address is nearly' });
  await slip.getByRole('button', { name: 'Mend here' }).click();
  await slip.getByRole('button', { name: 'Use chipo.dube@example.org' }).click();
  await expect(page.getByText('Everybody has an address.')).toBeVisible();
  const { text } = await savedBy(page, () =>
    page.getByRole('button', save('Save list for rooms')).click(),
  );
  expect(text).toContain('Sedge,Iolo Wynne,iolo@example.org\r\n');
});

test('a page for each group: looked through, then saved as documents of one’s own words', async ({
  page,
}) => {
  await chooseWay(page, 'a page for each group', 'Documents');
  await page.getByRole('textbox', { name: /^The hand-out/ }).fill('# {{group}}\n\nBring {{kit}}');
  await expect(page.getByText(/asks for \{\{kit\}\}/)).toBeVisible();
  await page.getByText('Fields of your own').click();
  await page.getByRole('button', { name: 'Add a field' }).click();
  await page.getByRole('button', { name: /^Name of field 1/ }).click();
  await page.getByRole('textbox', { name: 'Name of field 1' }).fill('Kit');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^What stands for Kit/ }).click();
  await page.getByRole('textbox', { name: 'What stands for Kit' }).fill('a net & boots');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Bring a net & boots')).toBeVisible();
  await page
    .getByRole('textbox', { name: /^The hand-out/ })
    .fill('# {{group}}\n\nBring boots, {{members}}');
  await page.getByRole('button', { name: 'Page after' }).click();
  await expect(page.getByText('2 of 7 pages')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Willow' })).toBeVisible();
  await expectAccessible(page);
  const { name, bytes } = await savedBy(page, () =>
    page.getByRole('button', save('Save documents')).click(),
  );
  expect(name).toMatch(/-documents\.zip$/);
  expect(Object.keys(unzipSync(new Uint8Array(bytes)))).toEqual(
    ['Alder', 'Willow', 'Sedge', 'Bulrush', 'Rush', 'Iris', 'Cress'].map(
      (group, i) => `${i + 1} ${group}.docx`,
    ),
  );
});

test('a web page of one’s own is filled, and runs and fetches nothing', async ({ page }, info) => {
  const path = info.outputPath('mine.html');
  writeFileSync(
    path,
    '<html><body><script>x()</script><h1>Hello {{group}}</h1><img src="https://elsewhere.example/x.png"><p>{{members}}</p></body></html>',
  );
  await chooseWay(page, 'a page for each group', 'Web pages');
  await page.locator('input[type=file]').setInputFiles(path);
  await expect(page.getByRole('heading', { name: 'Hello Alder' })).toBeVisible();
  const { bytes } = await savedBy(page, () =>
    page.getByRole('button', save('Save web pages')).click(),
  );
  const files = unzipSync(new Uint8Array(bytes));
  expect(Object.keys(files)).toHaveLength(8);
  expect(new TextDecoder().decode(files['1 Alder.html'])).not.toMatch(/script>|elsewhere/);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Hello Alder' })).toBeVisible();
});

test('letters are opened one by one and ticked, to groups or to each student', async ({ page }) => {
  await chooseWay(page, 'a message', 'Letters');
  const alder = page.getByRole('link', { name: 'Open: Letter to Alder' });
  const href = await alder.getAttribute('href');
  expect(href).toMatch(/^mailto:amira\.haddad@example\.org,ingrid\.aas@example\.org,/);
  await page.evaluate(() =>
    document.addEventListener('click', (event) => {
      if ((event.target as HTMLElement).closest('a[href^=mailto]')) event.preventDefault();
    }),
  );
  await alder.click();
  await expect(page.getByText('1 of 7 letters opened')).toBeVisible();
  await page.getByRole('combobox', { name: 'To' }).selectOption('each student');
  await expect(page.getByText('0 of 27 letters opened')).toBeVisible();
  await expect(page.getByText('Nobody in it can be reached.')).toBeVisible();
  await expectAccessible(page);
});

test('links are made from a template, told where they cannot be, and copied plain and rich at once', async ({
  page,
}) => {
  await chooseWay(page, 'a link');
  const template = page.getByRole('textbox', { name: /^Link of each group/ });
  await template.fill('https://rooms.example.org/{group');
  await expect(page.getByText(/cannot be read from sign 27 on/)).toBeVisible();
  await template.fill('https://rooms.example.org/{code}/{group}');
  await expect(page.getByRole('link', { name: 'open the link of Sedge' })).toHaveAttribute(
    'href',
    'https://rooms.example.org/RIV-2/Sedge',
  );
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await expect(page.getByText('Copied.')).toBeVisible();
  const [plain, html] = await page.evaluate(async () => {
    const [item] = await navigator.clipboard.read();
    return Promise.all(
      ['text/plain', 'text/html'].map(async (type) => (await item?.getType(type))?.text()),
    );
  });
  expect(plain).toContain('Sedge: https://rooms.example.org/RIV-2/Sedge');
  expect(html).toContain('<a href="https://rooms.example.org/RIV-2/Sedge">Sedge</a>');
});

test('300 documents for 1,200 students are made beside the page, with progress, and can be stopped', async ({
  page,
}) => {
  await page.goto(`${OPEN_COURSE}/groups`);
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.locator('[data-row="0"]')).toBeVisible();
  await page.goto(`${OPEN_COURSE}/handoff`);
  await chooseWay(page, 'a page for each group', 'Documents');
  await page.getByRole('button', { name: 'Page after' }).click();
  await page.getByRole('button', save('Save documents')).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Stopped. Nothing was saved.')).toBeVisible();
  const { bytes } = await savedBy(page, () =>
    page.getByRole('button', save('Save documents')).click(),
  );
  expect(Object.keys(unzipSync(new Uint8Array(bytes)))).toHaveLength(300);
});

const EVERY_FILE: readonly (readonly [string, string, RegExp])[] = [
  ['a file', 'List by group', /^\ufeffgroup,name\r\n/],
  ['a file', 'Workbook', /^PK/],
  ['a file', 'Calendar', /^BEGIN:VCALENDAR[^]*BEGIN:VTIMEZONE|BEGIN:VEVENT[^]*SUMMARY:Alder/],
  ['a file', 'Contacts', /KIND:group\r\nFN:Alder/],
  ['a file', 'Open data', /"format": "gruppetto\.lineup"/],
  ['a page for each group', 'Web pages', /^PK/],
  ['a message', 'Plain lines', /^Alder: Amira Haddad, /],
  ['a message', 'Table', /<th scope="row">Alder<\/th><td>Amira Haddad<\/td>/],
  ['a message', 'Markdown', /^## Alder\n\n- Amira Haddad\n/],
  ['a message', 'Letters', /^group,link\r\nAlder,"?mailto:amira/],
  [
    'a message',
    'Mail merge',
    /name,e-mail,group,subject,text\r\nAmira Haddad,amira\.haddad@example\.org,Alder/,
  ],
];

test('every way out that is a file is looked at and saved, and is what its name says', async ({
  page,
}) => {
  for (const [where, way, holds] of EVERY_FILE) {
    await chooseWay(page, where, way);
    if (way === 'Calendar') {
      await expect(page.getByText(/A calendar needs a day/)).toBeVisible();
      await page.getByLabel('From').fill('10:00');
      await page.getByLabel('Minutes').fill('40');
    }
    await expect(page.getByRole('group', { name: 'What goes' })).toContainText('Amira Haddad');
    const { text } = await savedBy(page, () =>
      page.getByRole('button', { name: /^Save / }).click(),
    );
    expect(text).toMatch(holds);
  }
});
