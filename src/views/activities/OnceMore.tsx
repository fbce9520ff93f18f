'use client';

import { useState } from 'react';
import { sayActivities } from '@/messages/activities';
import { isAlone } from '@/schema/activity';
import { LineupId } from '@/schema/ids';
import { repeatActivity } from '@/store/actions/activities';
import { allClasses, lineupsOf, seriesOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import page from '../frame/SidePage.module.css';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { Select } from '../primitives/Select';
import type { BesideProps } from './besideProps';
import { sameDistance } from './sameDistance';

const ALONE = 'alone';

/** The same activity once more: here, for another class, or for each lineup of a series. */
export function OnceMore({ activity, lineup }: BesideProps) {
  const words = sayActivities.onceMore;
  const store = useStore();
  const told = useTold();
  const classes = useQuery(allClasses);
  const lineups = useQuery(lineupsOf, activity.classId);
  const series = useQuery(seriesOf, activity.classId);
  const [name, setName] = useState(activity.name);
  const [classId, setClassId] = useState(activity.classId);
  const ofClass = useQuery(lineupsOf, classId);
  const open = classes.find(({ id }) => id === classId)?.openLineupId ?? ALONE;
  const [where, setWhere] = useState<string | null>(null);
  const there = where ?? (isAlone(activity) ? ALONE : open);
  const make = (): void => {
    const theClass = classes.find(({ id }) => id === classId);
    if (!theClass) return;
    const lineupId = there === ALONE ? null : LineupId.parse(there);
    repeatActivity(store, activity, [
      { name: name.trim() || activity.name, classId, lineupId, opens: null },
    ]);
    told(words.done(name.trim() || activity.name));
  };
  const all = series.map((one) => ({
    ...one,
    lineups: lineups.filter(({ planned }) => planned?.seriesId === one.id),
  }));
  return (
    <div className={page.editor}>
      <Field label={words.name}>
        <input value={name} onChange={({ target }) => setName(target.value)} />
      </Field>
      {classes.length > 1 && (
        <Select
          label={words.forClass}
          value={classId}
          options={classes.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(value) => {
            setClassId(classes.find(({ id }) => id === value)?.id ?? classId);
            setWhere(null);
          }}
        />
      )}
      <Select
        label={sayActivities.begin.in}
        value={there}
        options={[
          ...ofClass.map(({ id, name: called }) => ({
            ...{ value: id, label: sayActivities.groupsOf(called) },
          })),
          { value: ALONE, label: sayActivities.alone },
        ]}
        onChange={setWhere}
      />
      <div>
        <Button size="small" variant="contained" onClick={make}>
          {words.go}
        </Button>
      </div>
      {all.map(
        ({ id, name: called, lineups: of }) =>
          of.length > 0 && (
            <div key={id}>
              <Button
                size="small"
                variant="paper"
                onClick={() => {
                  repeatActivity(
                    store,
                    activity,
                    of.map((one) => ({
                      name: words.seriesName(activity.name, one.name),
                      ...{ classId: activity.classId, lineupId: one.id, opens: null },
                      due: sameDistance(activity.due, lineup, one),
                      last: sameDistance(activity.last, lineup, one),
                    })),
                  );
                  told(words.seriesDone(of.length));
                }}
              >
                {words.series(called, of.length)}
              </Button>
            </div>
          ),
      )}
      <p className={page.hint}>{words.note}</p>
    </div>
  );
}
