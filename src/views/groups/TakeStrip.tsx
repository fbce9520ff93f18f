'use client';

import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { rulesInForce } from '@/encode/request';
import { brokenRules } from '@/encode/ruleState';
import { say } from '@/messages';
import type { LineupRecord } from '@/schema/lineup';
import type { RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { bringBackTake, deleteTake, undealTake } from '@/store/actions/takes';
import { takesOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { today } from '../frame/today';
import { useKeys } from '../frame/useKeys';
import { useNotices } from '../primitives/notices';
import styles from './TakeStrip.module.css';
import { TakePicture } from './TakePicture';

interface TakeStripProps {
  readonly lineup: LineupRecord;
  readonly students: readonly StudentRecord[];
  readonly rules: readonly RuleRecord[];
}

/** Every take of the lineup, kept; pressing one brings it back. */
export function TakeStrip({ lineup, students, rules }: TakeStripProps) {
  const store = useStore();
  const { announce, notify } = useNotices();
  const takes = useQuery(takesOf, lineup.id);
  const current = takes.find(({ id }) => id === lineup.takeId);
  const bring = (take: TakeRecord | undefined): void => {
    if (!take) return;
    bringBackTake(store, take);
    announce(say.takes.broughtBack(take.number));
  };
  const stepBy = (step: number) => (): void => {
    bring(takes[takes.findIndex(({ id }) => id === lineup.takeId) + step]);
  };
  useKeys({ ',': stepBy(-1), '.': stepBy(1) });
  const strip = useRef<HTMLUListElement>(null);
  useEffect(() => {
    const list = strip.current;
    const shown = list?.querySelector<HTMLElement>('[aria-current="true"]');
    // Only the strip scrolls: scrollIntoView would move the whole page on a phone.
    if (list && shown)
      list.scrollLeft = shown.offsetLeft - list.clientWidth + shown.offsetWidth + 12;
  }, [lineup.takeId]);

  const remove = (take: TakeRecord): void => {
    deleteTake(store, take);
    notify({
      text: say.takes.removed(take.number),
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
  };
  if (takes.length === 0) return null;
  return (
    <section className={styles.strip} aria-labelledby="takes">
      <div className={styles.side}>
        <h2 id="takes" className={styles.title}>
          {say.takes.title}
        </h2>
        <p className={styles.hint}>{say.takes.hint}</p>
      </div>
      <ul ref={strip} className={styles.takes}>
        {takes.map((take) => (
          <li key={take.id}>
            <button
              type="button"
              className={styles.take}
              aria-current={take.id === lineup.takeId}
              onClick={() => bring(take)}
            >
              <TakePicture take={take} students={students} />
              <span className={styles.words}>
                <span className={styles.number}>{say.takes.take(take.number)}</span>
                <TakeState take={take} rules={rules} />
              </span>
            </button>
          </li>
        ))}
      </ul>
      {current && (
        <div className={styles.doings}>
          {current.dealt && (
            <Button size="small" variant="paper" onClick={() => undealTake(store, current.id)}>
              {say.takes.asDealt}
            </Button>
          )}
          <Button size="small" variant="paper" onClick={() => remove(current)}>
            {say.takes.remove(current.number)}
          </Button>
        </div>
      )}
    </section>
  );
}

function TakeState({
  take,
  rules,
}: {
  readonly take: TakeRecord;
  readonly rules: readonly RuleRecord[];
}) {
  const groups = take.groups.map(({ studentIds }) => studentIds);
  const broken = new Set(
    brokenRules(groups, rulesInForce(rules, today())).map(({ rule }) => rule.id),
  ).size;
  if (broken > 0) return <span className={styles.broken}>{say.takes.broken(broken)}</span>;
  if (take.dealt) return <span className={styles.quiet}>{say.takes.byHand}</span>;
  return <span className={styles.quiet}>{say.takes.madeAt(take.createdAt)}</span>;
}
