'use client';

import { Button } from '../primitives/Button';
import { lazily } from '../primitives/lazily';
import { useState } from 'react';
import { allClasses } from '@/store/queries';
import { SHELF } from '@/store/history';
import { useQuery } from '@/store/react';
import { say } from '@/messages';
import { sayShelf } from '@/messages/shelf';
import { Logo } from '../frame/Logo';
import { SaveMark } from '../frame/SaveMark';
import { isClassFile, keepDropped } from '../frame/droppedFiles';
import { useDroppedFiles } from '../frame/useDroppedFiles';
import { useUndoKeys } from '../frame/useUndoKeys';
import { ClassRow } from './ClassRow';
import { LanguageChoice } from './LanguageChoice';
import { NewClass } from './NewClass';
import { useListAsClass, usePastedClass } from './usePastedClass';
import styles from './ShelfView.module.css';

/** Loaded when they are first asked for. */
const PoolClasses = lazily(() => import('./PoolClasses').then((module) => module.PoolClasses));
const Backups = lazily(() => import('./Backups').then((module) => module.Backups));

/** Every class a teacher has, and the way to make another. */
export function ShelfView() {
  const classes = useQuery(allClasses);
  const newestFirst = [...classes].reverse();
  const [pooling, setPooling] = useState(false);
  useUndoKeys(SHELF);
  usePastedClass();
  const listAsClass = useListAsClass();
  useDroppedFiles((files) => {
    keepDropped(files);
    // A file of classes is read below; a list is looked at in the roster of a class of its own.
    if (!files.some(isClassFile)) listAsClass('');
  }, 'page');
  return (
    <div className={styles.shelf}>
      <header className={styles.bar}>
        <span className={styles.mark}>
          <Logo />
        </span>
        <div>
          <h1 className={styles.title}>{say.frame.product}</h1>
          <p className={styles.tagline}>{say.frame.tagline}</p>
        </div>
        <span className={styles.space} />
        <SaveMark place={SHELF} />
      </header>
      <main className={styles.main}>
        <NewClass first={classes.length === 0} />
        {classes.length > 0 && (
          <section aria-labelledby="classes">
            <div className={styles.over}>
              <h2 id="classes" className={styles.heading}>
                {sayShelf.classes}
              </h2>
              <Button
                size="small"
                variant="paper"
                aria-expanded={pooling}
                onClick={() => setPooling(!pooling)}
              >
                {sayShelf.pool}
              </Button>
            </div>
            {pooling && <PoolClasses classes={newestFirst} onDone={() => setPooling(false)} />}
            <ul className={styles.list}>
              {newestFirst.map((one) => (
                <ClassRow key={one.id} theClass={one} />
              ))}
            </ul>
          </section>
        )}
        <Backups classes={classes} />
        <footer className={styles.foot}>
          <p className={styles.promise}>{sayShelf.promise}</p>
          <LanguageChoice />
        </footer>
      </main>
    </div>
  );
}
