'use client';

import { Button, LinkButton } from '../primitives/Button';
import dynamic from 'next/dynamic';
import { useDeferredValue, useRef, useState } from 'react';
import { whoIsDealt } from '@/encode/bench';
import { WHOLE } from '@/encode/request';
import { say } from '@/messages';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { StudentRecord } from '@/schema/student';
import { createLineup } from '@/store/actions/lineups';
import { classById } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';
import { useTileNames } from '../frame/names';
import { useBench } from '../frame/useBench';
import { useClassId } from '../frame/useClassId';
import { useKeys } from '../frame/useKeys';
import { useRoll } from '../frame/students';
import { useOpenLineup } from '../frame/useOpenLineup';
import { useShuffle } from '../frame/useShuffle';
import { Aside } from './Aside';
import { Drawer } from './Drawer';
import styles from './GroupsView.module.css';
import { MakeButton } from './MakeButton';
import { RecipeSentence } from './RecipeSentence';
import { ScoreSheet } from './ScoreSheet';
import { useColumns } from './useColumns';
import { useGuard } from './useGuard';
import { useInsight } from './useInsight';
import { useSelection } from './useSelection';
import { useSheet } from './useSheet';
import { useSheetKeys } from './useSheetKeys';
import { useTargets } from './useTargets';

/** A class smaller than this is seen at a glance. */
const WORTH_FINDING_FROM = 45;
/** Loaded beside the sheet, which works without it. */
const DragLayer = dynamic(() => import('./DragLayer').then((module) => module.DragLayer), {
  ssr: false,
});
const ShuffleTrouble = dynamic(
  () => import('./ShuffleTrouble').then((module) => module.ShuffleTrouble),
  { ssr: false },
);
const TakeStrip = dynamic(() => import('./TakeStrip').then((module) => module.TakeStrip), {
  ssr: false,
  loading: () => <div className={styles.strip} />,
});
const Finder = dynamic(() => import('./Finder').then((module) => module.Finder), { ssr: false });
const GuardBar = dynamic(() => import('./GuardBar').then((module) => module.GuardBar), {
  ssr: false,
});

/** The bench: say how, make, look, fix by hand, go back to an earlier take. */
export function GroupsView() {
  const store = useStore();
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  const students = useRoll(classId);
  if (!theClass) return null;
  if (students.length === 0) {
    return (
      <div className={styles.empty}>
        <p>{say.groups.noStudents}</p>
        <LinkButton variant="contained" href={`/c/${classId}/roster`}>
          {say.groups.toRoster}
        </LinkButton>
      </div>
    );
  }
  if (!lineup) {
    const make = () => createLineup(store, classId, freshLineupName([]), null);
    return (
      <div className={styles.empty}>
        <p>{say.groups.noLineup}</p>
        <Button variant="contained" onClick={make}>
          {say.lineups.make}
        </Button>
      </div>
    );
  }
  return <LineupBench key={lineup.id} lineup={lineup} theClass={theClass} students={students} />;
}

interface LineupBenchProps {
  readonly lineup: LineupRecord;
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

function LineupBench({ lineup, theClass, students }: LineupBenchProps) {
  const bench = useBench(lineup, theClass, students);
  const { take } = bench;
  const nameOf = useTileNames(students);
  const columns = useColumns(bench);
  const sheet = useSheet(bench);
  // Groups are painted first; what they are like may follow a moment later.
  const insight = useInsight(useDeferredValue(bench), columns.details);
  const guard = useGuard(lineup, take);
  const shuffle = useShuffle(bench, (groups, keep) =>
    guard.ask(
      groups.map(({ studentIds }) => studentIds),
      keep,
    ),
  );
  const selection = useSelection({ bench, sheet, nameOf, guard });
  const [dragged, setDragged] = useState<StudentId | null>(null);
  const [over, setOver] = useState<string | null>(null);
  const targets = useTargets(insight, dragged ?? selection.student);
  const onKeyDown = useSheetKeys(sheet, selection, lineup);
  const area = useRef<HTMLDivElement>(null);
  // One group alone has nobody to exchange with.
  const chosenRows = selection.groups.length > 1 ? selection.groups : [];
  const make = (): void =>
    void shuffle.make(chosenRows.length > 0 ? { rows: chosenRows, pins: true } : WHOLE);
  useKeys({ make });
  const dealtCount = whoIsDealt(bench).length;

  return (
    <div className={styles.bench} data-made={take !== undefined}>
      <div className={styles.recipe}>
        <RecipeSentence bench={bench} dealtCount={dealtCount} />
        <MakeButton bench={bench} chosenRows={chosenRows} shuffle={shuffle} onMake={make} />
      </div>
      {guard.pending && (
        <GuardBar pending={guard.pending} bench={bench} guard={guard} nameOf={nameOf} />
      )}
      {(shuffle.state.state === 'failed' || shuffle.state.state === 'clash') && (
        <ShuffleTrouble bench={bench} shuffle={shuffle} nameOf={nameOf} />
      )}
      <div ref={area} className={styles.middle} onKeyDown={onKeyDown}>
        <div className={styles.sheet} data-scroller>
          {take ? (
            <>
              {students.length >= WORTH_FINDING_FROM && (
                <Finder sheet={sheet} selection={selection} />
              )}
              <ScoreSheet
                bench={bench}
                sheet={sheet}
                selection={selection}
                nameOf={nameOf}
                columns={columns}
                insight={insight}
                targets={targets}
                dragged={dragged}
                over={over}
              />
              <Aside
                bench={bench}
                sheet={sheet}
                selection={selection}
                nameOf={nameOf}
                insight={insight}
                columns={columns}
                over={over === 'aside'}
                guard={guard}
              />
            </>
          ) : (
            <p className={styles.invite}>{say.groups.invite}</p>
          )}
        </div>
        {take && (
          <Drawer
            bench={bench}
            take={take}
            sheet={sheet}
            selection={selection}
            insight={insight}
            targets={targets}
            nameOf={nameOf}
            shuffle={shuffle}
            guard={guard}
          />
        )}
      </div>
      {take && (
        <DragLayer
          area={area}
          sheet={sheet}
          selection={selection}
          nameOf={nameOf}
          onDrag={setDragged}
          onOver={setOver}
        />
      )}
      {take && <TakeStrip bench={bench} guard={guard} columns={columns} nameOf={nameOf} />}
    </div>
  );
}
