'use client';

import { Button } from '../primitives/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { publicLineup } from '@/encode/publicLineup';
import { sayOut } from '@/messages/out';
import { classById, shownTake } from '@/store/queries';
import { useQuery } from '@/store/react';
import type { LineupRecord } from '@/schema/lineup';
import { useStageNames } from '../frame/names';
import { useClassId } from '../frame/useClassId';
import { useNotedUse } from '../frame/useNotedUse';
import { useRoll } from '../frame/students';
import { useKeys } from '../frame/useKeys';
import { useOpenLineup } from '../frame/useOpenLineup';
import { KeyOf } from '../frame/KeyOf';
import { StageSheet } from './StageSheet';
import styles from './StageView.module.css';
import { useFullScreen } from './useFullScreen';

/** What the class sees: groups and names, as large as they can be, and nothing else. */
export function StageView() {
  const lineup = useOpenLineup();
  return <Stage key={lineup?.id} lineup={lineup} />;
}

function Stage({ lineup }: { readonly lineup: LineupRecord | undefined }) {
  const classId = useClassId();
  const router = useRouter();
  const theClass = useQuery(classById, classId);
  const students = useRoll(classId, lineup);
  useNotedUse(lineup);
  const current = useQuery(shownTake, lineup?.id ?? ('' as LineupRecord['id']));
  // The stage holds still: what is tried out on the bench meanwhile is shown only when the teacher says so.
  const [held, setHeld] = useState(current);
  const take = held ?? current;
  const changed = take !== undefined && current !== undefined && take !== current;
  const nameOf = useStageNames(students);
  const page = useRef<HTMLDivElement>(null);
  const [full, toggleFull] = useFullScreen(page);
  const back = (): void => {
    if (document.fullscreenElement) void document.exitFullscreen();
    router.push(`/c/${classId}/groups`);
  };
  const showNew = (): void => {
    if (changed) setHeld(current);
  };
  useKeys({ fullScreen: toggleFull, showNew, back });
  const { groups } = useMemo(() => publicLineup(take, students, nameOf), [take, students, nameOf]);

  return (
    <div ref={page} className={styles.stage}>
      <header className={styles.head}>
        <h1 className={styles.title}>{lineup?.name ?? sayOut.stage.nothing}</h1>
        <p className={styles.class}>{theClass?.name}</p>
        <div className={styles.doings}>
          {changed && (
            <Button variant="apricot" onClick={showNew}>
              {sayOut.stage.showNew}
              <KeyOf name="showNew" />
            </Button>
          )}
          <Button variant="paper" onClick={toggleFull} aria-pressed={full}>
            {full ? sayOut.stage.leaveFull : sayOut.stage.full}
            <KeyOf name="fullScreen" />
          </Button>
          <Button variant="paper" onClick={back}>
            {sayOut.stage.back}
            <KeyOf name="back" />
          </Button>
        </div>
      </header>
      <main className={styles.main}>
        {take ? (
          <StageSheet groups={groups} />
        ) : (
          <p className={styles.empty}>{sayOut.stage.empty}</p>
        )}
      </main>
    </div>
  );
}
