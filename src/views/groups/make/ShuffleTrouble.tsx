'use client';

import { WHOLE } from '@/encode/openPart';
import type { RuleSource } from '@/encode/request';
import type { SizingChoice } from '@/schema/recipe';
import { changeRecipe } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import { sayGroups } from '@/messages/groups';
import { sayRules } from '@/messages/rules';
import { Button } from '../../primitives/Button';
import { useTold } from '../../frame/useTold';
import { ClashPanel } from '../../frame/ClashPanel';
import { sizingWithSize } from '../../frame/sizingWithSize';
import { takeBack, withoutSource } from '../../frame/ruleSources';
import { gainWords } from '../workbench/gainWords';
import styles from './ShuffleTrouble.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** What a shuffle could not do, and what to do about it; nothing while all is well. */
export function ShuffleTrouble() {
  const bench = useWorkbench('bench');
  const shuffle = useWorkbench('shuffle');
  const nameOf = useWorkbench('nameOf');
  const store = useStore();
  const told = useTold();
  const { state } = shuffle;
  if (state.state === 'failed') {
    return (
      <p role="alert" className={styles.failed}>
        {state.text}
      </p>
    );
  }
  if (state.state === 'again') {
    const { number, scope, others } = state;
    const losses = others?.losses?.map((one) => gainWords(bench.theClass, one, 'worse'));
    return (
      <p role="status" className={styles.again}>
        {others ? sayGroups.againOf(number, others.asGood) : sayGroups.again(number)}{' '}
        {others && `${losses ? sayGroups.nextCosts(losses) : sayGroups.noOther} `}
        <Button variant="line" onClick={() => void shuffle.make({ ...scope, letGo: true })}>
          {sayGroups.letGo}
        </Button>
      </p>
    );
  }
  if (state.state !== 'clash') return null;
  const drop = (source: RuleSource): void => {
    takeBack(store, bench, source);
    void shuffle.make(WHOLE, withoutSource(bench, source));
    told(sayRules.removed);
  };
  const makeWith = (sizing: SizingChoice): void => {
    const { lineup } = bench;
    changeRecipe(store, lineup.id, { sizing });
    void shuffle.make(WHOLE, {
      ...bench,
      lineup: { ...lineup, recipe: { ...lineup.recipe, sizing } },
    });
  };
  return (
    <div className={styles.clash}>
      <ClashPanel
        result={state.result}
        sources={state.plan.sources}
        theClass={bench.theClass}
        nameOf={nameOf}
        ways={{
          onDrop: drop,
          onDropOnce: (source) => void shuffle.make(WHOLE, withoutSource(bench, source)),
          onDropAllOnce: (sources) =>
            void shuffle.make(WHOLE, sources.reduce(withoutSource, bench)),
          onGroups: (count) => makeWith({ by: 'count', count }),
          onRange: (least, most) => makeWith({ by: 'range', least, most }),
          onSize: (size) => makeWith(sizingWithSize(bench.lineup, size)),
        }}
        onUseAnyway={shuffle.keepAnyway}
      />
    </div>
  );
}
