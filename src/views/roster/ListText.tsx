'use client';

import { useEffect, useImperativeHandle, useMemo, useRef, useState, type Ref } from 'react';
import { sayRoster } from '@/messages/roster';
import { Button } from '../primitives/Button';
import styles from './ListText.module.css';

/** Letters; a box with more of them holds the browser up when it is drawn and when it goes. */
const LONG = 20_000;
/** Letters that come at once are pasted, not typed. */
const PASTED = 1_000;
const SHOWN_LINES = 5;
const SHOWN_LETTERS = 300;

export interface ListTextHandle {
  readonly focus: () => void;
}

interface ListTextProps {
  readonly ref: Ref<ListTextHandle>;
  readonly id: string;
  readonly text: string;
  readonly rows: number;
  readonly autoFocus: boolean;
  readonly onChange: (text: string) => void;
}

/** The text of a list: a box to type or paste into, of a long one its first lines until it is to be edited. */
export function ListText({ ref, id, text, rows, autoFocus, onChange }: ListTextProps) {
  const [edited, setEdited] = useState(false);
  const [inHand, setInHand] = useState(autoFocus);
  const box = useRef<HTMLElement>(null);
  const long = text.length > LONG && !edited;
  useImperativeHandle(ref, () => ({ focus: () => box.current?.focus() }), []);
  useEffect(() => {
    // The box that was typed into goes with the paste that made it long: whoever works by keys stays here.
    if (long && inHand) box.current?.focus();
  }, [long, inHand]);
  const { lines, count } = useMemo(() => (long ? firstLines(text) : NO_LINES), [long, text]);

  if (long) {
    return (
      <div className={styles.long}>
        <div
          ref={box as Ref<HTMLDivElement>}
          className={styles.text}
          tabIndex={-1}
          role="group"
          aria-labelledby={`${id}-lines`}
        >
          {lines.map((line, place) => (
            <div key={place} className={styles.line}>
              {line || '\u00a0'}
            </div>
          ))}
        </div>
        <p id={`${id}-lines`} className={styles.count}>
          {sayRoster.roster.firstLines(lines.length, count)}
        </p>
        <Button
          size="small"
          variant="paper"
          onClick={() => {
            setEdited(true);
            setInHand(true);
          }}
        >
          {sayRoster.roster.editAsText}
        </Button>
      </div>
    );
  }
  return (
    <textarea
      ref={box as Ref<HTMLTextAreaElement>}
      id={id}
      className={styles.text}
      rows={rows}
      value={text}
      placeholder={sayRoster.roster.pasteExample}
      spellCheck={false}
      autoFocus={autoFocus || (edited && inHand)}
      wrap="off"
      onFocus={() => setInHand(true)}
      onBlur={() => setInHand(false)}
      onChange={(event) => {
        const next = event.target.value;
        setEdited(next.length > LONG && next.length - text.length < PASTED);
        onChange(next);
      }}
    />
  );
}

const NO_LINES = { lines: [] as readonly string[], count: 0 };

function firstLines(text: string): typeof NO_LINES {
  const lines: string[] = [];
  let count = 0;
  for (let from = 0; from <= text.length; count += 1) {
    const end = text.indexOf('\n', from);
    const to = end < 0 ? text.length : end;
    if (lines.length < SHOWN_LINES)
      lines.push(text.slice(from, Math.min(to, from + SHOWN_LETTERS)));
    from = to + 1;
  }
  return { lines, count };
}
