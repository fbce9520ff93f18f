import { bestChanges, bestGroups, totalOf, type HandChange } from '../core/explain/changes';
import { whyGroup, whyStudent, type Fact } from '../core/explain/why';
import { metBefore } from '../core/goals/freshPartners';
import { focusOf } from '../core/goals/focus';
import { measuresOf } from '../core/measures';
import type { Problem, ProblemRule } from '../core/problem/problem';
import { problemFromRequest } from '../core/reading/problemFromRequest';
import type { Measures } from '../core/format';
import { repeatPairs, ranksGiven } from '../core/reference/costs';
import { leastRanks } from '../core/goals/ranksBound';
import { StudentId } from '../schema/ids';
import { valueKey } from '../schema/presence';
import type { TakeRecord } from '../schema/take';
import { factOf, type Bench } from './bench';
import { rankOfValues } from './dealing';
import type {
  ClassFigure,
  DetailColumn,
  Met,
  NeedsRead,
  RanksRead,
  Offer,
  Target,
  ToldFact,
} from './insightTypes';
import { MEASURED_ONLY, withMeasured } from './measuredGoals';
import {
  goalsOf,
  matchedBy,
  recipeRules,
  requestStudent,
  topicsOf,
  type RuleSource,
} from './request';
import { withBests } from './results';

/** Costs that differ by less are the same. */
const EPSILON = 1e-6;

/** Reads a shown take through the engine: what its groups are like, why, and what would better them. */
export class Insight {
  private readonly columns = new Map<string, DetailColumn | null>();

  private constructor(
    private readonly bench: Bench,
    private readonly groups: readonly (readonly StudentId[])[],
    private readonly sources: readonly RuleSource[],
    private readonly problem: Problem,
    private readonly groupOfStudent: Int32Array,
  ) {}

  /** Null where there is nothing to say yet: no take, or fewer students in it than groups. */
  static of(
    bench: Bench,
    take: TakeRecord | undefined,
    measured: readonly string[],
  ): Insight | null {
    if (!take) return null;
    const here = new Set(bench.students.flatMap(({ id, here }) => (here ? [id] : [])));
    const groups = take.groups.map(({ studentIds }) => studentIds.filter((id) => here.has(id)));
    return Insight.from(bench, groups, measured);
  }

  private static from(
    bench: Bench,
    groups: readonly (readonly StudentId[])[],
    measured: readonly string[],
  ): Insight | null {
    const groupOfId = new Map(
      groups.flatMap((ids, group) => ids.map((id) => [id, group] as const)),
    );
    const seated = new Set(groupOfId.keys());
    const rules = recipeRules(bench, seated);
    const allRows = [...groups.keys()];
    const read = problemFromRequest({
      format: 'gruppetto.request',
      version: 1,
      seed: 0,
      students: bench.students.map((one) => ({
        ...requestStudent(one, bench, !seated.has(one.id)),
        ...topicsOf(bench, one.id, allRows),
      })),
      sizing: { by: 'count', count: groups.length },
      rules: rules.map(([, rule]) => rule),
      goals: withMeasured(bench, goalsOf(bench, seated), measured, seated),
      history: bench.history.map((past) => ({ groups: past })),
    });
    if (!read.ok) return null;
    const groupOfStudent = Int32Array.from(
      read.problem.idOfStudent,
      (id) => groupOfId.get(StudentId.parse(id)) ?? 0,
    );
    const sources = rules.map(([source]) => source);
    return new Insight(bench, groups, sources, read.problem, groupOfStudent);
  }

  /** The same reading beside bounds that a search has found for this class, these rules and sizes. */
  beside(bests: Measures): Insight {
    const { bench, groups, sources, problem, groupOfStudent } = this;
    const nearer = new Insight(bench, groups, sources, problem, groupOfStudent);
    nearer.measured = withBests(this.measures(), bests);
    return nearer;
  }

  /** How many are in a group of those that are looked at. */
  sizeOf(group: number): number {
    return this.groups[group]?.length ?? 0;
  }

  /** A detail or the section over the groups; null where nobody has one. */
  column(detail: string): DetailColumn | null {
    const known = this.columns.get(detail);
    if (known !== undefined) return known;
    const column = this.workOutColumn(detail);
    this.columns.set(detail, column);
    return column;
  }

  private workOutColumn(detail: string): DetailColumn | null {
    const studentOfId = new Map(this.bench.students.map((student) => [student.id, student]));
    const facts = this.groups.map((ids) =>
      ids.flatMap((id) => {
        const student = studentOfId.get(id);
        return (student && factOf(student, detail)) ?? [];
      }),
    );
    const all = facts.flat();
    if (all.length === 0) return null;
    const how = this.howOf(detail);
    const figure = this.figure(detail, how);
    if (all.every((value) => typeof value === 'number')) {
      const numbers = facts.map((values) => values.map(Number).sort((a, b) => a - b));
      const sum = all.reduce((total, value) => total + value, 0);
      const flat = numbers.flat();
      const [least, most] = [Math.min(...flat), Math.max(...flat)];
      return {
        detail,
        how,
        kind: 'number',
        least,
        most,
        mean: sum / all.length,
        groups: numbers,
        figure,
      };
    }
    const values = [...new Set(all.map(valueKey))].sort(rankOfValues(this.bench, detail));
    const groups = facts.map((group) =>
      values.map((value) => group.filter((one) => valueKey(one) === value).length),
    );
    return { detail, how, kind: 'category', values, groups, figure };
  }

  private howOf(detail: string): 'mix' | 'match' {
    return this.bench.lineup.recipe.balance.find((one) => one.detail === detail)?.how ?? 'mix';
  }

  private figure(detail: string, how: 'mix' | 'match'): ClassFigure {
    const { spread, alike } = this.measures();
    const measure =
      how === 'mix' ? spread?.[detail] : alike?.[matchedBy(this.bench.theClass, detail)];
    return measure ?? { cost: 0, bestPossible: 0 };
  }

  private measured: Measures | null = null;
  private measures(): Measures {
    this.measured ??= measuresOf(this.problem, [this.groupOfStudent]).measures;
    return this.measured;
  }

  /** group → pairs who met before; the class figure counts repeats of this lineup alone. */
  partners(): { readonly groups: readonly Met[]; readonly figure: ClassFigure } {
    const before = metBefore(this.problem, false);
    const members = this.members();
    const groups = members.map((group) => {
      const pairs = group.flatMap((one, i) => group.slice(i + 1).map((two) => [one, two] as const));
      return { met: pairs.filter(([one, two]) => before.has(one, two)).length, of: pairs.length };
    });
    const past = repeatPairs(this.problem, []);
    const { repeats } = this.measures();
    const cost = repeatPairs(this.problem, [this.groupOfStudent]) - past;
    return { groups, figure: { cost, bestPossible: (repeats?.bestPossible ?? past) - past } };
  }

  /** group → students who are with somebody they named, of those who named somebody here. */
  wishes(): {
    readonly groups: readonly Met[];
    readonly met: number;
    readonly of: number;
    /** How many of them can be with somebody they named. */
    readonly most: number;
  } {
    const { wishesOfStudent } = this.problem;
    const groups = this.members().map((group): Met => {
      const wishing = group.filter((one) => (wishesOfStudent[one]?.length ?? 0) > 0);
      const met = wishing.filter((one) => wishesOfStudent[one]?.some((two) => group.includes(two)));
      return { met: met.length, of: wishing.length };
    });
    const total = (key: keyof Met): number => groups.reduce((sum, one) => sum + one[key], 0);
    const of = total('of');
    return {
      groups,
      met: total('met'),
      of,
      most: of - (this.measures().wishes?.bestPossible ?? 0),
    };
  }

  /** group → students in the first group of their ranks, of those who ranked any; and what the class comes to. */
  topics(): RanksRead {
    // Every row asks for it, and the best possible takes a flow through all seats.
    return (this.ranksRead ??= this.readRanks());
  }

  private ranksRead: RanksRead | undefined;

  private readRanks(): RanksRead {
    const { ranksOfStudent } = this.problem;
    const groups = this.members().map((group, row): Met => {
      const ranking = group.filter((one) => (ranksOfStudent[one]?.length ?? 0) > 0);
      return {
        met: ranking.filter((one) => ranksOfStudent[one]?.[0] === row).length,
        of: ranking.length,
      };
    });
    const met = groups.reduce((sum, one) => sum + one.met, 0);
    // Beside what these groups could have had: who ranks asks for one group, whatever its size.
    const sizes = Int32Array.from(this.members(), (group) => group.length);
    const least = leastRanks({
      ...this.problem,
      classOfGroup: sizes.map((_, row) => row),
      baseOfClass: sizes,
      extrasOfClass: sizes.map(() => 0),
    });
    const cost = ranksGiven(this.problem, this.groupOfStudent);
    // Where a rule was broken by hand, fewer than the rules allow may be there.
    return { groups, met, figure: { cost, bestPossible: Math.min(cost, least) } };
  }

  /** What each group works on, and who of those with a need is served; null where the recipe does not ask for it. */
  needs(): NeedsRead | null {
    // Every row asks for it with every drawing.
    if (this.needsRead === undefined) this.needsRead = this.readNeeds();
    return this.needsRead;
  }

  private needsRead: NeedsRead | null | undefined;
  private readNeeds(): NeedsRead | null {
    const goal = this.problem.goals.find((one) => one.kind === 'needs');
    const measure = this.measures().needs;
    if (!goal || !measure) return null;
    const nameOf = new Map(this.bench.mastery.ladder.map(({ id, name }) => [id, name]));
    const groups = this.members().map((group) => {
      const focus = focusOf(goal, group);
      const needing = group.filter((one) => (goal.needOfStudent[one] as number) >= 0);
      const unserved = needing.filter((one) => !focus.includes(goal.needOfStudent[one] as number));
      return {
        focus: focus.map((skill) => nameOf.get(goal.ladder[skill] ?? '') ?? ''),
        met: needing.length - unserved.length,
        of: needing.length,
        unserved: unserved.map((one) => ({
          id: StudentId.parse(this.problem.idOfStudent[one]),
          need: nameOf.get(goal.ladder[goal.needOfStudent[one] as number] ?? '') ?? '',
        })),
      };
    });
    const of = groups.reduce((sum, one) => sum + one.of, 0);
    const met = groups.reduce((sum, one) => sum + one.met, 0);
    const skills = goal.ladder.map((skill, place) => {
      const name = nameOf.get(skill) ?? '';
      return {
        name,
        students: this.problem.idOfStudent.flatMap((id, one) =>
          goal.needOfStudent[one] === place
            ? [{ id: StudentId.parse(id), row: this.groupOfStudent[one] as number }]
            : [],
        ),
        rows: groups.flatMap(({ focus }, row) => (focus.includes(name) ? [row] : [])),
      };
    });
    return { groups, skills, met, of, most: Math.round(of * (1 - measure.bestPossible)) };
  }

  private members(): readonly (readonly number[])[] {
    const members = this.groups.map((): number[] => []);
    this.groupOfStudent.forEach((group, student) => members[group]?.push(student));
    return members;
  }

  /** What moving the student to each group would do; someone standing aside is judged against the best group. */
  targets(id: StudentId): readonly Target[] {
    const index = this.indexOf(id);
    if (index < 0) return this.with(id)?.targetsOf(id, false) ?? [];
    return this.targetsOf(id, true);
  }

  private targetsOf(id: StudentId, seated: boolean): readonly Target[] {
    const index = this.indexOf(id);
    const home = this.groupOfStudent[index] as number;
    const changes = bestGroups(this.problem, this.groupOfStudent, index);
    const first = changes[0];
    const base = seated || !first ? { penaltyDelta: 0, costDelta: 0 } : first;
    const size = (group: number): number =>
      (this.groups[group]?.length ?? 0) + (group === home ? 0 : 1);
    const ranked = [...changes]
      .filter(({ to }) => !seated || to !== home)
      .filter(({ penaltyDelta }) => penaltyDelta <= base.penaltyDelta)
      .sort(
        (a, b) =>
          a.penaltyDelta - b.penaltyDelta || size(a.to) - size(b.to) || a.costDelta - b.costDelta,
      );
    return changes.map(({ to, penaltyDelta, costDelta }): Target => {
      const place = ranked.findIndex((one) => one.to === to);
      const [penalty, cost] = [penaltyDelta - base.penaltyDelta, costDelta - base.costDelta];
      return {
        group: to,
        isHome: seated && to === home,
        effect: effectOf(penalty, cost),
        place: place >= 0 && place < 3 ? place : null,
      };
    });
  }

  /** What moving several students to each group together would do; nothing where one of them stands aside. */
  targetsOfSeveral(ids: readonly StudentId[]): readonly Target[] {
    const indexes = ids.map((id) => this.indexOf(id));
    if (indexes.length === 0 || indexes.some((index) => index < 0)) return [];
    const now = this.total();
    const changes = this.groups.map((members, group) => {
      const moved = this.groupOfStudent.slice();
      for (const index of indexes) moved[index] = group;
      const then = totalOf(this.problem, moved);
      const coming = ids.filter((id) => !members.includes(id)).length;
      const [penalty, cost] = [then.penalty - now.penalty, then.cost - now.cost];
      return { group, penalty, cost, isHome: coming === 0, size: members.length + coming };
    });
    const ranked = changes
      .filter(({ isHome, penalty }) => !isHome && penalty <= 0)
      .sort((a, b) => a.penalty - b.penalty || a.size - b.size || a.cost - b.cost);
    return changes.map((change): Target => {
      const place = ranked.indexOf(change);
      const { group, isHome, penalty, cost } = change;
      return {
        ...{ group, isHome, effect: effectOf(penalty, cost) },
        place: place >= 0 && place < 3 ? place : null,
      };
    });
  }

  /** The same groups with one who stands aside put into the first, so that every group can be compared. */
  private with(id: StudentId): Insight | null {
    const [first = [], ...others] = this.groups;
    return Insight.from(this.bench, [[...first, id], ...others], []);
  }

  /** The group for somebody aside: no rule broken that need not be, the smallest such, the best for the goals. */
  bestPlace(id: StudentId): number | null {
    return this.targets(id).find(({ place }) => place === 0)?.group ?? null;
  }

  /** The three best swaps and moves, over the take or about one student or group. */
  offers(about: { readonly student?: StudentId; readonly group?: number } = {}): {
    readonly swaps: readonly Offer[];
    readonly moves: readonly Offer[];
  } {
    const student = about.student === undefined ? undefined : this.indexOf(about.student);
    if (student === -1) return { swaps: [], moves: [] };
    const { swaps, moves } = bestChanges(this.problem, this.groupOfStudent, {
      ...(student === undefined ? {} : { student }),
      ...(about.group === undefined ? {} : { group: about.group }),
    });
    return {
      swaps: swaps.map((one) => this.offer(one)),
      moves: moves.map((one) => this.offer(one)),
    };
  }

  /** What exchanging two students would do. */
  swapEffect(one: StudentId, two: StudentId): Target['effect'] | null {
    const [a, b] = [this.indexOf(one), this.indexOf(two)];
    if (a < 0 || b < 0 || this.groupOfStudent[a] === this.groupOfStudent[b]) return null;
    const swapped = this.groups.map((ids) =>
      ids.map((id) => (id === one ? two : id === two ? one : id)),
    );
    const after = Insight.from(this.bench, swapped, []);
    if (!after) return null;
    const [now, then] = [this.total(), after.total()];
    return effectOf(then.penalty - now.penalty, then.cost - now.cost);
  }

  private total(): ReturnType<typeof totalOf> {
    return totalOf(this.problem, this.groupOfStudent);
  }

  private offer({ kind, students, from, to, penaltyDelta, goals }: HandChange): Offer {
    const names = (sign: 1 | -1): string[] =>
      goals.flatMap(({ goal, delta }) =>
        goal.weight > MEASURED_ONLY && delta * sign > EPSILON ? [goalName(goal)] : [],
      );
    return {
      kind,
      studentIds: students.map((index) => StudentId.parse(this.problem.idOfStudent[index])),
      from,
      to,
      mends: penaltyDelta < 0,
      better: names(-1),
      worse: names(1),
    };
  }

  whyStudent(id: StudentId): readonly ToldFact[] {
    const index = this.indexOf(id);
    if (index < 0) return [];
    return whyStudent(this.problem, this.groupOfStudent, index).map((fact) => this.told(fact));
  }

  whyGroup(group: number): readonly ToldFact[] {
    if ((this.groups[group]?.length ?? 0) === 0) return [];
    return whyGroup(this.problem, this.groupOfStudent, group).map((fact) => this.told(fact));
  }

  private told(fact: Fact): ToldFact {
    return 'rule' in fact ? { code: fact.code, source: this.sourceOf(fact.rule) } : fact;
  }

  private sourceOf(rule: ProblemRule): RuleSource {
    const source = this.sources[rule.requestIndex];
    if (!source) throw new Error(`expected a source of rule ${rule.requestIndex}, received none`);
    return source;
  }

  private indexOf(id: StudentId): number {
    return this.problem.idOfStudent.indexOf(id);
  }
}

function effectOf(penalty: number, cost: number): Target['effect'] {
  if (penalty > 0) return 'breaks';
  if (penalty < 0) return 'mends';
  return cost < -EPSILON ? 'better' : cost > EPSILON ? 'worse' : 'same';
}

function goalName(goal: HandChange['goals'][number]['goal']): string {
  if ('name' in goal) return goal.name.replace(/^rank of /, '');
  return goal.kind === 'freshPartners' ? 'partners' : goal.kind;
}
