import { CREW, expect, openDemo, test, chooseWay, savedBy } from './pages';

test('while names are hidden no page shows one, not even in its first moment, and files ask', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  await page.getByRole('button', { name: 'Names on screen' }).click();
  await page.getByRole('radio', { name: 'Initials' }).check();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  // Whatever stands on the page at any moment is looked at, however shortly.
  await page.addInitScript(() => {
    const seen = new Set<string>();
    Object.assign(globalThis, { seen });
    const look = (): void => {
      const text = document.documentElement.innerText;
      for (const name of ['Amira', 'Haddad', 'Ngozi', 'Noor'])
        if (text.includes(name)) seen.add(name);
    };
    new MutationObserver(look).observe(document, { childList: true, subtree: true });
  });
  const seen = (): Promise<string[]> =>
    page.evaluate(() => [...(globalThis as unknown as { seen: Set<string> }).seen]);
  for (const step of ['groups', 'roster', 'stage', 'handoff', 'rules']) {
    await page.goto(`${CREW}/${step}`);
    await expect(page.getByRole('heading').nth(1)).toBeVisible();
    expect({ step, seen: await seen() }).toEqual({ step, seen: [] });
  }
  await expect(page.getByText('They talk over each other')).toHaveCount(0);

  await page.goto(`${CREW}/roster`);
  await page.getByRole('button', { name: 'Add students', exact: true }).click();
  await expect(page.getByText(/a class list would show them/)).toBeVisible();

  await page.goto(`${CREW}/handoff`);
  await chooseWay(page, 'a file', 'List by name');
  const save = page.getByRole('button', { name: 'Save list by name' });
  await save.click();
  const ask = page.getByRole('alertdialog');
  await expect(ask).toContainText('Names are hidden on your screen');
  for (const [answer, holds] of [
    ['As on the screen', false],
    ['With the real names', true],
  ] as const) {
    if (holds) await save.click();
    const { text } = await savedBy(page, () => ask.getByRole('button', { name: answer }).click());
    expect(text.includes('Haddad')).toBe(holds);
  }
});
