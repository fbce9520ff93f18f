import fc from 'fast-check';
import jsQR from 'jsqr';
import { codeOf } from '../primitives/codeOf';
import { inColumns, inPages } from './paging';

/** What a reader of another make reads in a code, drawn eight pixels a module with light around it. */
function readBack(modules: readonly (readonly boolean[])[]): string | undefined {
  const [scale, border] = [8, 4];
  const size = (modules.length + 2 * border) * scale;
  const pixels = new Uint8ClampedArray(size * size * 4).fill(255);
  modules.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (!dark) return;
      for (let dy = 0; dy < scale; dy++) {
        for (let dx = 0; dx < scale; dx++) {
          const at = (((y + border) * scale + dy) * size + (x + border) * scale + dx) * 4;
          pixels.fill(0, at, at + 3);
        }
      }
    }),
  );
  const code = jsQR(pixels, size, size);
  return code ? new TextDecoder().decode(Uint8Array.from(code.binaryData)) : undefined;
}

test('a phone reads from a code the very text, in any script', () => {
  const text = 'Week 7, bank walk\nAlder (Footbridge)\nZoë Ōkawa\n李 小龙\nسارة\n🙂';
  expect(readBack(codeOf(text) ?? [])).toBe(text);
  const longer = Array.from({ length: 40 }, (_, i) => `Student ${i}: Group ${i % 8}`).join('\n');
  expect(readBack(codeOf(longer) ?? [])).toBe(longer);
});

test('what is more than a code holds (2,953 bytes) is said, not cut', () => {
  expect(codeOf('x'.repeat(2953))).not.toBeNull();
  expect(codeOf('x'.repeat(2954))).toBeNull();
  expect(codeOf('ē'.repeat(1477))).toBeNull();
});

test('pages and columns hold every block once, in order, and none more lines than it has', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 50 }), { maxLength: 60 }),
      fc.integer({ min: 1, max: 3 }),
      (blocks, columns) => {
        const pages = inColumns(blocks, (lines) => lines, 38, columns);
        expect(pages.flat(2)).toEqual(blocks);
        for (const page of pages) {
          expect(page.length).toBeLessThanOrEqual(columns);
          for (const column of page) {
            const lines = column.reduce((sum, one) => sum + one, 0);
            expect(column.length === 1 || lines <= 38).toBe(true);
          }
        }
        expect(inPages(blocks, 7).flat()).toEqual(blocks);
      },
    ),
    { seed: 11 },
  );
});
