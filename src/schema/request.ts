import { z } from 'zod';
import type { ArrangeRequest } from '../core/format';
import { SizingSchema } from './lineup';

/** More students than the engine takes; a bound against runaway files, far above any class. */
export const MOST_STUDENTS = 10_000;

const Id = z.string().min(1);

const Student = z.strictObject({
  id: Id,
  name: z.string().optional(),
  section: z.string().optional(),
  attributes: z.record(z.string(), z.union([z.string(), z.number()])).optional(),
  absent: z.boolean().optional(),
  wishes: z.array(Id).optional(),
});

const MembersRule = z.strictObject({ kind: z.enum(['apart', 'together']), students: z.array(Id) });

/** What the engine can read today; `readRequest` says which further kinds it turns away. */
export const RequestSchema = z.strictObject({
  format: z.literal('gruppetto.request'),
  version: z.literal(1),
  seed: z.int().default(1),
  students: z.array(Student),
  sizing: SizingSchema,
  rules: z.array(MembersRule).default([]),
  goals: z.array(z.never()).default([]),
  history: z.array(z.strictObject({ groups: z.array(z.array(Id)) })).default([]),
  current: z.array(z.array(Id)).optional(),
  rounds: z.literal(1).default(1),
});

export type RequestIssue =
  | { readonly code: 'notARequest'; readonly path: string }
  | { readonly code: 'newerRequest'; readonly path: string; readonly given: number }
  | { readonly code: 'ruleNotKnown'; readonly path: string; readonly kind: string }
  | { readonly code: 'goalNotKnown'; readonly path: string; readonly kind: string }
  | { readonly code: 'roundsNotKnown'; readonly path: string; readonly given: string }
  | { readonly code: 'unknownField'; readonly path: string; readonly field: string }
  | { readonly code: 'wrongValue'; readonly path: string; readonly detail: string }
  | { readonly code: 'studentTwice'; readonly path: string; readonly id: string }
  | { readonly code: 'unknownStudent'; readonly path: string; readonly id: string }
  | { readonly code: 'tooFewInRule'; readonly path: string; readonly given: number }
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
  const early = envelopeIssue(data) ?? notKnownYet(data);
  if (early) return { ok: false, issues: [early] };
  const parsed = RequestSchema.safeParse(data);
  if (!parsed.success) return { ok: false, issues: parsed.error.issues.map(shapeIssue) };
  const {
    goals: _goals,
    history: _history,
    current: _current,
    rounds: _rounds,
    ...request
  } = parsed.data;
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

/** Parts of the format that the engine does not know yet: refused, since ignoring them would break a promise. */
function notKnownYet(data: unknown): RequestIssue | null {
  if (!isObject(data)) return null;
  const rules = listOf(data.rules);
  const rule = rules.findIndex((one) => kindOf(one) !== 'apart' && kindOf(one) !== 'together');
  if (rule >= 0) return { code: 'ruleNotKnown', path: `rules.${rule}`, kind: kindOf(rules[rule]) };
  const [goal] = listOf(data.goals);
  if (goal !== undefined) return { code: 'goalNotKnown', path: 'goals.0', kind: kindOf(goal) };
  const rounds = data.rounds;
  if (rounds !== undefined && rounds !== 1) {
    return { code: 'roundsNotKnown', path: 'rounds', given: JSON.stringify(rounds) };
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
  const issues: RequestIssue[] = [];
  request.students.forEach(({ id }, index) => {
    if (known.has(id)) issues.push({ code: 'studentTwice', path: `students.${index}`, id });
    known.add(id);
  });
  request.rules.forEach(({ students }, index) => {
    const path = `rules.${index}.students`;
    if (new Set(students).size < 2) {
      issues.push({ code: 'tooFewInRule', path, given: new Set(students).size });
    }
    const unknown = students.find((id) => !known.has(id));
    if (unknown !== undefined) issues.push({ code: 'unknownStudent', path, id: unknown });
  });
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
