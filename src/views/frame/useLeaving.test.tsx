/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { idsOf, student, take, testBench } from '@/encode/testBench';
import { setLineupState } from '@/store/actions/lineups';
import { StoreProvider } from '@/store/react';
import { storeWith } from '@/store/testStore';
import { useNameMask } from './masking';
import { useLeaving } from './useLeaving';

const asked: { readonly text: string; readonly run: () => void }[] = [];
jest.mock('../primitives/asking', () => ({
  useAsk: () => (question: (typeof asked)[number]) => asked.push(question),
}));
jest.mock('./useClassId', () => ({ useClassId: () => 'c_crew' }));

const { theClass, lineup } = testBench({ students: [] });
const dealt = take(['Ana Bo', 'Caro Dov']);

function leaving() {
  const store = storeWith([
    theClass,
    { ...lineup, takeId: dealt.id, state: 'inUse' },
    dealt,
    ...['Ana', 'Bo', 'Caro', 'Dov'].map((name, order) => student(name, order)),
  ]);
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <StoreProvider value={store}>{children}</StoreProvider>
  );
  return {
    store,
    ...renderHook(() => ({ leave: useLeaving(), mask: useNameMask()[1] }), { wrapper }),
  };
}

test('who leaves groups in use is asked about with those who stay, by hidden names where they are hidden', () => {
  const { store, result } = leaving();
  const gone = jest.fn();
  result.current.leave(idsOf('Ana'), gone);
  expect(asked.at(-1)?.text).toMatch(/Ana is in Group 1 .* with Bo/);
  expect(gone).not.toHaveBeenCalled();
  asked.at(-1)?.run();
  expect(gone).toHaveBeenCalledTimes(1);
  act(() => result.current.mask('aliases'));
  result.current.leave(idsOf('Ana'), gone);
  expect(asked.at(-1)?.text).not.toMatch(/Ana|Bo\b/);
  // In a draft nobody loses anybody.
  act(() => setLineupState(store, lineup.id, 'draft', '2026-11-26'));
  result.current.leave(idsOf('Ana'), gone);
  expect(gone).toHaveBeenCalledTimes(2);
  expect(asked).toHaveLength(2);
});
