/** @jest-environment jsdom */
import { render } from '@testing-library/react';
import { sayRecipe } from '@/messages/recipe';
import { filled } from './filled';

const textOf = (node: React.ReactNode): string => render(<p>{node}</p>).container.textContent;

test('every slot is filled in the order of the sentence, and the rest stands as written', () => {
  expect(textOf(filled('Set {one}, then {two}.', { two: <b>2</b>, one: '1', idle: 'x' }))).toBe(
    'Set 1, then 2.',
  );
});

test('a slot that nothing is for is a mistake of the language, not a hole in the sentence', () => {
  expect(() => filled('Set {three}.', { one: '1' })).toThrow('three');
});

test('controls are listed as the language lists words', () => {
  const list = (...things: React.ReactNode[]) => textOf(sayRecipe.listParts(things));
  expect(list(<b key="a">a</b>)).toBe('a');
  expect(list('a', <b key="b">b</b>, 'c')).toBe('a, b and c');
});

test('the slots of every sentence of the recipe are those it is filled with', () => {
  const slots = {
    sizing: 1,
    who: 1,
    leftover: 1,
    dealing: 1,
    goals: 1,
    rules: 1,
    naming: 1,
    roles: 1,
  };
  for (const sentence of Object.values(sayRecipe.sentence)) {
    expect(textOf(filled(sentence, slots))).not.toContain('{');
  }
});
