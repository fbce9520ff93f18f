import type { ArrangeRequest, RequestRule } from '../core/format';
import type { LineupRecord } from '../schema/lineup';
import type { RuleRecord } from '../schema/rule';
import type { StudentRecord } from '../schema/student';

export interface ArrangeInput {
  readonly lineup: LineupRecord;
  readonly students: readonly StudentRecord[];
  readonly rules: readonly RuleRecord[];
  readonly seed: number;
  /** Today as YYYY-MM-DD: rules that have run out do not bind. */
  readonly today: string;
}

/** The engine's request for a shuffle of a lineup; its rules stand in the order of `rulesInForce`. */
export function requestFor({ lineup, students, rules, seed, today }: ArrangeInput): ArrangeRequest {
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: students.map(({ id, here }) => ({ id, absent: !here })),
    sizing: lineup.recipe.sizing,
    rules: rulesInForce(rules, today).map(({ kind, studentIds }): RequestRule => ({
      kind,
      students: studentIds,
    })),
  };
}

/** The rules that hold today; their last day included. */
export function rulesInForce(rules: readonly RuleRecord[], today: string): readonly RuleRecord[] {
  return rules.filter(({ until }) => until === null || until >= today);
}
