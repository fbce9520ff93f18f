import { student } from '@/encode/testBench';
import { wordsFor } from './ruleLine';

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
