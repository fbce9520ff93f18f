'use client';

import { useMemo } from 'react';
import { changesSince, type GroupChange } from '@/encode/since';
import { wayOutOf } from '@/formats/out/list';
import { sayHandoff } from '@/messages/handoff';
import type { LineupId, StudentId } from '@/schema/ids';
import type { ReceiptRecord } from '@/schema/receipt';
import type { RollStudent } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { dropReceipt } from '@/store/actions/receipts';
import { receiptsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import styles from './HandOffView.module.css';

interface ReceiptsProps {
  readonly lineupId: LineupId;
  readonly take: TakeRecord;
  /** Under the names that are shown. */
  readonly students: readonly RollStudent[];
}

/** Receipts that are told; older ones are kept all the same. */
const TOLD = 5;

/** What was handed off of the lineup, and what has changed since the last time. */
export function Receipts({ lineupId, take, students }: ReceiptsProps) {
  const store = useStore();
  const words = sayHandoff.handoff;
  const receipts = useQuery(receiptsOf, lineupId);
  const [last] = receipts;
  const sentences = useMemo(() => {
    if (!last) return [];
    const here = new Set(students.flatMap((one) => (one.here ? [one.id] : [])));
    const nameOf = new Map<StudentId, string>(students.map(({ id, name }) => [id, name]));
    const now = take.groups.map(({ name, sign, studentIds }) => ({
      ...{ name, sign },
      studentIds: studentIds.filter((id) => here.has(id)),
    }));
    return changesSince(last.groups, now).flatMap((change) => sentencesOf(change, nameOf));
  }, [last, take, students]);
  if (!last) return null;
  return (
    <section aria-labelledby="receipts" className={styles.receipts}>
      <h3 id="receipts" className={styles.subtitle}>
        {words.receipts}
      </h3>
      <ul>
        {receipts.slice(0, TOLD).map((receipt) => (
          <li key={receipt.id}>
            <p>
              {didOf(receipt)} <small>{detailOf(receipt)}</small>{' '}
              <Button
                size="small"
                aria-label={words.forget}
                title={words.forget}
                onClick={() => dropReceipt(store, receipt)}
              >
                ×
              </Button>
            </p>
          </li>
        ))}
      </ul>
      {sentences.length === 0 ? (
        <p>{words.unchanged}</p>
      ) : (
        <p className={styles.changed}>
          <strong>{words.changed}</strong> {sentences.join('. ')}.
        </p>
      )}
    </section>
  );
}

function didOf({ to, did, file, service }: ReceiptRecord): string {
  const words = sayHandoff.handoff;
  if (did === 'sent') {
    const { arrived = 0, refused = [] } = service ?? {};
    return words.receipt.sent(
      words.places[to === 'rooms' ? 'rooms' : 'channels'],
      arrived,
      refused.length,
    );
  }
  const id = wayOutOf(to)?.id;
  const title = id ? words.way[id].title : to;
  return did === 'saved' ? words.receipt.saved(file) : words.receipt[did](title);
}

function detailOf({ at, takeNumber, addresses }: ReceiptRecord): string {
  const words = sayHandoff.handoff;
  const when = words.receiptWhen(at, takeNumber);
  return addresses ? `${when}, ${words.withAddresses}` : when;
}

function sentencesOf(
  { name, was, state, joins, leaves }: GroupChange,
  nameOf: ReadonlyMap<StudentId, string>,
): readonly string[] {
  const { change } = sayHandoff.handoff;
  const names = (ids: readonly StudentId[]): string[] => ids.map((id) => nameOf.get(id) ?? '…');
  return [
    ...(state === 'new' ? [change.isNew(name)] : []),
    ...(state === 'gone' ? [change.isGone(name)] : []),
    ...(was === null ? [] : [change.renamed(was, name)]),
    ...(joins.length > 0 ? [change.joins(name, names(joins))] : []),
    ...(leaves.length > 0 && state === 'kept' ? [change.leaves(name, names(leaves))] : []),
  ];
}
