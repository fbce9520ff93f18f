import fc from 'fast-check';
import { isAddress } from './address';
import { shortNames } from './shortNames';

test.each([
  ['ana.ruiz+x@sub.example.org', true],
  ['ana@example', false],
  ['ana@@example.org', false],
  ['ana@exa mple.org', false],
  ['ana..r@example.org', false],
  ['@example.org', false],
  ['', false],
])('%s is an address: %s', (text, expected) => {
  expect(isAddress(text)).toBe(expected);
});

describe('short names', () => {
  const people = (...names: string[]) =>
    names.map((name) => ({ name, givenName: '', familyName: '' }));

  test('the given name with just as much of the family name as tells them apart', () => {
    expect(shortNames(people('Ana Ruiz', 'Ana Tavi', 'Yuki', 'Bo Li'), 'always')).toEqual([
      'Ana R.',
      'Ana T.',
      'Yuki',
      'Bo L.',
    ]);
    expect(shortNames(people('Ana Ruiz', 'Ana Rahn', 'Yuki', 'Bo Li'), 'whenNeeded')).toEqual([
      'Ana Ru.',
      'Ana Ra.',
      'Yuki',
      'Bo',
    ]);
    expect(shortNames(people('Ana Li', 'Ana Lin'), 'always')).toEqual(['Ana Li', 'Ana Lin']);
  });

  test('are never cut at a particle, nor in the middle of one', () => {
    const known = (givenName: string, familyName: string) => ({ name: '', givenName, familyName });
    expect(
      shortNames(
        [
          known('Lale', 'van der Berg'),
          known('Marek', 'Ó Briain'),
          known('Ana', 'de la Cruz'),
          known('Bo', 'Van'),
        ],
        'always',
      ),
    ).toEqual(['Lale van der B.', 'Marek Ó B.', 'Ana de la C.', 'Bo V.']);
    expect(shortNames(people('Lale van Berg', 'Lale van Bos', 'Ludwig van'), 'whenNeeded')).toEqual(
      ['Lale van Be.', 'Lale van Bo.', 'Ludwig'],
    );
  });

  test('of namesakes say what tells them apart, and a number only where nothing does', () => {
    const twins = people('Ana Ruiz', 'Ana Ruiz', 'Ana Ruiz', 'Bo Li');
    const named = (...apart: string[]) => shortNames(twins, 'always', apart);
    expect(named('North', 'South', '', 'North')).toEqual([
      ...['Ana Ruiz (North)', 'Ana Ruiz (South)', 'Ana Ruiz (3)', 'Bo L.'],
    ]);
    expect(named('North', 'North', 'South', '')).toEqual([
      ...['Ana Ruiz (1)', 'Ana Ruiz (2)', 'Ana Ruiz (South)', 'Bo L.'],
    ]);
    expect(named()).toEqual(['Ana Ruiz (1)', 'Ana Ruiz (2)', 'Ana Ruiz (3)', 'Bo L.']);
  });

  test('are all different, also for students of one name', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('Ana Ruiz', 'Ana Ru', 'Ana', 'Ana Rui', 'Bo Li'), {
          maxLength: 9,
        }),
        (names) => {
          const shorts = shortNames(people(...names), 'whenNeeded');
          expect(new Set(shorts).size).toBe(names.length);
        },
      ),
      { seed: 13 },
    );
  });
});
