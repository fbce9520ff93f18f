import { readFile } from 'node:fs/promises';
import { CREW, expect, expectAccessible, openDemo, test, chooseWay, savedBy } from './pages';

test('an address that was cut behind its class leads to its groups, and one of no class to all of them', async ({
  page,
}) => {
  await openDemo(page, CREW);
  await expect(page).toHaveURL(/\/groups$/);
  await page.goto('/c/no-such-class/groups');
  await expect(page.getByRole('heading', { name: 'There is no class here.' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'All classes' }).click();
  await expect(page.getByRole('link', { name: /Thursday crew/ })).toBeVisible();
});

test('everything is saved as one file and put back from it; a newer file is refused with that word', async ({
  page,
}) => {
  await openDemo(page, '/');
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything as a file' }).click(),
  ]);
  const text = await readFile(await saved.path(), 'utf8');
  const chooser = page.getByLabel('Open a class file').last();
  const file = (content: string) => ({
    name: 'kept.json',
    mimeType: 'application/json',
    buffer: Buffer.from(content),
  });
  await chooser.setInputFiles(file(text));
  await expect(page.getByText('is on the shelf already, just as it is there')).toBeVisible();
  await page.getByRole('button', { name: 'Delete Estuary Lab' }).click();
  await expect(page.getByRole('link', { name: /Estuary Lab/ })).toHaveCount(0);
  await chooser.setInputFiles(file(text));
  await expect(page.getByRole('link', { name: /Estuary Lab.*17 students/ })).toBeVisible();
  await page.getByRole('button', { name: 'Rename Estuary Lab' }).click();
  await page.keyboard.type('Night Lab');
  await page.keyboard.press('Enter');
  await chooser.setInputFiles(file(text));
  await expect(page.getByRole('region', { name: 'Class files' }).getByRole('alert')).toContainText(
    'The file holds Estuary Lab',
  );
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Open as a copy' }).click();
  await expect(page.getByRole('link', { name: /Night Lab|Estuary Lab/ })).toHaveCount(2);
  await chooser.setInputFiles(file(text.replace('"version": 1', '"version": 9')));
  await expect(page.getByRole('region', { name: 'Class files' }).getByRole('alert')).toContainText(
    'written by a newer Gruppetto',
  );
});

test('a list pasted anywhere on the first page is a class, whose roster shows it before anybody is added', async ({
  page,
}) => {
  await openDemo(page, '/');
  // The newest class stands first.
  await expect(page.getByRole('list').getByRole('link').first()).toHaveText(/Junior Survey, Mill/);
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'Name\tScore\nOna Reyes\t3\nPer Holm\t4');
    const pasted = new ClipboardEvent('paste', { clipboardData: data, bubbles: true });
    document.body.dispatchEvent(pasted);
  });
  await expect(page.getByRole('button', { name: 'Add 2 students' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Name of the class: New class' })).toBeVisible();
});

test('classes are copied, and pooled with chosen sections for now or to keep', async ({ page }) => {
  await openDemo(page, '/');
  await page.getByRole('button', { name: 'Copy Estuary Lab' }).click();
  await expect(page.getByRole('link', { name: /Estuary Lab, copy.*17 students/ })).toBeVisible();
  await page.getByRole('button', { name: 'Pool classes' }).click();
  await page.getByRole('checkbox', { name: 'River Survey, Thursday crew' }).check();
  await page.getByRole('checkbox', { name: 'South bank' }).uncheck();
  await page.getByRole('checkbox', { name: 'Estuary Lab', exact: true }).check();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Pool 31 students' }).click();
  await expect(page.getByText('31 students, all here today')).toBeVisible();
  await expect(
    page.getByRole('row', { name: /Amira Haddad.*River Survey, Thursday crew/ }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'All classes' }).click();
  await page.getByRole('button', { name: 'Temporary: keep it' }).click();
  await expect(page.getByRole('button', { name: 'Temporary: keep it' })).toHaveCount(0);
});

test('made-up names stand on every view, while files may keep the real ones', async ({ page }) => {
  await openDemo(page, `${CREW}/roster`);
  await page.getByRole('button', { name: 'Names on screen' }).click();
  await page.getByRole('radio', { name: 'River names' }).check();
  await page.keyboard.press('Escape');
  const real = JSON.parse(await readFile('demo/classes/thursday-crew.json', 'utf8')) as {
    students: { name: string; email: string; familyName: string }[];
  };
  const secrets = real.students.flatMap(({ name, email, familyName }) =>
    [name, email, familyName].filter((one) => one.length > 3),
  );
  for (const view of ['roster', 'rules', 'groups', 'stage', 'handoff']) {
    await page.goto(`${CREW}/${view}`);
    await expect(
      page.getByText(/(Amber|Bright|Calm|Copper|Early|Golden|Jade) /).first(),
    ).toBeVisible();
    const html = await page.locator('body').innerHTML();
    expect(secrets.filter((secret) => html.includes(secret))).toEqual([]);
  }
  // A letter is opened by its real address, which stands nowhere while names are hidden.
  await chooseWay(page, 'a message', 'Letters');
  await expect(page.getByRole('button', { name: /^Open: Letter to Alder/ })).toBeVisible();
  const letters = await page.locator('body').innerHTML();
  expect(secrets.filter((secret) => letters.includes(secret))).toEqual([]);
  await chooseWay(page, 'a file', 'List for rooms');
  await page.getByRole('button', { name: /^Save / }).click();
  const { text } = await savedBy(page, () =>
    page.getByRole('button', { name: 'With the real names' }).click(),
  );
  expect(text).toContain('Amira Haddad');
});
