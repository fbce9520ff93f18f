'use client';

import { lazily } from '../primitives/lazily';
import { useState } from 'react';
import { sayActivities } from '@/messages/activities';
import { isAlone, type ActivityRecord } from '@/schema/activity';
import type { LineupId } from '@/schema/ids';
import { editActivity, removeActivity } from '@/store/actions/activities';
import { openLineup } from '@/store/actions/lineups';
import { lineupById, shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useSpokenForClass } from '../frame/InClassLanguage';
import { useTileNames } from '../frame/names';
import { useRoute } from '../primitives/route';
import { useStudents } from '../frame/students';
import { useClassId } from '../frame/useClassId';
import { useTold } from '../frame/useTold';
import page from '../frame/SidePage.module.css';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import { Invitation } from '../primitives/Invitation';
import { LinkButton } from '../primitives/LinkButton';
import styles from './Activities.module.css';
import { Changed, Splits } from './Changed';
import { Grid } from './Grid';
import { SettingsSentence } from './SettingsSentence';
import { useActivity } from './useActivity';
import { useUnits } from './useUnits';

/** What stands below the grid comes after it. */
const Beside = lazily(() => import('./Beside').then((module) => module.Beside));

/** One activity: what it is, what came in of it, and its marks. */
export function ActivityView() {
  const classId = useClassId();
  const activity = useActivity();
  const back = `/c/${classId}/activities`;
  if (activity?.classId !== classId) {
    return (
      <Invitation text={sayActivities.gone}>
        <LinkButton variant="contained" href={back}>
          {sayActivities.back}
        </LinkButton>
      </Invitation>
    );
  }
  return <Activity activity={activity} back={back} />;
}

interface ActivityProps {
  readonly activity: ActivityRecord;
  readonly back: string;
}

function Activity({ activity, back }: ActivityProps) {
  const words = sayActivities;
  const store = useStore();
  const { go } = useRoute();
  const told = useTold();
  const students = useStudents(activity.classId);
  const nameOf = useTileNames(students);
  const units = useUnits(activity, students);
  const lineup = useQuery(lineupById, activity.lineupId ?? ('' as LineupId));
  const take = useQuery(shownTake, activity.lineupId ?? ('' as LineupId));
  // Hand-outs and letters are read by the class.
  useSpokenForClass(activity.classId);
  const [leaving, setLeaving] = useState(false);
  if (leaving) return null;
  return (
    <div className={page.view}>
      <div className={page.head}>
        <h2 className={page.title}>
          <InPlaceText
            value={activity.name}
            label={words.list.name}
            onChange={(name) => editActivity(store, activity.id, { name })}
          />
        </h2>
        <LinkButton size="small" variant="plain" href={back}>
          {words.back}
        </LinkButton>
      </div>
      <SettingsSentence activity={activity} />
      {lineup && take && (
        <Changed activity={activity} lineup={lineup} shown={take.groups} nameOf={nameOf} />
      )}
      <Splits activity={activity} nameOf={nameOf} />
      {units.length === 0 && !isAlone(activity) && lineup ? (
        <Invitation text={words.settings.noGroups}>
          <Button
            variant="contained"
            onClick={() => {
              openLineup(store, activity.classId, lineup.id);
              go(`/c/${activity.classId}/groups`);
            }}
          >
            {words.settings.toGroups}
          </Button>
        </Invitation>
      ) : (
        <Grid key={activity.id} activity={activity} units={units} nameOf={nameOf} />
      )}
      <Beside
        activity={activity}
        units={units}
        lineup={lineup}
        students={students}
        nameOf={nameOf}
      />
      <div className={styles.foot}>
        <Button
          size="small"
          grave
          onClick={() => {
            setLeaving(true);
            removeActivity(store, activity.id);
            told(words.removed(activity.name));
            go(back);
          }}
        >
          {words.remove}
        </Button>
      </div>
    </div>
  );
}
