'use client';

import { useMemo } from 'react';
import type { Bench } from '@/encode/bench';
import { meetingsIn, pairKey } from '@/encode/meetings';
import { sayRules } from '@/messages/rules';
import { QUIET_KINDS, type RuleKindName, type RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { setPairRule } from '@/store/actions/rules';
import { usedGroupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { RULE_KIND_VIEWS } from '../frame/ruleKinds';
import type { NameOf } from '../frame/names';
import { useNotices } from '../primitives/notices';
import type { RovingPlace } from '../primitives/roving';

/** What is known of two students. */
export interface Pair {
  readonly one: StudentRecord;
  readonly two: StudentRecord;
  readonly rules: readonly RuleRecord[];
  readonly kind: RuleKindName | null;
  /** In how many of the groups that were used they were together. */
  readonly met: number;
  /** Whether the shown take has them in one group. */
  readonly inOneGroup: boolean;
}

/** The pairs of a list of students by their places, and the quiet rule about each put, changed or taken away. */
export function usePairs(bench: Bench, students: readonly StudentRecord[], nameOf: NameOf) {
  const store = useStore();
  const { announce } = useNotices();
  const rulesOf = useMemo(() => byPair(bench.rules), [bench.rules]);
  const used = useQuery(usedGroupsOf, bench.theClass.id);
  const met = useMemo(() => meetingsIn(used.map(({ groups }) => groups)), [used]);
  const groupOf = useMemo(
    () =>
      new Map(
        bench.take?.groups.flatMap(({ studentIds }, row) =>
          studentIds.map((id) => [id as string, row] as const),
        ),
      ),
    [bench.take],
  );
  const at = ({ row, column }: RovingPlace): Pair | null => {
    const [one, two] = [students[row], students[column]];
    if (!one || !two || row === column) return null;
    const rules = rulesOf.get(pairKey(one.id, two.id)) ?? [];
    const now = groupOf.get(one.id);
    return {
      one,
      two,
      rules,
      kind: rules[0]?.kind ?? null,
      met: met.between(one.id, two.id),
      inOneGroup: now !== undefined && now === groupOf.get(two.id),
    };
  };
  const label = (place: RovingPlace): string => {
    const pair = at(place);
    if (!pair) return '';
    return sayRules.matrix.cell(nameOf(pair.one.id), nameOf(pair.two.id), pair.kind, pair.met);
  };
  const put = (place: RovingPlace, kind: RuleKindName | null): void => {
    const pair = at(place);
    if (!pair) return;
    const larger = pair.rules.find(({ studentIds }) => studentIds.length > 2);
    if (larger) {
      announce(sayRules.matrix.inLarger(larger.studentIds.map(nameOf)));
      return;
    }
    setPairRule(store, bench.theClass.id, pair.one.id, pair.two.id, kind);
    announce(sayRules.matrix.cell(nameOf(pair.one.id), nameOf(pair.two.id), kind, pair.met));
  };
  /** Makes of a pair what a press makes of it: apart, together, nothing, and round again. */
  const turn = (place: RovingPlace): void => {
    const kind = at(place)?.kind;
    put(place, kind ? RULE_KIND_VIEWS[kind].next : QUIET_KINDS[0]);
  };
  return { at, label, put, turn };
}

/** Pair → the rules about the two, those about just them first. */
function byPair(rules: readonly RuleRecord[]): ReadonlyMap<string, readonly RuleRecord[]> {
  const pairs = new Map<string, RuleRecord[]>();
  for (const rule of [...rules].sort((a, b) => a.studentIds.length - b.studentIds.length)) {
    rule.studentIds.forEach((one, i) => {
      for (const two of rule.studentIds.slice(i + 1)) {
        const key = pairKey(one, two);
        pairs.set(key, [...(pairs.get(key) ?? []), rule]);
      }
    });
  }
  return pairs;
}
