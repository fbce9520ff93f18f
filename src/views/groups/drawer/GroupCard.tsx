'use client';

import { useId } from 'react';
import { sayBench } from '@/messages/bench';
import { NO_CARD, type GroupCard as Card } from '@/schema/plan';
import type { TakeGroup } from '@/schema/take';
import { changePlan } from '@/store/actions/stage';
import { planOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { OwnPicture } from '../../frame/OwnPicture';
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
  const titleId = useId();
  const words = sayBench.drawer.card;
  const key = String(group.sign);
  const card = plan?.cards[key] ?? NO_CARD;
  const set = (change: Partial<Card>): void =>
    changePlan(store, lineup.id, ({ cards }) => ({
      cards: { ...cards, [key]: { ...NO_CARD, ...cards[key], ...change } },
    }));
  return (
    <section className={styles.card} aria-labelledby={titleId}>
      <h3 id={titleId} className={styles.subtitle}>
        {words.title}
      </h3>
      <InPlaceText
        value={card.text}
        label={words.text(group.name)}
        placeholder={words.none}
        mayBeEmpty
        onChange={(text) => set({ text })}
      />
      <OwnPicture
        picture={card.picture}
        longestPx={LONGEST_PX}
        onChange={(picture) => set({ picture })}
      />
      <p className={styles.hint}>{words.hint}</p>
    </section>
  );
}
