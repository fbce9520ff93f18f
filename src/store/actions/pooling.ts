import type { AdultRecord } from '../../schema/adult';
import { sameData } from '../../schema/merging';
import type { ResultsRecord } from '../../schema/results';

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
