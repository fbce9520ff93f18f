import { lines, type RosterCase } from './types';

const ONE = ['Ellis Grant', 'Mariama Sow', 'Jonas Weber'];
const OTHER = ['Paloma Ruiz', 'Kenji Mori', 'Aoibhe Nolan'];

/** Two parts of a school, each over three of its students. */
function headed(one: string, other: string, name = `${one} and ${other} over names`): RosterCase {
  return {
    name,
    given: lines(one, ...ONE, other, ...OTHER),
    students: [...ONE, ...OTHER],
    facts: [one, one, one, other, other, other].map((section) => ({
      section: section.replace(/:$/, ''),
    })),
  };
}

/** Parts of a school as they are called in many places: none of them is a student, and none loses its number. */
export const parts: readonly RosterCase[] = [
  ...(
    [
      ['2º A', '2º B'],
      ['2.º A:', '2.º B:'],
      ['1ª A', '1ª B'],
      ['1° A', '1° B'],
      ['1º ESO', '2º ESO'],
      ['2º ESO A', '2º ESO B'],
      ['3º de Primaria:', '4º de Primaria:'],
      ['1º Bach. A', '1º Bach. B'],
      ['7.º ano', '8.º ano'],
      ['6ème A', '6ème B'],
      ['1ère A:', '1ère B:'],
      ['2nde 5', '2nde 6'],
      ['Terminale S', 'Terminale L'],
      ['10. Klasse', '11. Klasse'],
      ['3.B', '3.C'],
      ['IV. b', 'IV. c'],
      ['Class V-A', 'Class V-B'],
      ['3rd Period', '4th Period'],
      ['1st Year', '2nd Year'],
      ['First Year', 'Second Year'],
      ['3 havo', '4 havo'],
      ['Y7', 'Y8'],
      ['P3', 'P4'],
      ['7 Blue', '7 Red'],
      ['10X/Ma1', '10Y/Ma1'],
      ['BIO 101', 'BIO 102'],
      ['BIO 101 Section 1', 'BIO 101 Section 2'],
      ['Mon 10am', 'Tue 2pm'],
      ["Mrs Okafor's class", "Mr Lind's class"],
      ['Group One', 'Group Two'],
      ['Gruppe Rot', 'Gruppe Blau'],
      ['Reception', 'Year 1'],
    ] as const
  ).map(([one, other]) => headed(one, other)),
  {
    name: 'one part of a school over a numbered list',
    given: lines('2º A', ...ONE.map((name, at) => `${at + 1}. ${name}`)),
    students: ONE,
  },
  {
    name: 'numbered places that nobody has taken, behind those that somebody has',
    given: lines(...ONE.map((name, at) => `${at + 1}. ${name}`), '4.', '5.'),
    students: ONE,
  },
  {
    name: 'ordinals that count the students themselves',
    given: lines('1º Ellis Grant', '2º Mariama Sow', '3º Jonas Weber'),
    students: ONE,
  },
  {
    name: 'a class with its ordinal behind each name',
    given: lines('Ellis Grant, 2º A', 'Mariama Sow, 2º A', 'Jonas Weber, 2º B'),
    students: ONE,
    facts: [{ section: '2º A' }, { section: '2º A' }, { section: '2º B' }],
  },
  {
    name: 'a set behind a stroke, again and again, numbers nobody',
    given: lines('Ellis Grant (10X/Ma1)', 'Mariama Sow (10X/Ma1)', 'Jonas Weber (10Y/Ma1)'),
    students: ONE,
    facts: [{ section: '10X/Ma1' }, { section: '10X/Ma1' }, { section: '10Y/Ma1' }],
  },
  {
    name: 'a set behind a comma leaves its figure where it is',
    given: lines('Ellis Grant, 10X/Ma1', 'Mariama Sow, 10X/Ma1', 'Jonas Weber, 10Y/Ma1'),
    students: ONE,
  },
  {
    name: 'first names with figures behind some are no parts',
    given: lines('Ellis 2', 'Mariama', 'Jonas', 'Paloma 3', 'Kenji', 'Aoibhe'),
    students: ['Ellis', 'Mariama', 'Jonas', 'Paloma', 'Kenji', 'Aoibhe'],
  },
];
