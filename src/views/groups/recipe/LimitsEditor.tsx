'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { Button } from '../../primitives/Button';
import { useState } from 'react';
import { sayRules } from '@/messages/rules';
import { sayBench } from '@/messages/bench';
import { LIMIT_KINDS, type Limit } from '@/schema/recipe';
import { detailName, valueName } from '../../frame/detailWords';
import { Choice } from '../../primitives/Choice';
import { IconPress } from '../../primitives/IconPress';
import { NumberStepper } from '../../primitives/NumberStepper';
import type { EditorProps } from './editor';
import styles from './RecipeEditor.module.css';
import { valuesOf } from './values';
import { useWorkbench } from '../workbench/Workbench';

const KINDS = Object.keys(LIMIT_KINDS) as readonly Limit['kind'][];

/** Rules about how many students with one value a group may hold: those there are, and another one. */
export function LimitsEditor({ change }: EditorProps) {
  const bench = useWorkbench('bench');
  const { theClass, lineup } = bench;
  const { editors } = sayBench;
  const { limits } = lineup.recipe;
  const details = theClass.details.filter(({ kind }) => kind !== 'number' && kind !== 'skill');
  const [kind, setKind] = useState<Limit['kind']>('atLeast');
  const [detail, setDetail] = useState(details[0]?.id ?? '');
  const values = valuesOf(bench, detail);
  const [value, setValue] = useState('');
  const [count, setCount] = useState(1);
  const chosen = values.find(([one]) => one === value) ?? values.at(-1);
  const preview = useWorkbench('preview');
  const sentence = (limit: Limit): string =>
    sayRules.limit(
      limit.kind,
      detailName(theClass, limit.detail),
      valueName(theClass, limit.detail, limit.value),
      limit.count,
    );
  if (details.length === 0) return <p className={styles.hint}>{editors.noDetails}</p>;
  const add = (): void => {
    if (chosen) change({ limits: [...limits, { kind, detail, value: chosen[0], count }] });
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
        options={details.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setDetail}
      />
      <Choice
        legend={editors.values}
        value={chosen?.[0] ?? ''}
        options={values.map(([one]) => ({ value: one, label: valueName(theClass, detail, one) }))}
        onChange={setValue}
      />
      {chosen && preview.ok && (
        <p className={styles.hint}>{editors.limitHas(chosen[1], preview.groupCount)}</p>
      )}
      <Button size="small" variant="paper" disabled={!chosen} onClick={add}>
        {editors.addLimit}
      </Button>
    </>
  );
}
