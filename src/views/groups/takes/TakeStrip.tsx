'use client';

import StarBorderRounded from '@mui/icons-material/StarBorderRounded';
import StarRounded from '@mui/icons-material/StarRounded';
import { useTold } from '../../frame/useTold';
import { Button } from '../../primitives/Button';
import { lazily } from '../../primitives/lazily';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { countRules } from '@/encode/request';
import { brokenRules } from '@/encode/ruleState';
import { sayGroups } from '@/messages/groups';
import type { TakeGroup, TakeRecord } from '@/schema/take';
import { bringBackTake, deleteTake, starTake, undealTake } from '@/store/actions/takes';
import { takesOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useKeys } from '../../frame/useKeys';
import { IconPress } from '../../primitives/IconPress';
import { useNotices } from '../../primitives/notices';
import { classFigure } from '../workbench/classFigure';
import { BetterReady } from './BetterReady';
import styles from './TakeStrip.module.css';
import { TakePicture } from './TakePicture';
import { PARTNERS, type ColumnKey } from '../workbench/useColumns';
import { useInsightReader } from '../workbench/useInsight';
import { useWorkbench } from '../workbench/Workbench';

const TakeCompare = lazily(() => import('./TakeCompare').then((module) => module.TakeCompare));

/** Every take of the lineup, kept; pressing one brings it back, two can be compared. */
export function TakeStrip() {
  const bench = useWorkbench('bench');
  const guard = useWorkbench('guard');
  const store = useStore();
  // What stands beside the list leaves less room for it.
  const ready = useWorkbench('shuffle').better !== null;
  const { announce } = useNotices();
  const told = useTold();
  const { lineup } = bench;
  const takes = useQuery(takesOf, lineup.id);
  const [comparing, setComparing] = useState(false);
  const current = takes.find(({ id }) => id === lineup.takeId);
  const idsOf = (groups: readonly TakeGroup[]) => groups.map(({ studentIds }) => studentIds);
  const bring = (take: TakeRecord | undefined): void => {
    if (!take || take.id === lineup.takeId) return;
    guard.ask(idsOf(take.groups), () => {
      bringBackTake(store, take);
      announce(sayGroups.takes.broughtBack(take.number));
    });
  };
  const stepBy = (step: number) => (): void => {
    bring(takes[takes.findIndex(({ id }) => id === lineup.takeId) + step]);
  };
  useKeys({ earlierTake: stepBy(-1), laterTake: stepBy(1) });
  const strip = useRef<HTMLUListElement>(null);
  useEffect(() => {
    const list = strip.current;
    const shown = list?.querySelector<HTMLElement>('[aria-current="true"]');
    // Only the strip scrolls: scrollIntoView would move the whole page on a phone.
    if (list && shown)
      list.scrollLeft = shown.offsetLeft - list.clientWidth + shown.offsetWidth + 12;
  }, [lineup.takeId, ready]);

  const remove = (take: TakeRecord): void => {
    const next = takes.filter(({ id }) => id !== take.id).at(-1);
    guard.ask(idsOf(next?.groups ?? []), () => {
      deleteTake(store, take);
      told(sayGroups.takes.removed(take.number));
    });
  };
  if (takes.length === 0) return null;
  return (
    <>
      {comparing && current && takes.length > 1 && (
        <TakeCompare takes={takes} onShow={bring} onClose={() => setComparing(false)} />
      )}
      <section className={styles.strip} aria-labelledby="takes">
        <div className={styles.side}>
          <h2 id="takes" className={styles.title}>
            {sayGroups.takes.title}
          </h2>
          <p className={styles.hint}>{sayGroups.takes.hint}</p>
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
                <TakePicture take={take} students={bench.students} />
                <span className={styles.words}>
                  <span className={styles.number}>
                    {sayGroups.takes.take(take.number)}
                    {take.starred && (
                      <StarRounded
                        className={styles.star}
                        fontSize="inherit"
                        titleAccess={sayGroups.takes.starred}
                      />
                    )}
                  </span>
                  <TakeState take={take} />
                </span>
              </button>
            </li>
          ))}
        </ul>
        <BetterReady />
        {current && (
          <div className={styles.doings}>
            {takes.length > 1 && (
              <Button
                size="small"
                variant="paper"
                aria-expanded={comparing}
                onClick={() => setComparing(!comparing)}
              >
                {sayGroups.takes.compare}
              </Button>
            )}
            {current.dealt && (
              <Button
                size="small"
                variant="paper"
                onClick={() =>
                  guard.ask(idsOf(current.dealt ?? []), () => undealTake(store, current.id))
                }
              >
                {sayGroups.takes.asDealt}
              </Button>
            )}
            <IconPress
              label={
                current.starred
                  ? sayGroups.takes.unstar(current.number)
                  : sayGroups.takes.star(current.number)
              }
              onPress={() => starTake(store, current.id, !current.starred)}
            >
              {current.starred ? <StarRounded /> : <StarBorderRounded />}
            </IconPress>
            <Button size="small" variant="paper" onClick={() => remove(current)}>
              {sayGroups.takes.remove(current.number)}
            </Button>
          </div>
        )}
      </section>
    </>
  );
}

/** Reading every take of a large course would hold up the page. */
const MOST_STUDENTS_READ = 200;
/** Figures under a take's number. */
const MOST_FIGURES = 2;

/** Repeats first: they differ most from take to take. */
function inOrder(shown: readonly ColumnKey[]): readonly ColumnKey[] {
  return [...shown].sort((one, two) => Number(two === PARTNERS) - Number(one === PARTNERS));
}

function TakeState({ take }: { readonly take: TakeRecord }) {
  const read = useInsightReader();
  const columns = useWorkbench('columns');
  // Figures of takes may come a moment after the groups are painted.
  const bench = useDeferredValue(useWorkbench('bench'));
  const figures = useMemo(() => {
    if (!read || bench.students.length > MOST_STUDENTS_READ) return [];
    const insight = read(bench, take, columns.details);
    if (!insight) return [];
    return inOrder(columns.shown)
      .slice(0, MOST_FIGURES)
      .flatMap((key) => {
        const figure = classFigure(insight, key);
        return figure ? [figure.text] : [];
      });
  }, [read, bench, take, columns.shown, columns.details]);
  const broken = useMemo(() => {
    const here = new Set(bench.students.flatMap(({ id, here }) => (here ? [id] : [])));
    const groups = take.groups.map(({ studentIds }) => studentIds.filter((id) => here.has(id)));
    return countRules(brokenRules(groups, bench).map(({ source }) => source));
  }, [bench, take]);
  return (
    <>
      {broken > 0 && <span className={styles.broken}>{sayGroups.takes.broken(broken)}</span>}
      {take.dealt && broken === 0 && figures.length < MOST_FIGURES && (
        <span className={styles.quiet}>{sayGroups.takes.byHand}</span>
      )}
      {figures.map((text) => (
        <span key={text} className={styles.quiet}>
          {text}
        </span>
      ))}
      {figures.length === 0 && broken === 0 && !take.dealt && (
        <span className={styles.quiet}>{sayGroups.takes.madeAt(take.createdAt)}</span>
      )}
    </>
  );
}
