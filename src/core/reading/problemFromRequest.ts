import type { ArrangeRequest, RequestGoal, RequestStudent } from '../format';
import { readAttribute } from '../problem/attributes';
import { layOut, sizesFor } from '../problem/layout';
import type { ProblemGoal, ProblemOrIssue } from '../problem/problem';
import { problemRules } from '../rules/list';

/** Numbers the present students and what is said about them; what is about absent ones falls away. */
export function problemFromRequest(request: ArrangeRequest): ProblemOrIssue {
  const present = request.students.filter((student) => !student.absent);
  const idOfStudent = present.map((student) => student.id);
  const indexOfId = new Map(idOfStudent.map((id, index) => [id, index]));
  const rules = problemRules(request.rules, present);
  const { sectionOfStudent, sectionCount } = sectionsOf(present);
  const studentCount = idOfStudent.length;
  const { sizing } = request;
  const sizes = sizesFor({ studentCount, sizing, rules, sectionOfStudent, sectionCount });
  if (!sizes.ok) return sizes;
  const lost = rules.find((rule) => rule.kind === 'pin' && rule.group >= sizes.sizes.length);
  if (lost?.kind === 'pin') {
    const issue = { code: 'noSuchGroup', given: lost.group, groups: sizes.sizes.length } as const;
    return { ok: false, issue };
  }
  const indexes = (ids: readonly string[]): Int32Array =>
    Int32Array.from(new Set(ids.flatMap((id) => indexOfId.get(id) ?? [])));
  const base = {
    studentCount,
    groupCount: sizes.sizes.length,
    sizing,
    rules,
    goals: goalsOf(request).map((goal) => readGoal(goal, present)),
    idOfStudent,
    sectionOfStudent,
    sectionCount,
    history: (request.history ?? []).map(({ groups }) =>
      groups.map(indexes).filter((members) => members.length > 1),
    ),
    currentOfStudent: request.current ? currentOf(request.current, indexOfId) : null,
    wishesOfStudent: present.map(({ wishes = [], id }) =>
      indexes(wishes.filter((wish) => wish !== id)),
    ),
    ranksOfStudent: present.map(({ topics = [] }) =>
      Int32Array.from(new Set(topics.filter((group) => group < sizes.sizes.length))),
    ),
    rounds: request.rounds ?? 1,
    avoided: (request.avoid?.results ?? []).map(({ groups }) =>
      groups.map(indexes).filter((members) => members.length > 1),
    ),
    avoidShare: request.avoid?.share ?? 0,
  };
  return { ok: true, problem: { ...base, ...layOut(base, sizes.sizes) } };
}

/** The goals asked for; to name results to differ from without a goal for it asks for that goal. */
function goalsOf({ goals = [], avoid }: ArrangeRequest): readonly RequestGoal[] {
  const said = goals.some(({ kind }) => kind === 'avoid');
  return avoid && !said ? [...goals, { kind: 'avoid', weight: 1 }] : goals;
}

function readGoal(goal: RequestGoal, present: readonly RequestStudent[]): ProblemGoal {
  if (goal.kind === 'needs') {
    const place = new Map(goal.ladder.map((skill, at) => [skill, at]));
    const needOfStudent = Int32Array.from(
      present,
      ({ needs }) => place.get(needs?.[0] ?? '') ?? -1,
    );
    return { ...goal, needOfStudent };
  }
  if (!('attribute' in goal)) return goal;
  const { kind, attribute: name, weight } = goal;
  return { kind, name, weight, attribute: readAttribute(present, name) };
}

function sectionsOf(present: readonly RequestStudent[]) {
  const names = [...new Set(present.map(({ section }) => section ?? ''))];
  const indexOfName = new Map(names.map((name, index) => [name, index]));
  const sectionOfStudent = Int32Array.from(
    present,
    ({ section }) => indexOfName.get(section ?? '') ?? 0,
  );
  return { sectionOfStudent, sectionCount: names.length };
}

function currentOf(
  current: readonly (readonly string[])[],
  indexOfId: ReadonlyMap<string, number>,
): Int32Array {
  const groupOfStudent = new Int32Array(indexOfId.size).fill(-1);
  current.forEach((ids, group) => {
    ids.forEach((id) => {
      const student = indexOfId.get(id);
      if (student !== undefined) groupOfStudent[student] = group;
    });
  });
  return groupOfStudent;
}
