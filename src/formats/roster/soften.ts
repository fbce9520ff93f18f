import type { RosterStudent } from './types';

const PARTICLES = new Set(
  'de da das do dos del della di du des la le las los van von vom zu der den ter ten bin bint ibn al el'.split(
    ' ',
  ),
);

/** Whether a name is written in capitals throughout; one of a single letter says nothing. */
export function isCapitals(name: string): boolean {
  return /\p{Lu}{2}/u.test(name) && name === name.toUpperCase();
}

/** Whether nearly all names of a list are written in capitals. */
export function areCapitals(students: readonly RosterStudent[]): boolean {
  const capitals = students.filter(({ displayName }) => isCapitals(displayName)).length;
  return capitals > 1 && capitals >= students.length * 0.8;
}

/** "ANA DE LA CRUZ-O'NEIL" as "Ana de la Cruz-O'Neil"; a name that is not in capitals stays as it is. */
export function softName(name: string): string {
  if (!isCapitals(name)) return name;
  return name
    .toLowerCase()
    .split(' ')
    .map((word, place) =>
      place > 0 && PARTICLES.has(word)
        ? word
        : word
            .replace(
              /(^|[-'’.])(\p{L})/gu,
              (_, sign: string, letter: string) => sign + letter.toUpperCase(),
            )
            .replace(/^Mc(\p{L})/u, (_, letter: string) => `Mc${letter.toUpperCase()}`),
    )
    .join(' ');
}

/** The student with every name in capitals softened. */
export function softened(student: RosterStudent): RosterStudent {
  return {
    ...student,
    givenName: softName(student.givenName),
    familyName: softFamily(student.familyName),
    preferredName: softName(student.preferredName),
    displayName: softName(student.displayName),
  };
}

/** A family name may begin with a particle, which stays small after a given name. */
function softFamily(name: string): string {
  const [first = '', ...others] = softName(name).split(' ');
  const small = isCapitals(name) && others.length > 0 && PARTICLES.has(first.toLowerCase());
  return [small ? first.toLowerCase() : first, ...others].join(' ');
}
