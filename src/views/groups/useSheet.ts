'use client';

import { useMemo } from 'react';
import { rulesInForce } from '@/encode/request';
import { brokenRules, type BrokenHere } from '@/encode/ruleState';
import type { RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { today } from '../frame/today';

/** One group as its row shows it. */
export interface SheetGroup {
  readonly index: number;
  readonly name: string;
  readonly sign: number;
  readonly students: readonly StudentRecord[];
  /** Students of the group who are here. */
  readonly size: number;
  /** Rules in force about two or more of the students here, or about one of them and somebody elsewhere. */
  readonly rules: readonly RuleRecord[];
  readonly broken: readonly BrokenHere[];
}

export interface Sheet {
  readonly groups: readonly SheetGroup[];
  /** Here, and in no group. */
  readonly aside: readonly StudentRecord[];
  readonly mostStudents: number;
}

/** The shown take with its students and the state of the quiet rules, worked out anew from the records. */
export function useSheet(
  take: TakeRecord | undefined,
  students: readonly StudentRecord[],
  rules: readonly RuleRecord[],
): Sheet {
  return useMemo(() => sheetOf(take, students, rules, today()), [take, students, rules]);
}

export function sheetOf(
  take: TakeRecord | undefined,
  students: readonly StudentRecord[],
  rules: readonly RuleRecord[],
  day: string,
): Sheet {
  if (!take) return { groups: [], aside: [], mostStudents: 0 };
  const studentOfId = new Map(students.map((student) => [student.id, student]));
  const members = take.groups.map(({ studentIds }) =>
    studentIds.flatMap((id) => studentOfId.get(id) ?? []),
  );
  const inForce = rulesInForce(rules, day);
  const present = members.map((group) => group.filter(({ here }) => here).map(({ id }) => id));
  const broken = brokenRules(present, inForce);
  const placed = new Set(members.flat().map(({ id }) => id));
  const groups = take.groups.map(({ name, sign }, index): SheetGroup => {
    const ids = present[index] ?? [];
    return {
      index,
      name,
      sign,
      students: members[index] ?? [],
      size: ids.length,
      rules: inForce.filter(({ studentIds }) => studentIds.some((id) => ids.includes(id))),
      broken: broken.filter(({ group }) => group === index),
    };
  });
  return {
    groups,
    aside: students.filter(({ id, here }) => here && !placed.has(id)),
    mostStudents: members.reduce((most, group) => Math.max(most, group.length), 0),
  };
}
