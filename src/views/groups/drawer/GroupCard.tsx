'use client';

import { useId, useState } from 'react';
import { sayBench } from '@/messages/bench';
import { NO_CARD, type GroupCard as Card } from '@/schema/plan';
import type { TakeGroup } from '@/schema/take';
import { changePlan } from '@/store/actions/stage';
import { planOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { pictureFrom } from '../../frame/pictureFrom';
import { Button } from '../../primitives/Button';
import { FileButton } from '../../primitives/FileButton';
import { InPlaceText } from '../../primitives/InPlaceText';
import styles from './GroupLook.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** A picture of a group is seen no larger than a hand on a page; the record is written with each change of a plan. */
const LONGEST_PX = 480;

/** What the class is told a group is about: words, and a picture that stands where its sign would. */
export function GroupCard({ group }: { readonly group: Pick<TakeGroup, 'name' | 'sign'> }) {
  const { lineup } = useWorkbench('bench');
  const store = useStore();
  const plan = useQuery(planOf, lineup.id);
  const [trouble, setTrouble] = useState('');
  const titleId = useId();
  const words = sayBench.drawer.card;
  const key = String(group.sign);
  const card = plan?.cards[key] ?? NO_CARD;
  const set = (change: Partial<Card>): void =>
    changePlan(store, lineup.id, ({ cards }) => ({
      cards: { ...cards, [key]: { ...NO_CARD, ...cards[key], ...change } },
    }));
  const add = async (file: File): Promise<void> => {
    const data = await pictureFrom(file, LONGEST_PX);
    setTrouble(data === null ? words.bad(file.name) : '');
    if (data !== null)
      set({ picture: { data, text: card.picture?.text ?? file.name.replace(/\.\w+$/, '') } });
  };
  return (
    <section className={styles.card} aria-labelledby={titleId}>
      <h3 id={titleId} className={styles.subtitle} title={words.hint}>
        {words.title}
      </h3>
      <InPlaceText
        value={card.text}
        label={words.text(group.name)}
        placeholder={words.none}
        mayBeEmpty
        onChange={(text) => set({ text })}
      />
      {card.picture && (
        <figure className={styles.picture}>
          {/* A picture of the teacher's own, within the record: nothing is fetched or to be optimised. */}
          {/* eslint-disable-next-line @next/next/no-img-element -- see above */}
          <img src={card.picture.data} alt={card.picture.text} />
          <figcaption>
            <InPlaceText
              value={card.picture.text}
              label={words.shows}
              onChange={(text) => set({ picture: card.picture && { ...card.picture, text } })}
            />
          </figcaption>
        </figure>
      )}
      {trouble !== '' && (
        <p role="alert" className={styles.trouble}>
          {trouble}
        </p>
      )}
      <div className={styles.doings}>
        <FileButton
          label={card.picture ? words.another : words.picture}
          accept="image/*"
          onFile={(file) => void add(file)}
        />
        {card.picture && (
          <Button size="small" variant="paper" onClick={() => set({ picture: null })}>
            {words.remove}
          </Button>
        )}
      </div>
      <p className={styles.hint}>{words.hint}</p>
    </section>
  );
}
