import { strToU8, zipSync } from 'fflate';
import writeWorkbook from 'write-excel-file/node';
import { classOf, CREW, expect, expectAccessible, openDemo, rowOf, test, pasteBox } from './pages';

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
  await expect(page.getByText('Chipo Dube: Score 60 → 64')).toBeVisible();
  await page.getByRole('radio', { name: /Mark as having left/ }).check();
  await page
    .getByRole('button', { name: 'Add 1 student, update 1 student and mark 1 as left' })
    .click();
  await expect(page.getByText('4 students, all here today')).toBeVisible();
  await expect(page.getByRole('row', { name: /has left.*Ana Ruiz/ })).toBeVisible();
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

test('the table is walked by arrow keys, edited in place, sorted, searched, and its columns chosen', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  const first = page.getByRole('switch', { name: 'Amira Haddad is here today' });
  await first.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('switch', { name: 'Anahera Walker is here today' })).toBeFocused();
  await page.keyboard.press('x');
  await expect(page.getByText('28 students, 27 here today')).toBeVisible();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight']) {
    await page.keyboard.press(key);
  }
  await page.keyboard.press('Enter');
  const field = page.getByRole('textbox', { name: 'experience of Anahera Walker' });
  await field.fill('four');
  await field.press('Enter');
  await expect(page.getByText('"four" is no number, so experience stays as it was.')).toBeVisible();
  await page.keyboard.press('Enter');
  await field.fill('47,5');
  await field.press('Enter');
  await expect(page.getByRole('row', { name: /Anahera Walker.*47\.5/ })).toBeVisible();
  await page.getByRole('button', { name: 'experience', exact: true }).click();
  await expect(page.getByRole('columnheader', { name: 'experience' })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await expect(page.getByRole('row').nth(1)).toContainText('Sabela Fontán');
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('checkbox', { name: 'student number' }).check();
  await page.getByRole('checkbox', { name: 'e-mail' }).uncheck();
  await page.keyboard.press('Escape');
  await page.getByRole('searchbox').fill('004128');
  await expect(page.getByRole('rowheader')).toHaveText(['Chipo Dube']);
  await page.reload();
  await expect(page.getByRole('columnheader', { name: 'student number' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'e-mail' })).toHaveCount(0);
});

test('the roll is called by one key; who has something in common is left out, and one is let in all the same', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  await expect(page.getByRole('row').nth(2)).toBeVisible();
  await page.keyboard.press('a');
  // Typing finds: Enter turns whoever is found first; letters are names and no commands.
  const find = page.getByRole('searchbox', { name: 'Type a name, Enter turns it' });
  await expect(find).toBeFocused();
  await page.keyboard.type('hadd');
  await expect(page.getByRole('button', { name: /Amira Haddad|Anahera Walker/ })).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(page.getByText('28 students, 27 here today')).toBeVisible();
  await expect(find).toHaveValue('');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: /^Amira Haddad/ })).toBeFocused();
  await page.keyboard.press('Space');
  await expect(page.getByText('28 students, all here today')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(page.getByText('28 students, 27 here today')).toBeVisible();
  await page.keyboard.press('Escape');
  const panel = page.getByRole('complementary', { name: 'About the class' });
  await panel.getByText('Left out of groups').click();
  await panel.getByLabel('Leave out by').selectOption('drives');
  await panel.getByRole('checkbox', { name: 'yes' }).check();
  await panel.getByRole('button', { name: 'Leave them out' }).click();
  const filter = panel.getByRole('switch', { name: 'drives: yes' });
  await expect(filter).toBeChecked();
  await expect(page.getByText(/28 students, 1\d here today/)).toBeVisible();
  const before = await page.getByText(/here today/).innerText();
  await page.getByRole('switch', { name: 'Chipo Dube is here today' }).click();
  await expect(page.getByText(before)).toHaveCount(0);
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await expect(page.getByRole('button', { name: /1\d here today/ })).toBeVisible();
  await page.getByRole('link', { name: 'Roster' }).click();
  await panel.getByRole('switch', { name: 'drives: yes' }).click();
  await expect(page.getByText('28 students, 27 here today')).toBeVisible();
});

test('doubts are settled where they stand: a slip mended, a missing address excused, a double made one', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  const panel = page.getByRole('complementary', { name: 'About the class' });
  await panel.getByRole('button', { name: 'Use example.org' }).click();
  await expect(page.getByRole('row', { name: /chipo\.dube@example\.org/ })).toBeVisible();
  await panel.getByRole('button', { name: 'None is needed' }).click();
  await expect(panel.getByRole('heading', { name: /a look/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Add one' }).click();
  await page.keyboard.type('Yuki');
  await page.keyboard.press('Enter');
  await expect(page.getByText('29 students, all here today')).toBeVisible();
  await expect(panel.getByText('Yuki stands twice in the list.')).toBeVisible();
  await panel.getByRole('button', { name: 'Make one of them' }).click();
  await expect(page.getByText('Yuki is one student now.')).toBeVisible();
  await expect(page.getByText('28 students, all here today')).toBeVisible();
  await expectAccessible(page);
});

test('a student who leaves is kept in lineups, dealt no more, and can come back or go for good', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  await page.getByRole('button', { name: 'More about Bram Visser' }).click();
  const sheet = page.getByRole('region', { name: 'Bram Visser' });
  await sheet.getByLabel('Private note').fill('asks for the early bus');
  const wish = sheet.getByRole('combobox', { name: 'add a name…' });
  await wish.fill('Amira H');
  await wish.press('Enter');
  await expect(sheet.getByRole('button', { name: /work with Amira Haddad/ })).toBeVisible();
  await expectAccessible(page);
  await sheet.getByRole('button', { name: 'Has left the class' }).click();
  await expect(page.getByText('27 students, all here today')).toBeVisible();
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Bram Visser, has left' })).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByRole('button', { name: /^Bram Visser/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Roster' }).click();
  await page.getByRole('button', { name: 'More about Bram Visser' }).click();
  await expect(sheet.getByLabel('Private note')).toHaveValue('asks for the early bus');
  await sheet.getByRole('button', { name: 'Back in the class' }).click();
  await expect(page.getByText('28 students, all here today')).toBeVisible();
});

test('details, sections and staff are changed in place; a press on a value shows only those students', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  const panel = page.getByRole('complementary', { name: 'About the class' });
  await panel.getByLabel('Show only some by level').selectOption({ label: 'seasoned (8)' });
  await expect(page.getByText('8 students shown')).toBeVisible();
  await page.getByRole('button', { name: /Only level: seasoned/ }).click();
  await panel.getByRole('button', { name: 'Change level' }).click();
  await panel.getByRole('button', { name: 'seasoned is lower' }).click();
  await expect(panel.getByRole('list', { name: 'Levels from low to high' })).toHaveText(
    /new.*seasoned.*some/s,
  );
  await panel.getByText('Sections (2)').click();
  await panel.getByRole('button', { name: 'Name of the section: North bank' }).click();
  await page.keyboard.type('East bank');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /Amira Haddad.*East bank/ })).toBeVisible();
  await panel.getByText('Staff (2)').click();
  await panel.getByRole('button', { name: 'Remove Rewi Tamati' }).click();
  await expect(panel.getByText('Staff (1)')).toBeVisible();
});

test('a file in an old encoding can be read as another; a school export lets classes be chosen', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('Gauge readers');
  await page.keyboard.press('Enter');
  await pasteBox(page);
  const chooser = page.getByLabel('Open a file').last();
  await chooser.setInputFiles({
    name: 'liste.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Nom;Courriel\nMa\u00eblle Dubois;m@example.org\nNo\u00e9 Roy;n@example.org\n',
      'latin1',
    ),
  });
  await expect(page.getByRole('textbox', { name: /One student/ })).toHaveValue(/Maëlle/);
  const encoding = page.getByLabel(/Letters look wrong/);
  await expect(encoding).toHaveValue('windows-1252');
  await encoding.selectOption('macintosh');
  await expect(page.getByRole('textbox', { name: /One student/ })).toHaveValue(/MaÎlle/);
  const part = (rows: string[]) => strToU8(rows.join('\n'));
  await chooser.setInputFiles({
    name: 'school.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from(
      zipSync({
        'users.csv': part([
          'sourcedId,status,enabledUser,role,givenName,familyName,email',
          'u1,active,true,student,Amira,Haddad,amira@example.org',
          'u2,active,true,student,Bram,Visser,bram@example.org',
          'u3,active,true,teacher,Oda,Lind,oda@example.org',
        ]),
        'classes.csv': part(['sourcedId,title', 'c1,Gauging', 'c2,Sampling']),
        'enrollments.csv': part([
          'sourcedId,classSourcedId,userSourcedId,role',
          'e1,c1,u1,student',
          'e2,c2,u2,student',
          'e3,c1,u3,teacher',
        ]),
      }),
    ),
  });
  await expect(page.getByText('2 students read.')).toBeVisible();
  await page.getByRole('checkbox', { name: 'Sampling' }).uncheck();
  await expect(page.getByText('1 student read.')).toBeVisible();
  await page.getByRole('button', { name: 'Add 1 student' }).click();
  await expect(page.getByRole('rowheader', { name: 'Amira Haddad' })).toBeVisible();
});

test('a row left out is taken in all the same, and a confirmed reading is remembered for its headings', async ({
  page,
}) => {
  await classOf(page, 'Gauge readers', EXPORT);
  await page.getByRole('link', { name: 'Roster' }).click();
  const box = await pasteBox(page);
  await box.fill(EXPORT.replace('Lind,Oda', 'Lind,Ode'));
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Ode Lind: staff' })
    .getByRole('button', { name: 'Take in all the same' })
    .click();
  await page.getByLabel('Column "Bank" is').selectOption('section');
  await page.getByRole('button', { name: /^Add 1 student and update 4 students/ }).click();
  await expect(page.getByRole('row', { name: /Ode Lind/ })).toBeVisible();
  await box.fill(EXPORT.replace(/Haddad,Amira.*\n/, ''));
  await expect(page.getByLabel('Column "Bank" is')).toHaveValue('section');
  await expect(page.getByText('as you confirmed for these headings before')).toBeVisible();
});

test('columns of the same headings hold other things in the next class, and none of it is lost', async ({
  page,
}) => {
  await classOf(page, 'Gauge', 'Name,Score\nAda Lind,10\nBo Moss,12\nCai Park,15');
  await page.goto('/');
  await page.getByLabel(/Make another class/).fill('Bank');
  await page.getByRole('button', { name: 'Make the class' }).click();
  await page
    .getByRole('textbox', { name: /One student a line/ })
    .fill('Name,Score\nDee Hill,good\nEli West,fair\nFay Dale,good');
  await expect(page.getByLabel('What Score holds')).toHaveValue('level');
  // However wide the table is, the page fits a phone.
  await page.setViewportSize({ width: 390, height: 844 });
  const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(over).toBe(0);
  await page.getByRole('button', { name: /^Add 3 students/ }).click();
  await expect(page.getByRole('row', { name: /Eli West/ })).toContainText('fair');
});

test('everybody who will be added is shown, can be left out and taken back; how a list is read can be changed', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('Gauge readers');
  await page.keyboard.press('Enter');
  const box = await pasteBox(page);
  const names = page.getByRole('group', { name: /names in this list/ });
  await box.fill('Amira Haddad, Lea Visser\nEmma Dube, Jonas Ash\n');
  await expect(names.getByRole('listitem')).toHaveCount(4);
  await box.fill('Wren Haddad, Quill Visser\nReed Dube, Sedge Ash\n');
  await expect(names.getByRole('listitem')).toHaveText([/^Quill Visser Wren/, /^Sedge Ash/]);
  await expect(page.getByText(/may be two students on one line/).first()).toBeVisible();
  await page.getByLabel('Read as').selectOption('columns between commas');
  await expect(page.getByLabel('Column 1 is')).toBeVisible();
  await page.getByLabel('Read as').selectOption('names, line by line');
  await box.fill('Name\nAmira Haddad\nMax\nBram Visser');
  await expect(names.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('button', { name: 'Leave out Bram Visser' }).click();
  await expect(names).toBeFocused();
  await expect(page.getByText('Bram Visser: left out by you (line 4).')).toBeVisible();
  await page.getByRole('button', { name: 'Take in again' }).click();
  await page.getByRole('button', { name: 'Leave out Max' }).click();
  await page.getByRole('button', { name: 'Add 2 students' }).click();
  await expect(page.getByText('2 students, all here today')).toBeVisible();
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /^Undo: add students/ }).click();
  await expect(await pasteBox(page)).toHaveValue(/Bram Visser/);
});

test('a list of a whole lecture is taken in, undone and edited, without being lost on the way', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('River lecture');
  await page.keyboard.press('Enter');
  const names = Array.from(
    { length: 1_200 },
    (_, at) => `Student${String.fromCharCode(97 + (at % 26))} Number${at}`,
  );
  await (
    await pasteBox(page)
  ).fill(['Name,Section', ...names.map((name) => `${name},A`)].join('\n'));
  await expect(page.getByText('The first 5 of 1,201 lines')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add 1,200 students' })).toBeEnabled();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('1,200 students, all here today')).toBeVisible();
  await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '1201');
  await page.getByRole('searchbox').fill('number1199');
  await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '2');
  await page.getByRole('button', { name: /^Undo: add students/ }).click();
  await page.getByRole('button', { name: 'Edit as text' }).click();
  await expect(await pasteBox(page)).toHaveValue(/Number1199,A$/);
});

test('numbers typed beside names become the groups of a lineup in two presses', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('Night walk');
  await page.keyboard.press('Enter');
  await page.waitForURL(/roster/);
  const names = 'Ana Sol,Bo Lind,Caro Ray,Dov Mar,Eli Fox,Fay Orr,Gus Hay,Hal Moe'.split(',');
  await (await pasteBox(page)).fill(names.map((name, at) => `${name} ${(at % 4) + 9}`).join('\n'));
  await page.getByLabel('yes, of the 4 groups in it').check();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add 8 students and keep 4 groups' }).click();
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await expect(page.locator('[data-row]:not([data-row="aside"])')).toHaveCount(4);
  await expect(rowOf(page, /^Caro Ray/).getByRole('button', { name: /Group 11/ })).toBeVisible();
  await expect(rowOf(page, /^Caro Ray/).getByRole('button', { name: /^Gus Hay/ })).toBeVisible();
});

test('a list dropped on any page of a class waits in its roster, dropped on the first page it is a class', async ({
  page,
}) => {
  const drop = async (): Promise<void> => {
    const data = await page.evaluateHandle(() => {
      const transfer = new DataTransfer();
      transfer.items.add(new File(['Name\nFay Orr\nGus Hay'], 'late.csv', { type: 'text/csv' }));
      return transfer;
    });
    await page.locator('body').dispatchEvent('dragover', { dataTransfer: data });
    await page.locator('body').dispatchEvent('drop', { dataTransfer: data });
  };
  await openDemo(page, `${CREW}/groups`);
  await expect(page.getByText(/^means /).first()).toBeVisible();
  await drop();
  await page.waitForURL(/roster$/);
  await expect(page.getByText('2 students read.')).toBeVisible();
  await (await pasteBox(page)).fill('');
  await page.getByRole('button', { name: 'Add students', exact: true }).click();
  await expect(page.getByRole('textbox', { name: /One student a line/ })).toHaveCount(0);
  await drop();
  await expect(page.getByText('2 students read.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Pool classes' })).toBeVisible();
  await drop();
  await page.waitForURL(/roster$/);
  await expect(page.getByText('2 students read.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'New class' })).toBeVisible();
});

test('two files dropped on the page are read together, each as a section; a number without its zeros is the same', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('Gauge readers');
  await page.keyboard.press('Enter');
  await pasteBox(page);
  const data = await page.evaluateHandle(() => {
    const transfer = new DataTransfer();
    const file = (name: string, text: string): File => new File([text], name, { type: 'text/csv' });
    transfer.items.add(file('North.csv', 'Name,ID\nAmira Haddad,00071\nBram Visser,00072'));
    transfer.items.add(file('South.csv', 'Student;ID\nChipo Dube;00073\nAverage;'));
    return transfer;
  });
  await page.locator('body').dispatchEvent('drop', { dataTransfer: data });
  await expect(page.getByText('3 students read.')).toBeVisible();
  await expect(page.getByText(/^Average: a row of totals/)).toBeVisible();
  await page.getByRole('button', { name: 'Add 3 students' }).click();
  await expect(page.getByRole('row', { name: /Chipo Dube.*South/ })).toBeVisible();
  await (await pasteBox(page)).fill('Name,ID\nAmira Haddad,71\nBram Visser,72\nChipo Dube,73');
  await expect(page.getByText(/The class is just as in this list/)).toBeVisible();
  await (
    await pasteBox(page)
  ).fill('Name,ID\nAmira Haddad,71\nBram Visser,72\nChipo Dube,73\nDov Ash,74');
  await expect(page.getByRole('button', { name: 'Add 1 student' })).toBeVisible();
});

test('a class typed in a hurry takes in its full list: names that nearly agree are asked, once for all', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByLabel(/Make another class/).fill('Bank walkers');
  await page.keyboard.press('Enter');
  await (await pasteBox(page)).fill('Amira\nBram\nChipo Dube\nDov A.');
  await page.getByRole('button', { name: 'Add 4 students' }).click();
  await expect(page.getByText('4 students, all here today')).toBeVisible();
  await (
    await pasteBox(page)
  ).fill('Name,Section\n"Haddad, Amira",7B\n"Visser, Bram",7B\nDube Chipo,7B\n"Ash, Dov",7C');
  const question = page.getByText('4 names are given twice, or nearly so:');
  await expect(question).toBeVisible();
  await expect(page.getByText('Dov Ash (line 5) may be Dov A., who is in the class')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Answer 4 questions first' })).toBeDisabled();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'All are the same students' }).click();
  await page.getByRole('button', { name: 'Update 4 students' }).click();
  await expect(page.getByText('4 students, all here today')).toBeVisible();
  await expect(page.getByRole('row', { name: /Amira Haddad.*7B/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Dov Ash.*7C/ })).toBeVisible();
  // Of the same words in two orders the class keeps its own.
  await expect(page.getByRole('row', { name: /Chipo Dube.*7B/ })).toBeVisible();
});
