import { withCommas } from './manyWords';

const read = (...texts: readonly string[]): readonly string[] =>
  withCommas(texts.map((text, line) => ({ line, text }))).map(({ text }) => text);

test.each([
  ['amira bram chipo dov eva', 'amira, bram, chipo, dov, eva'],
  ['Amira Bram Jean-Luc Dov Eva', 'Amira, Bram, Jean-Luc, Dov, Eva'],
  // Fewer words may be one name, a word that comes twice is none, and sentences are said.
  ['amira bram chipo dov', 'amira bram chipo dov'],
  ['amira bram amira dov eva', 'amira bram amira dov eva'],
  ['plätze frei für fünf weitere', 'plätze frei für fünf weitere'],
  ['please send names before friday', 'please send names before friday'],
])('"%s" is read as "%s"', (given, names) => {
  expect(read(given)).toEqual([names]);
});

test('several lines are of first names where all of them are, and in capitals', () => {
  expect(read('Amira Bram Chipo Dov Eva', 'Fay Gil Hana Ivo Kai')).toEqual([
    ...['Amira, Bram, Chipo, Dov, Eva', 'Fay, Gil, Hana, Ivo, Kai'],
  ]);
  const whole = ['Amira Bram Chipo Dov Eva', 'Ana Clara Souza Lima'];
  expect(read(...whole)).toEqual(whole);
});
