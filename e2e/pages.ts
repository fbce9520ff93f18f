import AxeBuilder from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import { expect, test as base, type Locator, type Page } from '@playwright/test';

/** Every test fails on a request to another host, on an error in the page and on a broken content policy. */
export const test = base.extend<{ watch: undefined }>({
  watch: [
    async ({ context, baseURL }, use) => {
      const troubles: string[] = [];
      const own = new URL(baseURL ?? '').host;
      context.on('request', (request) => {
        const url = new URL(request.url());
        if (!['blob:', 'data:'].includes(url.protocol) && url.host !== own) {
          troubles.push(`request to ${url.href}`);
        }
      });
      context.on('console', (message) => {
        // A service that says no is no error of the page.
        const service = message.location().url.includes('/standins/');
        if (message.type() === 'error' && !service) troubles.push(`console: ${message.text()}`);
      });
      context.on('weberror', (error) => troubles.push(`page: ${error.error().message}`));
      await use(undefined);
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
export type { Page };

/** The address of a demo class, by the name of its file in demo/classes. */
function demoPath(name: string): string {
  const file = JSON.parse(readFileSync(`demo/classes/${name}.json`, 'utf8')) as {
    class: { id: string };
  };
  return `/c/${file.class.id}`;
}

/** Everything the page holds that could be read or spoken: text, attributes and the title. */
export const everythingOn = (): string =>
  [
    document.title,
    ...[...document.querySelectorAll('body *:not(script):not(style)')].flatMap((element) => [
      ...[...element.childNodes].flatMap((node) =>
        node.nodeType === Node.TEXT_NODE ? [node.textContent ?? ''] : [],
      ),
      ...[...element.attributes].map(({ value }) => value),
    ]),
  ].join('\n');

/** What is told of the crew's students in the demo file and is for the teacher alone. */
interface PrivateParts {
  readonly class: {
    readonly details: readonly { readonly name: string }[];
    readonly sections: readonly { readonly name: string }[];
    readonly skillLadder: readonly { readonly name: string }[];
  };
  readonly students: readonly {
    readonly email: string;
    readonly externalId: string;
    readonly note: string;
    readonly details: Readonly<Record<string, unknown>>;
  }[];
  readonly rules: readonly { readonly reason: string }[];
}

/** Every private text of the demo's crew, words of fewer than five letters left out: they stand in others. */
export function privateWords(): readonly string[] {
  const file = JSON.parse(readFileSync('demo/classes/thursday-crew.json', 'utf8')) as PrivateParts;
  const words = [
    ...[...file.class.details, ...file.class.sections].map(({ name }) => name),
    ...file.class.skillLadder.map(({ name }) => name),
    ...file.rules.map(({ reason }) => reason),
    ...file.students.flatMap(({ email, externalId, note, details }) => [
      ...[email, externalId, note],
      ...Object.values(details).map(String),
    ]),
  ];
  return [...new Set(words)].filter((word) => word.length >= 5 && word !== 'false');
}

/** The demo's class with everything in it. */
export const CREW = demoPath('thursday-crew');
/** A small one, of which nothing but names and addresses is known, without groups yet. */
export const ESTUARY = demoPath('estuary-lab');
/** 1,200 students. */
export const OPEN_COURSE = demoPath('open-course');

/** Opens a view of the demo, waiting until its classes are loaded and saved. */
export async function openDemo(page: Page, path: string): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Thursday crew/ })).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  if (path === '/') return;
  await page.goto(path);
  if (path === `${CREW}/groups`) await expect(page.locator('[data-student]').first()).toBeVisible();
}

/** Makes a class from names by the interface and goes to its groups. */
export async function classOf(page: Page, name: string, list: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel(/Make (another|your first) class/).fill(name);
  await page.getByRole('button', { name: 'Make the class' }).click();
  await page.getByRole('textbox', { name: /One student a line/ }).fill(list);
  await page.getByRole('button', { name: /^Add \d+ students?/ }).click();
  await page.getByRole('link', { name: /Make groups/ }).click();
}

/** Closes the part of a sentence that is open, with what was changed in it: Escape would take that back. */
export async function keepPart(page: Page): Promise<void> {
  await page.locator('button[aria-expanded="true"][aria-controls]').last().click();
}

/** The row of the group in which a student sits. */
export function rowOf(page: Page, student: string | RegExp): Locator {
  return page.locator('[data-row]', { has: page.getByRole('button', { name: student }) });
}

/** Names along each row of the score sheet. */
export async function rows(page: Page): Promise<string[][]> {
  const all = await page.locator('[data-row]:not([data-row="aside"])').all();
  return Promise.all(all.map((row) => row.locator('[data-student]').allInnerTexts()));
}

/** No serious or critical finding of axe on the page as it stands. */
export async function expectAccessible(page: Page): Promise<void> {
  // What is half faded in has half its contrast: whatever is on its way is let arrive first.
  await page.evaluate(async () => {
    const arriving = document
      .getAnimations()
      .filter(({ effect }) => effect?.getComputedTiming().endTime !== Infinity);
    await Promise.allSettled(arriving.map(({ finished }) => finished));
  });
  // No view holds a frame: the page that would gather their findings, and all that is well, took four fifths of the time.
  const { violations } = await new AxeBuilder({ page })
    .options({ resultTypes: ['violations'] })
    .setLegacyMode(true)
    .analyze();
  const grave = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(
    grave.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`),
  ).toEqual([]);
}

/** Chooses a way out on the hand-off page. */
export async function chooseWay(page: Page, place: string, way?: string): Promise<void> {
  await page.getByRole('radio', { name: place, exact: true }).check({ force: true });
  if (way !== undefined) await page.getByRole('radio', { name: way }).check();
}

/** What is saved when something is pressed: the file's name and its bytes. */
export async function savedBy(
  page: Page,
  press: () => Promise<void>,
): Promise<{ readonly name: string; readonly bytes: Buffer; readonly text: string }> {
  const waiting = page.waitForEvent('download');
  await press();
  const file = await waiting;
  const bytes = readFileSync(await file.path());
  return { name: file.suggestedFilename(), bytes, text: bytes.toString('utf8') };
}

/** The box for a list, opened where the class has students already. */
export async function pasteBox(page: Page): Promise<Locator> {
  const box = page.getByRole('textbox', { name: /One student a line/ });
  const open = page.getByRole('button', { name: 'Add students', exact: true });
  await expect(box.or(open).first()).toBeVisible();
  if (!(await box.isVisible())) await open.click();
  return box;
}
