import type { AdultRecord } from '../../schema/adult';
import type { ClassRecord, Detail } from '../../schema/classRecord';
import { sameData } from '../../schema/merging';
import { valueKey } from '../../schema/presence';
import type { ResultsRecord } from '../../schema/results';
import type { DetailValue, StudentRecord } from '../../schema/student';

/** A class with those of its students who come into a pool. */
export interface Pooled {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

/** What becomes of a detail that has one name and several kinds: one of a kind, or each as it is. */
export type Joining = Detail['kind'] | 'apart';

/** A detail of one name that is of another kind in another class of a pool. */
export interface DetailClash {
  /** As the first class writes it. */
  readonly name: string;
  readonly kinds: readonly { readonly className: string; readonly kind: Detail['kind'] }[];
  /** What it can become with no value lost, the best first, `apart` last. */
  readonly joinings: readonly Joining[];
}

/** Reads a value as another kind writes it; what cannot be read so stays as it is. */
export type ReadAs = (value: DetailValue, kind: Detail['kind']) => DetailValue;

/** The details that are asked about before classes are pooled. */
export function detailClashes(pool: readonly Pooled[], readAs: ReadAs): readonly DetailClash[] {
  const names = new Map<string, string>();
  for (const { theClass } of pool) {
    for (const { name } of theClass.details) {
      if (!names.has(name.toLocaleLowerCase())) names.set(name.toLocaleLowerCase(), name);
    }
  }
  return [...names.values()].flatMap((name): DetailClash[] => {
    const found = pool.flatMap(({ theClass, students }) =>
      theClass.details
        .filter((detail) => sameWord(detail.name, name))
        .map((detail) => ({ theClass, detail, students })),
    );
    if (new Set(found.map(({ detail }) => detail.kind)).size < 2) return [];
    const levels = joinedLevels(found.map(({ detail }) => detail));
    const values = found.flatMap(({ detail, students }) =>
      students.flatMap((student) => student.details[detail.id] ?? []),
    );
    // Mastery is counted by its own rule, and is no word or number of another kind.
    const skill = found.some(({ detail }) => detail.kind === 'skill');
    const kinds = skill
      ? []
      : JOINED_KINDS.filter(
          (kind) =>
            (kind === 'category' || found.some(({ detail }) => detail.kind === kind)) &&
            values.every((value) => valueAs(kind, levels, value, readAs) !== null),
        );
    return [
      {
        name,
        kinds: found.map(({ theClass, detail }) => ({
          className: theClass.name,
          kind: detail.kind,
        })),
        joinings: [...kinds, 'apart'],
      },
    ];
  });
}

/** From the kind that says most of its values to the one that holds any. */
const JOINED_KINDS = ['number', 'level', 'yesNo', 'category'] as const;

/** A value as one of another kind; null where it cannot be one. */
export function valueAs(
  kind: Detail['kind'],
  levels: readonly string[],
  value: DetailValue,
  readAs: ReadAs,
): DetailValue | null {
  const read = readAs(value, kind);
  switch (kind) {
    case 'number':
      return typeof read === 'number' ? read : null;
    case 'level':
      return levels.find((level) => sameWord(level, valueKey(value))) ?? null;
    case 'yesNo':
      return ['yes', 'no'].includes(valueKey(read)) ? read : null;
    case 'category':
      return valueKey(value);
    case 'skill':
      return null;
    default:
      return kind satisfies never;
  }
}

/** The levels of several details in their order, those of later ones behind those they follow there. */
export function joinedLevels(details: readonly Pick<Detail, 'levels'>[]): string[] {
  return details.reduce<string[]>((joined, { levels }) => {
    let at = 0;
    const all = [...joined];
    for (const level of levels) {
      const known = all.findIndex((one) => sameWord(one, level));
      if (known < 0) all.splice(at, 0, level);
      at = (known < 0 ? at : known) + 1;
    }
    return all;
  }, []);
}

/** Whether two names that a teacher wrote are the same. */
export function sameWord(one: string, two: string): boolean {
  return one.toLocaleLowerCase() === two.toLocaleLowerCase();
}

/** Tests of several classes, those of one name, day and questions as one. */
export function joinedResults(results: readonly ResultsRecord[]): readonly ResultsRecord[] {
  return results.reduce<readonly ResultsRecord[]>((joined, next) => {
    const same = joined.findIndex(
      ({ name, on, items }) => name === next.name && on === next.on && sameData(items, next.items),
    );
    if (same < 0) return [...joined, next];
    return joined.map((one, at) =>
      at === same ? { ...one, answers: { ...one.answers, ...next.answers } } : one,
    );
  }, []);
}

/** Adults of several classes, those of one name as one: who can, teaches and may not lead what either says. */
export function joinedAdults(adults: readonly AdultRecord[]): readonly AdultRecord[] {
  return adults.reduce<readonly AdultRecord[]>((joined, next) => {
    const same = joined.findIndex(({ name }) => name.toLowerCase() === next.name.toLowerCase());
    if (same < 0) return [...joined, { ...next, order: joined.length + 1 }];
    return joined.map((one, at) => (at === same ? bothOf(one, next) : one));
  }, []);
}

function bothOf(one: AdultRecord, two: AdultRecord): AdultRecord {
  const union = <T>(of: readonly T[], and: readonly T[]): T[] => [...new Set([...of, ...and])];
  // No skills named means all of them.
  const all = one.skills.length === 0 || two.skills.length === 0;
  return {
    ...one,
    email: one.email || two.email,
    room: one.room || two.room,
    times: union(one.times, two.times),
    skills: all ? [] : union(one.skills, two.skills),
    never: union(one.never, two.never),
    atOnce: Math.max(one.atOnce, two.atOnce),
  };
}
