import type { Locator, Page } from '@playwright/test';
import {
  chooseWay,
  classOf,
  CREW,
  ESTUARY,
  expect,
  expectAccessible,
  keepPart,
  openDemo,
  rowOf,
  rows,
  savedBy,
  test,
} from './pages';

const groups = `${CREW}/groups`;
const drawerOf = (page: Page): Locator =>
  page.getByRole('complementary', { name: 'About the selection' });
const tile = (page: Page, name: string): Locator =>
  page.locator('[data-student]').and(page.getByRole('button', { name: new RegExp(`^${name}`) }));
const also = (page: Page): Locator => page.getByRole('button', { name: /Other things/ });
const takes = (page: Page): Locator =>
  page.getByRole('region', { name: 'Takes' }).getByRole('listitem');
const groupButton = (page: Page, name: string): Locator =>
  page.getByRole('button', { name: `${name}: about this group` });

/** Waits until the measures have been read: before that nothing is said about groups. */
async function openBench(page: Page): Promise<void> {
  await openDemo(page, groups);
  await expect(page.getByText(/^means /).first()).toBeVisible();
}

/** A picture of one dot. */
const ONE_DOT =
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

test('each part of the recipe is changed in place, and nothing is dealt until it is asked', async ({
  page,
}) => {
  await openBench(page);
  const before = await rows(page);
  await page.getByRole('button', { name: /What to mix/ }).click();
  const balance = page.getByRole('group', { name: 'What to mix and what to match' });
  await balance.getByRole('group', { name: 'level' }).getByRole('radio', { name: 'match' }).check();
  await balance.getByLabel('How much level counts').selectOption('above all');
  await keepPart(page);
  await expect(page.getByRole('button', { name: /match: level \(above all\)/ })).toBeVisible();
  await also(page).click();
  await page.getByRole('button', { name: 'at least, at most, never alone' }).click();
  const limits = page.getByRole('group', { name: 'Other things the recipe can say' });
  await limits.getByRole('radio', { name: 'drives' }).check();
  await limits.getByRole('radio', { name: 'yes' }).check();
  await limits.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(limits.getByText('at least 1 with drives: yes in every group')).toBeVisible();
  await expectAccessible(page);
  await keepPart(page);
  await also(page).click();
  await page.getByRole('button', { name: 'sections' }).click();
  await keepPart(page);
  await page.getByRole('button', { name: /28 here today/ }).click();
  await page.getByRole('radio', { name: 'some sections' }).check();
  await expect(page.getByRole('button', { name: /of North bank/ })).toBeVisible();
  await page.getByRole('radio', { name: 'everybody here today' }).check();
  await keepPart(page);
  expect(await rows(page)).toEqual(before);
  await page.keyboard.press('r');
  await expect(takes(page)).toHaveCount(3);
  await expect(page.getByRole('button', { name: 'Sort the rows by section' })).toBeVisible();
});

test('Escape takes back what was changed in a part of the sentence, and one press has it after all', async ({
  page,
}) => {
  await openBench(page);
  const sizing = page.getByRole('button', { name: /^How many groups/ });
  await sizing.click();
  await page.getByRole('radio', { name: 'So many groups' }).check();
  await page.getByRole('spinbutton').fill('5');
  await expect(sizing).toHaveText('5 groups');
  await page.keyboard.press('Escape');
  await expect(sizing).toHaveText('groups of 4');
  await expect(sizing).toBeFocused();
  await page.getByRole('button', { name: 'Change it after all' }).click();
  await expect(sizing).toHaveText('5 groups');
  await sizing.click();
  await page.getByRole('spinbutton').fill('6');
  await page.keyboard.press('Enter');
  await expect(sizing).toHaveText('6 groups');
  await also(page).click();
  await page.getByRole('button', { name: 'sections' }).click();
  await expect(page.getByRole('button', { name: 'Sections: sections mixed' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Sections: sections mixed' })).toHaveCount(0);
  await expect(sizing).toHaveText('6 groups');
});

test('somebody who would be alone is told of, with the sizes that leave nobody so one press away', async ({
  page,
}) => {
  await classOf(page, 'Odd crew', 'Ana Ruiz\nBo Li\nCaro Moe\nDov Ash\nEli Orr');
  const sizing = page.getByRole('button', { name: /^How many groups/ });
  await sizing.click();
  await page.getByRole('spinbutton').fill('2');
  await page.keyboard.press('Enter');
  await expect(page.getByText('One student would be alone.')).toBeVisible();
  await page.getByRole('button', { name: 'Let them join groups' }).click();
  await expect(page.getByText('1 group of 3 and 1 of 2')).toBeVisible();
  await expect(page.getByText('One student would be alone.')).toHaveCount(0);
});

test('nobody is alone with any value of a detail by one limit', async ({ page }) => {
  await openBench(page);
  await also(page).click();
  await page.getByRole('button', { name: 'at least, at most, never alone' }).click();
  const limits = page.getByRole('group', { name: 'Other things the recipe can say' });
  await limits.getByRole('radio', { name: 'never one alone' }).check();
  await limits.getByRole('radio', { name: 'section' }).check();
  await expect(limits.getByRole('radio', { name: 'every value' })).toBeChecked();
  await limits.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(limits.getByText('nobody alone in a group with their section')).toBeVisible();
  await keepPart(page);
  await page.keyboard.press('r');
  await expect(takes(page)).toHaveCount(3);
  await expect(page.getByText(/is the only one here with/)).toHaveCount(0);
});

test('a limit that cannot hold is named, and one press takes it back', async ({ page }) => {
  await openBench(page);
  await also(page).click();
  await page.getByRole('button', { name: 'at least, at most, never alone' }).click();
  const limits = page.getByRole('group', { name: 'Other things the recipe can say' });
  await limits.getByRole('radio', { name: 'home language' }).check();
  await limits.getByRole('radio', { name: 'Māori' }).check();
  await limits.getByRole('button', { name: 'Add', exact: true }).click();
  await keepPart(page);
  await page.keyboard.press('r');
  const clash = page.getByRole('alert').filter({ hasText: 'cannot all hold' });
  await expect(clash).toContainText('All groups together need 7 students');
  await clash
    .getByRole('button', { name: /Remove for good: at least 1 with home language/ })
    .click();
  await expect(takes(page)).toHaveCount(3);
  await expect(clash).toHaveCount(0);
});

test('students are dealt in an order, by a value, or by hand into empty groups', async ({
  page,
}) => {
  await openBench(page);
  await also(page).click();
  await page.getByRole('button', { name: 'deal without shuffling' }).click();
  await page.getByRole('radio', { name: 'one group for each value' }).check();
  await keepPart(page);
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  await expect(page.locator('[data-row]')).toHaveCount(3);
  await expect(groupButton(page, 'North bank')).toBeVisible();
  await page.getByRole('button', { name: /How students come into groups/ }).click();
  await page.getByRole('radio', { name: 'in an order' }).check();
  await page.getByRole('radio', { name: 'given name' }).check();
  await page.getByRole('radio', { name: 'in blocks' }).check();
  await keepPart(page);
  await page.keyboard.press('r');
  await expect(page.locator('[data-row="0"] [data-student]').first()).toHaveText('Amira H.');
  await page.getByRole('button', { name: /How students come into groups/ }).click();
  await page.getByRole('radio', { name: 'empty groups, filled by hand' }).check();
  await keepPart(page);
  await page.keyboard.press('r');
  await expect(page.locator('[data-row="aside"] [data-student]')).toHaveCount(28);
  await expect(page.getByText('nobody').first()).toBeVisible();
});

test('groups are named by a pattern at once, one by one in place, and keep their names', async ({
  page,
}) => {
  await openBench(page);
  const before = await rows(page);
  await also(page).click();
  await page.getByRole('button', { name: 'names of the groups' }).click();
  await page.getByRole('radio', { name: 'letters' }).check();
  await page.getByRole('checkbox', { name: /course code: RIV-2/ }).check();
  await keepPart(page);
  await expect(groupButton(page, 'A · RIV-2')).toBeVisible();
  await groupButton(page, 'C · RIV-2').click();
  await drawerOf(page)
    .getByRole('button', { name: /Name of the group/ })
    .click();
  await page.getByRole('textbox', { name: 'Name of the group' }).fill('Mill pool');
  await page.keyboard.press('Enter');
  await expect(groupButton(page, 'Mill pool')).toBeVisible();
  expect(await rows(page)).toEqual(before);
  await page.keyboard.press('Escape');
  await page.keyboard.press('r');
  await expect(takes(page)).toHaveCount(3);
  await expect(groupButton(page, 'Mill pool')).toBeVisible();
});

test('a recipe kept under a name is used in another class, which says what it does not have', async ({
  page,
}) => {
  await openBench(page);
  await also(page).click();
  await page.getByRole('button', { name: 'keep or use a recipe' }).click();
  await page.getByRole('button', { name: 'Keep this recipe' }).click();
  await page.getByRole('textbox', { name: 'Name of the recipe' }).fill('Usual mix');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Kept as Usual mix.')).toBeVisible();
  await page.goto(`${ESTUARY}/groups`);
  await also(page).click();
  await page.getByRole('button', { name: 'keep or use a recipe' }).click();
  await page.getByRole('button', { name: 'Use Usual mix' }).click();
  await expect(page.getByText(/without experience and home language/)).toBeVisible();
});

test('six reshuffles give six divisions, each really another one', async ({ page }) => {
  await openBench(page);
  const together = (groups: readonly (readonly string[])[]): Set<string> =>
    new Set(
      groups.flatMap((row) =>
        row.flatMap((one, i) => row.slice(i + 1).map((two) => [one, two].sort().join())),
      ),
    );
  const seen = [await rows(page)];
  for (let turn = 3; turn <= 8; turn++) {
    await page.keyboard.press('r');
    await expect(takes(page)).toHaveCount(turn);
    const now = await rows(page);
    for (const before of seen) {
      const known = together(before);
      const fresh = [...together(now)].filter((pair) => !known.has(pair)).length;
      expect(fresh).toBeGreaterThanOrEqual(0.2 * known.size);
    }
    seen.push(now);
  }
});

test('a small class is told what is proven best, how few divisions are as good, and what the next costs', async ({
  page,
}) => {
  const scores = ['Amira,3', 'Bo,5', 'Chidi,9', 'Dana,4', 'Eito,8', 'Farah,1'];
  await classOf(page, 'Six', ['Name,score', ...scores].join('\n'));
  await also(page).click();
  await page.getByRole('button', { name: 'mix or match a detail' }).click();
  await page.getByRole('group', { name: 'score' }).getByRole('radio', { name: 'mix' }).check();
  await keepPart(page);
  await page.getByRole('button', { name: 'Make groups', exact: true }).click();
  // 14 and 16 points: of the ten divisions no other lies as near.
  await expect(drawerOf(page).getByText(/^Proven: no groups are better/)).toBeVisible();
  const again = page.locator('p', { hasText: /^These are the groups of take \d+ again/ });
  // Each of the ten differs from the takes before, until to differ would cost more than to come again.
  for (let take = 2; take <= 12 && !(await again.isVisible()); take++) {
    await page.keyboard.press('r');
    await expect(
      takes(page)
        .nth(take - 1)
        .or(again),
    ).toBeVisible();
  }
  await expect(again).toContainText('no other division is as good.');
  await expect(again).toContainText('The next best comes with score mixed less evenly.');
});

test('pinned students and locked groups stay through a reshuffle; chosen rows alone are dealt anew', async ({
  page,
}) => {
  await openBench(page);
  const rowOfTile = (name: RegExp) => rowOf(page, name).getAttribute('data-row');
  await tile(page, 'Arjun Pillai').focus();
  await page.keyboard.press('p');
  await expect(page.getByText('1 pinned student stays')).toBeVisible();
  await groupButton(page, 'Cress').click();
  await drawerOf(page).getByRole('button', { name: 'Lock this group' }).click();
  await page.keyboard.press('Escape');
  const [pinnedRow, all] = [await rowOfTile(/^Arjun Pillai/), await rows(page)];
  for (let turn = 3; turn <= 5; turn++) {
    await page.keyboard.press('r');
    await expect(takes(page)).toHaveCount(turn);
    expect(await rowOfTile(/^Arjun Pillai/)).toBe(pinnedRow);
    expect((await rows(page))[6]).toEqual(all[6]);
  }
  const now = await rows(page);
  await groupButton(page, 'Alder').click();
  await groupButton(page, 'Willow').click({ modifiers: ['Shift'] });
  await page.getByRole('button', { name: /^Reshuffle 2 groups/ }).click();
  await expect(takes(page)).toHaveCount(6);
  expect((await rows(page)).slice(2)).toEqual(now.slice(2));
  await expect(groupButton(page, 'Alder')).toBeVisible();
});

test('two selected by keyboard are swapped, kept apart, and every row says what a move would do', async ({
  page,
}) => {
  await openBench(page);
  const [ngozi, dov] = [/^Ngozi Eze/, /^Dov Lerner/];
  const before = [await rowOf(page, ngozi).innerText(), await rowOf(page, dov).innerText()];
  expect(before[0]).not.toBe(before[1]);
  await tile(page, 'Ngozi Eze').focus();
  await page.keyboard.press('Enter');
  await expect(rowOf(page, dov)).toContainText('breaks a rule');
  await expect(page.locator('[data-row][data-target]')).toHaveCount(3);
  await expectAccessible(page);
  await tile(page, 'Hana Jel').focus();
  await page.keyboard.press('x');
  await expect(page.getByRole('status').filter({ hasText: 'have changed places' })).toBeAttached();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Escape');
  await tile(page, 'Hana Jel').press('Enter');
  await tile(page, 'Iolo Wynne').press('Shift+Enter');
  await drawerOf(page).getByRole('button', { name: 'Keep these apart' }).click();
  await expect(page.getByText('Quiet rule added: Hana J. and Iolo W. apart.')).toBeVisible();
  await expect(page.getByRole('link', { name: '5 quiet rules' })).toBeVisible();
});

test('somebody aside is placed where they fit best without moving another', async ({ page }) => {
  await openBench(page);
  const before = await rows(page);
  await tile(page, 'Rafael').focus();
  await page.keyboard.press('0');
  await page.getByRole('button', { name: 'Place where it fits best' }).click();
  await expect(page.locator('[data-row="aside"] [data-student]')).toHaveCount(0);
  const after = await rows(page);
  const without = (all: string[][]) => all.map((row) => row.filter((name) => name !== 'Rafael G.'));
  expect(without(after)).toEqual(without(before));
  expect(after.flat()).toHaveLength(28);
});

test('a newcomer whom the rules leave no seat is placed by moving one other, who is named', async ({
  page,
}) => {
  await classOf(page, 'Weir watchers', 'Ana Ruiz\nBo Li\nCaro Moe\nDov Ash\nEli Orr');
  await page.getByRole('button', { name: /How many groups/ }).click();
  await page.getByRole('radio', { name: 'So many groups' }).check();
  await page.getByRole('spinbutton').fill('2');
  await keepPart(page);
  await page.keyboard.press('r');
  await expect(page.locator('[data-row="1"] [data-student]').first()).toBeVisible();
  await tile(page, 'Eli Orr').press('0');
  const [[one = ''] = [], [two = ''] = []] = await rows(page);
  await page.getByRole('link', { name: 'Quiet rules', exact: true }).click();
  // Typed as a line: the names, then the kind.
  const line = page.getByRole('combobox', { name: 'Names, two or more' });
  for (const other of [one, two]) {
    for (const word of ['Eli', other.split(' ')[0] ?? '', 'apa']) {
      await line.fill(word);
      await line.press('Enter');
    }
    await expect(page.getByText(new RegExp(`${other}.* apart$`)).first()).toBeVisible();
  }
  await page.getByRole('link', { name: 'Groups', exact: true }).click();
  await page.getByRole('button', { name: 'Place where it fits best' }).click();
  await expect(
    page.getByRole('status').filter({ hasText: /1 student placed\. For that, .+ moved/ }),
  ).toBeAttached();
  await expect(page.locator('[data-row="aside"] [data-student]')).toHaveCount(0);
  await expect(page.locator('[data-broken="true"]')).toHaveCount(0);
});

test('a swap that would help is one press away, and does what it says', async ({ page }) => {
  await openBench(page);
  await tile(page, 'Rafael').focus();
  await page.keyboard.press('1');
  await tile(page, 'Dara').focus();
  await page.keyboard.press('2');
  await page.keyboard.press('Escape');
  const offers = drawerOf(page).getByRole('listitem').filter({ hasText: '↔' });
  const [one, two] = ((await offers.first().innerText()).split('\n')[0] ?? '').split(' ↔ ');
  const rowNow = async (name: string | undefined) =>
    page
      .locator('[data-row]', { hasText: name ?? '' })
      .first()
      .getAttribute('data-row');
  const before = [await rowNow(one), await rowNow(two)];
  await offers.first().getByRole('button').click();
  await expect.poll(async () => [await rowNow(two), await rowNow(one)]).toEqual(before);
});

test('groups are added, split, merged and removed, and undo brings all of it back, also after a reload', async ({
  page,
}) => {
  await openBench(page);
  const before = await rows(page);
  await drawerOf(page).getByRole('button', { name: 'Add a group' }).click();
  await expect(page.locator('[data-row]')).toHaveCount(9);
  await groupButton(page, 'Alder').click();
  await drawerOf(page).getByRole('button', { name: 'Split in two' }).click();
  await expect(page.locator('[data-row]')).toHaveCount(10);
  await drawerOf(page).getByRole('button', { name: 'Merge Alder into Willow' }).click();
  await expect(page.locator('[data-row]')).toHaveCount(9);
  await groupButton(page, 'Cress').click();
  await drawerOf(page).getByRole('button', { name: 'Remove the group' }).click();
  await expect(page.getByText('Cress was removed; 4 students stand aside.')).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  // Keys are heard only once the page has come to rest.
  await expect(page.getByText(/^means /).first()).toBeVisible();
  for (let step = 0; step < 4; step++) await page.keyboard.press('Control+z');
  await expect.poll(() => rows(page)).toEqual(before);
});

test('a group has another sign, words and a picture for the class, on the stage as well; undo takes the sign back', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/groups`);
  const [alder, sedge] = [rowOf(page, 'Alder'), rowOf(page, 'Sedge')];
  const shapeIn = (row: typeof alder) =>
    row.locator('[data-shape]').first().getAttribute('data-shape');
  const [before, other] = [await shapeIn(alder), await shapeIn(sedge)];
  await page.getByText('Alder', { exact: true }).first().click();
  const press = page.getByRole('button', { name: 'Choose another sign' });
  await press.click();
  await page.getByRole('button', { name: /of Sedge: the two change signs/ }).click();
  await expect(press).toBeFocused();
  expect([await shapeIn(alder), await shapeIn(sedge)]).toEqual([other, before]);
  await page.getByRole('button', { name: 'What Alder is about' }).click();
  await page.keyboard.type('Width and depth');
  await page.keyboard.press('Enter');
  await page.getByLabel('Add a picture').setInputFiles({
    ...{ name: 'reeds.txt', mimeType: 'image/png', buffer: Buffer.from('no picture') },
  });
  await expect(page.getByText(/reeds.txt could not be read as a picture/)).toBeVisible();
  await page.getByLabel('Add a picture').setInputFiles({
    ...{ name: 'reeds.png', mimeType: 'image/png', buffer: Buffer.from(ONE_DOT, 'base64') },
  });
  await expect(page.getByRole('img', { name: 'reeds' })).toBeVisible();
  await expectAccessible(page);
  await page.goto(`${CREW}/stage`);
  await expect(page.getByText('Width and depth')).toBeVisible();
  await expect(page.getByRole('img', { name: 'reeds' })).toBeVisible();
  await page.goto(`${CREW}/groups`);
  await expect(alder).toBeVisible();
  // The picture, the words, the sign.
  for (let step = 0; step < 3; step++) await page.keyboard.press('Control+z');
  await expect
    .poll(async () => [await shapeIn(alder), await shapeIn(sedge)])
    .toEqual([before, other]);
});

test('roles are given in every group at once and after a reshuffle, and the lead can be written to', async ({
  page,
}) => {
  await openBench(page);
  const led = page.locator('[data-student][data-led="true"]');
  await also(page).click();
  await page.getByRole('button', { name: 'a lead or other roles' }).click();
  const roles = page.getByRole('group', { name: 'Other things the recipe can say' });
  await roles.getByRole('group', { name: 'lead' }).getByLabel('in turns').check();
  await expect(led).toHaveCount(7);
  await expectAccessible(page);
  await keepPart(page);
  await expect(page.getByRole('button', { name: 'lead in turns' })).toBeVisible();
  await page.keyboard.press('r');
  await expect(takes(page)).toHaveCount(3);
  await expect(led).toHaveCount(7);
  await drawerOf(page).getByRole('button', { name: 'Roles' }).click();
  await drawerOf(page).getByLabel('to the first in each').check();
  await expect(page.getByRole('button', { name: 'lead to the first of each group' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(
    page.locator('[data-row="0"]').getByRole('link', { name: /^Write to/ }),
  ).toBeVisible();
  await groupButton(page, 'Alder').click();
  await expect(drawerOf(page).getByRole('link', { name: /^Write to/ })).toHaveAttribute(
    'href',
    /^mailto:.*example\.org$/,
  );
  await expectAccessible(page);
});

test('two takes are compared measure by measure, one is starred', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Compare two' }).click();
  const panel = page.getByRole('region', { name: 'Take 1 beside take 2' });
  await expect(panel.getByRole('row', { name: /^partners/ })).toContainText('repeats');
  await expect(panel.getByText(/students in another group/)).toBeVisible();
  await expectAccessible(page);
  await panel.getByRole('button', { name: 'Show take 1' }).click();
  await expect(page.getByRole('button', { name: /^Take 1/ })).toHaveAttribute(
    'aria-current',
    'true',
  );
  await page.getByRole('button', { name: 'Star take 1' }).click();
  await expect(takes(page).first().getByRole('img', { name: 'starred' })).toBeVisible();
});

test('a lineup in use asks whom a change would part from whom; a new lineup leaves it alone', async ({
  page,
}) => {
  await openBench(page);
  const before = await rows(page);
  const chooser = page.getByRole('button', { name: /Week 7, bank walk/ });
  await chooser.click();
  await page.getByRole('menuitem', { name: /The class works in these groups now/ }).click();
  await tile(page, 'Rafael').focus();
  await page.keyboard.press('3');
  const ask = page.getByRole('alertdialog');
  await expect(ask).toContainText('Rafael G. from Dara S., Noor A. and Yuki');
  await expectAccessible(page);
  expect(await rows(page)).toEqual(before);
  await page.keyboard.press('Enter');
  await expect(ask).toHaveCount(0);
  // In groups of another size a reshuffle surely parts somebody.
  await page.getByRole('button', { name: /How many groups/ }).click();
  await page.getByRole('spinbutton').fill('5');
  await keepPart(page);
  await page.getByRole('button', { name: 'Reshuffle' }).click();
  await expect(ask).toContainText(/\d+ students would lose somebody/);
  await ask.getByRole('button', { name: 'Leave it as it is' }).click();
  expect(await rows(page)).toEqual(before);
  await tile(page, 'Rafael').focus();
  await page.keyboard.press('3');
  await ask.getByRole('button', { name: 'Do it all the same' }).press('Enter');
  await expect(rowOf(page, /^Rafael/)).toHaveAttribute('data-row', '2');
  // The focus is on whoever was moved, where they are now.
  await expect(tile(page, 'Rafael')).toBeFocused();
  await chooser.click();
  await page.getByRole('menuitem', { name: 'New lineup from this one' }).click();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing has been dealt yet.')).toBeVisible();
  await expect(page.getByRole('button', { name: /fresh partners/ })).toBeVisible();
});

test('rows are sorted by a measure, tiles show a detail, columns are the teacher’s choice', async ({
  page,
}) => {
  await openBench(page);
  // Of one student the experience is not known: no dot, but a sign that says so.
  await expect(page.getByRole('img', { name: /; 1 not known$/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Sort the rows by partners' }).click();
  const again = page.locator('[data-row]').filter({ hasText: / again|all new/ });
  const counts = (await again.allInnerTexts()).map((text) =>
    Number(/(\d+) pairs? again/.exec(text)?.[1] ?? 0),
  );
  expect(counts).toEqual([...counts].sort((a, b) => b - a));
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('checkbox', { name: 'swims' }).check();
  await page.getByRole('radio', { name: 'level' }).check();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Sort the rows by swims' })).toBeVisible();
  await expect(tile(page, 'Ngozi Eze')).toContainText('new');
  await page.reload();
  await expect(tile(page, 'Ngozi Eze')).toContainText('new');
});

test.describe('by touch', () => {
  test.use({ hasTouch: true });

  test('on a phone a student is selected and moved by taps', async ({ page }) => {
    await openDemo(page, groups);
    await page.setViewportSize({ width: 390, height: 844 });
    await tile(page, 'Rafael').tap();
    const drawer = drawerOf(page);
    await expect(drawer.getByRole('heading', { name: 'Rafael G. in Willow' })).toBeVisible();
    await drawer.getByRole('button', { name: 'Select more' }).tap();
    await tile(page, 'Dara').tap();
    await expect(drawer.getByRole('heading', { name: '2 students selected' })).toBeVisible();
    await drawer.getByRole('button', { name: /Cress/ }).first().tap();
    await expect(rowOf(page, /^Rafael/)).toHaveAttribute('data-row', '6');
    await expect(rowOf(page, /^Dara/)).toHaveAttribute('data-row', '6');
    await expectAccessible(page);
    // What a change by hand adds to the takes fits as well.
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBe(0);
    await drawer.getByRole('button', { name: /^Done/ }).tap();
    await expect(drawer.getByRole('heading', { name: 'Take 2' })).toBeVisible();
  });
});

test('a pair is kept apart, together or neither in the matrix, by press and by key', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/rules`);
  const grid = page.getByRole('grid', { name: 'Everybody beside everybody' });
  const cell = grid.getByRole('gridcell', { name: /^Hana J. and Chipo D./ });
  await expect(page.getByText('All 4 rules can hold in 7 groups.')).toBeVisible();
  await cell.click();
  await expect(cell).toHaveAccessibleName(/kept apart/);
  await expect(page.getByText('All 5 rules can hold in 7 groups.')).toBeVisible();
  await page.keyboard.press('t');
  await expect(cell).toHaveAccessibleName(/kept together/);
  await page.keyboard.press('Delete');
  await expect(cell).not.toHaveAccessibleName(/kept/);
  await page.keyboard.press('ArrowLeft');
  await expect(grid.getByRole('gridcell', { name: /^Hana J. and Bram V./ })).toBeFocused();
  const inThree = grid.getByRole('gridcell', { name: /^Petra N. and Bram V./ });
  await inThree.click();
  await expect(inThree).toHaveAccessibleName(/kept apart/);
  await page.getByRole('radio', { name: 'section' }).check();
  await page.getByRole('checkbox', { name: /Outline/ }).check();
  await expectAccessible(page);
});

test('what is private is in no word of stage and hand-off, and in no file that leaves', async ({
  page,
}) => {
  await openDemo(page, `${CREW}/rules`);
  await page.getByRole('button', { name: /Reason, for you alone: add a reason/ }).click();
  await page.getByRole('textbox', { name: 'Reason, for you alone' }).fill('Marker-reason-17');
  await page.keyboard.press('Enter');
  await page.goto(groups);
  await drawerOf(page).getByRole('button', { name: 'Roles' }).click();
  await page.getByLabel('at random').check();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const quiet = ['Marker-reason-17', 'talk over', 'Malayalam', 'seasoned', 'apart', 'experience'];
  const mustBeQuiet = (text: string): void =>
    quiet.forEach((word) => expect(text).not.toContain(word));
  await page.goto(`${CREW}/stage`);
  await expect(page.getByText('Ngozi')).toBeVisible();
  mustBeQuiet(await page.content());
  await page.goto(`${CREW}/handoff`);
  await expect(page.getByRole('radio', { name: 'List for rooms' })).toBeVisible();
  mustBeQuiet(await page.locator('main').innerText());
  for (const name of ['List for rooms', 'List by name', 'List by group']) {
    await chooseWay(page, 'a file', name);
    const { text } = await savedBy(page, () =>
      page.getByRole('button', { name: /^Save / }).click(),
    );
    mustBeQuiet(text);
  }
});
