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
    ['Bo L. and Caro v. B. apart', 'Bo Li + Caro van Berg', 'apart', ''],
    ['Please keep Bo and Caro apart', 'Bo Li + Caro van Berg', 'apart', ''],
    ['Keep Bo away from Caro', 'Bo Li + Caro van Berg', 'apart', ''],
    ['Bo not with Caro', 'Bo Li + Caro van Berg', 'apart', ''],
    ['Bo and Caro must not work together', 'Bo Li + Caro van Berg', 'apart', ''],
    ['Don’t put Bo and Caro in the same group', 'Bo Li + Caro van Berg', 'apart', ''],
    ['separate Ana T. from Bo', 'Ana Tavi + Bo Li', 'apart', ''],
    ['Bo with Caro', 'Bo Li + Caro van Berg', 'together', ''],
    ['Bo should work with Berg, Caro', 'Bo Li + Caro van Berg', 'together', ''],
  ])('%j is understood', (line, named, kind, rest) => {
    expect(read(line)).toEqual([named, kind, rest]);
  });

  test('what means nobody, or several, stays to be looked at, and nobody is guessed', () => {
    expect(read('Bo, Ana, Caro apart')).toEqual(['Bo Li', null, 'Ana, Caro apart']);
    expect(read('Zoe and Bo apart')).toEqual(['', null, 'Zoe and Bo apart']);
    expect(read('keep Bo away from Zoe')).toEqual(['Bo Li', 'apart', 'Zoe']);
    expect(read('Bo and Caro not apart')).toEqual(['Bo Li', null, 'Caro not apart']);
  });

  test('whom a name may mean is told', () => {
    const unclear = (line: string) => {
      const found = readRuleLine(line, crew).unclear;
      return found && [found.name, found.among.map(({ name }) => name).join()];
    };
    expect(unclear('Bo, Ana apart')).toEqual(['Ana', 'Ana Ruiz,Ana Tavi']);
    expect(unclear('keep Zoe away from Bo')).toEqual(['Zoe', '']);
    expect(unclear('Bo and Caro apart')).toBeNull();
  });
});
