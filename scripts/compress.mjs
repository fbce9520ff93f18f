import { readdirSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, gzip } from 'node:zlib';
import { ROOT } from './packages.mjs';

/** What gains by it; fonts are compressed already. */
const TEXT = /\.(js|css|json|svg)$/;
/** Under this a packet carries either. */
const LEAST_BYTES = 512;

const [small, smaller] = [promisify(gzip), promisify(brotliCompress)];
const folder = join(ROOT, '.next', 'static');
const files = readdirSync(folder, { recursive: true })
  .map((name) => join(folder, String(name)))
  .filter((file) => TEXT.test(file));
// Beside each file what a browser is sent instead; the slowest setting, since a build does it once.
await Promise.all(files.map(compress));

async function compress(file) {
  const text = await readFile(file);
  if (text.length < LEAST_BYTES) return;
  await Promise.all([
    small(text, { level: 9 }).then((data) => writeFile(`${file}.gz`, data)),
    smaller(text).then((data) => writeFile(`${file}.br`, data)),
  ]);
}
