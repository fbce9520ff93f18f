import { doubtsAbout } from './check';
import { areCapitals, softened } from './soften';
import type { RosterStudent } from './types';

const student = (displayName: string, more: Partial<RosterStudent> = {}): RosterStudent => ({
  ...{ row: 1, givenName: '', familyName: '', preferredName: '', displayName },
  ...{ email: null, externalId: null, section: null, attributes: {} },
  ...more,
});

const doubts = (...students: readonly RosterStudent[]) =>
  doubtsAbout(students).map(({ kind, row, given, likely }) => [kind, row, given, likely]);

describe('what is doubtful about a class', () => {
  test('is a name, a number or an address that stands there twice, told of the later one', () => {
    const number = { externalId: '0041' };
    expect(
      doubts(student('Amira Haddad'), student('Bram Visser'), student('AMIRA  HADDAD')),
    ).toEqual([['sameName', 3, 'AMIRA  HADDAD', '1']]);
    expect(doubts(student('Amira', number), student('Bram', number))).toEqual([
      ['sameNumber', 2, '0041', '1'],
    ]);
    const [one, other] = ['amira@river.example', 'Amira@River.example'];
    expect(doubts(student('Amira', { email: one }), student('Bram', { email: other }))).toEqual([
      ['sameAddress', 2, one, '1'],
    ]);
  });

  test('is a name that heads a column, and an address that is missing, malformed or elsewhere', () => {
    expect(doubts(student('First name'), student('Bram Visser'))).toEqual([
      ['headingLikeName', 1, '', ''],
    ]);
    const at = (address: string | null, name: string) => student(name, { email: address });
    expect(
      doubts(
        at('amira@river.example', 'Amira'),
        at('bram@river.example', 'Bram'),
        at('chipo@river.example', 'Chipo'),
        at('dov@rivre.example', 'Dov'),
        at('eva@elsewhere.example', 'Eva'),
        at('fay river.example', 'Fay'),
        at(null, 'Gus'),
      ),
    ).toEqual([
      ['otherDomain', 4, 'dov@rivre.example', 'dov@river.example'],
      ['otherDomain', 5, 'eva@elsewhere.example', ''],
      ['malformedAddress', 6, 'fay river.example', 'fay@river.example'],
      ['missingAddress', 7, '', ''],
    ]);
    expect(doubts(at(null, 'Amira'), at(null, 'Bram'))).toEqual([]);
  });
});

describe('names in capitals', () => {
  test.each([
    [['AMIRA HADDAD', 'BRAM VISSER', 'CHIPO DUBE', 'DOV ASH', 'Eva Lind'], true],
    [['AMIRA HADDAD', 'BRAM VISSER', 'CHIPO DUBE', 'Dov Ash'], false],
    [['AMIRA HADDAD'], false],
    [['A', 'B', 'C'], false],
    [[], false],
  ])('%j are a list of them: %s', (names, expected) =>
    expect(areCapitals(names.map((name) => student(name)))).toBe(expected),
  );

  test('are softened in every part, a particle only behind a given name', () => {
    const parts = { givenName: 'SANNE', familyName: 'VAN DER MEER', preferredName: 'SAN' };
    expect(softened(student('SANNE VAN DER MEER', parts))).toEqual(
      student('Sanne van der Meer', {
        ...{ givenName: 'Sanne', familyName: 'van der Meer', preferredName: 'San' },
      }),
    );
    const mixed = { givenName: 'Ana', familyName: 'DE', preferredName: '' };
    expect(softened(student('Ana DE', mixed))).toEqual(
      student('Ana DE', { ...mixed, familyName: 'De' }),
    );
    const plain = { givenName: 'Ludo', familyName: 'Van Aken', preferredName: '' };
    expect(softened(student('Ludo Van Aken', plain))).toEqual(student('Ludo Van Aken', plain));
  });
});
