import { loadBundle } from '../scripts/bundle.mjs';

/** Timed runs with fixed seeds; `npm run bench [PART]` prints the tables of one part or of all. */
const { main } = await loadBundle('bench/main.ts');
const parts = process.argv.slice(2);
const IN_BROWSER = ['page', 'stage', 'loads', 'termPage', 'marksPage', 'longTasks'];
if (parts.length === 0 || parts.some((part) => !IN_BROWSER.includes(part))) await main(parts);
for (const part of IN_BROWSER) if (parts.includes(part)) await import(`./${part}.mjs`);
