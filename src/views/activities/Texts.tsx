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
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';
import { OwnPicture } from '../frame/OwnPicture';

const Markdown = lazily(() => import('../frame/Markdown').then((module) => module.Markdown));

/** What the class is told of an activity: instructions, with a picture, which may stand on the stage. */
export function Texts({ activity, lineup }: BesideProps) {
  const words = sayActivities.texts;
  const store = useStore();
  const told = useTold();
  const [writing, setWriting] = useState(activity.instructions === '');
  const { instructions, picture } = activity;
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
      <OwnPicture
        picture={picture}
        onChange={(next) => editActivity(store, activity.id, { picture: next })}
      />
      <div className={page.doings}>
        <Button size="small" variant="paper" onClick={() => setWriting(!writing)}>
          {writing ? words.done : words.change}
        </Button>
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
