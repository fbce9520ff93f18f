import type { Bench } from '@/encode/bench';
import { requestFor, type RuleSource } from '@/encode/request';
import { idsOf, rule, student, take, testBench, detail } from '@/encode/testBench';
import type { AppStore } from '@/store/appStore';
import { storeWith } from '@/store/testStore';
import { takeBack, withoutSource } from './ruleSources';

const bench: Bench = testBench({
  students: ['a', 'b', 'c', 'd'].map((name, i) => student(name, i, { details: { swims: i > 1 } })),
  theClass: { details: [detail('swims', 'yesNo')] },
  recipe: {
    sections: 'kept',
    limits: [
      { kind: 'atLeast', detail: 'swims', value: 'yes', count: 1 },
      { kind: 'notAlone', detail: 'swims', value: 'no', count: 1 },
      { kind: 'atMost', detail: 'swims', value: null, count: 3 },
    ],
  },
  pinned: 'c',
  bench: { rules: [rule('apart', 'a b'), rule('together', 'c d')], take: take(['a c', 'b d']) },
});

/** The bench as the store has it. */
const stored = ({ records }: AppStore): Bench => ({
  ...bench,
  lineup: records.get('lineup', bench.lineup.id)!,
  rules: bench.rules.flatMap(({ id }) => records.get('rule', id) ?? []),
});

const sources = requestFor(bench, 1).sources;

test('there is a way back for every kind of rule', () => {
  expect([...new Set(sources.map(({ from }) => from))].sort()).toEqual([
    ...['limit', 'pin', 'rule', 'sections'],
  ]);
});

test.each(sources.map((source, i): [string, RuleSource] => [`${i} ${source.from}`, source]))(
  'what is dealt at once without a rule is what will be dealt once it is taken back (%s)',
  (_, source) => {
    const store = storeWith([bench.theClass, bench.lineup, ...bench.rules]);
    takeBack(store, bench, source);
    const after = requestFor(stored(store), 1).request;
    expect(after).toEqual(requestFor(withoutSource(bench, source), 1).request);
    expect(after.rules).toHaveLength(sources.length - 1);
    store.history.undo();
    expect(requestFor(stored(store), 1).request).toEqual(requestFor(bench, 1).request);
  },
);

test('students of the bench stay who they are', () => {
  expect(withoutSource(bench, sources[0]!).students.map(({ id }) => id)).toEqual(idsOf('a b c d'));
});
