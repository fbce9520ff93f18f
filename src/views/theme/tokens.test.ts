import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DARK, LIGHT, type Tones } from './tones';

const SOURCES = join(__dirname, '../..');
const TOKENS = join('views', 'theme', 'tokens.css');
const sheets = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' }).filter(
  (path) => path.endsWith('.css') && path !== TOKENS,
);

/** What only the tokens may say by value. */
const BY_VALUE = [
  /font(-family)?:[^;]*'/,
  /font-size:\s*[\d.]+rem/,
  /font:\s*\d+ [\d.]+rem/,
  /border-radius:[^;]*\d(px|rem)/,
  /box-shadow:[^;]*rgb\(/,
];

test.each(sheets)('%s takes faces, sizes, corners and shadows from the theme', (path) => {
  // Type that grows with the screen, as the stage's does, has no step of its own.
  const text = readFileSync(join(SOURCES, path), 'utf8').replace(/clamp\([^)]*\)/g, 'clamp');
  expect(BY_VALUE.filter((pattern) => pattern.test(text)).map(String)).toEqual([]);
});

test('every token that is used is there, and every one that is there is used', () => {
  const tokens = readFileSync(join(SOURCES, TOKENS), 'utf8');
  const known = [...tokens.matchAll(/--(?:face|type|round|shade)-\w+(?=:)/g)].map(([name]) => name);
  const all = sheets.map((path) => readFileSync(join(SOURCES, path), 'utf8')).join('\n');
  const used = [...all.matchAll(/--(?:face|type|round|shade)-\w+/g)].map(([name]) => name);
  expect([...new Set(used)].sort()).toEqual(known.sort());
});

test('every tone that a sheet uses is there', () => {
  const all = sheets.map((path) => readFileSync(join(SOURCES, path), 'utf8')).join('\n');
  const used = [...all.matchAll(/--g-palette-tones-(\w+)/g)].map(([, name = '']) => name);
  expect([...new Set(used)].filter((name) => !(name in LIGHT))).toEqual([]);
});

test('the variables of day and night are the tones', () => {
  const text = readFileSync(join(SOURCES, 'views', 'theme', 'tones.css'), 'utf8');
  const rules = [...text.matchAll(/\{([^{}]*--g-[^{}]*)\}/g)].map(([, inside = '']) =>
    [...inside.matchAll(/--g-palette-tones-(\w+): (#\w+);/g)].map(
      (tone) => `${tone[1]} ${tone[2]}`,
    ),
  );
  const inCode = (tones: Tones) =>
    Object.entries(tones).map(([name, tone]) => `${name} ${String(tone).toLowerCase()}`);
  expect(rules).toEqual([inCode(LIGHT), inCode(DARK), inCode(DARK)]);
});
