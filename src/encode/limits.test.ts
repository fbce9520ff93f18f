import { arrangeNow } from '../core/arrange';
import { BY_SECTION, type Limit } from '../schema/recipe';
import { countRules, limitsWithout, requestFor } from './request';
import { brokenRules } from './ruleState';
import { detail, idsOf, rule, section, student, testBench } from './testBench';

const LANGUAGES = { Ana: 'Arabic', Bo: 'Arabic', Caro: 'Somali', Dov: 'Somali', Eli: 'Tamil' };
const all = (kind: Limit['kind'], count = 1): Limit => ({
  ...{ kind, detail: 'language', value: null, count },
});
const bench = (limits: readonly Limit[], rules = [rule('apart', 'Ana Caro')]) =>
  testBench({
    students: Object.entries(LANGUAGES).map(([name, language], i) =>
      student(name, i, { details: { language }, sectionId: i < 2 ? 'north' : 'south' }),
    ),
    theClass: {
      details: [detail('language', 'category')],
      sections: [section('north', 'North', 0), section('south', 'South', 1)],
    },
    recipe: { sizing: { by: 'count', count: 2 }, limits: [...limits] },
    bench: { rules },
  });

describe('a limit about every value', () => {
  test('is asked for each that somebody here has, but of one who could only be alone', () => {
    const values = (kind: Limit['kind']) =>
      requestFor(bench([all(kind)], []), 1).request.rules.map((one) => 'value' in one && one.value);
    expect(values('notAlone')).toEqual(['Arabic', 'Somali']);
    expect(values('atMost')).toEqual(['Arabic', 'Somali', 'Tamil']);
  });

  test('looks at those who are dealt alone', () => {
    const of = bench([all('notAlone')], []);
    const away = { ...of, students: of.students.map((one, i) => ({ ...one, here: i !== 0 })) };
    expect(requestFor(away, 1).sources.map((one) => one.from === 'limit' && one.value)).toEqual([
      'Somali',
    ]);
  });

  test('holds for sections as well, and is kept by the groups', () => {
    const of = bench([{ ...all('notAlone'), detail: BY_SECTION }, all('notAlone')]);
    const outcome = arrangeNow(requestFor(of, 7).request);
    if (!outcome.ok) throw new Error('no groups');
    const groups = outcome.result.rounds[0]!.groups.map((ids) => idsOf(ids.join(' ')));
    expect(brokenRules(groups, of)).toEqual([]);
    expect(groups.find((ids) => ids.includes(idsOf('Ana')[0]!))).toContain('Bo');
  });

  test('counts as one rule wherever it is broken, and is broken value by value', () => {
    const of = bench([all('notAlone')], []);
    const broken = brokenRules([idsOf('Ana Caro'), idsOf('Bo Dov Eli')], of);
    expect(broken.map(({ group, studentIds }) => [group, studentIds])).toEqual([
      [0, ['Ana']],
      [1, ['Bo']],
      [0, ['Caro']],
      [1, ['Dov']],
    ]);
    expect(countRules(broken.map(({ source }) => source))).toBe(1);
  });

  test('left out for one value goes on for the others', () => {
    const limit = all('atMost', 2);
    const of = bench([limit]);
    expect(limitsWithout(of, { from: 'limit', limit, value: 'Somali' })).toEqual([
      { ...limit, value: 'Arabic' },
      { ...limit, value: 'Tamil' },
    ]);
  });
});

test('two values left out one after the other are both gone, as a way out asks for', () => {
  const limit = all('atMost', 2);
  const of = bench([limit]);
  const first = limitsWithout(of, { from: 'limit', limit, value: 'Somali' });
  const then = {
    ...of,
    lineup: { ...of.lineup, recipe: { ...of.lineup.recipe, limits: [...first] } },
  };
  expect(limitsWithout(then, { from: 'limit', limit, value: 'Tamil' })).toEqual([
    { ...limit, value: 'Arabic' },
  ]);
});

test('a limit about one value that is left out leaves the others of the recipe', () => {
  const [one, two] = [
    { ...all('atLeast'), value: 'Arabic' },
    { ...all('atMost'), value: 'Arabic' },
  ];
  expect(limitsWithout(bench([one, two]), { from: 'limit', limit: one, value: 'Arabic' })).toEqual([
    two,
  ]);
});
