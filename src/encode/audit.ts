import type { ClassRecord } from '../schema/classRecord';
import type { StudentId } from '../schema/ids';
import { usesOf, type LineupRecord, type Use } from '../schema/lineup';
import { takesPart } from '../schema/presence';
import type { RuleRecord } from '../schema/rule';
import type { StudentRecord } from '../schema/student';
import type { TakeRecord } from '../schema/take';
import { rulesInForce, type Bench } from './bench';
import { masteryIn } from './mastery';
import { pairKey } from './meetings';
import { brokenRules } from './ruleState';

/** What an audit of a class reads. */
export interface AuditedClass {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
  readonly rules: readonly RuleRecord[];
  readonly lineups: readonly LineupRecord[];
  readonly takes: readonly TakeRecord[];
  /** YYYY-MM-DD. */
  readonly today: string;
}

export interface LineupAudit {
  readonly lineup: LineupRecord;
  /** How many are in each group, of those who are known. */
  readonly sizes: readonly number[];
  /** Students in just one group. */
  readonly placed: number;
  readonly twice: readonly StudentId[];
  /** Who takes part on its day and is in no group. */
  readonly aside: readonly StudentId[];
  /** Places of students whom the class does not know. */
  readonly lost: number;
  /** Quiet rules in force on its day about two or more who are in groups. */
  readonly rules: { readonly kept: number; readonly broken: number };
  /** Pairs in one group that had been in one group in a lineup used before. */
  readonly repeats: number;
  /** Roles held by somebody who is not in the group. */
  readonly strayRoles: number;
}

export interface TermAudit {
  /** Days on which lineups were used; several of one lineup only where the teacher said so. */
  readonly used: number;
  /** Pairs that were in one group at least once, and more than once. */
  readonly pairs: number;
  readonly repeatedPairs: number;
  /** Student → how many others they have been with. */
  readonly partners: ReadonlyMap<StudentId, number>;
  /** Role → student → how often they had it. */
  readonly turns: ReadonlyMap<string, ReadonlyMap<StudentId, number>>;
}

export interface Audit {
  readonly lineups: readonly LineupAudit[];
  readonly term: TermAudit;
}

/** Looks through every lineup of a class, and through the term as the used ones make it. */
export function auditOf(audited: AuditedClass): Audit {
  const takeOf = new Map(audited.takes.map((take) => [take.id, take]));
  const shown = (lineup: LineupRecord): TakeRecord | undefined =>
    lineup.takeId === null ? undefined : takeOf.get(lineup.takeId);
  const used = audited.lineups
    .flatMap((lineup) => {
      const take = shown(lineup);
      return take ? usesOf(lineup).map((use) => ({ ...use, lineup, take })) : [];
    })
    .map((use) => {
      const groups = thereIn(use, use.take);
      return { ...use, groups, pairs: pairsIn(groups) };
    })
    .sort((a, b) => compare(a.on, b.on));
  const lineups = audited.lineups.map((lineup) => {
    const first = used.findIndex((one) => one.lineup === lineup);
    const before = first < 0 ? used : used.slice(0, first);
    const met = new Set(before.flatMap(({ pairs }) => pairs));
    return auditLineup(audited, lineup, shown(lineup), met);
  });
  const times = new Map<string, number>();
  for (const key of used.flatMap(({ pairs }) => pairs)) {
    times.set(key, (times.get(key) ?? 0) + 1);
  }
  const partners = new Map<StudentId, Set<StudentId>>();
  const turns = new Map<string, Map<StudentId, number>>();
  for (const { groups, take } of used) {
    for (const ids of groups) {
      for (const id of ids) {
        const met = partners.get(id) ?? new Set<StudentId>();
        ids.forEach((other) => {
          if (other !== id) met.add(other);
        });
        partners.set(id, met);
      }
    }
    const there = new Set(groups.flat());
    for (const { roles } of take.groups) {
      for (const [role, id] of Object.entries(roles)) {
        if (!there.has(id)) continue;
        const held = turns.get(role) ?? new Map<StudentId, number>();
        held.set(id, (held.get(id) ?? 0) + 1);
        turns.set(role, held);
      }
    }
  }
  return {
    lineups,
    term: {
      used: used.length,
      pairs: times.size,
      repeatedPairs: [...times.values()].filter((count) => count > 1).length,
      partners: new Map([...partners].map(([id, met]) => [id, met.size])),
      turns,
    },
  };
}

function auditLineup(
  audited: AuditedClass,
  lineup: LineupRecord,
  take: TakeRecord | undefined,
  metBefore: ReadonlySet<string>,
): LineupAudit {
  const { theClass, students, rules } = audited;
  const day = lineup.used?.on ?? audited.today;
  const known = new Set(students.map(({ id }) => id));
  const groups = (take?.groups ?? []).map(({ studentIds }) => studentIds);
  const counts = new Map<StudentId, number>();
  groups.flat().forEach((id) => counts.set(id, (counts.get(id) ?? 0) + 1));
  const there = thereIn(lineup.used, take);
  const bench: Bench = {
    ...{ lineup, theClass, rules, take, history: [], others: {}, takes: [], today: day, compare },
    // Rules and meetings are counted, and who sits where: what was mastered says nothing of either.
    mastery: masteryIn(theClass, []),
    students: students.map((student) => ({
      ...student,
      here: lineup.used?.here?.includes(student.id) ?? takesPart(student, theClass, day),
    })),
  };
  const here = new Set(bench.students.flatMap(({ id, here }) => (here ? [id] : [])));
  const seated = there.map((ids) => ids.filter((id) => here.has(id)));
  const inGroups = new Set(seated.flat());
  const inForce = rulesInForce(rules, day).filter(
    ({ studentIds }) => studentIds.filter((id) => inGroups.has(id)).length >= 2,
  );
  const broken = new Set(
    brokenRules(seated, bench).flatMap(({ source }) =>
      source.from === 'rule' ? [source.rule.id] : [],
    ),
  );
  return {
    lineup,
    sizes: groups.map((ids) => ids.filter((id) => known.has(id)).length),
    placed: [...counts].filter(([id, count]) => count === 1 && known.has(id)).length,
    twice: [...counts].flatMap(([id, count]) => (count > 1 && known.has(id) ? [id] : [])),
    aside: take ? [...here].filter((id) => !counts.has(id)) : [],
    lost: groups.flat().filter((id) => !known.has(id)).length,
    rules: { kept: inForce.length - broken.size, broken: broken.size },
    repeats: pairsIn(seated).filter((key) => metBefore.has(key)).length,
    strayRoles: (take?.groups ?? []).reduce(
      (sum, { roles, studentIds }) =>
        sum + Object.values(roles).filter((id) => !studentIds.includes(id)).length,
      0,
    ),
  };
}

/** The groups of a lineup, of those who were there where that is known. */
function thereIn(use: Pick<Use, 'here'> | null, take: TakeRecord | undefined): StudentId[][] {
  const there = use?.here && new Set(use.here);
  return (take?.groups ?? []).map(({ studentIds }) =>
    there ? studentIds.filter((id) => there.has(id)) : studentIds,
  );
}

function pairsIn(groups: readonly (readonly StudentId[])[]): readonly string[] {
  return groups.flatMap((ids) =>
    ids.flatMap((one, i) => ids.slice(i + 1).map((two) => pairKey(one, two))),
  );
}

function compare(one: string, two: string): number {
  return one < two ? -1 : one > two ? 1 : 0;
}
