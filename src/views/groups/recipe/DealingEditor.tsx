'use client';

import { sayRecipe } from '@/messages/recipe';
import { sayBench } from '@/messages/bench';
import { BY_SECTION, type Dealing, type DealOrder } from '@/schema/recipe';
import { detailName } from '../../frame/detailWords';
import { Choice } from '../../primitives/Choice';
import type { EditorProps } from './editor';
import styles from './RecipeEditor.module.css';
import { useWorkbench } from '../workbench/Workbench';

const NAMES = ['familyName', 'givenName', 'number', 'list'] as const;

/** Shuffled, dealt in an order, one group for each value, or empty groups to be filled by hand. */
export function DealingEditor({ change }: EditorProps) {
  const bench = useWorkbench('bench');
  const { theClass, lineup } = bench;
  const { editors } = sayBench;
  const { dealing } = lineup.recipe;
  const groupable = [
    ...(theClass.sections.length > 1 ? [BY_SECTION] : []),
    ...theClass.details
      .filter(({ kind }) => kind !== 'number' && kind !== 'skill')
      .map(({ id }) => id),
  ];
  const starts: Readonly<Record<Dealing['by'], Dealing>> = {
    shuffle: { by: 'shuffle' },
    order: { by: 'order', order: 'familyName', inBlocks: false },
    value: { by: 'value', of: groupable[0] ?? BY_SECTION },
    hand: { by: 'hand' },
    choose: { by: 'choose' },
  };
  return (
    <>
      <Choice
        legend={editors.dealing}
        value={dealing.by}
        options={(['shuffle', 'order', 'value', 'hand', 'choose'] as const)
          .filter((by) => by !== 'value' || groupable.length > 0)
          .map((value) => ({ value, label: editors.dealingOptions[value] }))}
        onChange={(by) => change({ dealing: starts[by] })}
      />
      {dealing.by === 'order' && (
        <>
          <Choice
            legend={editors.orderLegend}
            value={keyOf(dealing.order)}
            options={[
              ...NAMES.map((value) => ({ value: value, label: sayRecipe.order[value] })),
              ...theClass.details.map(({ id, name }) => ({ value: `detail ${id}`, label: name })),
            ]}
            onChange={(key) => change({ dealing: { ...dealing, order: orderOf(key) } })}
          />
          <Choice
            legend={editors.blocksLegend}
            value={dealing.inBlocks ? 'blocks' : 'round'}
            options={(['round', 'blocks'] as const).map((value) => ({
              value,
              label: sayRecipe.dealt[value],
            }))}
            onChange={(value) => change({ dealing: { ...dealing, inBlocks: value === 'blocks' } })}
          />
        </>
      )}
      {dealing.by === 'value' && (
        <Choice
          legend={editors.valueOf}
          value={dealing.of}
          options={groupable.map((value) => ({ value, label: detailName(theClass, value) }))}
          onChange={(of) => change({ dealing: { by: 'value', of } })}
        />
      )}
      {dealing.by !== 'shuffle' && <p className={styles.hint}>{editors.dealingHint}</p>}
    </>
  );
}

function keyOf(order: DealOrder): string {
  return typeof order === 'string' ? order : `detail ${order.detail}`;
}

function orderOf(key: string): DealOrder {
  return NAMES.find((name) => name === key) ?? { detail: key.replace(/^detail /, '') };
}
