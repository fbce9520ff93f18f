'use client';

import { useState } from 'react';
import { sayActivities } from '@/messages/activities';
import type { ClassRecord } from '@/schema/classRecord';
import { LineupId } from '@/schema/ids';
import { createActivity } from '@/store/actions/activities';
import { createLineup } from '@/store/actions/lineups';
import { activitiesOf, lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useRoute } from '../primitives/route';
import { useOpenLineup } from '../frame/useOpenLineup';
import page from '../frame/SidePage.module.css';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';

const ALONE = 'alone';
const NEW = 'new';

interface BeginProps {
  readonly theClass: ClassRecord;
  readonly onDone: () => void;
}

/** A new activity: what it is called, in whose groups it is worked, and when it is due. */
export function Begin({ theClass, onDone }: BeginProps) {
  const words = sayActivities.begin;
  const store = useStore();
  const { go } = useRoute();
  const lineups = useQuery(lineupsOf, theClass.id);
  const open = useOpenLineup();
  const activities = useQuery(activitiesOf, theClass.id);
  const [name, setName] = useState('');
  const [where, setWhere] = useState<string>(open?.id ?? NEW);
  const [due, setDue] = useState('');
  const begin = (): void => {
    const called = name.trim() || words.usualName(activities.length + 1);
    const lineupId =
      where === ALONE
        ? null
        : where === NEW
          ? createLineup(store, theClass.id, called, open?.id ?? null)
          : LineupId.parse(where);
    const id = createActivity(store, theClass.id, lineupId, {
      name: called,
      due: due === '' ? null : due,
    });
    onDone();
    go(`/c/${theClass.id}/activities/${id}`);
  };
  return (
    <form
      className={styles.begin}
      aria-label={words.title}
      onSubmit={(event) => {
        event.preventDefault();
        begin();
      }}
    >
      <Field label={words.name}>
        <input
          autoFocus
          value={name}
          placeholder={words.usualName(activities.length + 1)}
          onChange={({ target }) => setName(target.value)}
        />
      </Field>
      <Field label={words.in}>
        <Select
          quiet
          label={words.in}
          value={where}
          options={[
            ...lineups
              .map(({ id, name: lineup }) => ({
                value: id,
                label: sayActivities.groupsOf(lineup),
              }))
              .reverse(),
            { value: NEW, label: words.newGroups },
            { value: ALONE, label: words.alone },
          ]}
          onChange={setWhere}
        />
      </Field>
      <Field label={words.due}>
        <input type="datetime-local" value={due} onChange={({ target }) => setDue(target.value)} />
      </Field>
      <div className={page.doings}>
        <Button variant="contained" type="submit">
          {words.go}
        </Button>
        <Button variant="plain" onClick={onDone}>
          {sayActivities.sheet.leave}
        </Button>
      </div>
    </form>
  );
}
