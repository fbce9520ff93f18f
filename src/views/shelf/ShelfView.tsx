'use client';

import { allClasses } from '@/store/queries';
import { useQuery } from '@/store/react';
import { say } from '@/messages';
import { Mark } from '../frame/Mark';
import { SaveMark } from '../frame/SaveMark';
import { useUndoKeys } from '../frame/useUndoKeys';
import { ClassRow } from './ClassRow';
import { NewClass } from './NewClass';
import styles from './ShelfView.module.css';

/** Every class a teacher has, and the way to make another. */
export function ShelfView() {
  const classes = useQuery(allClasses);
  useUndoKeys();
  return (
    <div className={styles.shelf}>
      <header className={styles.bar}>
        <span className={styles.mark}>
          <Mark />
        </span>
        <div>
          <h1 className={styles.title}>{say.frame.product}</h1>
          <p className={styles.tagline}>{say.frame.tagline}</p>
        </div>
        <span className={styles.space} />
        <SaveMark />
      </header>
      <main className={styles.main}>
        <NewClass first={classes.length === 0} />
        {classes.length > 0 && (
          <section aria-labelledby="classes">
            <h2 id="classes" className={styles.heading}>
              {say.shelf.classes}
            </h2>
            <ul className={styles.list}>
              {classes.map((one) => (
                <ClassRow key={one.id} theClass={one} />
              ))}
            </ul>
          </section>
        )}
        <p className={styles.promise}>{say.shelf.promise}</p>
      </main>
    </div>
  );
}
