import { withDemoPage, demoPath } from './demoPage.mjs';
await withDemoPage(4790, async (page, address) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  page.on('console', (m) => {
    if (m.type() === 'error') console.log('console', m.text());
  });
  page.on('pageerror', (e) => console.log('error', e.message));
  await page.goto(`${address}${demoPath('thursday-crew')}/groups/seats`);
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/s1.png' });
  await page.getByRole('button', { name: 'Open the seats' }).click();
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/s2.png' });
  const code = (await page.getByText(/Students open/).textContent()).match(/seats\/(\w+)/)[1];
  console.log(code);
  const phone = await page
    .context()
    .browser()
    .newContext({ viewport: { width: 390, height: 844 } });
  const p = await phone.newPage();
  p.on('console', (m) => console.log('phone', m.text()));
  await p.goto(`${address}/seats/${code}`);
  await p.waitForTimeout(1500);
  await p.screenshot({ path: '/tmp/p1.png' });
  await page.goto(`${address}${demoPath('thursday-crew')}/slips`);
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/s3.png' });
  const pin = (
    await page
      .getByText(/^PIN \d/)
      .first()
      .textContent()
  ).slice(4);
  const name = await page.locator('main li h3').first().textContent();
  console.log(name, pin);
  await p.getByRole('button', { name, exact: true }).click();
  await p.getByRole('textbox').fill(pin);
  await p.screenshot({ path: '/tmp/p2.png' });
  await p.getByRole('button', { name: 'Go in' }).click();
  await p.waitForTimeout(1200);
  await p.screenshot({ path: '/tmp/p3.png' });
  await p
    .getByRole('button', { name: /^Sit in/ })
    .first()
    .click();
  await p.waitForTimeout(1500);
  await p.screenshot({ path: '/tmp/p4.png' });
  await page.goto(`${address}${demoPath('thursday-crew')}/groups/seats`);
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Let simulated students come' }).click();
  await page.waitForTimeout(12000);
  await page.screenshot({ path: '/tmp/s4.png' });
  await p.screenshot({ path: '/tmp/p5.png' });
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.waitForTimeout(500);
  await page.screenshot({ path: '/tmp/s5.png' });
  await page.getByRole('alertdialog').getByRole('button', { name: 'Close', exact: true }).click();
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/s6.png' });
  await p.screenshot({ path: '/tmp/p6.png' });
});
