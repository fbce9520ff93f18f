import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensurePackages, ROOT } from './packages.mjs';

const LATER_EXPORT = `River Survey, Thursday crew
Last name,First name,E-mail,Student ID,Section,experience,Role
Haddad,Amira,amira.haddad@example.org,004100,North bank,71%,Student
Veikkola,Sini,sini.veikkola@exmaple.org,005072,South bank,n/a,Student
Tāne,Rongo,rongo.tane@example.org,005073,North bank,60,Student
Visser,Bram,bram.visser@example.org,004121,North bank,52,Student
Lindqvist,Oda,oda.lindqvist@example.org,,,,Teacher
Average,,,,,61,`;

/** One picture of each main view, from the demo data, into docs/screenshots. */
ensurePackages();
ensureChromium();
ensureBuild();

const { chromium } = await import('@playwright/test');
const PORT = 4780;
const address = `http://localhost:${PORT}`;
const CREW = `${address}/c/c_thursday`;
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '-p', String(PORT), '-H', 'localhost'],
  {
    cwd: ROOT,
    stdio: 'ignore',
    env: { ...process.env, GRUPPETTO_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1' },
  },
);
try {
  await answering();
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
  const page = await browser.newPage({
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
  });
  const shot = async (name) => {
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', `${name}.png`) });
  };
  const open = async (path, sign) => {
    await page.goto(path);
    await page.locator(sign).first().waitFor();
  };
  await open(address, 'text=Thursday crew');
  await shot('shelf');
  await open(`${CREW}/roster`, 'table');
  await page.locator('canvas').first().waitFor();
  await shot('roster');
  await page.getByRole('button', { name: 'More about Ngozi Eze' }).click();
  await shot('student');
  await page.keyboard.press('a');
  await page.getByText('Press whoever is not here').waitFor();
  await shot('roll');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add students', exact: true }).click();
  const box = page.getByRole('textbox', { name: /One student a line/ });
  await box.fill(LATER_EXPORT);
  await page.getByText('4 students read').waitFor();
  await shot('import');
  await box.fill('');
  await open(`${CREW}/rules`, 'text=can hold');
  await shot('rules');
  await open(`${CREW}/groups`, '[data-student]');
  await page.keyboard.press('r');
  await page.getByText('Take 3').first().waitFor();
  await page.getByRole('button', { name: /^Ngozi Eze/ }).click();
  await shot('groups');
  await open(`${CREW}/stage`, 'h2');
  await shot('stage');
  await open(`${CREW}/handoff`, 'h3');
  await shot('handoff');
  await browser.close();
} finally {
  server.kill();
}

async function answering() {
  while (
    !(await fetch(address).then(
      (response) => response.ok,
      () => false,
    ))
  ) {
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}
