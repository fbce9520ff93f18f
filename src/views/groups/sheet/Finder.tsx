'use client';

import SearchRounded from '@mui/icons-material/SearchRounded';
import { useState } from 'react';
import { say } from '@/messages';
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
  const find = (): void => {
    const wanted = plainWords(text);
    const seated = [...sheet.groups.flatMap((group) => group.students), ...sheet.aside];
    const found = seated.filter(({ name }) => wanted !== '' && plainWords(name).includes(wanted));
    const last = found.findIndex(({ id }) => id === selection.student);
    const next = found[(last + 1) % found.length];
    if (next) selection.selectStudents([next.id]);
    announce(next ? next.name : say.groups.notFound(text));
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
        aria-label={say.groups.findLabel}
        placeholder={say.groups.findLabel}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
    </form>
  );
}
