import { loadBundle } from '../scripts/bundle.mjs';

/** Timed runs with fixed seeds; `npm run bench [PART]` prints the tables of one part or of all. */
const { main } = await loadBundle('bench/main.ts');
await main(process.argv.slice(2));
