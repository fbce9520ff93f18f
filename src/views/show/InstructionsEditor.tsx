'use client';

import { lazily } from '../primitives/lazily';
import { useEffect, useRef, useState } from 'react';
import { sayPrepare } from '@/messages/prepare';
import type { LineupId } from '@/schema/ids';
import { changePlan } from '@/store/actions/stage';
import { useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import styles from './ShowView.module.css';

const Markdown = lazily(() => import('../frame/Markdown').then((module) => module.Markdown));

/** A pause in typing after which what stands there is kept. */
const PAUSE_MS = 300;

interface InstructionsEditorProps {
  readonly lineupId: LineupId;
  readonly kept: string;
}

/** The text for the class, kept while it is written, with what the class will see below. */
export function InstructionsEditor({ lineupId, kept }: InstructionsEditorProps) {
  const store = useStore();
  const [text, setText] = useState(kept);
  const [last, setLast] = useState(kept);
  // Loaded when somebody writes, or asks for it.
  const [looking, setLooking] = useState(false);
  const waiting = useRef<string | null>(null);
  // Another tab, or undo, has changed it.
  if (kept !== last) {
    setLast(kept);
    if (kept !== text) setText(kept);
  }
  const keep = (): void => {
    const next = waiting.current;
    waiting.current = null;
    if (next !== null) changePlan(store, lineupId, () => ({ instructions: next }));
  };
  const keepNow = useRef(keep);
  useEffect(() => {
    keepNow.current = keep;
  });
  useEffect(() => {
    if (waiting.current === null) return undefined;
    const timer = setTimeout(() => keepNow.current(), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  useEffect(() => {
    const leave = (): void => keepNow.current();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, []);
  return (
    <section aria-labelledby="instructions">
      <h3 id="instructions" className={styles.subtitle}>
        {sayPrepare.instructions.title}
      </h3>
      <textarea
        className={styles.text}
        aria-labelledby="instructions"
        aria-describedby="instructions-hint"
        rows={6}
        value={text}
        onChange={(event) => {
          waiting.current = event.target.value;
          setText(event.target.value);
        }}
        onFocus={() => setLooking(true)}
        onBlur={keep}
      />
      <p id="instructions-hint" className={styles.hint}>
        {sayPrepare.instructions.hint}
      </p>
      {text.trim() !== '' && !looking && (
        <Button variant="plain" size="small" onClick={() => setLooking(true)}>
          {sayPrepare.instructions.preview}
        </Button>
      )}
      {text.trim() !== '' && looking && (
        <div className={styles.preview} role="group" aria-label={sayPrepare.instructions.preview}>
          <Markdown text={text} />
        </div>
      )}
    </section>
  );
}
