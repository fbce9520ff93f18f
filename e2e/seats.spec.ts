import jsQR from 'jsqr';
import {
  CREW,
  everythingOn,
  expect,
  expectAccessible,
  openDemo,
  privateWords,
  test,
  type Page,
} from './pages';

const SEATS = `${CREW}/groups/seats`;
/** Whom a quiet rule of the demo keeps apart, and one whom none is about. */
const APART = ['Tariq', 'Bram'] as const;
const FREE = 'Amira';
/** Not known to the types. */
const LAN = ['..', 'scripts', 'lan.mjs'].join('/');

/** Opens the seats of the crew; the code under which students come. */
async function openSeats(page: Page): Promise<string> {
  await openDemo(page, SEATS);
  await page.getByRole('button', { name: 'Open the seats' }).click();
  const told = page.getByText(/^Students open http/);
  await expect(told).toBeVisible();
  return /seats\/(\w+)/.exec(await told.innerText())?.[1] ?? '';
}

/** Name on a slip → its PIN. */
async function pins(page: Page): Promise<ReadonlyMap<string, string>> {
  await page.getByRole('link', { name: 'Print the slips' }).click();
  const slips = page.getByRole('main').getByRole('listitem');
  await expect(page.getByRole('heading', { name: /^Slips:/ })).toBeVisible();
  await expect(slips.first()).toBeVisible();
  const all = await Promise.all(
    (await slips.all()).map(async (slip) => [
      // Pages that are out of sight are not laid out, and have no inner text.
      (await slip.locator('h3').textContent()) ?? '',
      /PIN (\d+)/.exec((await slip.textContent()) ?? '')?.[1] ?? '',
    ]),
  );
  await page.getByRole('button', { name: 'Back to the seats' }).click();
  return new Map(all as [string, string][]);
}

/** What the code on a slip says, read as a phone reads it. */
async function linkOn(page: Page, name: string): Promise<string> {
  await page.getByRole('link', { name: 'Print the slips' }).click();
  const slip = page.getByRole('img', { name: `Personal code of ${name}`, exact: true });
  const size = 400;
  const pixels = await slip.evaluate(async (svg, side) => {
    const image = new Image();
    const text = new XMLSerializer().serializeToString(svg);
    image.src = `data:image/svg+xml,${encodeURIComponent(text)}`;
    await image.decode();
    const drawing = new OffscreenCanvas(side, side).getContext('2d');
    if (!drawing) throw new Error('expected something to draw on');
    drawing.fillStyle = '#fff';
    drawing.fillRect(0, 0, side, side);
    drawing.drawImage(image, 0, 0, side, side);
    return [...drawing.getImageData(0, 0, side, side).data];
  }, size);
  await page.getByRole('button', { name: 'Back to the seats' }).click();
  return jsQR(Uint8ClampedArray.from(pixels), size, size)?.data ?? '';
}

/** A phone of its own on which a student has come in. */
async function phoneOf(page: Page, code: string, name: string, pin: string): Promise<Page> {
  expect(pin).toMatch(/^\d{5}$/);
  const context = await page
    .context()
    .browser()
    ?.newContext({
      ...{ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' },
      baseURL: new URL(page.url()).origin,
    });
  const phone = await context!.newPage();
  phone.setDefaultTimeout(9000);
  await phone.goto(`/seats/${code}`);
  await phone.getByRole('button', { name, exact: true }).click();
  await phone.getByLabel('The PIN on your slip').fill(pin);
  await phone.getByRole('button', { name: 'Go in' }).click();
  await expect(phone.getByRole('heading', { level: 1 })).toBeVisible();
  return phone;
}

/** The row of a group on the teacher's page. */
const rowAt = (page: Page, group: string) =>
  page.getByRole('listitem').filter({ has: page.getByText(group, { exact: true }) });

const place = (phone: Page, group: string) =>
  phone.getByRole('listitem').filter({ has: phone.getByRole('heading', { name: group }) });

test('students choose on their phones, quiet rules hold without a trace, and what comes of it is a take', async ({
  page,
}) => {
  // Four pages at once: 35 s on two slow cores.
  test.slow();
  const code = await openSeats(page);
  const pinOf = await pins(page);
  const come = (name: string): Promise<Page> => phoneOf(page, code, name, pinOf.get(name) ?? '');
  const heard: string[] = [];
  const scripts: string[] = [];
  // Two who are kept apart, and one whom no rule is about.
  const one = await come(APART[0]);
  const other = await come(APART[1]);
  await other.route(/^(?!.*\/events$)/, async (route) => {
    const response = await route.fetch();
    (route.request().resourceType() === 'fetch' ? heard : scripts).push(await response.text());
    await route.fulfill({ response });
  });
  await other.reload();
  const third = await come(FREE);
  await expectAccessible(one);

  await one.getByRole('button', { name: 'Sit in Alder' }).click();
  await expect(one.getByRole('heading', { name: 'You sit in Alder' })).toBeVisible();
  await expect(place(other, 'Alder')).toContainText('Taken');
  await expect(place(third, 'Alder')).toContainText('Places left');
  await expect(other.getByRole('button', { name: 'Sit in Alder' })).toBeDisabled();

  // Nothing of the teacher's side is in the page, its scripts or what it was sent.
  const seen = [await other.evaluate(everythingOn), ...heard].join('\n');
  for (const word of privateWords()) expect(seen).not.toContain(word);
  expect(scripts.length).toBeGreaterThan(3);
  // What only the teacher's side says, asks or is called.
  for (const word of ['uiet rule', 'Kept apart', 'gruppetto-demo', '@example.org', 'indexedDB']) {
    expect(`${seen}\n${scripts.join('\n')}`.includes(word) ? word : '').toBe('');
  }

  await other.getByRole('button', { name: 'Sit in Willow' }).click();
  await expect(other.getByRole('heading', { name: 'You sit in Willow' })).toBeVisible();

  // The teacher sees it as it happens, moves somebody, and closes.
  const alder = rowAt(page, 'Alder');
  await expect(alder).toContainText('1 of 4');
  await expect(page.getByText('Not been here (25)')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Stop for a moment' }).click();
  await expect(third.getByText(/has stopped choosing for a moment/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await third.getByRole('button', { name: 'Sit in Sedge' }).click();
  await expect(third.getByRole('heading', { name: 'You sit in Sedge' })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Close' }).click();
  await expect(one.getByText('Choosing is over.')).toBeVisible();
  await expect(page.getByText(/^25 students are placed, nobody has to move/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make these the groups' }).click();
  await page.getByRole('link', { name: 'To the groups', exact: true }).click();
  await expect(page.locator('[data-row]', { hasText: 'Alder' }).first()).toContainText(APART[0]);
  await expect(page.locator('[data-row="aside"] [data-student]')).toHaveCount(0);
  await Promise.all([one, other, third].map((phone) => phone.context().close()));
});

test('a choosing goes on through a reload of either side, the code of a slip goes straight in, a wrong PIN is told kindly', async ({
  page,
}) => {
  const code = await openSeats(page);
  const pinOf = await pins(page);
  const phone = await phoneOf(page, code, FREE, pinOf.get(FREE) ?? '');
  await phone.getByRole('button', { name: 'Sit in Rush' }).click();
  await expect(phone.getByRole('heading', { name: 'You sit in Rush' })).toBeVisible();
  await page.reload();
  const rush = rowAt(page, 'Rush');
  await expect(rush).toContainText('1 of 4');
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'You sit in Rush' })).toBeVisible();
  // The code of the slip goes straight in, and does not stay in the address.
  const link = await linkOn(page, FREE);
  expect(link).toContain(`/seats/${code}#t=`);
  const other = await phone.context().browser()?.newContext();
  const second = await other!.newPage();
  await second.goto(link);
  await expect(second.getByRole('heading', { name: 'You sit in Rush' })).toBeVisible();
  expect(second.url()).not.toContain('#');
  await other!.close();
  // Whoever is taken out sees it at once; the wrong PIN is told kindly.
  await rush.getByRole('button', { name: new RegExp(FREE) }).click();
  await page.getByRole('button', { name: 'Take out of the group' }).click();
  await expect(phone.getByRole('heading', { name: /sit nowhere yet/ })).toBeVisible();
  await phone.getByRole('button', { name: 'Not you?' }).click();
  await phone.getByRole('button', { name: APART[0], exact: true }).click();
  await phone.getByLabel('The PIN on your slip').fill('00000');
  await phone.getByRole('button', { name: 'Go in' }).click();
  await expect(phone.getByText(/does not go with this name/)).toBeVisible();
  await expectAccessible(phone);
  await phone.context().close();
});

test('other machines reach the students’ pages and nothing else', async ({ page, baseURL }) => {
  const code = await openSeats(page);
  const { openToLan } = (await import(LAN)) as {
    openToLan: (to: number, port: number, host: string) => Promise<{ close: () => void }>;
  };
  const port = 5200 + (process.pid % 300);
  const server = await openToLan(Number(new URL(baseURL ?? '').port), port, '127.0.0.1');
  const status = async (path: string, init?: RequestInit): Promise<number> =>
    (await fetch(`http://127.0.0.1:${port}${path}`, init)).status;
  try {
    // The page works as it comes to another machine, with all its scripts.
    const context = await page.context().browser()?.newContext();
    const phone = await context!.newPage();
    await phone.goto(`http://127.0.0.1:${port}/seats/${code}`);
    await expect(phone.getByRole('heading', { name: 'Who are you?' })).toBeVisible();
    await context!.close();
    expect(await status(`/seats/${code}`)).toBe(200);
    expect(await status(`/standins/seats/v1/open/${code}`)).toBe(200);
    for (const path of ['/', CREW, `${CREW}/groups`, '/demo-data', '/standins', '/seats/']) {
      expect({ path, status: await status(path) }).toEqual({ path, status: 404 });
    }
    for (const path of [
      '/standins/seats/v1/sessions/x',
      '/standins/seats/v1/reach',
      `/standins/seats/v1/open/../sessions/x`,
      `/standins/seats/v1/open/%2e%2e/sessions`,
      `/seats/${code}%2f..%2f..`,
    ]) {
      expect({ path, status: await status(path) }).toEqual({ path, status: 404 });
    }
    expect(await status('/standins/seats/v1/sessions', { method: 'POST', body: '{}' })).toBe(404);
    expect(await status(`/seats/${code}`, { method: 'POST' })).toBe(404);
  } finally {
    server.close();
  }
});
