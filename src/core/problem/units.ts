import type { Problem } from './problem';

/**
 * Students who must stay together, merged: overlapping together-sets become one unit, everybody else is a
 * unit of one. Apart rules become edges between units.
 */
export interface Units {
  readonly unitCount: number;
  /** student → unit; length studentCount. */
  readonly unitOfStudent: Int32Array;
  /** unit → number of students in it; length unitCount. */
  readonly sizeOfUnit: Int32Array;
  /** Students sorted by unit: those of unit u stand from startOfUnit[u] to startOfUnit[u + 1]. */
  readonly studentsByUnit: Int32Array;
  /** length unitCount + 1. */
  readonly startOfUnit: Int32Array;
  /** Neighbours (units that must be apart) of unit u stand from startOfNeighbours[u] to startOfNeighbours[u + 1], each once. */
  readonly neighbours: Int32Array;
  /** length unitCount + 1. */
  readonly startOfNeighbours: Int32Array;
  /** student → groups the student is pinned to; only those who are. */
  readonly pinsOfStudent: ReadonlyMap<number, readonly number[]>;
  /** A pair of students who must be both together and apart, or null. */
  readonly contradiction: readonly [number, number] | null;
}

export function unitsOf(problem: Problem): Units {
  const unitOfStudent = mergeTogether(problem);
  const unitCount = 1 + unitOfStudent.reduce((most, unit) => Math.max(most, unit), -1);
  const sizeOfUnit = new Int32Array(unitCount);
  for (const unit of unitOfStudent) sizeOfUnit[unit] = (sizeOfUnit[unit] as number) + 1;
  const startOfUnit = prefixSums(sizeOfUnit);
  const studentsByUnit = new Int32Array(problem.studentCount);
  const next = startOfUnit.slice();
  unitOfStudent.forEach((unit, student) => {
    const place = next[unit] as number;
    studentsByUnit[place] = student;
    next[unit] = place + 1;
  });
  const edges = apartEdges(problem, unitOfStudent);
  return {
    unitCount,
    unitOfStudent,
    sizeOfUnit,
    studentsByUnit,
    startOfUnit,
    ...edges.lists(unitCount),
    pinsOfStudent: pinsOf(problem),
    contradiction: edges.contradiction,
  };
}

/** Students of a unit, in the order of their indexes. */
export function studentsOfUnit(units: Units, unit: number): number[] {
  return [...units.studentsByUnit.subarray(units.startOfUnit[unit], units.startOfUnit[unit + 1])];
}

function pinsOf(problem: Problem): ReadonlyMap<number, readonly number[]> {
  const pins = new Map<number, number[]>();
  for (const rule of problem.rules) {
    if (rule.kind !== 'pin') continue;
    const known = pins.get(rule.student);
    if (known) known.push(rule.group);
    else pins.set(rule.student, [rule.group]);
  }
  return pins;
}

/** Union-find over the together rules; units are numbered in the order of their first student. */
function mergeTogether(problem: Problem): Int32Array {
  const parent = Int32Array.from({ length: problem.studentCount }, (_, student) => student);
  const root = (student: number): number => {
    let at = student;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at] as number] as number;
      at = parent[at] as number;
    }
    return at;
  };
  for (const rule of problem.rules) {
    if (rule.kind !== 'together') continue;
    const first = root(rule.members[0] as number);
    for (const member of rule.members) parent[root(member)] = first;
  }
  const unitOfRoot = new Map<number, number>();
  return parent.map((_, student) => {
    const top = root(student);
    const unit = unitOfRoot.get(top) ?? unitOfRoot.size;
    unitOfRoot.set(top, unit);
    return unit;
  });
}

function apartEdges(problem: Problem, unitOfStudent: Int32Array) {
  const edges = new Set<number>();
  const unitCount = problem.studentCount;
  let contradiction: readonly [number, number] | null = null;
  for (const rule of problem.rules) {
    if (rule.kind !== 'apart') continue;
    for (let i = 0; i < rule.members.length; i++) {
      for (let j = i + 1; j < rule.members.length; j++) {
        const [one, two] = [rule.members[i] as number, rule.members[j] as number];
        const [a, b] = [unitOfStudent[one] as number, unitOfStudent[two] as number];
        if (a === b) contradiction ??= [one, two];
        else edges.add(Math.min(a, b) * unitCount + Math.max(a, b));
      }
    }
  }
  const lists = (count: number) => {
    const degree = new Int32Array(count);
    const pairs = [...edges].map((key) => [Math.floor(key / unitCount), key % unitCount] as const);
    for (const [a, b] of pairs) {
      degree[a] = (degree[a] as number) + 1;
      degree[b] = (degree[b] as number) + 1;
    }
    const startOfNeighbours = prefixSums(degree);
    const next = startOfNeighbours.slice();
    const neighbours = new Int32Array(pairs.length * 2);
    const put = (from: number, to: number): void => {
      const place = next[from] as number;
      neighbours[place] = to;
      next[from] = place + 1;
    };
    for (const [a, b] of pairs) {
      put(a, b);
      put(b, a);
    }
    return { neighbours, startOfNeighbours };
  };
  return { contradiction, lists };
}

/** start[i] = sum of the first i lengths; one entry longer than `lengths`. */
function prefixSums(lengths: Int32Array): Int32Array {
  const start = new Int32Array(lengths.length + 1);
  lengths.forEach((length, index) => {
    start[index + 1] = (start[index] as number) + length;
  });
  return start;
}

/** Every student a unit of one, for a search in which blocks may break. */
export function singleUnits(units: Units, studentCount: number): Units {
  const each = Int32Array.from({ length: studentCount }, (_, student) => student);
  return {
    ...units,
    unitCount: studentCount,
    unitOfStudent: each,
    sizeOfUnit: new Int32Array(studentCount).fill(1),
    studentsByUnit: each,
    startOfUnit: Int32Array.from({ length: studentCount + 1 }, (_, student) => student),
    // Neighbours belong to the blocks; single students are looked up by the rules' own terms.
    neighbours: new Int32Array(0),
    startOfNeighbours: new Int32Array(studentCount + 1),
  };
}
