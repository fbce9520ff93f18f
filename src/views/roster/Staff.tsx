'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import { setStaff } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { AddNamed } from '../primitives/AddNamed';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import styles from './RosterPanel.module.css';

/** Who else belongs to the class and is dealt into no group. */
export function Staff({ theClass }: { readonly theClass: ClassRecord }) {
  const store = useStore();
  const { staff } = theClass;
  const change = (place: number, next: Partial<(typeof staff)[number]>): void =>
    setStaff(
      store,
      theClass.id,
      staff.map((one, i) => (i === place ? { ...one, ...next } : one)),
    );
  return (
    <>
      <p className={styles.hint}>{sayRoster.roster.staffHint}</p>
      <ul className={styles.lines}>
        {staff.map(({ name, email, role }, place) => (
          <li key={place} className={styles.line}>
            <span className={styles.grow}>
              <InPlaceText
                value={name}
                label={sayRoster.roster.nameOf}
                onChange={(next) => change(place, { name: next })}
              />
              <span className={styles.small}>
                <InPlaceText
                  value={role}
                  label={sayRoster.roster.staffRole(name)}
                  placeholder={sayRoster.roster.noRole}
                  mayBeEmpty
                  onChange={(next) => change(place, { role: next })}
                />
                <InPlaceText
                  value={email ?? ''}
                  label={sayRoster.roster.emailOf(name)}
                  placeholder={sayRoster.roster.noAddress}
                  mayBeEmpty
                  inputMode="email"
                  onChange={(next) => change(place, { email: next === '' ? null : next })}
                />
              </span>
            </span>
            <IconPress
              label={sayRoster.roster.removeStaff(name)}
              onPress={() =>
                setStaff(
                  store,
                  theClass.id,
                  staff.filter((_, i) => i !== place),
                )
              }
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
      <AddNamed
        action={sayRoster.roster.addStaff}
        label={sayRoster.roster.nameOf}
        className={styles.select}
        onAdd={(name) => setStaff(store, theClass.id, [...staff, { name, email: null, role: '' }])}
      />
    </>
  );
}
