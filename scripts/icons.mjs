/** Draws the icons of the installed application out of src/app/icon.svg; run after a change of it. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium } from './chromium.mjs';
import { ensurePackages, ROOT } from './packages.mjs';

ensurePackages();
ensureChromium();
const { chromium } = await import('@playwright/test');
const svg = readFileSync(join(ROOT, 'src', 'app', 'icon.svg'), 'utf8');
const folder = join(ROOT, 'public', 'icons');
mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
await draw('plain-192.png', 192, svg);
await draw('plain-512.png', 512, svg);
// Systems cut a maskable icon into shapes of their own: the mark keeps to the inner four fifths.
await draw('maskable-512.png', 512, masked(svg));
await browser.close();

async function draw(name, size, image) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(`<style>body{margin:0}svg{display:block;width:100vw}</style>${image}`);
  writeFileSync(join(folder, name), await page.screenshot({ omitBackground: true }));
  await page.close();
}

function masked(image) {
  const inner = image.replace(/^<svg[^>]*>/, '').replace(/<\/svg>$/, '');
  const ground = /<rect[^>]*\/>/.exec(inner)?.[0] ?? '';
  const mark = inner.replace(ground, '');
  return (
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32">' +
    ground.replace(/ rx="\d+"/, '') +
    `<g transform="translate(4.2 4.2) scale(.74)">${mark}</g></svg>`
  );
}
