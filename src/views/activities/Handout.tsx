'use client';

import { sayOutWords } from '@/messages/outWords';
import { useState } from 'react';
import { writeOut, wayOutOf } from '@/formats/out/list';
import { PLAIN_OPTIONS } from '@/formats/out/options';
import { sayActivities } from '@/messages/activities';
import { sayHandoff } from '@/messages/handoff';
import { editActivity } from '@/store/actions/activities';
import { useStore } from '@/store/react';
import { download } from '../frame/download';
import page from '../frame/SidePage.module.css';
import { useRealNames } from '../frame/useRealNames';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import styles from './Activities.module.css';
import { useAddressed } from './addressed';
import type { BesideProps } from './besideProps';

/** A hand-out for each group, filled with its names, saved as pages or documents. */
export function Handout({ activity, units }: BesideProps) {
  const words = sayActivities.texts;
  const store = useStore();
  const told = useTold();
  const { leave, question } = useRealNames(false);
  const addressed = useAddressed(activity, units);
  const [trouble, setTrouble] = useState('');
  const text = activity.handout === '' ? words.usualHandout : activity.handout;
  const save = async (kind: 'pack-html' | 'pack-docx'): Promise<void> => {
    const way = wayOutOf(kind);
    if (!way || !addressed) return;
    const { safeName } = await import('@/formats/out/fileNames');
    const template = { name: 'handout.md', bytes: new TextEncoder().encode(text) };
    const made = await writeOut(way, addressed, { ...PLAIN_OPTIONS, template }, sayOutWords);
    setTrouble(made.ok ? '' : sayHandoff.outIssueSentence(made.issue));
    if (!made.ok) return;
    download(
      `${safeName(words.fileName(activity.name), 'hand-outs')}.${made.end}`,
      new Blob([made.content as BlobPart]),
      made.type,
    );
    told(words.saved(units.length));
  };
  return (
    <>
      <Field label={words.handout} hint={words.handoutHint}>
        <textarea
          rows={8}
          value={text}
          onChange={({ target }) => editActivity(store, activity.id, { handout: target.value })}
        />
      </Field>
      {trouble !== '' && (
        <p role="alert" className={styles.issue}>
          {trouble}
        </p>
      )}
      <div className={page.doings}>
        {(['pack-html', 'pack-docx'] as const).map((kind) => (
          <Button
            key={kind}
            size="small"
            variant="paper"
            disabled={units.length === 0}
            onClick={() => leave(() => void save(kind))}
          >
            {words.save[kind]}
          </Button>
        ))}
      </div>
      {question}
    </>
  );
}
