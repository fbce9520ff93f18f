'use client';

import { RIGHT } from '@/encode/mastery';
import { sayLadder } from '@/messages/ladder';
import type { ClassRecord, MasteryRule } from '@/schema/classRecord';
import { setMasteryRule } from '@/store/actions/skills';
import type { ActionLabel } from '@/store/history';
import { useStore } from '@/store/react';
import { filled } from '../frame/filled';
import { usePutBack } from '../frame/usePutBack';
import { Choice } from '../primitives/Choice';
import { NumberStepper } from '../primitives/NumberStepper';
import { Opening } from '../primitives/Opening';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

const OF_RULE: ReadonlySet<ActionLabel> = new Set(['editLadder']);

const MOST_ANSWERS = 50;
const STARTS: Readonly<Record<MasteryRule['by'], MasteryRule>> = {
  share: { by: 'share', percent: 80, least: 1 },
  last: { by: 'last', right: 3, of: 4 },
};

/** From which answers on a skill counts as mastered, as a sentence that is changed where it stands. */
export function Rule({ theClass }: { readonly theClass: ClassRecord }) {
  const store = useStore();
  const { masteryRule: rule } = theClass;
  const takesBack = usePutBack(OF_RULE);
  const set = (next: MasteryRule): void => setMasteryRule(store, theClass.id, next);
  const number = (
    label: string,
    value: number,
    range: readonly [number, number],
    onChange: (value: number) => void,
  ) => (
    <NumberStepper
      labelled
      label={label}
      lessLabel={sayLadder.fewer}
      moreLabel={sayLadder.more}
      value={value}
      refusal={(next) => (next < range[0] || next > range[1] ? sayLadder.between(...range) : null)}
      onChange={onChange}
    />
  );
  const said = sayLadder.ruleOf(rule);
  return (
    <div>
      <p className={styles.sentence}>
        {filled(sayLadder.rule, {
          rule: (
            <Opening
              key="rule"
              flows
              takesBack={takesBack}
              label={sayLadder.ruleLabel}
              button={(props) => (
                <button
                  type="button"
                  className={page.said}
                  aria-label={`${sayLadder.ruleLabel}: ${said}`}
                  {...props}
                >
                  {said}
                </button>
              )}
            >
              <div className={page.editor}>
                <Choice
                  legend={sayLadder.ruleBy}
                  value={rule.by}
                  options={(['share', 'last'] as const).map((value) => ({
                    value,
                    label: sayLadder.ruleByOf[value],
                  }))}
                  onChange={(by) => set(STARTS[by])}
                />
                {rule.by === 'share' ? (
                  <>
                    {number(sayLadder.percent, rule.percent, [1, 100], (percent) =>
                      set({ ...rule, percent }),
                    )}
                    {number(sayLadder.least, rule.least, [1, MOST_ANSWERS], (least) =>
                      set({ ...rule, least }),
                    )}
                  </>
                ) : (
                  <>
                    {number(sayLadder.right, rule.right, [1, rule.of], (right) =>
                      set({ ...rule, right }),
                    )}
                    {number(sayLadder.of, rule.of, [rule.right, MOST_ANSWERS], (of) =>
                      set({ ...rule, of }),
                    )}
                  </>
                )}
              </div>
            </Opening>
          ),
        })}
      </p>
      <p className={page.hint}>{sayLadder.ruleNote(RIGHT)}</p>
    </div>
  );
}
