import {
  fitType,
  heightOf,
  LARGEST_PX,
  READABLE_PX,
  type MeasuredRow,
  type Setting,
} from './fitType';

const WIDE: Setting = { sidePx: 38, nameColumn: 6.6, sign: 1.33 };
const NARROW: Setting = { sidePx: 12, nameColumn: null, sign: 1.33 };
const SCREEN = { width: 1280, height: 700 };
const rowsOf = (groups: number, size: number, word = 2.6): MeasuredRow[] =>
  Array.from({ length: groups }, () => ({
    name: [3],
    members: Array.from({ length: size }, () => [word]),
  }));

test('a class fits the screen, and one px more would not', () => {
  const rows = rowsOf(7, 4);
  const layout = fitType(rows, SCREEN, WIDE);
  expect(layout.fits).toBe(true);
  const at = (size: number) => heightOf(rows, SCREEN.width, WIDE, { ...layout, size });
  expect(at(layout.size)).toBeLessThanOrEqual(SCREEN.height);
  expect(at(layout.size + 1)).toBeGreaterThan(SCREEN.height);
});

test('no other columns or names abreast allow a type larger by what a column is worth', () => {
  const rows = rowsOf(12, 3);
  const best = fitType(rows, SCREEN, WIDE);
  for (let columns = 1; columns <= 6; columns++) {
    for (let abreast = 1; abreast <= 3; abreast++) {
      const size = best.size * 1.2 ** (columns - best.columns) + 1;
      if (size > LARGEST_PX) continue;
      expect(heightOf(rows, SCREEN.width, WIDE, { columns, abreast, size })).toBeGreaterThan(
        SCREEN.height,
      );
    }
  }
});

test('forty groups are all seen', () => {
  expect(fitType(rowsOf(40, 3), SCREEN, WIDE).fits).toBe(true);
});

test('300 groups of four scroll, in type that can still be read', () => {
  const layout = fitType(rowsOf(300, 4), SCREEN, WIDE);
  expect(layout).toMatchObject({ fits: false, size: READABLE_PX });
});

test('a long word takes smaller type, for it is never broken', () => {
  const usual = fitType(rowsOf(3, 4), SCREEN, WIDE);
  const long = fitType(
    [...rowsOf(2, 4), { name: [3], members: [[9], [2], [2], [2]] }],
    SCREEN,
    WIDE,
  );
  expect(long.size).toBeLessThan(usual.size);
  expect(heightOf(rowsOf(1, 1, 40), 390, NARROW, { columns: 1, abreast: 1, size: 20 })).toBe(
    Infinity,
  );
});

test('words of a name stand below one another where they do not fit side by side', () => {
  const two: MeasuredRow[] = [{ name: [2], members: [[5, 5]] }];
  const height = (width: number) =>
    heightOf(two, width, NARROW, { columns: 1, abreast: 1, size: 20 });
  expect(height(280) - height(180)).toBeCloseTo(-1.2 * 20);
});
