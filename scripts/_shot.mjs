import { demoPath, withDemoPage } from './demoPage.mjs';
await withDemoPage(4791, async (page, address) => {
  page.on('console', (m) => m.type() === 'error' && console.log('ERR', m.text()));
  page.on('pageerror', (e) => console.log('PAGEERR', e.message));
  const CREW = `${address}${demoPath('thursday-crew')}`;
  const shot = async (name) => { await page.evaluate(() => document.fonts.ready); await page.waitForTimeout(500); await page.screenshot({ path: `/tmp/s-${name}.png` }); };
  await page.goto(address); await page.getByText('Thursday crew').first().waitFor(); await page.getByText('Saved', {exact:true}).waitFor();
  await page.goto(`${CREW}/stage`); await page.locator('h2').first().waitFor();
  await page.keyboard.press('i'); await page.keyboard.press('c'); await shot('beside'); await page.keyboard.press('i');
  await page.keyboard.press('v'); await shot('name');
  await page.keyboard.press('3'); await shot('instructions');
  await page.keyboard.press('5'); await shot('stations');
  await page.keyboard.press('6'); await page.keyboard.press('d'); await shot('pick');
  await page.goto(`${CREW}/print`); await page.locator('[data-page]').first().waitFor(); await shot('print');
  for (const sheet of ['whole','groups','signs','badges','stations','slips','code']) {
    await page.getByLabel('Sheet').selectOption(sheet); await page.waitForTimeout(300);
    await page.pdf({ path: `/tmp/p-${sheet}.pdf`, preferCSSPageSize: true, printBackground: true });
  }
});
