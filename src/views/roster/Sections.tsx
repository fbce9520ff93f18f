'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { sayRoster } from '@/messages/roster';
import { sayShelf } from '@/messages/shelf';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { addSection, removeSection, renameSection } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { AddNamed } from '../primitives/AddNamed';
import { Flag } from '../primitives/Flag';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import styles from './RosterPanel.module.css';

interface SectionsProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

/** The sections of the class, with how many are in each. */
export function Sections({ theClass, students }: SectionsProps) {
  const store = useStore();
  return (
    <>
      <ul className={styles.lines}>
        {theClass.sections.map(({ id, name, sign }) => (
          <li key={id} className={styles.line}>
            <Flag index={sign} />
            <span className={styles.grow}>
              <InPlaceText
                value={name}
                label={sayRoster.roster.sectionName}
                onChange={(next) => renameSection(store, theClass.id, id, next)}
              />
            </span>
            <span className={styles.dim}>
              {sayShelf.students(students.filter(({ sectionId }) => sectionId === id).length)}
            </span>
            <IconPress
              label={sayRoster.roster.removeSection(name)}
              onPress={() => removeSection(store, theClass.id, id)}
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
      <AddNamed
        action={sayRoster.roster.addSection}
        label={sayRoster.roster.sectionName}
        className={styles.select}
        onAdd={(name) => addSection(store, theClass.id, name)}
      />
    </>
  );
}
