import { z } from 'zod';
import type { ArrangeRequest, RequestRule } from '../core/format';
import { withEveryName } from './anyName';
import { SizingSchema } from './recipe';

/** More students than the engine takes; a bound against runaway files, far above any class. */
export const MOST_STUDENTS = 10_000;
/** More rounds than a school year has days. */
export const MOST_ROUNDS = 400;

/** More skills than any ladder has rungs. */
const MOST_SKILLS = 500;
const MOST_TOPICS = 10_000;

const Id = z.string().min(1);
const Value = z.union([z.string(), z.number()]);
const Weight = z.number().min(0).default(1);
const Count = z.int().min(0);

const Student = z.strictObject({
  id: Id,
  name: z.string().optional(),
  section: z.string().optional(),
  attributes: z.record(z.string(), Value).optional(),
  absent: z.boolean().optional(),
  wishes: z.array(Id).optional(),
  needs: z.array(Id).optional(),
  topics: z.array(z.int().min(0).max(MOST_TOPICS)).max(MOST_TOPICS).optional(),
});

const Rule = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('apart'), students: z.array(Id) }),
  z.strictObject({ kind: z.literal('together'), students: z.array(Id) }),
  z.strictObject({ kind: z.literal('sameSection') }),
  z.strictObject({ kind: z.literal('pin'), student: Id, group: z.int() }),
  z.strictObject({ kind: z.literal('atLeast'), attribute: Id, value: Value, count: Count }),
  z.strictObject({ kind: z.literal('atMost'), attribute: Id, value: Value, count: Count }),
  z.strictObject({ kind: z.literal('notAlone'), attribute: Id, value: Value }),
]);
const RULE_KINDS = kindsIn(Rule.options);

const Goal = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('spread'), attribute: Id, weight: Weight }),
  z.strictObject({ kind: z.literal('alike'), attribute: Id, weight: Weight }),
  z.strictObject({ kind: z.literal('freshPartners'), weight: Weight }),
  z.strictObject({ kind: z.literal('wishes'), weight: Weight }),
  z.strictObject({ kind: z.literal('steady'), weight: Weight }),
  z.strictObject({ kind: z.literal('avoid'), weight: Weight }),
  z.strictObject({ kind: z.literal('topics'), weight: Weight }),
  z.strictObject({
    kind: z.literal('needs'),
    ladder: z.array(Id).min(1).max(MOST_SKILLS),
    focus: z.int().min(1),
    weight: Weight,
  }),
]);
const GOAL_KINDS = kindsIn(Goal.options);

/** The kinds that the shapes of a union name, in their order. */
function kindsIn(
  shapes: readonly { readonly shape: { readonly kind: z.ZodLiteral<string> } }[],
): readonly string[] {
  return shapes.map(({ shape }) => shape.kind.value);
}

export const RequestSchema = z.strictObject({
  format: z.literal('gruppetto.request'),
  version: z.literal(1),
  seed: z.int().default(1),
  students: z.array(Student),
  sizing: SizingSchema,
  rules: z.array(Rule).default([]),
  goals: z.array(Goal).default([]),
  history: z.array(z.strictObject({ groups: z.array(z.array(Id)) })).default([]),
  current: z.array(z.array(Id)).optional(),
  avoid: z
    .strictObject({
      results: z.array(z.strictObject({ groups: z.array(z.array(Id)) })),
      share: z.number().min(0).max(1),
    })
    .optional(),
  rounds: z.int().min(1).max(MOST_ROUNDS).default(1),
});

export type RequestIssue =
  | { readonly code: 'notARequest'; readonly path: string }
  | { readonly code: 'newerRequest'; readonly path: string; readonly given: number }
  | {
      readonly code: 'ruleNotKnown' | 'goalNotKnown';
      readonly path: string;
      readonly kind: string;
      readonly known: readonly string[];
    }
  | { readonly code: 'unknownField'; readonly path: string; readonly field: string }
  | { readonly code: 'wrongValue'; readonly path: string; readonly detail: string }
  | { readonly code: 'studentTwice'; readonly path: string; readonly id: string }
  | { readonly code: 'unknownStudent'; readonly path: string; readonly id: string }
  | { readonly code: 'tooFewInRule'; readonly path: string; readonly given: number }
  | { readonly code: 'unknownAttribute'; readonly path: string; readonly attribute: string }
  | { readonly code: 'negativeGroup'; readonly path: string; readonly given: number }
  | { readonly code: 'noCurrent'; readonly path: string }
  | { readonly code: 'skillTwice' | 'unknownSkill'; readonly path: string; readonly skill: string }
  | { readonly code: 'seatedTwice'; readonly path: string; readonly id: string }
  | {
      readonly code: 'tooManyStudents';
      readonly path: string;
      readonly given: number;
      readonly most: number;
    };

export type ReadRequest =
  | { readonly ok: true; readonly request: ArrangeRequest }
  | { readonly ok: false; readonly issues: readonly RequestIssue[] };

/** Checks a request from outside, whole: every issue is named with its path, and nothing is ignored. */
export function readRequest(data: unknown): ReadRequest {
  const early = envelopeIssue(data) ?? unknownKind(data);
  if (early) return { ok: false, issues: [early] };
  const parsed = RequestSchema.safeParse(data);
  if (!parsed.success) return { ok: false, issues: parsed.error.issues.map(shapeIssue) };
  const given = isObject(data) ? listOf(data.students) : [];
  const request: ArrangeRequest = {
    ...parsed.data,
    students: parsed.data.students.map((student, i) => {
      const one = given[i];
      const { attributes } = student;
      return attributes && isObject(one)
        ? { ...student, attributes: withEveryName(attributes, one.attributes) }
        : student;
    }),
  };
  const issues = meaningIssues(request);
  return issues.length > 0 ? { ok: false, issues } : { ok: true, request };
}

function envelopeIssue(data: unknown): RequestIssue | null {
  if (!isObject(data) || data.format !== 'gruppetto.request') {
    return { code: 'notARequest', path: 'format' };
  }
  const version = data.version;
  if (typeof version === 'number' && version > 1) {
    return { code: 'newerRequest', path: 'version', given: version };
  }
  const students = data.students;
  if (Array.isArray(students) && students.length > MOST_STUDENTS) {
    const given = students.length;
    return { code: 'tooManyStudents', path: 'students', given, most: MOST_STUDENTS };
  }
  return null;
}

/** A rule or goal of a kind that is not part of the format: refused, since ignoring it would break a promise. */
function unknownKind(data: unknown): RequestIssue | null {
  if (!isObject(data)) return null;
  const rules = listOf(data.rules);
  const rule = rules.findIndex((one) => !RULE_KINDS.includes(kindOf(one)));
  if (rule >= 0) {
    const kind = kindOf(rules[rule]);
    return { code: 'ruleNotKnown', path: `rules.${rule}`, kind, known: RULE_KINDS };
  }
  const goals = listOf(data.goals);
  const goal = goals.findIndex((one) => !GOAL_KINDS.includes(kindOf(one)));
  if (goal >= 0) {
    const kind = kindOf(goals[goal]);
    return { code: 'goalNotKnown', path: `goals.${goal}`, kind, known: GOAL_KINDS };
  }
  return null;
}

function shapeIssue(issue: z.core.$ZodIssue): RequestIssue {
  const path = issue.path.join('.');
  if (issue.code === 'unrecognized_keys') {
    return { code: 'unknownField', path, field: issue.keys.join(', ') };
  }
  return { code: 'wrongValue', path, detail: issue.message };
}

function meaningIssues(request: ArrangeRequest): RequestIssue[] {
  const known = new Set<string>();
  const attributes = new Set<string>();
  const issues: RequestIssue[] = [];
  request.students.forEach((student, index) => {
    const { id } = student;
    if (known.has(id)) issues.push({ code: 'studentTwice', path: `students.${index}`, id });
    known.add(id);
    Object.entries(student.attributes ?? {}).forEach(([name, value]) => {
      attributes.add(name);
      if (typeof value !== 'string' && typeof value !== 'number')
        issues.push({
          code: 'wrongValue',
          path: `students.${index}.attributes.${name}`,
          detail: 'expected text or a number',
        });
    });
  });
  const checkAttribute = (attribute: string, path: string): void => {
    if (attributes.has(attribute)) return;
    issues.push({ code: 'unknownAttribute', path: `${path}.attribute`, attribute });
  };
  request.students.forEach(({ wishes = [] }, index) => {
    const id = wishes.find((wish) => !known.has(wish));
    if (id !== undefined)
      issues.push({ code: 'unknownStudent', path: `students.${index}.wishes`, id });
  });
  request.rules.forEach((rule, index) => {
    issues.push(...ruleIssues(rule, `rules.${index}`, known));
    if ('attribute' in rule) checkAttribute(rule.attribute, `rules.${index}`);
  });
  request.goals?.forEach((goal, index) => {
    if ('attribute' in goal) checkAttribute(goal.attribute, `goals.${index}`);
    if (goal.kind === 'steady' && !request.current) {
      issues.push({ code: 'noCurrent', path: `goals.${index}` });
    }
  });
  issues.push(...skillIssues(request));
  const seated = new Set<string>();
  request.current?.forEach((ids, group) =>
    ids.forEach((id) => {
      if (seated.has(id)) issues.push({ code: 'seatedTwice', path: `current.${group}`, id });
      seated.add(id);
    }),
  );
  return issues;
}

/** A ladder names each skill once, and nobody needs what is on none. */
function skillIssues({ goals = [], students }: ArrangeRequest): readonly RequestIssue[] {
  const issues: RequestIssue[] = [];
  const known = new Set<string>();
  goals.forEach((goal, index) => {
    if (goal.kind !== 'needs') return;
    const twice = goal.ladder.find((skill, at) => goal.ladder.indexOf(skill) < at);
    if (twice !== undefined) {
      issues.push({ code: 'skillTwice', path: `goals.${index}.ladder`, skill: twice });
    }
    goal.ladder.forEach((skill) => known.add(skill));
  });
  if (known.size === 0) return issues;
  students.forEach(({ needs = [] }, index) => {
    const skill = needs.find((one) => !known.has(one));
    if (skill !== undefined) {
      issues.push({ code: 'unknownSkill', path: `students.${index}.needs`, skill });
    }
  });
  return issues;
}

function ruleIssues(
  rule: RequestRule,
  path: string,
  known: ReadonlySet<string>,
): readonly RequestIssue[] {
  const named = 'students' in rule ? rule.students : rule.kind === 'pin' ? [rule.student] : [];
  const issues: RequestIssue[] = [];
  if ('students' in rule && new Set(named).size < 2) {
    issues.push({
      code: 'tooFewInRule',
      path: `${path}.students`,
      given: new Set(named).size,
    });
  }
  const unknown = named.find((id) => !known.has(id));
  if (unknown !== undefined) {
    const at = rule.kind === 'pin' ? `${path}.student` : `${path}.students`;
    issues.push({ code: 'unknownStudent', path: at, id: unknown });
  }
  if (rule.kind === 'pin' && rule.group < 0) {
    issues.push({ code: 'negativeGroup', path: `${path}.group`, given: rule.group });
  }
  return issues;
}

function isObject(data: unknown): data is Record<string, unknown> {
  return typeof data === 'object' && data !== null && !Array.isArray(data);
}

function listOf(value: unknown): readonly unknown[] {
  return Array.isArray(value) ? value : [];
}

function kindOf(value: unknown): string {
  return isObject(value) && typeof value.kind === 'string' ? value.kind : '';
}
