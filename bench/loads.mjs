import { readFileSync } from 'node:fs';
import { demoPath, withDemoPage } from '../scripts/demoPage.mjs';

/**
 * How much compressed script each page loads, with what follows by itself, from an empty cache; without what the browser
 * fetches beside it to have the whole application for when there is no network. With LANGUAGE=es, as whoever reads Spanish.
 */

const PORT = 4792;
const SETTLED_MS = 3_000;
const crew = JSON.parse(readFileSync('demo/classes/thursday-crew.json', 'utf8'));
const PAGES = {
  shelf: '',
  roster: 'roster',
  rules: 'rules',
  groups: 'groups',
  'stage, prepared': 'show',
  stage: 'stage',
  paper: 'print',
  'hand off': 'handoff',
  activities: 'activities',
  'one activity': `activities/${crew.activities[0].id}`,
  'marks over the term': 'activities/term',
  term: 'term',
  ladder: 'roster/ladder',
  adults: 'groups/adults',
  'open seats': 'groups/seats',
  // Any code: the page is the same, whoever is let in.
  choosing: '/seats/abcdef',
  rooms: 'handoff/rooms',
  spaces: 'handoff/spaces',
};

await withDemoPage(
  PORT,
  async (page, address) => {
    // The demo's classes are there before anything is counted.
    await page.goto(address);
    await page.getByText('Thursday crew').waitFor();
    await page.getByText('Saved', { exact: true }).waitFor();
    const language = process.env.LANGUAGE ?? '';
    await page.evaluate((tag) => {
      if (tag !== '') globalThis.localStorage.setItem('gruppetto-language', tag);
    }, language);
    for (const [name, path] of Object.entries(PAGES)) {
      const fresh = await page.context().newPage();
      const session = await page.context().newCDPSession(fresh);
      await session.send('Network.enable');
      await session.send('Network.setCacheDisabled', { cacheDisabled: true });
      const scripts = new Map();
      session.on('Network.responseReceived', ({ requestId, response, type }) => {
        if (type === 'Script' || response.mimeType.includes('javascript')) {
          scripts.set(requestId, { url: response.url, bytes: 0 });
        }
      });
      session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
        const script = scripts.get(requestId);
        if (script) script.bytes = encodedDataLength;
      });
      const below =
        path === '' || path.startsWith('/') ? path : `${demoPath('thursday-crew')}/${path}`;
      await fresh.goto(address + below);
      await fresh.waitForTimeout(SETTLED_MS);
      const all = [...scripts.values()];
      const total = all.reduce((sum, { bytes }) => sum + bytes, 0);
      console.log(`${name.padEnd(16)} ${Math.round(total / 1000)} kB in ${all.length} scripts`);
      if (process.env.EACH) {
        for (const { url, bytes } of all.sort((a, b) => b.bytes - a.bytes)) {
          console.log(
            `  ${String(Math.round(bytes / 100) / 10).padStart(6)} ${url.replace(address, '')}`,
          );
        }
      }
      await fresh.close();
    }
  },
  { serviceWorkers: 'block' },
);
