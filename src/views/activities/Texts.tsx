'use client';

import { lazily } from '../primitives/lazily';
import { useState } from 'react';
import { sayActivities } from '@/messages/activities';
import { editActivity } from '@/store/actions/activities';
import { changePlan } from '@/store/actions/stage';
import { useStore } from '@/store/react';
import page from '../frame/SidePage.module.css';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { FileButton } from '../primitives/FileButton';
import { InPlaceText } from '../primitives/InPlaceText';
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';
import { pictureFrom } from '../frame/pictureFrom';

const Markdown = lazily(() => import('../frame/Markdown').then((module) => module.Markdown));

/** What the class is told of an activity: instructions, with a picture, which may stand on the stage. */
export function Texts({ activity, lineup }: BesideProps) {
  const words = sayActivities.texts;
  const store = useStore();
  const told = useTold();
  const [writing, setWriting] = useState(activity.instructions === '');
  const [trouble, setTrouble] = useState('');
  const { instructions, picture } = activity;
  const addPicture = async (file: File): Promise<void> => {
    const data = await pictureFrom(file);
    setTrouble(data === null ? words.badPicture(file.name) : '');
    if (data !== null) {
      const text = picture?.text ?? file.name.replace(/\.\w+$/, '');
      editActivity(store, activity.id, { picture: { data, text } });
    }
  };
  return (
    <>
      {writing ? (
        <Field label={words.instructions} hint={words.instructionsHint}>
          <textarea
            rows={8}
            value={instructions}
            onChange={({ target }) =>
              editActivity(store, activity.id, { instructions: target.value })
            }
          />
        </Field>
      ) : (
        <div className={styles.instructions}>
          <Markdown text={instructions} />
        </div>
      )}
      {picture && (
        <figure className={styles.picture}>
          {/* A picture of the teacher's own, within the record: nothing is fetched or to be optimised. */}
          {/* eslint-disable-next-line @next/next/no-img-element -- see above */}
          <img src={picture.data} alt={picture.text} />
          <figcaption>
            <InPlaceText
              value={picture.text}
              label={words.pictureText}
              onChange={(text) =>
                editActivity(store, activity.id, { picture: { ...picture, text } })
              }
            />
            <Button
              size="small"
              variant="plain"
              onClick={() => editActivity(store, activity.id, { picture: null })}
            >
              {words.removePicture}
            </Button>
          </figcaption>
        </figure>
      )}
      {trouble !== '' && (
        <p role="alert" className={styles.issue}>
          {trouble}
        </p>
      )}
      <div className={page.doings}>
        <Button size="small" variant="paper" onClick={() => setWriting(!writing)}>
          {writing ? words.done : words.change}
        </Button>
        <FileButton
          label={words.picture}
          accept="image/*"
          onFile={(file) => void addPicture(file)}
        />
        {lineup && instructions !== '' && (
          <Button
            size="small"
            variant="paper"
            onClick={() => {
              changePlan(store, lineup.id, () => ({ instructions }));
              told(words.onStageDone(lineup.name));
            }}
          >
            {words.onStage}
          </Button>
        )}
      </div>
    </>
  );
}
