import { CREW, OPEN_COURSE, expect, openDemo, rows, test, pasteBox } from './pages';

test('8: after closing at any moment everything is as it was, undo and half-typed text included', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await page.keyboard.press('r');
  await expect(page.getByRole('region', { name: 'Takes' }).getByRole('listitem')).toHaveCount(3);
  await page.getByRole('link', { name: 'Roster' }).click();
  await (await pasteBox(page)).fill('Sini Ve');
  await page.waitForFunction(async () => {
    const open = indexedDB.open('gruppetto-demo');
    const db = await new Promise<IDBDatabase>((done) => (open.onsuccess = () => done(open.result)));
    const get = db.transaction('records').objectStore('records').get('draft:paste:c_thursday');
    const found = await new Promise<{ data: { text: string } } | undefined>(
      (done) => (get.onsuccess = () => done(get.result as never)),
    );
    db.close();
    return found?.data.text === 'Sini Ve';
  });
  // A renderer that crashes gets no chance to say goodbye.
  const fresh = await page.context().newPage();
  await page.close({ runBeforeUnload: false });
  await fresh.goto(`${CREW}/roster`);
  await expect(fresh.getByRole('textbox', { name: /One student a line/ })).toHaveValue('Sini Ve');
  await fresh.goto(`${CREW}/groups`);
  await expect(fresh.getByRole('region', { name: 'Takes' }).getByRole('listitem')).toHaveCount(3);
  await fresh.getByRole('button', { name: /^Undo: shuffle/ }).click();
  await expect(fresh.getByRole('region', { name: 'Takes' }).getByRole('listitem')).toHaveCount(2);
});

test('a reload in the very moment of a press loses nothing of it, and it can be undone', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  const tile = page.getByRole('button', { name: /^Ngozi/ }).and(page.locator('[data-student]'));
  const rowOf = () => page.locator('[data-row]', { hasText: 'Ngozi' }).getAttribute('data-row');
  const before = await rowOf();
  const to = before === '0' ? '1' : '0';
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await tile.focus();
  await page.evaluate(
    (key) => {
      const press = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
      document.activeElement?.dispatchEvent(press);
      // From here on nothing can be written, as where a page is gone before its write has ended.
      IDBDatabase.prototype.transaction = () => {
        throw new DOMException('the page is gone', 'AbortError');
      };
      Object.assign(window, { old: true });
      location.reload();
    },
    String(Number(to) + 1),
  );
  await page.waitForFunction(() => !('old' in window));
  await expect.poll(rowOf).toBe(to);
  expect(
    await page.evaluate(() => Object.keys(localStorage).filter((key) => key.includes(':left:'))),
  ).toEqual([]);
  await page.keyboard.press('Control+z');
  await expect.poll(rowOf).toBe(before);
});

test('classes and lineups are made, renamed and deleted, and a deletion is undone', async ({
  page,
}) => {
  await openDemo(page, '/');
  await page.getByRole('button', { name: 'Rename Estuary Lab' }).click();
  await page.getByRole('textbox', { name: 'Name of the class' }).fill('Estuary Night Lab');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Delete Estuary Night Lab' }).click();
  await expect(page.getByRole('link', { name: /Estuary/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.getByRole('link', { name: /Estuary Night Lab/ }).click();
  await expect(page.getByText('Nothing has been dealt yet.')).toBeVisible();

  const chooser = page.getByRole('button', { name: /Salt wedge/ });
  await chooser.click();
  await page.getByRole('menuitem', { name: 'New lineup', exact: true }).click();
  await page.getByRole('textbox', { name: 'Name of the lineup' }).fill('Mud flat');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.locator('[data-row]')).toHaveCount(5);
  await page.getByRole('button', { name: /Mud flat/ }).click();
  await page.getByRole('menuitem', { name: 'Delete Mud flat' }).click();
  await expect(chooser).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /Mud flat/ })).toBeVisible();
  await expect(page.locator('[data-row]')).toHaveCount(5);
});

test('a step in another class is named, and taken back only where that is asked for', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  await page.getByRole('switch', { name: /^Amira Haddad/ }).click();
  await expect(page.getByText('28 students, 27 here today')).toBeVisible();
  await page.getByRole('link', { name: 'All classes' }).click();
  await page.getByRole('link', { name: /Estuary Lab/ }).click();
  await expect(page.getByText('Nothing has been dealt yet.')).toBeVisible();
  await page.keyboard.press('Control+z');
  const told = page.getByText(
    /^Nothing to undo here\. The last step was in River Survey, Thursday/,
  );
  await expect(told).toBeVisible();
  await page.getByRole('button', { name: 'Undo it there' }).click();
  await page.goto(`${CREW}/roster`);
  await expect(page.getByText('28 students, all here today')).toBeVisible();
});

test('two tabs of one class stay in step', async ({ page, context }) => {
  await openDemo(page, `${CREW}/groups`);
  const other = await context.newPage();
  await other.goto(`${CREW}/groups`);
  await expect(other.locator('[data-row]').first()).toBeVisible();
  await page.keyboard.press('r');
  await expect(other.getByRole('region', { name: 'Takes' }).getByRole('listitem')).toHaveCount(3);
  expect(await rows(other)).toEqual(await rows(page));
  // What the other window did is told, and by its part.
  const told = other.getByText('Changed in another window just now: the groups of Week 7');
  await expect(told).toBeVisible();
  await expect(page.getByText(/Changed in another window/)).toHaveCount(0);
});

test('who is away leaves the count in the sentence and stands aside from the next shuffle', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/roster`);
  await page.getByRole('switch', { name: 'Amira Haddad is here today' }).click();
  await expect(page.getByText('28 students, 27 here today')).toBeVisible();
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await expect(page.getByText('6 groups of 4 and 1 of 3')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Amira Haddad, away today' })).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByRole('button', { name: /^Amira Haddad/ })).toHaveCount(0);
});

test('a large class is dealt without blocking the page', async ({ page }) => {
  await openDemo(page, `${OPEN_COURSE}/groups`);
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.getByText('1,200 students in 300 groups.')).toBeVisible();
  // Only the rows in sight are drawn; a student far down is found by name.
  expect(await page.locator('[data-row]').count()).toBeLessThan(60);
  const finder = page.getByRole('combobox', { name: 'Find a student' });
  await finder.fill('teuila');
  await finder.press('Enter');
  await expect(page.locator('[data-student][aria-pressed="true"]')).toBeVisible();
});
