'use client';

import { useMemo } from 'react';
import { ladderOf } from '@/encode/mastery';
import { testIn } from '@/formats/roster/results';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import { keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { useDraft } from '../frame/useDraft';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import styles from './PasteBox.module.css';
import type { PastedListState } from './usePastedList';

interface TestFoundProps {
  readonly theClass: ClassRecord;
  readonly pasted: PastedListState;
}

/**
 * A list that holds the answers of a test beside its students: they are no details, and wait on the page of the ladder
 * once that is asked; the students are taken in here.
 */
export function TestFound({ theClass, pasted }: TestFoundProps) {
  const store = useStore();
  const field = { of: 'results', classId: theClass.id } as const;
  const waiting = useDraft(field);
  const { table, reading, roster, text } = pasted;
  const found = useMemo(
    () =>
      table && reading
        ? testIn(
            table,
            reading,
            roster,
            ladderOf(theClass).map(({ name }) => name),
          )
        : [],
    [table, reading, roster, theClass],
  );
  if (found.length === 0) {
    if (waiting === '') return null;
    return (
      <p className={styles.hint}>
        {sayRoster.roster.testWaits}{' '}
        <LinkButton size="small" variant="line" href={`/c/${theClass.id}/roster/ladder`}>
          {sayRoster.roster.toLadder}
        </LinkButton>
      </p>
    );
  }
  return (
    <p className={styles.hint}>
      {sayRoster.roster.testFound(found.length)}{' '}
      <Button
        size="small"
        variant="paper"
        onClick={() => {
          keepDraft(store, field, text);
          pasted.leaveColumnsOut(found.map(({ column }) => column));
        }}
      >
        {sayRoster.roster.testTake}
      </Button>
    </p>
  );
}
