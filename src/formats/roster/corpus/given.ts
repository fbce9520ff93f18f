import { lines, type RosterCase } from './types';

/** Lists in which usual given names tell which of two readings is right. */
export const given: readonly RosterCase[] = [
  {
    name: 'two first names with a comma on each line, who are two students',
    given: lines('Tobias, Amara', 'Sofía, Yuki', 'Rashid, Chloé', 'Liam, Dario'),
    students: ['Tobias', 'Amara', 'Sofía', 'Yuki', 'Rashid', 'Chloé', 'Liam', 'Dario'],
  },
  {
    name: 'family names before first names with a comma, who are one student each',
    given: lines('Haddad, Tobias', 'Visser, Sofía', 'Dube, Rashid', 'Lind, Liam'),
    students: ['Tobias Haddad', 'Sofía Visser', 'Rashid Dube', 'Liam Lind'],
  },
  {
    name: 'first names in two columns without headings',
    given: lines('Tobias\tAmara', 'Sofía\tYuki', 'Rashid\tChloé', 'Liam\tDario'),
    students: ['Tobias', 'Amara', 'Sofía', 'Yuki', 'Rashid', 'Chloé', 'Liam', 'Dario'],
  },
  {
    name: 'first names in three columns without headings',
    given: lines('Tobias\tAmara\tEva', 'Sofía\tYuki\tKofi', 'Rashid\tChloé\tNora'),
    students: ['Tobias', 'Amara', 'Eva', 'Sofía', 'Yuki', 'Kofi', 'Rashid', 'Chloé', 'Nora'],
  },
  {
    name: 'family names in the first column without headings',
    given: lines('Haddad\tTobias\t4', 'Visser\tSofía\t7', 'Dube\tRashid\t4', 'Lind\tLiam\t9'),
    students: ['Tobias Haddad', 'Sofía Visser', 'Rashid Dube', 'Liam Lind'],
  },
  {
    name: 'family names first without a comma, shown as they are written',
    given: lines('Haddad Tobias', 'De Vries Sofía', 'Dube Rashid', 'Lind Liam'),
    students: ['Haddad Tobias', 'De Vries Sofía', 'Dube Rashid', 'Lind Liam'],
    facts: [
      { givenName: 'Tobias', familyName: 'Haddad' },
      { givenName: 'Sofía', familyName: 'De Vries' },
    ],
  },
  {
    name: 'names on two lines each, given names above',
    given: lines('Tobias', 'Haddad', '', 'Sofía', 'Visser', '', 'Rashid', 'Dube'),
    students: ['Tobias Haddad', 'Sofía Visser', 'Rashid Dube'],
  },
  {
    name: 'names on two lines each, family names above',
    given: lines('Haddad', 'Tobias', '', 'Visser', 'Sofía', '', 'Dube', 'Rashid'),
    students: ['Tobias Haddad', 'Sofía Visser', 'Rashid Dube'],
  },
  {
    name: 'first names between blank lines, two and two',
    given: lines('Tobias', 'Amara', '', 'Sofía', 'Yuki', '', 'Rashid', 'Chloé'),
    students: ['Tobias', 'Amara', 'Sofía', 'Yuki', 'Rashid', 'Chloé'],
  },
  {
    name: 'two given names each and no family name',
    given: lines('Juan Carlos', 'Ana María', 'Luis Miguel', 'Anna Sofia'),
    students: ['Juan Carlos', 'Ana María', 'Luis Miguel', 'Anna Sofia'],
  },
  {
    name: 'what each of them brings, in small letters behind usual given names',
    given: lines('Amira: boat, nets', 'Lea: notes', 'Emma: camera, maps'),
    students: ['Amira', 'Lea', 'Emma'],
  },
  {
    name: 'members in small letters behind groups',
    given: lines('Red: amira, bram', 'Blue: dov, eva, fay'),
    students: ['amira', 'bram', 'dov', 'eva', 'fay'],
    facts: [{ section: 'Red' }, { section: 'Red' }, { section: 'Blue' }],
  },
  {
    name: 'small words behind capital ones, none of them known, are asked about',
    given: lines('Wren: quill, thatch', 'Oke: reed'),
    students: ['quill', 'thatch', 'reed'],
    asked: ['quill', 'thatch', 'reed'],
  },
  {
    name: 'two first names with a dash on each line, who are two students',
    given: lines('Amira - Tobias', 'Sofía - Yuki', 'Rashid - Chloé'),
    students: ['Amira', 'Tobias', 'Sofía', 'Yuki', 'Rashid', 'Chloé'],
  },
  {
    name: 'clubs behind a comma, each another, are asked about and no second students',
    given: lines('Amira Haddad, Reed House', 'Lea Visser, Sedge House', 'Emma Dube, Rush House'),
    students: ['Reed House Amira Haddad', 'Sedge House Lea Visser', 'Rush House Emma Dube'],
    askedPairs: 3,
  },
  {
    name: 'family names that are names of fathers, with a comma',
    given: lines('Ahmed, Hodan', 'Ali, Amina', 'Hassan, Nadia', 'Ibrahim, Leila', 'Omar, Salma'),
    students: ['Hodan Ahmed', 'Amina Ali', 'Nadia Hassan', 'Leila Ibrahim', 'Salma Omar'],
    askedPairs: 0,
  },
  {
    name: 'a child and a parent on each line are asked about, not taken for two students',
    given: lines('Amira Haddad, Lina Haddad', 'Lea Visser, Eva Visser', 'Emma Dube, Anna Dube'),
    students: ['Lina Haddad Amira Haddad', 'Eva Visser Lea Visser', 'Anna Dube Emma Dube'],
    askedPairs: 3,
  },
];
