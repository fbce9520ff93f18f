import type { ClassRecord } from '../schema/classRecord';
import type { StudentId } from '../schema/ids';
import type { LineupRecord } from '../schema/lineup';
import { valueKey } from '../schema/presence';
import { BY_SECTION } from '../schema/recipe';
import type { RuleRecord } from '../schema/rule';
import type { Mastery } from './mastery';
import type { DetailValue, RollStudent, StudentRecord } from '../schema/student';
import type { TakeRecord } from '../schema/take';

/** Groups of one earlier lineup. */
export type PastGroups = readonly (readonly StudentId[])[];

/** All that groups are made from and judged by: one lineup with everything around it. */
export interface Bench {
  readonly lineup: LineupRecord;
  readonly theClass: ClassRecord;
  /** Everybody on the class list; `here` tells who takes part: today, or on the day on which an old lineup was used. */
  readonly students: readonly RollStudent[];
  readonly rules: readonly RuleRecord[];
  /** What its students have mastered. */
  readonly mastery: Mastery;
  /** Groups that the class has worked in before these, newest last. */
  readonly history: readonly PastGroups[];
  /** Groups of the other lineups that the recipe may draw on, by lineup id. */
  readonly others: Readonly<Record<string, PastGroups>>;
  readonly take: TakeRecord | undefined;
  /** All takes of the lineup: a reshuffle differs from each. */
  readonly takes: readonly TakeRecord[];
  /** Today as YYYY-MM-DD: rules that have run out do not bind. */
  readonly today: string;
  /** Puts words in the order of the reader's language. */
  readonly compare: (one: string, two: string) => number;
}

/** The rules that hold today; their last day included. */
export function rulesInForce(rules: readonly RuleRecord[], today: string): readonly RuleRecord[] {
  return rules.filter(({ until }) => until === null || until >= today);
}

/** Who is dealt into groups: of those who take part today, the ones whom the recipe speaks of. */
export function whoIsDealt(bench: Bench): readonly RollStudent[] {
  const { who, needs, dealing } = bench.lineup.recipe;
  const known = needs?.unknown === 'out' && dealing.by === 'shuffle';
  const here = bench.students.filter(
    (student) => student.here && (!known || bench.mastery.isKnown(student)),
  );
  switch (who.of) {
    case 'all':
      return here;
    case 'sections':
      return here.filter(
        ({ sectionId }) => sectionId !== null && who.sectionIds.includes(sectionId),
      );
    case 'unplaced': {
      const placed = new Set(Object.values(bench.others).flat(2));
      return here.filter(({ id }) => !placed.has(id));
    }
    case 'groups': {
      const groups = bench.others[who.lineupId] ?? [];
      const members = new Set(who.groups.flatMap((index) => groups[index] ?? []));
      return here.filter(({ id }) => members.has(id));
    }
    case 'values':
      return here.filter((student) => {
        const value = factOf(student, who.detail);
        return value !== undefined && who.values.includes(valueKey(value));
      });
    default:
      return who satisfies never;
  }
}

/** What is known of a student in a detail, or their section where that is asked; undefined when nothing is. */
export function factOf(student: StudentRecord, detail: string): DetailValue | undefined {
  return detail === BY_SECTION ? (student.sectionId ?? undefined) : student.details[detail];
}
