import { rngFromSeed } from '@/core/random/rng';
import { uniformInt } from '@/core/random/uniform';
import {
  keptGroups,
  newActivity,
  NO_OWN,
  NO_WORK,
  type ActivityRecord,
  type Work,
} from '@/schema/activity';
import { ActivityId, type ClassId, type StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { TakeRecord } from '@/schema/take';
import { demoId } from './ids';

interface Crew {
  readonly classId: ClassId;
  readonly lineups: readonly LineupRecord[];
  readonly takes: readonly TakeRecord[];
  readonly idOf: (given: string) => StudentId;
}

const CRITERIA = [
  { id: 'c1', name: 'Data', text: 'Three runs of each, in a table, with units.', most: 8 },
  { id: 'c2', name: 'Plot', text: 'Axes, scale, and the bank drawn in.', most: 6 },
  { id: 'c3', name: 'Conclusion', text: 'Says what the flow means for the mill.', most: 6 },
];

/** What the crew has worked on so far, some of it marked, and what is to come. */
export function crewActivities(crew: Crew): readonly ActivityRecord[] {
  return [flowReport(crew), speciesPoster(crew), notebook(crew), bankWalkSheet(crew)];
}

/** An activity of the lineup of a week, with the groups of that week. */
function begun({ classId, lineups, takes }: Crew, name: string, week: number): ActivityRecord {
  const lineup = lineups[week - 1];
  const take = takes.find(({ id }) => id === lineup?.takeId);
  if (!lineup || !take) throw new Error(`expected groups in week ${week}, received none`);
  const id = ActivityId.parse(demoId('ac', classId, name));
  return {
    ...newActivity(id, classId, lineup.id, name, lineup.createdAt),
    groups: [...keptGroups(take.groups)],
    opens: `${lineup.createdAt.slice(0, 10)}T09:00`,
  };
}

/** By criteria, all marked, one late, two members with points of their own. */
function flowReport(crew: Crew): ActivityRecord {
  const report = begun(crew, 'Flow report', 2);
  const rng = rngFromSeed(19);
  const keys = report.groups?.map(({ key }) => key) ?? [];
  const work = keys.map((key, at): [string, Work] => [
    key,
    {
      ...NO_WORK,
      criteria: Object.fromEntries(
        CRITERIA.map(({ id, most }) => [id, most - uniformInt(rng, 5) / 2]),
      ),
      comment: at === 1 ? 'The plot is the clearest of all.' : '',
      came: { state: 'seen', at: at === 4 ? '2026-09-18T10:20' : '2026-09-17T15:40' },
    },
  ]);
  return {
    ...report,
    instructions:
      '# Flow report\n\nTwo pages: your table, a plot of the section, and what the flow means for the **old mill**.',
    ...{ due: '2026-09-17T17:00', last: '2026-09-21T17:00', criteria: CRITERIA, members: 'points' },
    late: { percent: 5, every: 'day', upTo: 20 },
    work: Object.fromEntries(work),
    own: {
      [crew.idOf('Ngozi')]: { ...NO_OWN, points: 1.5, comment: 'Led the measuring.' },
      [crew.idOf('Bram')]: { ...NO_OWN, state: 'excused' },
    },
  };
}

/** Members divided points among one another; five of seven are marked. */
function speciesPoster(crew: Crew): ActivityRecord {
  const poster = begun(crew, 'Species poster', 4);
  const groups = poster.groups ?? [];
  const rng = rngFromSeed(4);
  const answers = groups.flatMap(({ studentIds }, row) =>
    studentIds.flatMap((from, at) => {
      if (row > 4 || (row === 2 && at === 0)) return [];
      const given = studentIds.map((to, place) => {
        const points = row === 1 && at === 2 && place === 0 ? 70 : 20 + 5 * uniformInt(rng, 4);
        return [to, points] as const;
      });
      return [[from, Object.fromEntries(given)] as const];
    }),
  );
  return {
    ...poster,
    ...{ due: '2026-10-01T17:00', most: 30, members: 'answers' },
    answers: Object.fromEntries(answers),
    work: Object.fromEntries(
      groups.slice(0, 6).map(({ key }, at): [string, Work] => [
        key,
        {
          ...{ ...NO_WORK, points: at < 5 ? 15 + uniformInt(rng, 19) / 2 : null },
          came: { state: at < 5 ? 'seen' : 'in', at: `2026-10-01T1${at}:05` },
        },
      ]),
    ),
  };
}

/** Everybody alone; half of them have handed it in. */
function notebook({ classId, idOf }: Crew): ActivityRecord {
  const name = 'Field notebook';
  const id = ActivityId.parse(demoId('ac', classId, name));
  const done = ['Ngozi', 'Dov', 'Tariq', 'Petra', 'Yuki', 'Noor', 'Wiremu'].map(idOf);
  return {
    ...newActivity(id, classId, null, name, '2026-10-01T09:00:00.000Z'),
    ...{ due: '2026-10-08T12:00', most: 10, weight: 0.5 },
    work: Object.fromEntries(
      done.map((student, at): [string, Work] => [
        student,
        {
          ...{ ...NO_WORK, points: at < 5 ? 6 + (at % 4) : null },
          came: { state: 'in', at: '2026-10-08T11:10' },
        },
      ]),
    ),
  };
}

/** Still to open: it goes with the lineup until then. */
function bankWalkSheet(crew: Crew): ActivityRecord {
  const sheet = begun(crew, 'Bank walk sheet', crew.lineups.length);
  return {
    ...{ ...sheet, groups: null, opens: null, due: '2026-12-17T17:00' },
    handout:
      '# {{group}}\n\nYour stretch: **{{place}}**\n\n- who is in it: {{members}}\n\nWidth, depth and flow, three times each.',
  };
}
