'use client';

import type { LineupRecord } from '@/schema/lineup';
import type { SizingChoice } from '@/schema/lineup';
import type { RuleRecord } from '@/schema/rule';
import { changeSizing } from '@/store/actions/lineups';
import { removeRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import { say } from '@/messages';
import { ClashPanel } from '../frame/ClashPanel';
import type { NameOf } from '../frame/names';
import { sizingWithSize } from '../frame/sizingWithSize';
import type { useShuffle } from '../frame/useShuffle';
import { useNotices } from '../primitives/notices';
import styles from './ShuffleTrouble.module.css';

interface ShuffleTroubleProps {
  readonly lineup: LineupRecord;
  readonly rules: readonly RuleRecord[];
  readonly shuffle: ReturnType<typeof useShuffle>;
  readonly nameOf: NameOf;
}

/** What a shuffle could not do, and what to do about it; nothing while all is well. */
export function ShuffleTrouble({ lineup, rules, shuffle, nameOf }: ShuffleTroubleProps) {
  const store = useStore();
  const { notify } = useNotices();
  const { state } = shuffle;
  if (state.state === 'failed') {
    return (
      <p role="alert" className={styles.failed}>
        {state.text}
      </p>
    );
  }
  if (state.state !== 'clash') return null;
  const drop = (rule: RuleRecord): void => {
    removeRule(store, rule.id);
    void shuffle.make({ rules: rules.filter(({ id }) => id !== rule.id) });
    notify({
      text: say.rules.removed,
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
  };
  const makeWith = (sizing: SizingChoice): void => {
    changeSizing(store, lineup.id, sizing);
    void shuffle.make({ recipe: { ...lineup.recipe, sizing } });
  };
  return (
    <div className={styles.clash}>
      <ClashPanel
        result={state.result}
        rules={state.rules}
        nameOf={nameOf}
        onDrop={drop}
        onGroups={(count) => makeWith({ by: 'count', count })}
        onSize={(size) => makeWith(sizingWithSize(lineup, size))}
        onUseAnyway={shuffle.keepAnyway}
      />
    </div>
  );
}
