import { BITS, countBits, firstBits } from './bits';

test('the first bits of a word are as many as asked for, the lowest ones, none or all at the ends', () => {
  for (let count = -2; count <= BITS + 2; count++) {
    const word = firstBits(count);
    for (let bit = 0; bit < BITS; bit++) expect((word >>> bit) & 1).toBe(bit < count ? 1 : 0);
    expect(word).toBe(word | 0);
    expect(countBits(word)).toBe(Math.min(Math.max(count, 0), BITS));
  }
});
