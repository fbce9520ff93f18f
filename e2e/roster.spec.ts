import writeWorkbook from 'write-excel-file/node';
import { classOf, CREW, expect, openDemo, test, pasteBox } from './bench';

const EXPORT = `Gauge readers
Last name,First name,E-mail,Student ID,Bank,Score,Role
Haddad,Amira,amira@example.org,0071,North,71%,Student
Visser,Bram,bram@exmaple.org,0072,South,n/a,Student
Dube,Chipo,chipo@example.org,0073,North,60,Student
Ruiz,Ana,ana@example.org,0074,South,55,Student
Lind,Oda,oda@example.org,,,,Teacher
Average,,,,,62,`;

test('a dropped export is read: columns, details, slips, and who is left out and why', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('Gauge readers');
  await page.keyboard.press('Enter');
  const box = await pasteBox(page);
  const data = await page.evaluateHandle((text) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([text], 'crew.csv', { type: 'text/csv' }));
    return transfer;
  }, EXPORT);
  await box.dispatchEvent('drop', { dataTransfer: data });
  await expect(page.getByText('4 students read.')).toBeVisible();
  await expect(page.getByText('Perhaps bram@example.org?')).toBeVisible();
  await expect(page.getByText('Oda Lind: staff')).toBeVisible();
  await expect(page.getByText('Average: a row of totals (line 8).')).toBeVisible();
  await page.getByLabel('Column "Bank" is').selectOption('section');
  await page.getByRole('button', { name: 'Add 4 students' }).click();
  await expect(page.getByRole('row', { name: /Amira Haddad.*North.*71/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Score' })).toBeVisible();
});

test('a second export of the class updates and adds in one step, tells who is missing, and is undone', async ({
  page,
}) => {
  await classOf(page, 'Gauge readers', EXPORT);
  await page.getByRole('link', { name: 'Roster' }).click();
  const later = EXPORT.replace('60,Student', '64,Student').replace(
    /Ruiz,Ana.*\n/,
    'Moe,Caro,caro@example.org,0075,South,48,Student\n',
  );
  await (await pasteBox(page)).fill(later);
  await expect(page.getByText('One student of the class is not in this list')).toBeVisible();
  await page.getByRole('button', { name: 'Add 1 student and update 1 student' }).click();
  await expect(page.getByText('5 students, all here today')).toBeVisible();
  await expect(page.getByRole('row', { name: /Chipo Dube.*64/ })).toBeVisible();
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /^Undo: add students/ }).click();
  await expect(page.getByText('4 students, all here today')).toBeVisible();
  await expect(page.getByRole('row', { name: /Chipo Dube.*60/ })).toBeVisible();
});

test('a workbook opens with a choice of its sheets; a file that cannot be read says so and takes nothing', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  const cells = (names: string[]) => [
    [{ value: 'Name' }, { value: 'Score' }],
    ...names.map((value, i) => [{ value }, { value: i }]),
  ];
  const book = await writeWorkbook([
    { sheet: 'Spring', data: cells(['Sini Veikkola']) },
    { sheet: 'Autumn', data: cells(['Rongo Tāne', 'Mia Ek']) },
  ]).toBuffer();
  await pasteBox(page);
  const chooser = page.getByLabel('Open a file').last();
  await chooser.setInputFiles({
    name: 'crews.xlsx',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from(book),
  });
  await expect(page.getByText('2 students read.')).toBeVisible();
  await page.getByRole('button', { name: 'Spring' }).click();
  await expect(page.getByText('1 student read.')).toBeVisible();
  await chooser.setInputFiles({
    name: 'photo.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(Array.from({ length: 900 }, (_, i) => (i * 7919) % 256)),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'photo.csv' })).toContainText(
    'it holds no text. Nothing was taken in',
  );
  await expect(page.getByText('28 students, all here today')).toBeVisible();
});
