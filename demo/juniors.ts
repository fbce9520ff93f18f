import { rngFromSeed } from '@/core/random/rng';
import { uniformInt } from '@/core/random/uniform';
import { newAdult, type AdultRecord } from '@/schema/adult';
import type { ClassRecord, Detail, LadderSkill, Period } from '@/schema/classRecord';
import { AdultId, PeriodId, ResultsId, StudentId } from '@/schema/ids';
import type { ResultItem, ResultsRecord } from '@/schema/results';
import { newStudent, type StudentRecord } from '@/schema/student';
import { demoId, detail } from './ids';
import { FAMILY_NAMES, GIVEN_NAMES } from './people';

/** Reading a river: from naming its banks to modelling its flow. */
export const RIVER_LADDER: readonly LadderSkill[] = [
  { name: 'naming the banks', text: 'Left and right bank, looking downstream.' },
  { name: 'reading the map', text: 'Finds a stretch of the river by its contour lines.' },
  { name: 'measuring a section', text: 'Width, and depth every half metre.' },
  { name: 'timing a float', text: 'Three runs over ten metres, and their mean.' },
  { name: 'working out flow', text: 'Area times speed, in cubic metres a second.' },
  { name: 'drawing a graph', text: 'Flow over the weeks, with units on both axes.' },
  { name: 'judging errors', text: 'Says how sure a figure is, and why.' },
  { name: 'modelling flow', text: 'Tells from rain of last week what the river does next.' },
];

const RISK = detail('falls behind', 'level', ['no', 'watch', 'yes']);
const ELSEWHERE = detail('helped elsewhere', 'yesNo');
const LANGUAGE = detail('home language', 'category');
export const JUNIOR_DETAILS: readonly Detail[] = [RISK, ELSEWHERE, LANGUAGE];
const LANGUAGES = ['Welsh', 'Spanish', 'Arabic', 'Malayalam'];

/** Three questions for each of the first skills, two for the last; most are right or wrong, some give more points. */
const ITEMS: readonly ResultItem[] = RIVER_LADDER.flatMap(({ name }, step) =>
  Array.from({ length: step < 5 ? 3 : 2 }, (_, at) => ({
    name: `${step + 1}${'abc'[at]} ${name}`,
    skill: name,
    whole: at === 2 ? 3 : 1,
  })),
);

const period = (name: string, day: number, from: string, to: string): Period => ({
  id: PeriodId.parse(demoId('pe', name)),
  ...{ name, day, from, to },
});
export const JUNIOR_PERIODS: readonly Period[] = [
  period('Monday early', 1, '08:45', '09:25'),
  period('Tuesday late', 2, '13:30', '14:10'),
  period('Thursday early', 4, '08:45', '09:25'),
];

/** Name, times by place, groups at once, skills from and to by place (null for all), room. */
const ADULTS: readonly (readonly [
  string,
  readonly number[],
  number,
  readonly [number, number] | null,
  string,
])[] = [
  ['Maren Oyelaran', [0, 1, 2], 1, null, 'Boathouse'],
  ['Teodor Vale', [0, 1], 1, [0, 3], 'Library'],
  ['Ines Karlsen', [1, 2], 1, [0, 4], 'Room 4'],
  ['Joao Brandt', [0, 2], 1, [2, 7], 'Lab'],
  ['Wanja Kimathi', [1], 2, [0, 7], 'Hall'],
  ['Sefa Leota', [2], 1, [3, 7], 'Room 9'],
];

export function juniorAdults(theClass: ClassRecord): readonly AdultRecord[] {
  return ADULTS.map(([name, times, atOnce, skills, room], at) => ({
    ...newAdult(AdultId.parse(demoId('a', name)), theClass.id, at + 1, {
      name,
      email: `${name.toLowerCase().replace(' ', '.')}@example.org`,
    }),
    times: times.flatMap((one) => JUNIOR_PERIODS[one]?.id ?? []),
    skills: skills ? RIVER_LADDER.slice(skills[0], skills[1] + 1).map(({ name: one }) => one) : [],
    ...{ atOnce, room },
  }));
}

const JUNIORS = 22;

/** The students of one of the three classes: names are taken in turn, so that no two are called alike. */
export function juniorStudents(theClass: ClassRecord, part: number): readonly StudentRecord[] {
  return Array.from({ length: JUNIORS }, (_, index) => {
    const rng = rngFromSeed(170 + part * 100 + index);
    const given = GIVEN_NAMES[(index * 3 + part) % GIVEN_NAMES.length] ?? '';
    const family = FAMILY_NAMES[(index * 7 + part * 11) % FAMILY_NAMES.length] ?? '';
    const [risk, elsewhere] = [uniformInt(rng, 6), uniformInt(rng, 9) === 0];
    return {
      ...newStudent(StudentId.parse(demoId('s', theClass.id, index)), theClass.id, index + 1, {
        name: `${given} ${family}`,
        email: `junior.${part + 1}.${index + 1}@example.org`,
      }),
      ...{ givenName: given, familyName: family, externalId: `J${part + 1}${100 + index}` },
      details: {
        [RISK.id]: risk === 0 ? 'yes' : risk < 3 ? 'watch' : 'no',
        [ELSEWHERE.id]: elsewhere,
        [LANGUAGE.id]: LANGUAGES[uniformInt(rng, LANGUAGES.length)] ?? '',
      },
    };
  });
}

/** Two tests, six weeks apart: what is learned is learned in order, with slips, and one student missed both. */
export function juniorResults(
  theClass: ClassRecord,
  students: readonly StudentRecord[],
  part: number,
): readonly ResultsRecord[] {
  return [
    ['First walk', '2026-09-01', 0],
    ['Second walk', '2026-10-13', 1],
  ].map(([name, on, later]): ResultsRecord => {
    const answers: ResultsRecord['answers'] = {};
    students.forEach(({ id }, index) => {
      if (index === 5) return;
      const rng = rngFromSeed(9000 + part * 1000 + index * 10 + Number(later));
      const reach = ((index * 5 + part * 3) % 8) + (later === 1 && index % 3 > 0 ? 1 : 0);
      answers[id] = ITEMS.map(({ skill, whole }) => {
        const step = RIVER_LADDER.findIndex((one) => one.name === skill);
        const slips = uniformInt(rng, 16) === 0;
        return step < reach !== slips ? whole : Math.floor(whole / 2);
      });
    });
    return {
      ...{ record: 'results', id: ResultsId.parse(demoId('rs', theClass.id, String(on))) },
      ...{ classId: theClass.id, name: String(name), on: String(on), answers },
      items: [...ITEMS],
      createdAt: `${String(on)}T12:00:00.000Z`,
    };
  });
}
