/** @jest-environment jsdom */
import { act, renderHook, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { ArrangeRequest } from '@/core/format';
import { arrangeNow, type ArrangeOutcome } from '@/core/arrange';
import { idOf, idsOf, rule, student, take as takeOf, testBench } from '@/encode/testBench';
import type { RuleRecord } from '@/schema/rule';
import { LEAD } from '@/schema/take';
import { changeRecipe, setLineupState, wishRole } from '@/store/actions/lineups';
import { addRule } from '@/store/actions/rules';
import { addGroup, giveRole, lockGroup } from '@/store/actions/takes';
import type { AppStore } from '@/store/appStore';
import { lineupsOf, rollOf, takesOf } from '@/store/queries';
import { StoreProvider, useQuery } from '@/store/react';
import { storeWith } from '@/store/testStore';
import { WorkerError, type CallOptions } from '@/worker/client';
import { useBench } from '../../frame/useBench';
import { useShuffle, type Offered } from '../../frame/useShuffle';
import { NoticeProvider } from '../../primitives/notices';
import { useGuard } from './useGuard';
import { usePlaceBest } from '../sheet/usePlaceBest';
import { useSelection } from './useSelection';
import { useSheet } from './useSheet';

/** One call to the engine, answered when the test says so. */
interface Asked {
  readonly request: ArrangeRequest;
  readonly options: CallOptions;
  readonly answer: (outcome: ArrangeOutcome) => void;
  readonly fail: (error: Error) => void;
}

const asked: Asked[] = [];
const mockClient = {
  arrange: (request: ArrangeRequest, options: CallOptions = {}) =>
    new Promise<ArrangeOutcome>((answer, fail) => {
      options.signal?.addEventListener('abort', () =>
        fail(new WorkerError('cancelled', 'cancelled')),
      );
      asked.push({ request, options, answer, fail });
    }),
};
// Loaded when it is needed, which would come in the midst of a test.
jest.mock('./useInsight', () => ({ useInsightReader: () => null }));
jest.mock('../../frame/arranging', () => ({ useArrangeClient: () => mockClient }));

// The rehearsal comes when a test says so, not when the machine is slow.
jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick', 'performance'] });

const NAMES = 'Ana Bo Caro Dov Eli Fay Gus';
const base = testBench({ students: NAMES.split(' ').map((name, i) => student(name, i)) });
const dealt = takeOf(['Ana Bo Caro', 'Dov Eli Fay']);
const nameOf = (id: string): string => id;

/** The hooks of the workbench over a store with seven students, six of them in two groups. */
function workbench(rules: readonly RuleRecord[] = [], onMade?: Offered) {
  asked.length = 0;
  const recipe = { ...base.lineup.recipe, sizing: { by: 'count' as const, count: 2 } };
  const store = storeWith([
    base.theClass,
    { ...base.lineup, recipe, takeId: dealt.id },
    dealt,
    ...base.students,
    ...rules,
  ]);
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <StoreProvider value={store}>
      <NoticeProvider>{children}</NoticeProvider>
    </StoreProvider>
  );
  const { result } = renderHook(
    () => {
      const lineup = useQuery(lineupsOf, base.theClass.id)[0]!;
      const bench = useBench(
        lineup,
        base.theClass,
        useQuery(rollOf, base.theClass.id, '2026-11-26'),
      );
      const sheet = useSheet(bench);
      const guard = useGuard(lineup, bench.take);
      const selection = useSelection({ bench, sheet, nameOf, guard });
      const shuffle = useShuffle(bench, onMade);
      const placing = usePlaceBest(bench, sheet, nameOf, guard);
      return { bench, sheet, guard, selection, shuffle, placing };
    },
    { wrapper },
  );
  return { store, result };
}

const rows = (store: AppStore): string[] =>
  takesOf(store.records, base.lineup.id).map(({ groups }) =>
    groups.map(({ studentIds }) => studentIds.join(' ')).join(' | '),
  );
const spoken = (): string => screen.getByRole('status').textContent.trim();
const settled = (run: () => void): Promise<void> =>
  act(async () => {
    run();
    await Promise.resolve();
  });
/** What the real engine answers to the last call. */
const answerLast = (): Promise<void> => {
  const { request, answer } = asked.at(-1)!;
  return settled(() => answer(arrangeNow(request)));
};

describe('a shuffle', () => {
  test('that keeps the rules becomes the newest take, and is told', async () => {
    const { store, result } = workbench([rule('apart', 'Ana Bo')]);
    await settled(() => void result.current.shuffle.make());
    expect(rows(store)).toHaveLength(1);
    await answerLast();
    expect(rows(store)).toHaveLength(2);
    expect(result.current.bench.take?.number).toBe(2);
    expect(result.current.sheet.groups.flatMap(({ broken }) => broken)).toEqual([]);
    expect(result.current.sheet.aside).toEqual([]);
    expect(spoken()).toBe('2 groups made.');
    act(() => void store.history.undo());
    expect(rows(store)).toEqual(['Ana Bo Caro | Dov Eli Fay']);
  });

  test('without a group that was added by hand says so', async () => {
    const { store, result } = workbench([rule('apart', 'Ana Bo')]);
    const take = takesOf(store.records, base.lineup.id)[0]!;
    act(() => addGroup(store, take.id, 'Otters', 7));
    await settled(() => void result.current.shuffle.make());
    await answerLast();
    const words = /^2 groups made\. Otters, added by hand, is not among them/;
    expect(await screen.findByText(words)).toBeTruthy();
  });

  test('that cannot keep the rules waits; kept anyway it is a take all the same', async () => {
    const { store, result } = workbench([rule('apart', 'Ana Bo Caro')]);
    await settled(() => void result.current.shuffle.make());
    await answerLast();
    expect(result.current.shuffle.state.state).toBe('clash');
    expect(rows(store)).toHaveLength(1);
    act(() => result.current.shuffle.keepAnyway());
    expect(rows(store)).toHaveLength(2);
    expect(result.current.shuffle.state.state).toBe('idle');
  });

  test('a clash is forgotten once a rule or the recipe has changed, not before', async () => {
    for (const change of [
      (store: AppStore) => addRule(store, base.theClass.id, 'apart', idsOf('Dov Eli')),
      (store: AppStore) =>
        changeRecipe(store, base.lineup.id, { sizing: { by: 'count', count: 3 } }),
    ]) {
      const { store, result } = workbench([rule('apart', 'Ana Bo Caro')]);
      await settled(() => void result.current.shuffle.make());
      await answerLast();
      act(() => result.current.selection.move(idsOf('Dov'), 0));
      expect(result.current.shuffle.state.state).toBe('clash');
      act(() => change(store));
      expect(result.current.shuffle.state.state).toBe('idle');
    }
  });

  test('is rehearsed for nobody soon after opening, and a real one ends the rehearsal', async () => {
    const { store, result } = workbench();
    expect(asked).toHaveLength(0);
    act(() => jest.advanceTimersByTime(1000));
    expect(asked).toHaveLength(1);
    await settled(() => void result.current.shuffle.make());
    expect(asked.map(({ options }) => options.signal?.aborted)).toEqual([true, false]);
    await answerLast();
    // The rehearsal does not go on after it has been ended.
    await settled(() => jest.advanceTimersByTime(1000));
    expect(asked).toHaveLength(2);
    expect(rows(store)).toHaveLength(2);
  });

  test('that is stopped changes nothing', async () => {
    const { store, result } = workbench();
    await settled(() => void result.current.shuffle.make());
    await settled(() => result.current.shuffle.stop());
    expect(result.current.shuffle.state).toEqual({ state: 'idle' });
    await answerLast();
    expect(rows(store)).toHaveLength(1);
  });

  test('that a newer one overtakes is not kept when it comes late', async () => {
    const { store, result } = workbench();
    await settled(() => void result.current.shuffle.make());
    await settled(() => void result.current.shuffle.make());
    expect(asked.map(({ options }) => options.signal?.aborted)).toEqual([true, false]);
    await settled(() => asked[0]!.answer(arrangeNow(asked[0]!.request)));
    expect(rows(store)).toHaveLength(1);
    await answerLast();
    expect(rows(store)).toHaveLength(2);
  });

  test('whose worker dies says so and leaves the groups as they were', async () => {
    const { store, result } = workbench();
    await settled(() => void result.current.shuffle.make());
    await settled(() => asked[0]!.fail(new WorkerError('workerDied', 'out of memory')));
    expect(result.current.shuffle.state.state).toBe('failed');
    expect(rows(store)).toEqual(['Ana Bo Caro | Dov Eli Fay']);
  });

  test('that waits for a word is kept only with it', async () => {
    let keep = (): void => undefined;
    const { store, result } = workbench([], (_groups, kept) => (keep = kept));
    await settled(() => void result.current.shuffle.make());
    await answerLast();
    expect(rows(store)).toHaveLength(1);
    act(() => keep());
    expect(rows(store)).toHaveLength(2);
  });

  test('has the roles of the recipe in every group, also dealt in an order; rows left alone keep theirs', async () => {
    const { store, result } = workbench();
    act(() => wishRole(store, base.lineup.id, LEAD, 'random', new Map([[0, idOf('Bo')]])));
    expect(result.current.bench.take?.groups.map(({ roles }) => roles[LEAD])).toEqual([
      'Bo',
      undefined,
    ]);
    act(() => lockGroup(store, dealt.id, 0, true));
    await settled(() => void result.current.shuffle.make());
    await answerLast();
    const leads = () => result.current.sheet.groups.map(({ roles }) => roles[LEAD]);
    expect(leads()[0]).toBe('Bo');
    expect(result.current.bench.take?.groups[1]?.studentIds).toContain(leads()[1]);
    act(() =>
      changeRecipe(store, base.lineup.id, {
        dealing: { by: 'order', order: 'list', inBlocks: true },
        roles: [{ role: LEAD, how: 'first' }],
      }),
    );
    await settled(() => void result.current.shuffle.make());
    expect(leads()).toEqual(['Ana', 'Eli']);
  });

  test('groups dealt in an order ask nothing of the engine', async () => {
    const { store, result } = workbench();
    act(() =>
      changeRecipe(store, base.lineup.id, {
        dealing: { by: 'hand' },
      }),
    );
    await settled(() => void result.current.shuffle.make());
    expect(asked).toEqual([]);
    expect(rows(store)).toHaveLength(2);
    expect(result.current.sheet.aside).toHaveLength(7);
  });
});

describe('after a shuffle', () => {
  const QUIET_MS = 500;

  /** A workbench in which Ana named Bo, and groups of two that a shuffle has made, whatever the engine would make. */
  async function shuffled(groups: readonly string[], unmet: number, provenBest = false) {
    const bench = workbench();
    const { store, result } = bench;
    const ana = store.records.get('student', idOf('Ana'))!;
    act(() => void store.records.change('load', ({ put }) => put({ ...ana, wishes: idsOf('Bo') })));
    act(() => changeRecipe(store, base.lineup.id, { wishes: 'plain' }));
    await settled(() => void result.current.shuffle.make());
    await settled(() => asked.at(-1)!.answer(outcomeOf(groups, unmet, provenBest)));
    return bench;
  }
  function outcomeOf(
    groups: readonly string[],
    unmet: number,
    provenBest: boolean,
  ): ArrangeOutcome {
    return {
      ok: true,
      result: {
        ...{ format: 'gruppetto.result', version: 1, feasible: true, unplaced: [] },
        rounds: [{ groups: groups.map((names) => names.split(' ')) }],
        measures: { wishes: { unmet, of: 1, bestPossible: 0 } },
        search: { evaluations: 1, seed: 1, provenBest },
      },
    };
  }
  const quiet = (): Promise<void> =>
    settled(() => {
      jest.advanceTimersByTime(QUIET_MS);
    });
  const POOR = ['Ana Caro Dov Gus', 'Bo Eli Fay'];
  const GOOD = ['Ana Bo Caro Dov', 'Eli Fay Gus'];

  test('more is looked for once it is quiet; what is better is offered, and changes nothing until it is taken', async () => {
    const { store, result } = await shuffled(POOR, 1);
    expect(asked).toHaveLength(1);
    await quiet();
    expect(asked).toHaveLength(2);
    expect(asked[1]!.options).toMatchObject({ effort: 'thorough' });
    await settled(() => asked[1]!.answer(outcomeOf(GOOD, 0, true)));
    expect(result.current.shuffle.better?.gains).toEqual([{ what: 'wishes', by: 1 }]);
    expect(rows(store).at(-1)).toBe('Ana Caro Dov Gus | Bo Eli Fay');
    act(() => result.current.shuffle.better!.take());
    expect(result.current.bench.take?.number).toBe(3);
    expect(result.current.shuffle).toMatchObject({ better: null, proven: true });
    // It is not looked for again: it was the best of a long look.
    await quiet();
    expect(asked).toHaveLength(2);
  });

  test('what is no better in anything seen is not offered, nor what is worse in something', async () => {
    const { result } = await shuffled(POOR, 1);
    await quiet();
    await settled(() => asked[1]!.answer(outcomeOf(GOOD, 1, false)));
    expect(result.current.shuffle).toMatchObject({ better: null, proven: false });
  });

  test('what is proven best is told, and nothing more is looked for', async () => {
    const { result } = await shuffled(GOOD, 0, true);
    expect(result.current.shuffle.proven).toBe(true);
    await quiet();
    expect(asked).toHaveLength(1);
    act(() => result.current.selection.move(idsOf('Ana'), 1));
    expect(result.current.shuffle.proven).toBe(false);
  });

  test.each<[string, (of: Awaited<ReturnType<typeof shuffled>>) => void]>([
    ['a new press', ({ result }) => void result.current.shuffle.make()],
    ['a move by hand', ({ result }) => result.current.selection.move(idsOf('Dov'), 1)],
    [
      'another sentence',
      ({ store }) => changeRecipe(store, base.lineup.id, { sizing: { by: 'count', count: 3 } }),
    ],
    [
      'a lineup that is in use from now on',
      ({ store }) => setLineupState(store, base.lineup.id, 'inUse', '2026-11-26'),
    ],
  ])('%s ends the looking, and takes back what was offered', async (_name, change) => {
    const looking = await shuffled(POOR, 1);
    await quiet();
    await settled(() => change(looking));
    expect(asked[1]!.options.signal?.aborted).toBe(true);
    const offered = await shuffled(POOR, 1);
    await quiet();
    await settled(() => asked[1]!.answer(outcomeOf(GOOD, 0, true)));
    expect(offered.result.current.shuffle.better).not.toBeNull();
    await settled(() => change(offered));
    expect(offered.result.current.shuffle.better).toBeNull();
  });

  test('of a lineup in use nothing is looked for, though it is shuffled anew', async () => {
    const { store, result } = await shuffled(POOR, 1);
    act(() => setLineupState(store, base.lineup.id, 'inUse', '2026-11-26'));
    await settled(() => void result.current.shuffle.make());
    await settled(() =>
      asked.at(-1)!.answer(outcomeOf(['Ana Eli Fay Gus', 'Bo Caro Dov'], 1, false)),
    );
    const before = asked.length;
    await quiet();
    expect(asked).toHaveLength(before);
  });

  test('nothing is looked for on a hidden page, and it begins anew when the page is seen', async () => {
    const hide = (hidden: boolean): Promise<void> =>
      settled(() => {
        jest.spyOn(document, 'hidden', 'get').mockReturnValue(hidden);
        document.dispatchEvent(new Event('visibilitychange'));
      });
    await shuffled(POOR, 1);
    await quiet();
    await hide(true);
    expect(asked[1]!.options.signal?.aborted).toBe(true);
    await quiet();
    expect(asked).toHaveLength(2);
    await hide(false);
    await quiet();
    expect(asked).toHaveLength(3);
    expect(asked[2]!.options.signal?.aborted).toBe(false);
    jest.restoreAllMocks();
  });

  test('groups that come again say how many are as good, and what the best of the others costs', async () => {
    const { result } = await shuffled(GOOD, 0, true);
    await settled(() => void result.current.shuffle.make());
    const again = outcomeOf(GOOD, 0, true);
    if (!again.ok) throw new Error(again.issue.code);
    const search = {
      ...again.result.search,
      asGood: 3,
      next: { wishes: { unmet: 2, of: 2, bestPossible: 0 } },
    };
    await settled(() => asked[1]!.answer({ ok: true, result: { ...again.result, search } }));
    expect(result.current.shuffle.state).toMatchObject({ state: 'again', number: 2, others: null });
    expect(asked[1]!.request.avoid).toBeDefined();
    // How many there are is asked without the wish to differ.
    expect(asked[2]!.request.avoid).toBeUndefined();
    expect(asked[2]!.request.goals).toEqual([{ kind: 'wishes', weight: 1 }]);
    // The groups stand, whatever becomes of the counting.
    await settled(() => asked[2]!.fail(new WorkerError('workerDied', 'out of memory')));
    expect(result.current.shuffle.state).toMatchObject({ state: 'again', others: null });
    await settled(() => void result.current.shuffle.make());
    await settled(() => asked[3]!.answer({ ok: true, result: { ...again.result, search } }));
    await settled(() => asked[4]!.answer({ ok: true, result: { ...again.result, search } }));
    expect(result.current.shuffle.state).toMatchObject({
      others: { asGood: 3, losses: [{ what: 'wishes', by: 2 }] },
    });
  });
});

describe('a selection', () => {
  const chosen = (result: ReturnType<typeof workbench>['result']): readonly string[] =>
    result.current.selection.students;

  test('is one student, or more where more are asked for', () => {
    const { result } = workbench();
    const toggle = (name: string, more = false): void =>
      act(() => result.current.selection.toggle(idOf(name), more));
    toggle('Ana');
    toggle('Bo');
    expect(chosen(result)).toEqual(['Bo']);
    expect(result.current.selection.student).toBe('Bo');
    toggle('Dov', true);
    expect(chosen(result)).toEqual(['Bo', 'Dov']);
    expect(result.current.selection.student).toBeNull();
    toggle('Bo', true);
    expect(chosen(result)).toEqual(['Dov']);
    act(() => result.current.selection.setAdding(true));
    toggle('Eli');
    expect(chosen(result)).toEqual(['Dov', 'Eli']);
    act(() => result.current.selection.clear());
    toggle('Fay');
    toggle('Gus');
    expect(chosen(result)).toEqual(['Gus']);
  });

  test('is of students or of groups, never of both', () => {
    const { result } = workbench();
    act(() => result.current.selection.toggle(idOf('Ana'), false));
    act(() => result.current.selection.toggleGroup(1, true));
    expect([chosen(result), result.current.selection.groups]).toEqual([[], [1]]);
    act(() => result.current.selection.toggle(idOf('Ana'), true));
    expect([chosen(result), result.current.selection.groups]).toEqual([['Ana'], []]);
  });

  test('loses who leaves the sheet, and has them again when they come back', () => {
    const { store, result } = workbench();
    act(() => result.current.selection.selectStudents(idsOf('Ana Gus')));
    const gus = store.records.get('student', idOf('Gus'))!;
    act(() => void store.records.change('load', ({ put }) => put({ ...gus, left: '2026-11-01' })));
    expect(chosen(result)).toEqual(['Ana']);
    act(() => void store.records.change('load', ({ put }) => put(gus)));
    expect(chosen(result)).toEqual(['Ana', 'Gus']);
  });

  test('is moved, and what it breaks is told with it', () => {
    const { store, result } = workbench([rule('apart', 'Ana Dov')]);
    act(() => result.current.selection.move(idsOf('Ana'), 1));
    expect(rows(store)).toEqual(['Bo Caro | Dov Eli Fay Ana']);
    expect(spoken()).toMatch(/^Ana is in Group 2 now\. Not kept: .*Ana.*Dov/);
    act(() => result.current.selection.move(idsOf('Ana Bo'), null));
    expect(rows(store)).toEqual(['Caro | Dov Eli Fay']);
    expect(spoken()).toBe('Ana and Bo stand aside now.');
  });

  test('pinned stays in a reshuffle until it is pinned no more, and either is told', () => {
    const { store, result } = workbench();
    const pinned = () => lineupsOf(store.records, base.theClass.id)[0]!.pinned;
    act(() => result.current.selection.pin(idsOf('Ana')));
    expect(spoken()).toBe('Ana stays here in a reshuffle.');
    act(() => result.current.selection.pin(idsOf('Ana Bo')));
    expect(pinned()).toEqual(['Ana', 'Bo']);
    act(() => result.current.selection.pin(idsOf('Ana Bo')));
    expect(pinned()).toEqual([]);
    expect(spoken()).toBe('A reshuffle may move Ana and Bo again.');
  });

  test('that had a part in the group it left is told as well, with the way back', () => {
    const { store, result } = workbench();
    const take = takesOf(store.records, base.lineup.id)[0]!;
    act(() => giveRole(store, take.id, LEAD, new Map([[0, idOf('Ana')]])));
    act(() => result.current.selection.move(idsOf('Bo'), 1));
    expect(spoken()).toBe('Bo is in Group 2 now.');
    act(() => result.current.selection.move(idsOf('Ana'), 1));
    const words = 'Ana is in Group 2 now. Ana was lead of Group 1, which has none now.';
    expect(screen.getByText(words)).toBeTruthy();
    act(() => screen.getByRole('button', { name: 'Undo' }).click());
    expect(takesOf(store.records, base.lineup.id)[0]!.groups[0]!.roles).toEqual({ lead: 'Ana' });
  });

  test('swapped, two change places; of one group nothing happens', () => {
    const { store, result } = workbench();
    act(() => result.current.selection.swap(idOf('Ana'), idOf('Bo')));
    expect(store.history.nextUndo()).toBeNull();
    act(() => result.current.selection.swap(idOf('Ana'), idOf('Fay')));
    expect(rows(store)).toEqual(['Fay Bo Caro | Dov Eli Ana']);
    expect(spoken()).toBe('Ana and Fay have changed places.');
  });

  test('of a lineup that is over is asked for whatever it is, also where nobody loses anybody', () => {
    const { store, result } = workbench();
    act(() => setLineupState(store, base.lineup.id, 'retired', '2026-11-19'));
    act(() => result.current.selection.move(idsOf('Gus'), 0));
    expect(rows(store)).toEqual(['Ana Bo Caro | Dov Eli Fay']);
    expect(result.current.guard.pending).not.toBeNull();
    act(() => result.current.guard.confirm());
    expect(rows(store)).toEqual(['Ana Bo Caro Gus | Dov Eli Fay']);
  });

  test('of a lineup in use is moved only after the word is given', () => {
    const { store, result } = workbench();
    act(() => setLineupState(store, base.lineup.id, 'inUse', '2026-11-26'));
    act(() => result.current.selection.move(idsOf('Gus'), 0));
    // Whoever was in no group leaves nobody.
    expect(rows(store)).toEqual(['Ana Bo Caro Gus | Dov Eli Fay']);
    act(() => result.current.selection.move(idsOf('Ana'), 1));
    expect(rows(store)).toEqual(['Ana Bo Caro Gus | Dov Eli Fay']);
    expect(result.current.guard.pending?.separated.length).toBeGreaterThan(0);
    act(() => result.current.guard.leave());
    expect(result.current.guard.pending).toBeNull();
    act(() => result.current.selection.move(idsOf('Ana'), 1));
    act(() => result.current.guard.confirm());
    expect(rows(store)).toEqual(['Bo Caro Gus | Dov Eli Fay Ana']);
    act(() => result.current.selection.move(idsOf('Bo'), 1));
    act(() => setLineupState(store, base.lineup.id, 'draft', '2026-11-26'));
    // What waited is about a lineup that nobody uses any more.
    expect(result.current.guard.pending).toBeNull();
  });
});

describe('whoever stands aside', () => {
  test('is placed as the engine finds, and that is told', async () => {
    const { store, result } = workbench([rule('apart', 'Gus Ana')]);
    await settled(() => result.current.placing.place());
    expect(result.current.placing.busy).toBe(true);
    await answerLast();
    expect(rows(store)).toEqual(['Ana Bo Caro | Dov Eli Fay Gus']);
    expect(spoken()).toBe('1 student placed.');
    expect(result.current.placing.busy).toBe(false);
  });

  test('is not placed into groups that were changed while the engine thought', async () => {
    const { store, result } = workbench();
    await settled(() => result.current.placing.place());
    act(() => result.current.selection.move(idsOf('Ana'), 1));
    await answerLast();
    expect(rows(store)).toEqual(['Bo Caro | Dov Eli Fay Ana']);
    expect(result.current.placing.busy).toBe(false);
  });

  test('asks once, however often it is pressed', async () => {
    const { result } = workbench();
    await settled(() => result.current.placing.place());
    await settled(() => result.current.placing.place());
    expect(asked).toHaveLength(1);
  });
});
