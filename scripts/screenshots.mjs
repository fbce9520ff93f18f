import { join } from 'node:path';
import { demoPath, withDemoPage } from './demoPage.mjs';
import { ROOT } from './packages.mjs';

const LATER_EXPORT = `River Survey, Thursday crew
Last name,First name,E-mail,Student ID,Section,experience,Role
Haddad,Amira,amira.haddad@example.org,004100,North bank,71%,Student
Veikkola,Sini,sini.veikkola@exmaple.org,005072,South bank,n/a,Student
Tāne,Rongo,rongo.tane@example.org,005073,North bank,60,Student
Visser,Bram,bram.visser@example.org,004121,North bank,52,Student
Lindqvist,Oda,oda.lindqvist@example.org,,,,Teacher
Average,,,,,61,`;

const PORT = 4780;

/** One picture of each main view, from the demo data, into docs/screenshots. */
await withDemoPage(PORT, async (page, address) => {
  const CREW = `${address}${demoPath('thursday-crew')}`;
  const shot = async (name) => {
    await page.evaluate(() => document.fonts.ready);
    await page.getByText('Saving…').waitFor({ state: 'hidden' });
    await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', `${name}.png`) });
  };
  const open = async (path, sign) => {
    await page.goto(path);
    await page.locator(sign).first().waitFor();
  };
  await open(address, 'text=Thursday crew');
  await shot('shelf');
  await open(`${CREW}/roster`, 'table');
  await page.getByRole('list', { name: /^experience/ }).waitFor();
  await shot('roster');
  await page.getByRole('button', { name: 'Add students', exact: true }).click();
  const box = page.getByRole('textbox', { name: /One student a line/ });
  await box.fill(LATER_EXPORT);
  await page.getByText('4 students read').waitFor();
  await shot('import');
  await box.fill('');
  await open(`${CREW}/rules`, 'text=can hold');
  await page.getByRole('grid').waitFor();
  await shot('rules');
  await open(`${CREW}/groups`, '[data-student]');
  await page.keyboard.press('r');
  await page.getByText('Take 3').first().waitFor();
  await page
    .getByText(/^means /)
    .first()
    .waitFor();
  await page.getByRole('button', { name: /^Ngozi Eze/ }).click();
  await page.getByText('Pin here').waitFor();
  await shot('groups');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Sedge: about/ }).click();
  await page.locator('canvas').first().waitFor();
  await shot('group');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Compare two' }).click();
  await page.getByText('rules broken').waitFor();
  await shot('takes');
  await page.keyboard.press('Escape');
  const JUNIORS = `${address}${demoPath('juniors-1')}`;
  await open(`${JUNIORS}/groups`, 'text=at most 6');
  await page.keyboard.press('r');
  await page.getByText('21 of 21 served').first().waitFor();
  await open(`${JUNIORS}/roster/ladder`, 'h3');
  await page
    .getByRole('button', { name: /; works on / })
    .first()
    .click();
  await shot('ladder');
  await open(`${CREW}/print`, '[data-page]');
  await page.getByRole('combobox', { name: 'Sheet' }).selectOption('One for each group');
  await page.getByText('7 pages').waitFor();
  await page.getByText('Fetch your bag').first().waitFor();
  await shot('print');
  await open(`${CREW}/stage`, 'h2');
  await shot('stage');
  await page.keyboard.press('v');
  await page.locator('main li').first().waitFor();
  await shot('names');
  await page.keyboard.press('5');
  await page.getByText('Turn 1 of 4').waitFor();
  await page.keyboard.press('ArrowRight');
  await page.getByText('Turn 2 of 4').waitFor();
  await shot('stations');
  await open(`${CREW}/term`, 'table');
  await page.getByRole('button', { name: /^Plan \d+ rounds/ }).click();
  await page.getByText('rounds planned.').waitFor();
  await page.getByRole('button', { name: 'Amira H.' }).click();
  await page.getByRole('button', { name: 'Show how partners grow' }).click();
  await page.locator('canvas').waitFor();
  await page.getByText('rounds planned.').waitFor({ state: 'hidden' });
  await shot('term');
  await open(`${CREW}/handoff`, 'h3');
  await shot('handoff');
  const headers = { Authorization: 'Bearer river' };
  const usual = await (await page.request.get(`${address}/standins/settings`, { headers })).json();
  await page.request.put(`${address}/standins/settings`, { headers, data: { ...usual, pace: 8 } });
  const send = async (kind, lead) => {
    await open(`${CREW}/handoff`, 'h3');
    await page.getByRole('radio', { name: kind, exact: true }).check({ force: true });
    await page.getByRole('button', { name: 'Practise with a made-up service' }).click();
    await page.getByRole('button', { name: 'See what would change' }).click();
    await page.getByRole('button', { name: /^Send \d+ changes/ }).click();
    await page.getByText(/students arrived/).waitFor();
    await page.getByRole('link', { name: lead }).click();
  };
  await send('rooms', 'Lead the rooms');
  await page.getByRole('button', { name: 'Open the rooms' }).click();
  await page.getByText(/^2[0-9] of 26 here/).waitFor();
  await shot('rooms');
  await send('channels', 'Look into the spaces');
  await page.getByRole('textbox', { name: 'Text' }).fill('{{group}}, you start at the weir.');
  await page.getByText(/^7 spaces; [1-3] ha/).waitFor();
  await shot('space');
  await open(`${CREW}/activities`, 'table');
  await page.getByRole('link', { name: 'Flow report' }).click();
  await page.getByRole('button', { name: 'Members of Bulrush' }).click();
  await shot('marks');
  await open(`${CREW}/groups/seats`, 'h3');
  await page.getByRole('button', { name: 'Open the seats' }).click();
  const told = await page.getByText(/^Students open http/).textContent();
  await page.getByRole('button', { name: 'Let simulated students come' }).click();
  await page
    .getByText(/^[34] of 4$/)
    .nth(3)
    .waitFor();
  await shot('seats');
  await open(`${CREW}/slips`, 'main h3');
  const slip = page.getByRole('main').getByRole('listitem').first();
  const [name, words] = [await slip.locator('h3').textContent(), await slip.textContent()];
  const context = await page
    .context()
    .browser()
    .newContext({ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' });
  const phone = await context.newPage();
  await phone.goto(`${address}/seats/${/seats\/(\w+)/.exec(told)[1]}`);
  await phone.getByRole('button', { name, exact: true }).click();
  await phone.getByLabel('The PIN on your slip').fill(/PIN (\d+)/.exec(words)[1]);
  await phone.getByRole('button', { name: 'Go in' }).click();
  await phone.getByRole('heading', { name: 'Alder' }).waitFor();
  await phone.screenshot({ path: join(ROOT, 'docs', 'screenshots', 'choosing.png') });
  await context.close();
});
