'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { say } from '@/messages';
import type { LineupRecord } from '@/schema/lineup';
import { createLineup } from '@/store/actions/lineups';
import { rulesOf, shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';
import { useTileNames } from '../frame/names';
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
import { SheetDnd } from './SheetDnd';
import { ShuffleTrouble } from './ShuffleTrouble';
import { TakeStrip } from './TakeStrip';
import { useSelection } from './useSelection';
import { useSheet } from './useSheet';
import { useSheetKeys } from './useSheetKeys';

/** The bench: say how, make, look, fix by hand, go back to an earlier take. */
export function GroupsView() {
  const store = useStore();
  const classId = useClassId();
  const lineup = useOpenLineup();
  const students = useRoll(classId);
  if (students.length === 0) {
    return (
      <div className={styles.empty}>
        <p>{say.groups.noStudents}</p>
        <Button variant="contained" component={Link} href={`/c/${classId}/roster`}>
          {say.groups.toRoster}
        </Button>
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
  return <LineupBench key={lineup.id} lineup={lineup} />;
}

function LineupBench({ lineup }: { readonly lineup: LineupRecord }) {
  const students = useRoll(lineup.classId);
  const rules = useQuery(rulesOf, lineup.classId);
  const take = useQuery(shownTake, lineup.id);
  const nameOf = useTileNames(students);
  const sheet = useSheet(take, students, rules);
  const shuffle = useShuffle({ lineup, students, rules });
  const selection = useSelection({ take, sheet, students, rules, nameOf });
  const onKeyDown = useSheetKeys(sheet, selection);
  useKeys({ r: () => void shuffle.make() });
  const hereCount = students.filter(({ here }) => here).length;

  return (
    <div className={styles.bench} data-made={take !== undefined}>
      <div className={styles.recipe}>
        <RecipeSentence lineup={lineup} hereCount={hereCount} ruleCount={rules.length} />
        <MakeButton lineup={lineup} hereCount={hereCount} first={!take} shuffle={shuffle} />
      </div>
      <ShuffleTrouble lineup={lineup} rules={rules} shuffle={shuffle} nameOf={nameOf} />
      <SheetDnd sheet={sheet} selection={selection} nameOf={nameOf}>
        <div className={styles.middle} onKeyDown={onKeyDown}>
          <div className={styles.sheet}>
            {take ? (
              <>
                <ScoreSheet sheet={sheet} selection={selection} nameOf={nameOf} />
                <Aside sheet={sheet} selection={selection} nameOf={nameOf} />
              </>
            ) : (
              <p className={styles.invite}>{say.groups.invite}</p>
            )}
          </div>
          {take && (
            <Drawer sheet={sheet} take={take} rules={rules} selection={selection} nameOf={nameOf} />
          )}
        </div>
      </SheetDnd>
      <TakeStrip lineup={lineup} students={students} rules={rules} />
    </div>
  );
}
