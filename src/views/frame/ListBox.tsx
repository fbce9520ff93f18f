'use client';

import type { ReactNode } from 'react';
import { sayRoster } from '@/messages/roster';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { FileButton } from '../primitives/FileButton';
import page from './SidePage.module.css';
import { useDroppedFiles } from './useDroppedFiles';
import type { ListText } from './useListText';

interface ListBoxProps {
  readonly words: {
    readonly text: string;
    readonly hint: string;
    readonly open: string;
    readonly leave: string;
  };
  readonly list: ListText;
  /** Before another list comes: what was said of this one says nothing of the next. */
  readonly onNext: () => void;
  readonly onLeave: () => void;
  /** What was found in the list; spoken as it changes. */
  readonly children: ReactNode;
}

/** The box that a list beside the roster is pasted or opened into, and what came of it. */
export function ListBox({ words, list, onNext, onLeave, children }: ListBoxProps) {
  const { text, found, trouble } = list;
  const open = (file: File): void => {
    onNext();
    void list.openFile(file);
  };
  useDroppedFiles(([file]) => {
    if (file) open(file);
  });
  return (
    <>
      <Field label={words.text} hint={words.hint}>
        <textarea
          rows={6}
          value={text}
          onChange={({ target }) => {
            onNext();
            list.keep(target.value);
          }}
        />
      </Field>
      <div className={page.doings}>
        <FileButton label={words.open} accept=".csv,.tsv,.txt,.xlsx,.ods,text/*" onFile={open} />
        <Button size="small" variant="plain" onClick={onLeave}>
          {words.leave}
        </Button>
      </div>
      {trouble !== '' && <p role="alert">{trouble}</p>}
      <div role="status">
        {found && !found.ok && <p>{sayRoster.rosterErrorSentence(found.error)}</p>}
        {children}
      </div>
    </>
  );
}
