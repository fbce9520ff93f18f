import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { arrangeNow } from '@/core/arrange';
import { rngFromSeed } from '@/core/random/rng';
import { uniformInt } from '@/core/random/uniform';
import { masteryIn } from '@/encode/mastery';
import { sentenceKey } from '@/encode/madeFrom';
import { requestFor } from '@/encode/request';
import { takeGroups } from '@/encode/takeGroups';
import { writeClassFile, type ClassFile } from '@/schema/classFile';
import { emptyClass, type ClassRecord } from '@/schema/classRecord';
import { ClassId, LineupId, PlanId, RuleId, SectionId, StudentId, TakeId } from '@/schema/ids';
import { stationTable } from '@/core/stations/rotation';
import { newLineup, type LineupRecord } from '@/schema/lineup';
import { emptyPlan, type PlanRecord, type Station } from '@/schema/plan';
import { PLAIN_RECIPE, type Recipe } from '@/schema/recipe';
import type { AppRecord } from '@/schema/records';
import type { RuleKindName, RuleRecord } from '@/schema/rule';
import { newStudent, type StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { say } from '@/messages';
import { spokenOrder } from '@/messages/speaking';
import { crewActivities } from './activities';
import { demoId, detail } from './ids';
import {
  JUNIOR_DETAILS,
  JUNIOR_PERIODS,
  juniorAdults,
  juniorResults,
  juniorStudents,
  RIVER_LADDER,
} from './juniors';
import {
  ESTUARY_LAB,
  FAMILY_NAMES,
  GIVEN_NAMES,
  MONDAY_CREW,
  THURSDAY_CREW,
  type Person,
} from './people';

/** The demo's groups are called after what grows on river banks. */
const DEMO_RECIPE: Recipe = {
  ...PLAIN_RECIPE,
  naming: { ...PLAIN_RECIPE.naming, from: 'words' },
};

const SKILLS = [
  { name: 'map reading', text: 'Finds a stretch of the river on the map, and its banks.' },
  { name: 'flow gauging', text: 'Measures width, depth and speed, and works out the flow.' },
  { name: 'kick sampling', text: 'Takes a sample that another crew could repeat.' },
  { name: 'species keys', text: 'Names what is in the tray with a key.' },
  { name: 'water chemistry', text: 'Measures pH and oxygen, and says what they mean.' },
  { name: 'plotting', text: 'Draws a section and a graph of the flow.' },
  { name: 'error bars', text: 'Says how sure a figure is.' },
  { name: 'write-up', text: 'Tells what was found, and how.' },
];

const DETAIL = {
  experience: detail('experience', 'number'),
  level: detail('level', 'level', ['new', 'some', 'seasoned']),
  swims: detail('swims', 'yesNo'),
  language: detail('home language', 'category'),
  drives: detail('drives', 'yesNo'),
};
const SECTIONS = ['North bank', 'South bank'].map((name, sign) => ({
  id: SectionId.parse(demoId('sec', name)),
  name,
  sign,
}));
const WEEKS = [
  'Week 1, first look',
  'Week 2, flow gauging',
  'Week 3, kick sampling',
  'Week 4, species keys',
  'Week 5, water chemistry',
  'Week 6, mill pool',
];
const LARGE_COURSE = 1_200;
/** Dates are fixed, so that the files come out the same each time. */
const FIRST_DAY = Date.UTC(2026, 8, 3, 9);
const DAY_MS = 86_400_000;
const TODAY = '2026-10-15';

const INSTRUCTIONS = `# Bank walk

1. Fetch your bag and **check the list** inside.
2. Walk your stretch once before you measure.
3. Measure width, depth and flow **three times**.
4. Back at the footbridge at *10:40*.`;

const PLACES = [
  'Footbridge',
  'Weir pool',
  'Mill race',
  'Old ford',
  'Alder bend',
  'Gravel bar',
  'Outfall',
];

const STATIONS: Station[] = [
  { name: 'Flow', place: 'Footbridge', instruction: 'Time the float over ten metres, three runs.' },
  { name: 'Kick sample', place: 'Gravel bar', instruction: 'Two minutes, then sort into trays.' },
  { name: 'Chemistry', place: 'Mill race', instruction: 'pH, oxygen and temperature.' },
  { name: 'Cross-section', place: 'Old ford', instruction: 'Depth every half metre.' },
];

interface Parts {
  readonly students: StudentRecord[];
  readonly rules: RuleRecord[];
  readonly lineups: LineupRecord[];
  readonly takes: TakeRecord[];
}

/** Writes the demo's class files into the folder. */
export function writeDemo(folder: string): void {
  mkdirSync(folder, { recursive: true });
  const files = {
    'thursday-crew': thursday(),
    'estuary-lab': estuary(),
    'monday-crew': monday(),
    'open-course': openCourse(),
    ...Object.fromEntries(
      JUNIOR_CLASSES.map((name, part) => [`juniors-${part + 1}`, juniors(name, part)]),
    ),
  };
  Object.entries(files).forEach(([name, file]) =>
    writeFileSync(join(folder, `${name}.json`), `${JSON.stringify(file, null, 1)}\n`),
  );
}

function thursday(): ClassFile {
  const theClass = {
    ...demoClass('thursday', 'River Survey, Thursday crew', 0),
    courseCode: 'RIV-2',
    sections: SECTIONS,
    details: Object.values(DETAIL),
    skillLadder: SKILLS,
    staff: [
      { name: 'Oda Lindqvist', email: 'oda.lindqvist@example.org', role: 'teacher' },
      { name: 'Rewi Tamati', email: 'rewi.tamati@example.org', role: 'field assistant' },
    ],
  };
  const students = THURSDAY_CREW.map((person, index) => surveyor(theClass.id, person, index));
  const idOf = (given: string): StudentId => {
    const student = students.find(({ givenName }) => givenName === given);
    if (!student) throw new Error(`expected a student called ${given}, received none`);
    return student.id;
  };
  const rule = (
    order: number,
    kind: RuleKindName,
    given: string[],
    reason: string,
    until: string | null = null,
  ): RuleRecord => ({
    record: 'rule',
    id: RuleId.parse(demoId('r', theClass.id, order)),
    classId: theClass.id,
    kind,
    studentIds: given.map(idOf),
    reason,
    until,
    order,
  });
  const rules = [
    rule(1, 'apart', ['Ngozi', 'Dov'], 'They talk over each other', '2026-12-18'),
    rule(2, 'apart', ['Tariq', 'Bram', 'Petra'], 'Each needs a turn with the gauge'),
    rule(3, 'together', ['Yuki', 'Noor'], 'They share the field tablet'),
    rule(4, 'together', ['Wiremu', 'Anahera'], ''),
  ];
  const parts: Parts = { students, rules, lineups: [], takes: [] };
  WEEKS.forEach((name, week) => addLineup(parts, theClass, name, week, 'retired', [week + 11]));
  addLineup(parts, theClass, 'Week 7, bank walk', WEEKS.length, 'draft', [71, 76], {
    ...DEMO_RECIPE,
    balance: [
      { detail: DETAIL.experience.id, how: 'mix', importance: 'plain' },
      { detail: DETAIL.language.id, how: 'mix', importance: 'plain' },
    ],
    freshPartners: 'plain',
  });
  const { lineups, takes } = parts;
  const activities = crewActivities({ classId: theClass.id, lineups, takes, idOf });
  return finish(theClass, parts, [bankWalk(theClass, parts), ...activities]);
}

/** What the crew does in its newest lineup: four stations along the bank, two groups at each. */
function bankWalk(theClass: ClassRecord, { lineups, takes }: Parts): PlanRecord {
  const lineup = lineups.at(-1);
  const groups = takes.at(-1)?.groups ?? [];
  if (!lineup) throw new Error('expected a lineup, received none');
  const rotation = { groups: groups.length, stations: 4, perStation: 2, turns: 4 };
  return {
    ...emptyPlan(PlanId.parse(demoId('p', 'thursday')), theClass.id, lineup.id),
    instructions: INSTRUCTIONS,
    places: Object.fromEntries(groups.map(({ sign }, row) => [String(sign), PLACES[row] ?? ''])),
    turns: {
      ...{ kind: 'stations', stations: STATIONS, perStation: 2, minutes: 12 },
      table: stationTable(rotation).table.map((row) => [...row]),
    },
  };
}

function estuary(): ClassFile {
  const theClass = { ...demoClass('estuary', 'Estuary Lab', 1), courseCode: 'EST-1' };
  const parts = plainParts(theClass, 'estuary', ESTUARY_LAB);
  addLineup(parts, theClass, 'Salt wedge', 0, 'draft', []);
  return finish(theClass, parts);
}

function monday(): ClassFile {
  const theClass = { ...demoClass('monday', 'River Survey, Monday crew', 2), courseCode: 'RIV-2' };
  const parts = plainParts(theClass, 'monday', MONDAY_CREW);
  addLineup(parts, theClass, 'Week 7, bank walk', 0, 'draft', []);
  return finish(theClass, parts);
}

function openCourse(): ClassFile {
  const theClass = { ...demoClass('open', 'Watershed Open Course', 3), courseCode: 'WOC' };
  const names = Array.from({ length: LARGE_COURSE }, (_, i) => {
    const given = GIVEN_NAMES[i % GIVEN_NAMES.length] ?? '';
    const family = FAMILY_NAMES[Math.floor(i / GIVEN_NAMES.length) % FAMILY_NAMES.length] ?? '';
    return `${given} ${family}`;
  });
  const parts = plainParts(theClass, 'open', names);
  addLineup(parts, theClass, 'Discussion 1', 0, 'draft', []);
  return finish(theClass, parts);
}

const JUNIOR_CLASSES = ['Junior Survey, Ford', 'Junior Survey, Weir', 'Junior Survey, Mill'];

/** One of three classes of a year; the adults who help them are kept with the first. */
function juniors(name: string, part: number): ClassFile {
  const theClass = {
    ...demoClass(`juniors ${part}`, name, 4 + part),
    courseCode: 'JUN',
    details: [...JUNIOR_DETAILS],
    skillLadder: [...RIVER_LADDER],
    periods: [...JUNIOR_PERIODS],
    staff: [
      {
        name: ['Oda Lindqvist', 'Rewi Tamati', 'Pia Moen'][part] ?? '',
        email: null,
        role: 'teacher',
      },
    ],
  };
  const students = [...juniorStudents(theClass, part)];
  const parts: Parts = { students, rules: [], lineups: [], takes: [] };
  const recipe: Recipe = {
    ...DEMO_RECIPE,
    sizing: { by: 'atMost', size: 6 },
    needs: { focus: 2, importance: 'most', unknown: 'anywhere' },
  };
  const results = juniorResults(theClass, students, part);
  addLineup(parts, theClass, 'River reading', 0, 'draft', [], recipe);
  return finish(theClass, parts, [...results, ...(part === 0 ? juniorAdults(theClass) : [])]);
}

function demoClass(key: string, name: string, place: number): ClassRecord {
  const createdAt = new Date(FIRST_DAY + place * 60_000).toISOString();
  return { ...emptyClass(ClassId.parse(demoId('c', key)), name, createdAt), term: 'Spring 2026' };
}

function surveyor(classId: ClassId, person: Person, index: number): StudentRecord {
  const [given, family, section, experience, level, swims, language, drives] = person;
  const name = `${given} ${family}`.trim();
  const rng = rngFromSeed(index + 1);
  const strength = (experience ?? 50) - 30;
  // Mastery falls along the ladder, for its skills are learned in order.
  const mastery = SKILLS.map(({ name: skill }, step) => {
    const value = 70 + strength - step * 12 + uniformInt(rng, 21);
    return [skill, Math.max(0, Math.min(100, value))] as const;
  });
  return {
    ...newStudent(StudentId.parse(demoId('s', classId, index)), classId, index + 1, {
      name,
      email: addressOf(name),
    }),
    givenName: given,
    familyName: family,
    externalId: `00${4100 + index * 7}`,
    sectionId: SECTIONS.find((one) => one.name === section)?.id ?? null,
    details: {
      ...(experience === null ? {} : { [DETAIL.experience.id]: experience }),
      [DETAIL.level.id]: level,
      [DETAIL.swims.id]: swims,
      [DETAIL.language.id]: language,
      [DETAIL.drives.id]: drives,
    },
    mastery: Object.fromEntries(mastery),
  };
}

/** Two addresses are as troublesome as real ones: a slip in the domain, and none at all. */
function addressOf(name: string): string {
  if (name === 'Iolo Wynne') return '';
  const local = name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/ /g, '.');
  return `${local}@${name === 'Chipo Dube' ? 'exmaple.org' : 'example.org'}`;
}

function plainParts(theClass: ClassRecord, key: string, names: readonly string[]): Parts {
  const students = names.map((name, index) => {
    const email = `${key}.${index + 1}@example.org`;
    const id = StudentId.parse(demoId('s', theClass.id, index));
    return newStudent(id, theClass.id, index + 1, { name, email });
  });
  return { students, rules: [], lineups: [], takes: [] };
}

/** Adds a lineup with one real shuffle for each seed, a week after the one before. */
function addLineup(
  parts: Parts,
  theClass: ClassRecord,
  name: string,
  week: number,
  state: LineupRecord['state'],
  seeds: readonly number[],
  recipe: Recipe = DEMO_RECIPE,
): void {
  const id = LineupId.parse(demoId('l', theClass.id, week));
  const createdAt = new Date(FIRST_DAY + week * 7 * DAY_MS).toISOString();
  const used = state === 'draft' ? null : { on: createdAt.slice(0, 10), here: null, again: [] };
  const lineup = { ...newLineup(id, theClass.id, name, createdAt, recipe), state, used };
  const students = parts.students.map((one) => ({ ...one, here: true }));
  const history = parts.lineups.flatMap(({ takeId }) => {
    const take = parts.takes.find((one) => one.id === takeId);
    return take ? [take.groups.map(({ studentIds }) => studentIds)] : [];
  });
  const takes = seeds.map((seed, index): TakeRecord => {
    const bench = {
      ...{ lineup, theClass, students, rules: parts.rules, others: {} },
      mastery: masteryIn(theClass, []),
      ...{ history, take: undefined, takes: [], today: TODAY, compare: spokenOrder },
    };
    const outcome = arrangeNow(requestFor(bench, seed).request);
    if (!outcome.ok || !outcome.result.feasible)
      throw new Error(`expected groups for ${name}, received none`);
    return {
      record: 'take',
      id: TakeId.parse(demoId('t', id, index)),
      lineupId: id,
      classId: theClass.id,
      number: index + 1,
      seed,
      groups: [
        ...takeGroups(outcome.result, (row) => say.groupWords[row % say.groupWords.length] ?? ''),
      ],
      dealt: null,
      starred: false,
      madeBy: sentenceKey(recipe),
      createdAt,
    };
  });
  parts.takes.push(...takes);
  parts.lineups.push({ ...lineup, takeId: takes.at(-1)?.id ?? null });
}

function finish(theClass: ClassRecord, parts: Parts, more: readonly AppRecord[] = []): ClassFile {
  const openLineupId = parts.lineups.at(-1)?.id ?? null;
  const { students, rules, lineups, takes } = parts;
  return writeClassFile([
    { ...theClass, openLineupId },
    ...students,
    ...rules,
    ...lineups,
    ...takes,
    ...more,
  ]);
}
