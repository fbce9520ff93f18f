'use client';

import { useMemo } from 'react';
import { rulesInForce, type Bench } from '@/encode/bench';
import { brokenRules, type BrokenHere } from '@/encode/ruleState';
import type { StudentId } from '@/schema/ids';
import type { RuleRecord } from '@/schema/rule';
import type { RollStudent } from '@/schema/student';
import type { TakeGroup } from '@/schema/take';

/** One group as its row shows it. */
export interface SheetGroup extends Pick<
  TakeGroup,
  'name' | 'sign' | 'about' | 'roles' | 'locked'
> {
  /** Its row in the take, counted from 0; where it stands on the sheet may differ. */
  readonly index: number;
  readonly students: readonly RollStudent[];
  /** Students of the group who are here. */
  readonly size: number;
  /** Rules in force about somebody in it who is here. */
  readonly rules: readonly RuleRecord[];
  readonly broken: readonly BrokenHere[];
}

export interface Sheet {
  readonly groups: readonly SheetGroup[];
  /** Here, and in no group. */
  readonly aside: readonly RollStudent[];
  readonly pinned: ReadonlySet<StudentId>;
  readonly mostStudents: number;
}

/** The shown take with its students and the state of its rules, worked out anew from the records. */
export function useSheet(bench: Bench): Sheet {
  return useMemo(() => sheetOf(bench), [bench]);
}

export function sheetOf(bench: Bench): Sheet {
  const { take, students, rules, today, lineup } = bench;
  if (!take) return { groups: [], aside: [], pinned: new Set(), mostStudents: 0 };
  const studentOfId = new Map(students.map((student) => [student.id, student]));
  const members = take.groups.map(({ studentIds }) =>
    studentIds.flatMap((id) => studentOfId.get(id) ?? []),
  );
  const inForce = rulesInForce(rules, today);
  const rulesOfStudent = byStudent(inForce);
  const present = members.map((group) => group.filter(({ here }) => here).map(({ id }) => id));
  const broken = brokenRules(present, bench);
  const placed = new Set(members.flat().map(({ id }) => id));
  const groups = take.groups.map(({ name, sign, about, roles, locked }, index): SheetGroup => {
    const ids = present[index] ?? [];
    return {
      index,
      name,
      sign,
      about,
      roles,
      locked,
      students: members[index] ?? [],
      size: ids.length,
      rules: [...new Set(ids.flatMap((id) => rulesOfStudent.get(id) ?? []))],
      broken: broken.filter(({ group }) => group === index),
    };
  });
  return {
    groups,
    aside: students.filter(({ id, here }) => here && !placed.has(id)),
    pinned: new Set(lineup.pinned),
    mostStudents: members.reduce((most, group) => Math.max(most, group.length), 0),
  };
}

function byStudent(rules: readonly RuleRecord[]): ReadonlyMap<StudentId, readonly RuleRecord[]> {
  const rulesOf = new Map<StudentId, RuleRecord[]>();
  for (const rule of rules) {
    for (const id of rule.studentIds) rulesOf.set(id, [...(rulesOf.get(id) ?? []), rule]);
  }
  return rulesOf;
}
