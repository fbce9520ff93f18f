import { arrangeNow } from '@/core/arrange';
import type { ClashReason } from '@/core/format';
import { Insight } from '@/encode/insight';
import { requestFor } from '@/encode/request';
import { brokenRules } from '@/encode/ruleState';
import { take as takeOf, testBench } from '@/encode/testBench';
import { sayClash } from '@/messages/clash';
import { ClassId, DetailId, newId, RuleId, SectionId, StudentId } from '@/schema/ids';
import { BY_SECTION, type Limit, type Recipe } from '@/schema/recipe';
import type { RuleRecord } from '@/schema/rule';
import { newStudent } from '@/schema/student';
import { newGroup } from '@/schema/take';
import { factSentence } from '../groups/drawer/factWords';
import { brokenSentence, clashNames, limitSentence, ruleSentence } from './ruleSources';

/** An id as a browser draws them. */
const ID = /\b[a-z]+_[0-9a-f]{8,}/;

const classId = newId(ClassId, 'c');
const [north, south] = [newId(SectionId, 'sec'), newId(SectionId, 'sec')];
const [level, swims] = [newId(DetailId, 'det'), newId(DetailId, 'det')];
const students = ['Ana', 'Bo', 'Caro', 'Dov', 'Eli', 'Fay'].map((name, i) => ({
  ...newStudent(newId(StudentId, 's'), classId, i, { name, email: '' }),
  here: true,
  sectionId: i < 4 ? north : south,
  details: { [level]: i === 0 ? 'new' : 'seasoned', [swims]: i < 2 },
}));
const ids = students.map(({ id }) => id);
const nameOf = (id: string): string => students.find((one) => one.id === id)?.name ?? '?';
const rule = (kind: RuleRecord['kind'], ...members: number[]): RuleRecord => ({
  ...{ record: 'rule', id: newId(RuleId, 'r'), classId, kind, reason: '', until: null, order: 1 },
  studentIds: members.map((place) => ids[place] as StudentId),
});
const limit = (kind: Limit['kind'], detail: string, value: string | null, count = 1): Limit => ({
  ...{ kind, detail, value, count },
});
const groups = [ids.slice(0, 3), ids.slice(3)].map((members, i) => newGroup(`G${i}`, i, members));
const bench = (recipe: Partial<Recipe>, rules: RuleRecord[], pinned: StudentId[] = []) => {
  const plain = testBench({
    students,
    theClass: {
      id: classId,
      sections: [
        { id: north, name: 'North bank', sign: 0 },
        { id: south, name: 'South bank', sign: 1 },
      ],
      details: [
        { id: level, name: 'level', kind: 'level', levels: ['new', 'seasoned'] },
        { id: swims, name: 'swims', kind: 'yesNo', levels: [] },
      ],
    },
    recipe: { sizing: { by: 'count', count: 2 }, ...recipe },
    bench: { rules, take: { ...takeOf([]), classId, groups } },
  });
  return { ...plain, lineup: { ...plain.lineup, pinned } };
};

/** One way to bring about each reason why rules cannot hold. */
const CLASHES: Readonly<Record<ClashReason['code'], ReturnType<typeof bench>>> = {
  togetherYetApart: bench({}, [rule('together', 0, 1), rule('apart', 0, 1)]),
  blockTooLarge: bench({}, [rule('together', 0, 1, 2, 3)]),
  tooManyApart: bench({}, [rule('apart', 0, 1, 2)]),
  noGroupFits: bench({ sections: 'kept' }, [rule('together', 0, 5)]),
  pinnedTooMany: bench({}, [], []),
  tooFewSections: bench({ sections: 'kept', sizing: { by: 'count', count: 1 } }, []),
  tooFewWithValue: bench({ limits: [limit('atLeast', swims, 'yes', 2)] }, []),
  tooManyWithValue: bench({ limits: [limit('atMost', BY_SECTION, north, 1)] }, []),
  aloneWithValue: bench({ limits: [limit('notAlone', level, 'new')] }, []),
  cannotBeShared: bench(
    { limits: [limit('atMost', swims, 'yes', 1), limit('notAlone', swims, 'yes')] },
    [],
  ),
  exhausted: bench({ limits: [limit('notAlone', swims, 'yes')] }, [rule('apart', 0, 1)]),
};

test.each(Object.entries(CLASHES))(
  'a clash (%s) is told of students, details and sections by their names',
  (code, of) => {
    const plan = requestFor(of, 1);
    // No class of this size pins too many of its own: the sentence is fed by hand.
    const outcome = arrangeNow(plan.request);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const reason: ClashReason | undefined =
      code === 'pinnedTooMany'
        ? { code, students: ids.slice(0, 4), group: 0, seats: 3 }
        : outcome.result.clash?.reason;
    expect(reason?.code).toBe(code);
    const sentences = [
      sayClash.sentence(reason as ClashReason, clashNames(of.theClass, nameOf)),
      ...plan.sources.map((source) => ruleSentence(source, of.theClass, nameOf)),
    ];
    sentences.forEach((sentence) => {
      expect(sentence).not.toMatch(ID);
      expect(sentence).not.toMatch(/undefined|\?/);
    });
  },
);

test.each([
  [limit('notAlone', level, null), 'nobody alone in a group with their'],
  [limit('atMost', BY_SECTION, null, 2), 'at most 2 with each section in every group'],
])('a limit about every value is told as such (%#)', (about, words) => {
  expect(limitSentence(about, bench({}, []).theClass)).toContain(words);
});

test('a limit that a group breaks is said as what is wrong there', () => {
  const of = bench(
    {
      limits: [
        limit('notAlone', BY_SECTION, null),
        limit('atLeast', swims, 'yes', 9),
        limit('atMost', swims, 'yes', 0),
      ],
    },
    [],
  );
  const told = brokenRules([[ids[0]!, ids[5]!], [ids[1]!]], of).map(({ source, studentIds }) =>
    brokenSentence(source, studentIds, of.theClass, nameOf),
  );
  told.forEach((sentence) => expect(sentence).not.toMatch(ID));
  expect(told).toEqual(
    expect.arrayContaining([expect.stringMatching(/is the only one here with/)]),
  );
  expect(told).toEqual(expect.arrayContaining([expect.stringMatching(/here with .*, 0 at most$/)]));
  expect(told).toEqual(
    expect.arrayContaining([expect.stringMatching(/^(nobody|only \d of 9) here with/)]),
  );
});

test('what is told of a group or a student names values, rules and sections, never ids', () => {
  const of = bench(
    {
      sections: 'mixed',
      balance: [
        { detail: level, how: 'match', importance: 'plain' },
        { detail: swims, how: 'mix', importance: 'plain' },
      ],
      limits: [limit('atLeast', swims, 'yes'), limit('notAlone', BY_SECTION, south)],
    },
    [rule('apart', 0, 1), rule('together', 2, 3)],
    ids.slice(0, 1),
  );
  const insight = Insight.of(of, of.take, [level, swims, BY_SECTION]);
  const facts = [
    ...[0, 1].flatMap((row) => insight!.whyGroup(row)),
    ...ids.flatMap((id) => insight!.whyStudent(id)),
  ];
  const sentences = facts.flatMap((fact) =>
    (['group', 'student'] as const).flatMap(
      (about) => factSentence(fact, { theClass: of.theClass, nameOf, about })?.text ?? [],
    ),
  );
  expect(sentences.length).toBeGreaterThan(10);
  expect(sentences.filter((sentence) => ID.test(sentence))).toEqual([]);
});
