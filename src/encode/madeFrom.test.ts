import type { Recipe } from '../schema/recipe';
import { changedSince, sentenceKey } from './madeFrom';
import { student, take, testBench } from './testBench';

const students = ['Ana', 'Bo', 'Caro', 'Dov'].map((name, order) => student(name, order));
const bench = (recipe: Partial<Recipe> = {}) => testBench({ students, recipe });
const madeBy = sentenceKey(bench().lineup.recipe);
const made = take(['Ana Bo', 'Caro Dov'], { madeBy });

test('groups are as new as the sentence until it asks for something else, and again when that is taken back', () => {
  expect(changedSince(made, bench())).toEqual([]);
  const fives = bench({ sizing: { by: 'size', size: 5, leftover: 'spread' } });
  expect(changedSince(made, fives)).toEqual(['sentence']);
  expect(changedSince(take(['Ana Bo', 'Caro Dov']), fives)).toEqual([]);
});

test('what groups are called, and the order in which parts were set, change nothing', () => {
  const naming = { from: 'letters' as const, list: [], withCode: true, withDate: false };
  expect(changedSince(made, bench({ naming }))).toEqual([]);
  const turned = Object.fromEntries(Object.entries(bench().lineup.recipe).reverse()) as Recipe;
  expect(sentenceKey(turned)).toBe(madeBy);
});

test('somebody who has come or gone makes them older than the roll; whoever was taken out by hand does not', () => {
  const away = students.map((one) => (one.name === 'Dov' ? { ...one, here: false } : one));
  expect(changedSince(made, { ...bench(), students: away })).toEqual(['roll']);
  const more = [...students, student('Eli', 5)];
  expect(changedSince(made, { ...bench(), students: more })).toEqual(['roll']);
  const { groups } = made;
  const byHand = take(['Ana Bo', 'Caro'], { madeBy, dealt: groups });
  expect(changedSince(byHand, bench())).toEqual([]);
});
