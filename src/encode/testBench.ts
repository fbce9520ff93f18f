import { emptyClass, type ClassRecord, type Detail, type Section } from '../schema/classRecord';
import { ClassId, DetailId, LineupId, RuleId, SectionId, StudentId, TakeId } from '../schema/ids';
import { newLineup } from '../schema/lineup';
import { PLAIN_RECIPE, type Recipe } from '../schema/recipe';
import type { RuleRecord } from '../schema/rule';
import { newStudent, type RollStudent } from '../schema/student';
import { newGroup, type TakeRecord } from '../schema/take';
import type { Bench } from './bench';
import { masteryIn } from './mastery';

const classId = ClassId.parse('c_crew');
const MOMENT = '2026-10-15T09:00:00.000Z';

export const idOf = (name: string): StudentId => StudentId.parse(name);
export const idsOf = (names: string): StudentId[] => names.split(' ').filter(Boolean).map(idOf);

/** A detail whose name is its id. */
export function detail(id: string, kind: Detail['kind'], levels: string[] = []): Detail {
  return { id: DetailId.parse(id), name: id, kind, levels };
}

export function section(id: string, name: string, sign: number): Section {
  return { id: SectionId.parse(id), name, sign };
}

/** A student whose id is the name. */
export function student(
  name: string,
  order: number,
  known: Partial<RollStudent> = {},
): RollStudent {
  return { ...newStudent(idOf(name), classId, order, { name, email: '' }), here: true, ...known };
}

export function rule(
  kind: RuleRecord['kind'],
  names: string,
  until: string | null = null,
): RuleRecord {
  return {
    ...{ record: 'rule', id: RuleId.parse(`r ${names}`), classId, kind },
    ...{ studentIds: idsOf(names), reason: '', until, order: 1 },
  };
}

/** A take of groups given as names: `['Ana Bo', 'Caro']`. */
export function take(groups: readonly string[], known: Partial<TakeRecord> = {}): TakeRecord {
  return {
    ...{ record: 'take', id: TakeId.parse('t_1'), lineupId: LineupId.parse('l_1'), classId },
    ...{ number: 1, seed: 1, dealt: null, starred: false, madeBy: null, createdAt: MOMENT },
    groups: groups.map((names, row) => newGroup(`Group ${row + 1}`, row, idsOf(names))),
    ...known,
  };
}

interface Given {
  readonly students: readonly RollStudent[];
  readonly recipe?: Partial<Recipe>;
  readonly theClass?: Partial<ClassRecord>;
  readonly bench?: Partial<Bench>;
  readonly pinned?: string;
}

/** A bench around some students, for tests: everything that is not given is as in a new class. */
export function testBench({ students, recipe, theClass, bench, pinned = '' }: Given): Bench {
  const lineup = newLineup(LineupId.parse('l_1'), classId, 'Week 1', MOMENT, {
    ...PLAIN_RECIPE,
    ...recipe,
  });
  const whole = { ...emptyClass(classId, 'Crew', MOMENT), ...theClass };
  return {
    lineup: { ...lineup, pinned: idsOf(pinned) },
    theClass: whole,
    mastery: masteryIn(whole, []),
    students,
    rules: [],
    history: [],
    others: {},
    take: undefined,
    takes: [],
    today: '2026-11-24',
    compare: new Intl.Collator('en', { numeric: true }).compare,
    ...bench,
  };
}
