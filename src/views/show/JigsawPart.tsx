'use client';

import { useState } from 'react';
import { expertsRequest } from '@/encode/jigsaw';
import { takeGroups } from '@/encode/takeGroups';
import { sayPrepare } from '@/messages/prepare';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { TakeGroup } from '@/schema/take';
import { keepExperts } from '@/store/actions/stage';
import { shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useArrangeClient } from '../frame/arranging';
import { useRealRoll } from '../frame/students';
import { useBench } from '../frame/useBench';
import { Button } from '../primitives/Button';
import { NumberStepper } from '../primitives/NumberStepper';
import styles from './ShowView.module.css';
import { newSeed } from '../frame/newSeed';

interface JigsawPartProps {
  readonly lineup: LineupRecord;
  readonly theClass: ClassRecord;
  readonly groups: readonly TakeGroup[];
  readonly expertsId: LineupId | null;
}

/** Expert groups out of these home groups, with a topic for each; both lineups stay linked. */
export function JigsawPart({ lineup, theClass, groups, expertsId }: JigsawPartProps) {
  const store = useStore();
  const client = useArrangeClient();
  const bench = useBench(lineup, theClass, useRealRoll(theClass.id, lineup));
  const largest = Math.max(1, ...groups.map(({ studentIds }) => studentIds.length));
  const [count, setCount] = useState<number | null>(null);
  const [topics, setTopics] = useState('');
  const [state, setState] = useState<'idle' | 'softly' | 'refused'>('idle');
  const experts = useQuery(shownTake, expertsId ?? ('' as LineupId));
  const asked = topics.split('\n').flatMap((topic) => topic.trim() || []);
  const wanted = asked.length > 1 ? asked.length : (count ?? largest);

  const make = async (): Promise<void> => {
    const seed = newSeed();
    for (const softly of [false, true]) {
      const outcome = await client.arrange(expertsRequest(bench, groups, wanted, seed, softly));
      if (!outcome.ok || !outcome.result.feasible) continue;
      const made = takeGroups(
        outcome.result,
        (row) => asked[row] ?? sayPrepare.jigsaw.expert(row + 1),
      );
      keepExperts(store, lineup.id, sayPrepare.jigsaw.name(lineup.name), seed, made);
      setState(softly ? 'softly' : 'idle');
      return;
    }
    setState('refused');
  };

  return (
    <section aria-labelledby="jigsaw">
      <h3 id="jigsaw" className={styles.subtitle}>
        {sayPrepare.jigsaw.title}
      </h3>
      <p className={styles.hint}>{sayPrepare.jigsaw.hint}</p>
      <label className={styles.topics}>
        {sayPrepare.jigsaw.topics}
        <textarea rows={3} value={topics} onChange={(event) => setTopics(event.target.value)} />
      </label>
      <div className={styles.doings}>
        {asked.length < 2 && (
          <NumberStepper
            labelled
            label={sayPrepare.jigsaw.experts}
            lessLabel={sayPrepare.jigsaw.fewer}
            moreLabel={sayPrepare.jigsaw.moreGroups}
            value={wanted}
            refusal={(value) =>
              value >= 1 && value <= 300 ? null : sayPrepare.turns.between(1, 300)
            }
            onChange={setCount}
          />
        )}
        <Button variant="paper" onClick={() => void make()}>
          {experts ? sayPrepare.jigsaw.again : sayPrepare.jigsaw.make}
        </Button>
      </div>
      <p role="status" className={styles.hint}>
        {state === 'refused' && sayPrepare.jigsaw.refused}
        {state !== 'refused' &&
          experts &&
          sayPrepare.jigsaw.made(experts.groups.map(({ name }) => name))}{' '}
        {state === 'softly' && sayPrepare.jigsaw.softly}
      </p>
    </section>
  );
}
