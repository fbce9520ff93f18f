'use client';

import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { lazily } from '../primitives/lazily';
import { useRef } from 'react';
import { whoIsDealt } from '@/encode/bench';
import { WHOLE } from '@/encode/openPart';
import { sayGroups } from '@/messages/groups';
import { sayLineups } from '@/messages/lineups';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { RollStudent } from '@/schema/student';
import { createLineup } from '@/store/actions/lineups';
import { classById } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';
import { useClassId } from '../frame/useClassId';
import { usePointed } from '../primitives/usePointed';
import { useKeys } from '../frame/useKeys';
import { useRoll } from '../frame/students';
import type { ShuffleState } from '../frame/useShuffle';
import { useOpenLineup } from '../frame/useOpenLineup';
import { Aside } from './sheet/Aside';
import { Drawer } from './drawer/Drawer';
import { Invitation } from '../primitives/Invitation';
import styles from './GroupsView.module.css';
import { MakeButton } from './make/MakeButton';
import { Older } from './make/Older';
import { Worked } from './make/Worked';
import { RecipeSentence } from './recipe/RecipeSentence';
import { ScoreSheet } from './sheet/ScoreSheet';
import { useGone } from './sheet/useGone';
import { useEarlyPress } from './sheet/useEarlyPress';
import { useSheetKeys } from './sheet/useSheetKeys';
import { useWorkbenchOf } from './workbench/useWorkbenchOf';
import { WorkbenchProvider } from './workbench/Workbench';

/** What a shuffle may have come to that the teacher has to know of. */
const TROUBLES: ReadonlySet<ShuffleState['state']> = new Set(['failed', 'clash', 'again']);
/** A class smaller than this is seen at a glance. */
const WORTH_FINDING_FROM = 45;
/** Loaded beside the sheet, which works without it. */
const DragLayer = lazily(() => import('./sheet/DragLayer').then((module) => module.DragLayer));
const ShuffleTrouble = lazily(() =>
  import('./make/ShuffleTrouble').then((module) => module.ShuffleTrouble),
);
const TakeStrip = lazily(
  () => import('./takes/TakeStrip').then((module) => module.TakeStrip),
  <div className={styles.strip} />,
);
const Finder = lazily(() => import('./sheet/Finder').then((module) => module.Finder));
const GuardDialog = lazily(() => import('./make/GuardDialog').then((module) => module.GuardDialog));

/** The bench: say how, make, look, fix by hand, go back to an earlier take. */
export function GroupsView() {
  const store = useStore();
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  const students = useRoll(classId, lineup);
  if (!theClass) return null;
  if (students.length === 0) {
    return (
      <Invitation text={sayGroups.noStudents}>
        <LinkButton variant="contained" href={`/c/${classId}/roster`}>
          {sayGroups.toRoster}
        </LinkButton>
      </Invitation>
    );
  }
  if (!lineup) {
    const make = () => createLineup(store, classId, freshLineupName([]), null);
    return (
      <Invitation text={sayGroups.noLineup}>
        <Button variant="contained" onClick={make}>
          {sayLineups.make}
        </Button>
      </Invitation>
    );
  }
  return <LineupBench key={lineup.id} lineup={lineup} theClass={theClass} students={students} />;
}

interface LineupBenchProps {
  readonly lineup: LineupRecord;
  readonly theClass: ClassRecord;
  readonly students: readonly RollStudent[];
}

function LineupBench({ lineup, theClass, students }: LineupBenchProps) {
  const { workbench, setDragged, setOver } = useWorkbenchOf(lineup, theClass, students);
  const { bench, sheet, selection, guard, shuffle, nameOf } = workbench;
  const takeOff = useGone(bench, nameOf, guard);
  const { onKeyDown, typed } = useSheetKeys(sheet, selection, takeOff);
  const area = useRef<HTMLDivElement>(null);
  const early = useEarlyPress(area);
  // One group alone has nobody to exchange with.
  const chosenRows = selection.groups.length > 1 ? selection.groups : [];
  const make = (): void =>
    void shuffle.make(chosenRows.length > 0 ? { rows: chosenRows, pins: true } : WHOLE);
  useKeys({ make });
  const made = bench.take !== undefined;
  const pointed = usePointed();

  return (
    <WorkbenchProvider workbench={workbench}>
      <div className={styles.bench} data-made={made}>
        <div className={styles.recipe}>
          <RecipeSentence dealtCount={whoIsDealt(bench).length} />
          <MakeButton chosenRows={chosenRows} onMake={make} />
        </div>
        {guard.pending && <GuardDialog pending={guard.pending} />}
        {TROUBLES.has(shuffle.state.state) ? <ShuffleTrouble /> : <Older />}
        <Worked />
        <div ref={area} className={styles.middle} onKeyDown={onKeyDown}>
          <div className={styles.sheet} data-scroller>
            {made ? (
              <>
                {students.length >= WORTH_FINDING_FROM && <Finder />}
                <ScoreSheet />
                <Aside />
              </>
            ) : (
              <p className={styles.invite}>{sayGroups.invite}</p>
            )}
          </div>
          {made && <Drawer />}
        </div>
        {typed !== '' && (
          <p className={styles.typed} aria-hidden="true">
            {sayGroups.typing(typed)}
          </p>
        )}
        {made && pointed && <DragLayer {...{ area, early }} onDrag={setDragged} onOver={setOver} />}
        {made && <TakeStrip />}
      </div>
    </WorkbenchProvider>
  );
}
