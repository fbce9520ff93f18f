import { fitNames } from './fitNames';
import { READABLE_PX } from './fitType';

const SCREEN = { width: 1200, height: 640 };
const [NAME, GROUP] = [6, 6];

test('all names fit the screen, and one px more would not hold them', () => {
  for (const count of [1, 9, 28, 40, 60]) {
    const { columns, lines, size, perPage } = fitNames(count, NAME, GROUP, SCREEN);
    expect(perPage).toBeGreaterThanOrEqual(count);
    expect(columns * lines).toBeGreaterThanOrEqual(count);
    expect(columns * (NAME + GROUP) * size).toBeLessThanOrEqual(SCREEN.width);
    expect(lines * size).toBeLessThanOrEqual(SCREEN.height);
  }
  const [few, many] = [fitNames(28, NAME, GROUP, SCREEN), fitNames(60, NAME, GROUP, SCREEN)];
  expect(few.size).toBeGreaterThan(many.size);
});

test('columns are of one length, but for the last', () => {
  const { columns, lines } = fitNames(28, NAME, GROUP, SCREEN);
  expect(columns * lines - 28).toBeLessThan(columns);
});

test('1,200 names turn in pages of readable type', () => {
  const layout = fitNames(1200, NAME, GROUP, SCREEN);
  expect(layout.size).toBe(READABLE_PX);
  expect(layout.perPage).toBe(layout.columns * layout.lines);
  expect(layout.perPage).toBeLessThan(1200);
});

test('on a phone type shrinks rather than names being cut, and what is too long takes more lines', () => {
  const phone = { width: 366, height: 600 };
  const usual = fitNames(10, 8, 7, phone);
  expect(15 * usual.size).toBeLessThanOrEqual(phone.width);
  const long = fitNames(10, 33, 7, phone);
  expect(long).toMatchObject({ columns: 1, size: READABLE_PX });
  const linesEach = Math.floor(phone.height / (READABLE_PX * 1.42) / long.lines);
  expect(linesEach * (phone.width / READABLE_PX - 7)).toBeGreaterThanOrEqual(33);
});
