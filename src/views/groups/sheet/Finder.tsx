'use client';

import SearchRounded from '@mui/icons-material/SearchRounded';
import { useState } from 'react';
import { sayGroups } from '@/messages/groups';
import { plainWords } from '../../frame/plainWords';
import { useNotices } from '../../primitives/notices';
import styles from './Finder.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Finds a student of a large course by name; Enter selects the next one of that name and brings their row in sight. */
export function Finder() {
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const { announce } = useNotices();
  const [text, setText] = useState('');
  /** What the last search came to, until something else is typed. */
  const [told, setTold] = useState('');
  const find = (): void => {
    const wanted = plainWords(text);
    const seated = [...sheet.groups.flatMap((group) => group.students), ...sheet.aside];
    const found = seated.filter(({ name }) => wanted !== '' && plainWords(name).includes(wanted));
    const last = found.findIndex(({ id }) => id === selection.student);
    const at = (last + 1) % Math.max(1, found.length);
    const next = found[at];
    setTold(next ? sayGroups.foundOf(at + 1, found.length) : sayGroups.notFound(text));
    announce(next ? next.name : sayGroups.notFound(text));
    if (!next) return;
    selection.selectStudents([next.id]);
    // In a large course the list itself brings the row in sight.
    requestAnimationFrame(() =>
      document
        .querySelector(`[data-student="${CSS.escape(next.id)}"]`)
        ?.scrollIntoView({ block: 'nearest' }),
    );
  };
  return (
    <form
      className={styles.finder}
      role="search"
      onSubmit={(event) => {
        event.preventDefault();
        find();
      }}
    >
      <SearchRounded fontSize="small" aria-hidden="true" />
      <input
        type="search"
        className={styles.field}
        aria-label={sayGroups.findLabel}
        placeholder={sayGroups.findLabel}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setTold('');
        }}
      />
      {told !== '' && <span className={styles.told}>{told}</span>}
    </form>
  );
}
