'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { Button } from '../../primitives/Button';
import { useState } from 'react';
import { sayBench } from '@/messages/bench';
import { BY_SECTION, LIMIT_KINDS, type Limit } from '@/schema/recipe';
import { detailName, valueName } from '../../frame/detailWords';
import { limitSentence } from '../../frame/ruleSources';
import { Choice } from '../../primitives/Choice';
import { IconPress } from '../../primitives/IconPress';
import { NumberStepper } from '../../primitives/NumberStepper';
import type { EditorProps } from './editor';
import styles from './RecipeEditor.module.css';
import { valuesOf } from './values';
import { useWorkbench } from '../workbench/Workbench';

/** Stands for every value in the choice; no value is called so, for values are never blank. */
const EVERY = '';

const KINDS = Object.keys(LIMIT_KINDS) as readonly Limit['kind'][];

/** Rules about how many students with one value a group may hold: those there are, and another one. */
export function LimitsEditor({ change }: EditorProps) {
  const bench = useWorkbench('bench');
  const { theClass, lineup } = bench;
  const { editors } = sayBench;
  const { limits } = lineup.recipe;
  const details = [
    ...theClass.details
      .filter(({ kind }) => kind !== 'number' && kind !== 'skill')
      .map(({ id }) => id),
    ...(theClass.sections.length > 1 ? [BY_SECTION] : []),
  ];
  const [kind, setKind] = useState<Limit['kind']>('atLeast');
  const [detail, setDetail] = useState<string>(details[0] ?? '');
  const values = valuesOf(bench, detail);
  const [value, setValue] = useState('');
  const [count, setCount] = useState(1);
  const known = values.find(([one]) => one === value);
  // What nobody is to be alone with is seldom one value: a value is the exception there, and the rule elsewhere.
  const every = value === EVERY || (!known && kind === 'notAlone');
  const chosen = every ? null : (known ?? values.at(-1));
  const alone = values.flatMap(([one, here]) =>
    here === 1 ? [valueName(theClass, detail, one)] : [],
  );
  const preview = useWorkbench('preview');
  const sentence = (limit: Limit): string => limitSentence(limit, theClass);
  if (details.length === 0) return <p className={styles.hint}>{editors.noDetails}</p>;
  const add = (): void => {
    if (chosen !== undefined) {
      change({ limits: [...limits, { kind, detail, value: chosen?.[0] ?? null, count }] });
    }
  };
  return (
    <>
      {limits.length === 0 ? (
        <p className={styles.hint}>{editors.noLimits}</p>
      ) : (
        <ul className={styles.list}>
          {limits.map((limit, place) => (
            <li key={place}>
              <span>{sentence(limit)}</span>
              <IconPress
                label={editors.removeLimit(sentence(limit))}
                onPress={() => change({ limits: limits.filter((_, other) => other !== place) })}
              >
                <CloseRounded fontSize="small" />
              </IconPress>
            </li>
          ))}
        </ul>
      )}
      <Choice
        legend={editors.limitKindLegend}
        value={kind}
        options={KINDS.map((one) => ({ value: one, label: editors.limitKind[one] }))}
        onChange={setKind}
      />
      {LIMIT_KINDS[kind] && (
        <NumberStepper
          label={editors.limitCount}
          lessLabel={editors.fewer}
          moreLabel={editors.more}
          value={count}
          refusal={(next) => (Number.isInteger(next) && next >= 0 ? null : editors.limitCount)}
          onChange={setCount}
        />
      )}
      <Choice
        legend={editors.detailLegend}
        value={detail}
        options={details.map((one) => ({ value: one, label: detailName(theClass, one) }))}
        onChange={setDetail}
      />
      <Choice
        legend={editors.values}
        value={chosen?.[0] ?? EVERY}
        options={[
          { value: EVERY, label: editors.everyValue },
          ...values.map(([one]) => ({ value: one, label: valueName(theClass, detail, one) })),
        ]}
        onChange={setValue}
      />
      {chosen && preview.ok && (
        <p className={styles.hint}>{editors.limitHas(chosen[1], preview.groupCount)}</p>
      )}
      {every && kind === 'notAlone' && alone.length > 0 && (
        <p className={styles.hint}>{editors.onlyOneHas(alone)}</p>
      )}
      <Button size="small" variant="paper" disabled={chosen === undefined} onClick={add}>
        {editors.addLimit}
      </Button>
    </>
  );
}
