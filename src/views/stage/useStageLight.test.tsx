/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { StoreProvider } from '@/store/react';
import { storeWith } from '@/store/testStore';
import { useStageLight } from './useStageLight';

/** A stage on a screen that is dark or not, which may change. */
function stageOn(dark: boolean) {
  const screen = { matches: dark, addEventListener: jest.fn(), removeEventListener: jest.fn() };
  Object.assign(window, { matchMedia: () => screen });
  const store = storeWith([]);
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <StoreProvider value={store}>{children}</StoreProvider>
  );
  const { result, rerender } = renderHook(useStageLight, { wrapper });
  return {
    shown: () => result.current.slice(0, 2),
    turn: () => act(() => result.current[2]()),
    darken: (to: boolean) => {
      screen.matches = to;
      rerender();
    },
  };
}

test('the stage follows the screen until it is given the other light, and again when that is taken back', () => {
  const { shown, turn, darken } = stageOn(true);
  expect(shown()).toEqual(['night', null]);
  turn();
  expect(shown()).toEqual(['day', 'day']);
  turn();
  expect(shown()).toEqual(['night', null]);
  darken(false);
  expect(shown()).toEqual(['day', null]);
});

test('a light that was chosen stays when the screen changes to it', () => {
  const { shown, turn, darken } = stageOn(false);
  turn();
  darken(true);
  expect(shown()).toEqual(['night', 'night']);
  turn();
  expect(shown()).toEqual(['day', 'day']);
});
