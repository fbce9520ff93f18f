'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import Switch from '@mui/material/Switch';
import { memo } from 'react';
import { isAddress } from '@/formats/address';
import { say } from '@/messages';
import type { Detail } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { editStudent, removeStudent, setHere } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { InPlaceText } from '../primitives/InPlaceText';
import { useNotices } from '../primitives/notices';
import { IconPress } from '../primitives/IconPress';
import styles from './StudentTable.module.css';

interface StudentRowProps {
  readonly student: StudentRecord;
  /** Name of the section; null where the class has none. */
  readonly section: string | null;
  readonly details: readonly Detail[];
}

export const StudentRow = memo(function StudentRow({ student, section, details }: StudentRowProps) {
  const store = useStore();
  const { notify } = useNotices();
  const { id, name, email, here } = student;
  const malformed = email !== '' && !isAddress(email);
  const remove = (): void => {
    removeStudent(store, id);
    notify({
      text: say.roster.removed(name),
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
  };
  return (
    <tr className={styles.row} data-away={!here}>
      <td>
        <Switch
          checked={here}
          color="success"
          slotProps={{ input: { 'aria-label': say.roster.isHere(name) } }}
          onChange={(event) => setHere(store, [id], event.target.checked)}
        />
      </td>
      <th scope="row" className={styles.name}>
        <InPlaceText
          value={name}
          label={say.roster.nameOf}
          onChange={(next) => editStudent(store, id, { name: next, givenName: '', familyName: '' })}
        />
      </th>
      {section !== null && <td>{section}</td>}
      <td className={styles.email} data-malformed={malformed}>
        <InPlaceText
          value={email}
          label={say.roster.emailOf(name)}
          placeholder={say.roster.noEmail}
          mayBeEmpty
          inputMode="email"
          onChange={(next) => editStudent(store, id, { email: next })}
        />
        {malformed && <span className={styles.slip}>{say.roster.slip}</span>}
      </td>
      {details.map(({ id: detailId, kind }) => (
        <td key={detailId} className={kind === 'number' ? styles.number : undefined}>
          {say.roster.value(student.details[detailId])}
        </td>
      ))}
      <td className={styles.end}>
        <IconPress label={say.roster.remove(name)} onPress={remove}>
          <CloseRounded fontSize="small" />
        </IconPress>
      </td>
    </tr>
  );
});
