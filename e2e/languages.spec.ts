import { readdirSync, readFileSync } from 'node:fs';
import type { BrowserContext } from '@playwright/test';
import { CREW, expect, expectAccessible, test, type Page } from './pages';

const VIEWS = [
  '/',
  ...[
    ...['roster', 'roster/ladder', 'rules', 'groups', 'groups/adults', 'groups/seats', 'term'],
    ...['show', 'stage', 'print', 'handoff', 'activities', 'activities/term'],
  ].map((step) => `${CREW}/${step}`),
];

/** Speaks a language from the first page on, as if it had been chosen by hand. */
async function chosenIn(context: BrowserContext, tag: string): Promise<Page> {
  await context.addInitScript((chosen) => {
    // A frame that is no page yet has no storage.
    if (location.protocol.startsWith('http')) localStorage.setItem('gruppetto-language', chosen);
  }, tag);
  const page = await context.newPage();
  await page.goto('/');
  await expect(page.locator('a[href*="/groups"]').first()).toBeVisible();
  return page;
}

async function visit(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading').nth(path === '/' ? 1 : 0)).toBeVisible();
}

/** By how much a page is wider than the screen, at the widths of a phone, a tablet and a laptop. */
async function expectToFit(page: Page, path: string): Promise<void> {
  for (const width of [390, 768, 1280]) {
    await page.setViewportSize({ width, height: 844 });
    // The type of the stage finds its size a frame after the screen has another.
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth), {
        message: `${path} at ${width}`,
      })
      .toBe(0);
  }
}

test('every view fits its screen in Spanish, and none of it is English', async ({ context }) => {
  // All views, one after the other.
  test.slow();
  const page = await chosenIn(context, 'es');
  const english = /\b(the|of|with|and|students?|groups?|make|nobody|everybody)\b/i;
  for (const path of VIEWS) {
    await visit(page, path);
    await expectToFit(page, path);
    const said = (await wordsOn(page)).filter((text) => english.test(withoutData(text)));
    expect({ path, said }).toEqual({ path, said: [] });
  }
});

test('in words two fifths longer every view fits, and no word is written into a view', async ({
  context,
}) => {
  test.slow();
  const page = await chosenIn(context, 'und-x-long');
  for (const path of VIEWS) {
    await visit(page, path);
    await expectToFit(page, path);
    const plain = (await wordsOn(page)).filter((text) => hasPlainWord(withoutData(text)));
    expect({ path, plain }).toEqual({ path, plain: [] });
  }
});

test('read from the right every view fits and has no serious finding', async ({ context }) => {
  // All views, one after the other.
  test.slow();
  const page = await chosenIn(context, 'und-x-turned');
  for (const path of VIEWS) {
    await visit(page, path);
    await expect(page.locator('html')).toHaveAttribute('dir', 'rtl');
    await expectToFit(page, path);
    await expectAccessible(page);
  }
});

test('a language is chosen by hand, in all tabs and for good, and left to the browser again', async ({
  page,
  context,
}) => {
  await page.goto('/');
  const other = await context.newPage();
  await other.goto(`${CREW}/groups`);
  await expect(other.getByRole('button', { name: /^Reshuffle/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'Language' }).selectOption('Español');
  await expect(page.getByRole('heading', { name: 'Sus clases' })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'es');
  const manifest = (await page.locator('link[rel="manifest"]').getAttribute('href')) ?? '';
  expect(await (await page.request.get(manifest)).json()).toMatchObject({
    ...{ id: '/', lang: 'es', shortcuts: [{ name: 'La última clase abierta' }, {}] },
  });
  await expect(other.getByRole('button', { name: /^Volver a barajar/ })).toBeVisible();
  await expect(other).toHaveTitle('Grupos · Gruppetto');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Sus clases' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Idioma' }).selectOption('el del navegador');
  await expect(page.getByRole('heading', { name: 'Your classes' })).toBeVisible();
});

test('a class reads Arabic from the right, on stage, on paper and on the phone, while its teacher reads English', async ({
  page,
  context,
}) => {
  await page.goto('/');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto(`${CREW}/show`);
  await page.getByRole('combobox', { name: 'Language the class reads' }).selectOption('العربية');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto(`${CREW}/stage`);
  const shown = page.locator('[lang="ar"]');
  await expect(shown).toHaveAttribute('dir', 'rtl');
  await page.keyboard.press('5');
  await expect(shown.getByText('الدور 1 من 4')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Full screen/ })).toBeVisible();
  await expectAccessible(page);
  // Who is first stands at the right, where reading begins.
  await page.keyboard.press('1');
  const [name, first] = await Promise.all([
    shown.getByText('Alder', { exact: true }).boundingBox(),
    shown.getByText('Amira', { exact: true }).boundingBox(),
  ]);
  expect(name!.x).toBeGreaterThan(first!.x);

  await page.goto(`${CREW}/print`);
  await page.getByRole('combobox', { name: 'Sheet' }).selectOption('One for each group');
  await expect(page.locator('[lang="ar"]').getByText('ملاحظات').first()).toBeVisible();

  await page.goto(`${CREW}/groups/seats`);
  await page.getByRole('button', { name: 'Open the seats' }).click();
  await expect(page.getByText('Nobody yet').first()).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto(`${CREW}/choosing`);
  await expect(page.getByText(/الوقت المتبقي/)).toBeVisible();
  const typed = (await page.getByText(/\/seats\//).textContent()) ?? '';
  const code = typed.split('/seats/')[1] ?? '';
  const phone = await context.newPage();
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(`/seats/${code}?lang=ar`);
  await expect(phone.getByText('من أنت؟')).toBeVisible();
  await expect(phone.locator('html')).toHaveAttribute('dir', 'rtl');
  await expectAccessible(phone);
});

/** All that is read or spoken on a page, text by text. */
async function wordsOn(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const texts = [document.title];
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const within = node.parentElement?.closest(
        'script, style, kbd, textarea, next-route-announcer',
      );
      if (!within) texts.push(node.textContent ?? '');
    }
    for (const element of document.querySelectorAll(
      '[aria-label], [title], [placeholder], [alt]',
    )) {
      for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
        texts.push(element.getAttribute(name) ?? '');
      }
    }
    return texts.filter((text) => text.trim() !== '');
  });
}

/** Every text that the demo classes hold, and what is called the same in every language; the longest first. */
const DATA = [
  ...readdirSync('demo/classes').flatMap((name) => [
    ...textsIn(JSON.parse(readFileSync(`demo/classes/${name}`, 'utf8'))),
  ]),
  ...['Gruppetto', 'English', 'Español', 'Markdown', 'https://rooms.example.org/', 'Ctrl'],
].sort((one, two) => two.length - one.length);

function* textsIn(value: unknown): Generator<string> {
  if (typeof value === 'string' && /\p{L}{2}/u.test(value)) yield* [value, ...value.split('\n')];
  if (typeof value !== 'object' || value === null) return;
  for (const [key, inner] of Object.entries(value)) {
    yield key;
    yield* textsIn(inner);
  }
}

/** A text without what is the teacher's own in it. */
function withoutData(text: string): string {
  return DATA.reduce((left, known) => left.replaceAll(known, ' '), text);
}

/** Whether a word lacks an accent that the stretched English would have. */
function hasPlainWord(text: string): boolean {
  const words = text.match(/\p{L}{3,}/gu) ?? [];
  return words.some((word) => /[aceinosuyz]/i.test(word) && /^[a-z]+$/i.test(word));
}
