import { student } from '@/encode/testBench';
import { readRuleLine, wordsFor } from './ruleLine';

const people = ['Inés Ríos', 'Apanui Hare', 'Togo Bell'].map((name, order) => student(name, order));
const found = (typed: string, chosen = people.slice(0, 0)): string[] =>
  wordsFor(typed, people, chosen).map((word) => (typeof word === 'string' ? word : word.name));

test('a name is found without its accents, and one already named is not offered again', () => {
  expect(found('ines')).toEqual(['Inés Ríos']);
  expect(found('ines', people.slice(0, 1))).toEqual([]);
});

test('a kind comes after names that begin like it, and before them once it is clearly meant', () => {
  expect(found('ap')).toEqual(['Apanui Hare', 'apart']);
  expect(found('apa')).toEqual(['apart', 'Apanui Hare']);
  expect(found('TOGE')).toEqual(['together']);
});

test('nothing typed offers everybody, and no kind', () => {
  expect(found('')).toEqual(people.map(({ name }) => name));
});

describe('a line of names', () => {
  const crew = ['Ana Ruiz', 'Ana Tavi', 'Bo Li', 'Caro van Berg', 'Anders And', 'Together Moe'].map(
    (name, order) => student(name, order, { givenName: name.split(' ')[0]! }),
  );
  const read = (line: string) => {
    const { students, kind, rest } = readRuleLine(line, crew);
    return [students.map(({ name }) => name).join(' + '), kind, rest];
  };

  test.each([
    ['Bo and Caro apart', 'Bo Li + Caro van Berg', 'apart', ''],
    ['bo li, ana ruiz together', 'Bo Li + Ana Ruiz', 'together', ''],
    ['Ana Ruiz, Bo Li', 'Ana Ruiz + Bo Li', null, ''],
    ['Ana R; Berg; Bo & Ana T apart', 'Ana Ruiz + Caro van Berg + Bo Li + Ana Tavi', 'apart', ''],
    ['Bo\nCaro van Berg\n', 'Bo Li + Caro van Berg', null, ''],
    ['Anders and Bo apart', 'Anders And + Bo Li', 'apart', ''],
    ['Together Moe and Bo together', 'Together Moe + Bo Li', 'together', ''],
    ['Bo and Bo and Caro', 'Bo Li + Caro van Berg', null, ''],
  ])('%j is understood', (line, named, kind, rest) => {
    expect(read(line)).toEqual([named, kind, rest]);
  });

  test('what means nobody, or several, stays to be looked at, and nobody is guessed', () => {
    expect(read('Bo, Ana, Caro apart')).toEqual(['Bo Li', null, 'Ana, Caro apart']);
    expect(read('Zoe and Bo apart')).toEqual(['', null, 'Zoe and Bo apart']);
  });
});
