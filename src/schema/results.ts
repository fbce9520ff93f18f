import * as z from 'zod/mini';
import { ClassId, newId, ResultsId, type StudentId } from './ids';
import type { RecordType } from './versions';

/** One question of a test. */
export const ResultItem = z.object({
  /** As its column was headed. */
  name: z.string(),
  /** The name of the skill that it asks for; null for none of the ladder. */
  skill: z.nullable(z.string()),
  /** The most points it gives. */
  whole: z.number().check(z.gt(0)),
});
export type ResultItem = z.infer<typeof ResultItem>;

/** What a class answered in one test. */
export const ResultsRecord = z.object({
  record: z.literal('results'),
  id: ResultsId,
  classId: ClassId,
  name: z.string(),
  /** The day of the test, YYYY-MM-DD. */
  on: z.iso.date(),
  items: z.array(ResultItem),
  /** Student → points for each item, null for no answer. */
  answers: z.record(z.string(), z.array(z.nullable(z.number()))),
  createdAt: z.iso.datetime(),
});
export type ResultsRecord = z.infer<typeof ResultsRecord>;

export const resultsType: RecordType<ResultsRecord> = {
  record: 'results',
  validator: ResultsRecord,
  migrations: [],
  freshId: () => newId(ResultsId, 'rs'),
  owner: ({ classId }) => classId,
  list: 'results',
  renamed: (results, to) => {
    const [id, classId] = [to.results(results.id), to.class(results.classId)];
    if (id === null || classId === null) return null;
    const answers: Record<string, (number | null)[]> = {};
    for (const [student, points] of Object.entries(results.answers)) {
      const next = to.student(student as StudentId);
      if (next === null) continue;
      // Of two rows that are one student, what either answered counts, the first before the second.
      const known = answers[next];
      answers[next] = points.map((one, at) => known?.[at] ?? one);
    }
    return { ...results, id, classId, answers };
  },
  merging: { answers: { each: 'whole' } },
};
