'use client';

import { Button } from '../primitives/Button';
import { useState, type SubmitEvent } from 'react';
import { sayShelf } from '@/messages/shelf';
import { createClass } from '@/store/actions/classes';
import { useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';
import { useRoute } from '../primitives/route';
import styles from './ShelfView.module.css';

/** One line that makes a class and goes on to its roster. */
export function NewClass({ first }: { readonly first: boolean }) {
  const store = useStore();
  const { go } = useRoute();
  const [name, setName] = useState('');
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    const given = name.trim() === '' ? sayShelf.unnamed : name.trim();
    go(`/c/${createClass(store, given, freshLineupName([]))}/roster`);
  };
  return (
    <form className={styles.make} onSubmit={submit}>
      <label htmlFor="class-name" className={styles.sentence}>
        {first ? sayShelf.first : sayShelf.another}
      </label>
      <input
        id="class-name"
        className={styles.field}
        value={name}
        maxLength={120}
        placeholder={sayShelf.example}
        autoComplete="off"
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" variant="contained" size="large">
        {sayShelf.make}
      </Button>
    </form>
  );
}
