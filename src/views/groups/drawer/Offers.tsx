'use client';

import { Button } from '../../primitives/Button';
import { useDeferredValue, useMemo } from 'react';
import type { Bench } from '@/encode/bench';
import type { Offer } from '@/encode/insightTypes';
import { sayBench } from '@/messages/bench';
import type { StudentId } from '@/schema/ids';
import { columnName } from '../workbench/columnName';
import styles from './Drawer.module.css';
import { useWorkbench } from '../workbench/Workbench';

interface OffersProps {
  readonly student?: StudentId;
  readonly group?: number;
}

/** A whole large course is not looked through pair by pair: for a student or a group of it, swaps are offered. */
const MOST_STUDENTS_AT_ONCE = 150;

const MOST_OFFERS = 3;

/** The swaps that would help most, each one press away. */
export function Offers({ student, group }: OffersProps) {
  const bench = useWorkbench('bench');
  const insight = useWorkbench('insight');
  const selection = useWorkbench('selection');
  const nameOf = useWorkbench('nameOf');
  const sheet = useWorkbench('sheet');
  const seated = sheet.groups.reduce((sum, { size }) => sum + size, 0);
  // Looking through all pairs may come a moment after the groups are painted.
  const late = useDeferredValue(insight);
  // Until then the list is of groups that are no more: what it would do is not what it says.
  const stale = late !== insight;
  const whole = student === undefined && group === undefined;
  const offers = useMemo(() => {
    if (!late || (whole && seated > MOST_STUDENTS_AT_ONCE)) return null;
    return late.offers({
      ...(student === undefined ? {} : { student }),
      ...(group === undefined ? {} : { group }),
    });
  }, [late, student, group, whole, seated]);
  if (!offers) return null;
  const { drawer } = sayBench;
  const take = ({ kind, studentIds, to }: Offer): void => {
    if (stale) return;
    const [one, two] = studentIds;
    if (kind === 'swap' && one && two) selection.swap(one, two);
    else selection.move(studentIds, to);
  };
  // Moves would leave sizes uneven: they are offered only where they mend a rule.
  const shown = [...offers.swaps, ...offers.moves.filter(({ mends }) => mends)].slice(
    0,
    MOST_OFFERS,
  );
  return (
    <section className={styles.part}>
      {shown.length > 0 && <h3 className={styles.subtitle}>{drawer.swapsTitle}</h3>}
      {shown.length === 0 ? (
        <p className={styles.hint}>{drawer.noSwaps}</p>
      ) : (
        <ul className={styles.offers} aria-busy={stale}>
          {shown.map((offer) => (
            <li key={offer.studentIds.join()}>
              <Button
                variant="paper"
                size="small"
                // Not disabled: the focus stays where the next press may come.
                aria-disabled={stale}
                onClick={() => take(offer)}
              >
                <span className={styles.pair}>
                  {offer.kind === 'swap'
                    ? drawer.swapNames(
                        nameOf(offer.studentIds[0] ?? ''),
                        nameOf(offer.studentIds[1] ?? ''),
                      )
                    : drawer.moveNames(
                        nameOf(offer.studentIds[0] ?? ''),
                        sheet.groups[offer.to]?.name ?? '',
                      )}
                </span>
                <span className={styles.gain}>{gainOf(offer, bench)}</span>
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function gainOf({ mends, better, worse }: Offer, { theClass }: Bench): string {
  const names = (keys: readonly string[]): string[] => keys.map((key) => columnName(theClass, key));
  return [mends ? sayBench.drawer.mends : '', sayBench.drawer.gains(names(better), names(worse))]
    .filter(Boolean)
    .join('; ');
}
