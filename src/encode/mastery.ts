import type { ClassRecord, MasteryRule } from '../schema/classRecord';
import type { ResultsRecord } from '../schema/results';
import type { StudentRecord } from '../schema/student';

/** Of an answer with so many per cent of its points it is said that it is right. */
export const RIGHT = 80;

/** One skill of a ladder: its id in a request, and what it is called. */
export interface Skill {
  readonly id: string;
  readonly name: string;
}

/** What is known of one student's skill. */
export interface Standing {
  readonly state: 'mastered' | 'notYet' | 'unknown';
  /** Per cent of the points of the answers that count; null where there are none. */
  readonly share: number | null;
  /** How many answers that was judged by; what the class list says is one. */
  readonly answers: number;
}

const UNKNOWN: Standing = { state: 'unknown', share: null, answers: 0 };

/** What a class's students have mastered, read from its list and its tests. */
export interface Mastery {
  /** In the order in which the skills are learned. */
  readonly ladder: readonly Skill[];
  /** By the skill's place on the ladder. */
  of(student: StudentFacts): readonly Standing[];
  /** Whether anything is known of the student's skills. */
  isKnown(student: StudentFacts): boolean;
  /** Ids of the skills that are known not to be mastered, the next one first. */
  needs(student: StudentFacts): readonly string[];
}

type StudentFacts = Pick<StudentRecord, 'id' | 'mastery' | 'details'>;
type ClassFacts = Pick<ClassRecord, 'skillLadder' | 'details' | 'masteryRule'>;

const plain = (name: string): string => name.trim().toLowerCase();

/**
 * The skills of a class in the order in which they are learned: those that its ladder names, each with the detail of that
 * name where there is one, then those of its details that stand on no ladder yet. What only tests ask for stands on none: it
 * was taken off, or another ladder was taken.
 */
export function ladderOf({
  skillLadder,
  details,
}: Pick<ClassRecord, 'skillLadder' | 'details'>): readonly Skill[] {
  const skills = details.filter(({ kind }) => kind === 'skill');
  const skillNamed = (name: string): Skill => {
    const detail = skills.find((one) => plain(one.name) === plain(name));
    return detail ? { id: detail.id, name: detail.name } : { id: `skill ${name}`, name };
  };
  const names = [...skillLadder, ...skills].map(({ name }) => name);
  const known = new Set<string>();
  return names.flatMap((name) => {
    if (known.has(plain(name))) return [];
    known.add(plain(name));
    return [skillNamed(name)];
  });
}

/** Points of one answer of one student, newest test first. */
interface Answer {
  readonly test: number;
  readonly points: number;
  readonly whole: number;
}

/**
 * Judges a class's skills by its rule. The newest answers count: where one test asks too few times, those before it are
 * added until there are enough; what the class list says counts as the oldest, and is enough by itself.
 */
export function masteryIn(theClass: ClassFacts, results: readonly ResultsRecord[]): Mastery {
  const ladder = ladderOf(theClass);
  const tests = [...results].sort((a, b) =>
    a.on === b.on ? (a.createdAt < b.createdAt ? 1 : -1) : a.on < b.on ? 1 : -1,
  );
  const itemsOf = new Map<string, (readonly [test: number, item: number])[]>(
    ladder.map(({ name }) => [plain(name), []]),
  );
  tests.forEach(({ items }, test) =>
    items.forEach(({ skill }, item) => {
      if (skill !== null) itemsOf.get(plain(skill))?.push([test, item]);
    }),
  );
  const worked = new WeakMap<StudentFacts, readonly Standing[]>();
  const workOut = (student: StudentFacts): readonly Standing[] =>
    ladder.map(({ id, name }) => {
      const answers = (itemsOf.get(plain(name)) ?? []).flatMap(([test, item]): Answer[] => {
        const points = tests[test]?.answers[student.id]?.[item] ?? null;
        const whole = tests[test]?.items[item]?.whole ?? 1;
        return points === null ? [] : [{ test, points, whole }];
      });
      const said = student.details[id];
      const listed = typeof said === 'number' ? said : student.mastery[name];
      return judged(theClass.masteryRule, answers, listed);
    });
  // Asked for by every drawing and every request, of the same records.
  const of = (student: StudentFacts): readonly Standing[] => {
    const known = worked.get(student) ?? workOut(student);
    worked.set(student, known);
    return known;
  };
  return {
    ladder,
    of,
    isKnown: (student) => of(student).some(({ state }) => state !== 'unknown'),
    needs: (student) =>
      of(student).flatMap(({ state }, at) => (state === 'notYet' ? (ladder[at]?.id ?? []) : [])),
  };
}

function judged(
  rule: MasteryRule,
  answers: readonly Answer[],
  listed: number | undefined,
): Standing {
  const counted = rule.by === 'share' ? enough(answers, rule.least) : answers.slice(0, rule.of);
  const fits = counted.length >= (rule.by === 'share' ? rule.least : rule.right);
  if (!fits || counted.length === 0) {
    if (listed === undefined) return { ...UNKNOWN, answers: counted.length };
    const bar = rule.by === 'share' ? rule.percent : RIGHT;
    return { state: listed >= bar ? 'mastered' : 'notYet', share: listed, answers: 1 };
  }
  const sum = (part: 'points' | 'whole'): number =>
    counted.reduce((total, one) => total + one[part], 0);
  const share = (100 * sum('points')) / sum('whole');
  const mastered =
    rule.by === 'share'
      ? atLeast(share, rule.percent)
      : counted.filter(({ points, whole }) => atLeast((100 * points) / whole, RIGHT)).length >=
        rule.right;
  return { state: mastered ? 'mastered' : 'notYet', share, answers: counted.length };
}

/** Shares are sums of decimals, so that what is just enough may come out a hair below. */
function atLeast(share: number, percent: number): boolean {
  return share >= percent - 1e-9;
}

/** The answers of the newest tests, whole tests at a time, until there are enough. */
function enough(answers: readonly Answer[], least: number): readonly Answer[] {
  const last = answers[Math.min(least, answers.length) - 1];
  return last ? answers.filter(({ test }) => test <= last.test) : [];
}

/** Where a student stands on the ladder: the place of the skill they need next, its length for one who needs none; null where nothing is known. */
export function placeOf(standings: readonly Standing[]): number | null {
  const next = standings.findIndex(({ state }) => state === 'notYet');
  if (next >= 0) return next;
  return standings.some(({ state }) => state === 'mastered') ? standings.length : null;
}

/** A skill that is not mastered although later ones are: the places of both. */
export interface Contradiction {
  readonly gap: number;
  /** The first later skill that is mastered. */
  readonly beyond: number;
}

/** What stands against the order of the ladder: every skill not yet mastered that has a mastered one above it. */
export function contradictionsIn(standings: readonly Standing[]): readonly Contradiction[] {
  return standings.flatMap(({ state }, gap) => {
    const beyond = standings.findIndex((one, at) => at > gap && one.state === 'mastered');
    return state === 'notYet' && beyond >= 0 ? [{ gap, beyond }] : [];
  });
}

/** What a test changed of one student: places on the ladder before and after, skills won and lost. */
export interface MovedOn {
  readonly id: StudentRecord['id'];
  readonly from: number;
  readonly to: number | null;
  readonly won: readonly number[];
  readonly lost: readonly number[];
}

/**
 * Students whose skills stand otherwise since a day: what the tests of that day and later changed. Those of whom nothing was
 * known before, and those for whom nothing changed, are left out.
 */
export function movedOnSince(
  now: Mastery,
  theClass: ClassFacts,
  results: readonly ResultsRecord[],
  students: readonly StudentFacts[],
  day: string,
): readonly MovedOn[] {
  const before = masteryIn(
    theClass,
    results.filter(({ on }) => on < day),
  );
  return students.flatMap((student): MovedOn[] => {
    const [then, today] = [before.of(student), now.of(student)];
    const turned = (was: Standing['state'], is: Standing['state']): readonly number[] =>
      today.flatMap(({ state }, at) => (state === is && then[at]?.state === was ? [at] : []));
    const [from, to] = [placeOf(then), placeOf(today)];
    const [won, lost] = [turned('notYet', 'mastered'), turned('mastered', 'notYet')];
    if (from === null || (from === to && won.length === 0 && lost.length === 0)) return [];
    return [{ id: student.id, from, to, won, lost }];
  });
}
