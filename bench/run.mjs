import { loadBundle } from '../scripts/bundle.mjs';

/** Timed runs with fixed seeds; `npm run bench [PART]` prints the tables of one part or of all. */
const { main } = await loadBundle('bench/main.ts');
const parts = process.argv.slice(2);
if (parts.length === 0 || parts.some((part) => part !== 'page')) await main(parts);
if (parts.includes('page')) await import('./page.mjs');
