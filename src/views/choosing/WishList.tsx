'use client';

import { useState } from 'react';
import { sayChoosing } from '@/messages/choosing';
import type { SeenByStudent } from '@/services/seats/contract';
import { Button } from '../primitives/Button';
import { Sign } from '../primitives/Sign';
import styles from './Choosing.module.css';
import type { Visit } from './useVisit';

interface Choosable {
  readonly id: string;
  readonly name: string;
  readonly sign: number | null;
  readonly topic: string;
}

/** Partners or topics in the order in which a student would like them; each change is sent at once. */
export function WishList({ visit, seen }: { readonly visit: Visit; readonly seen: SeenByStudent }) {
  const [said, setSaid] = useState('');
  /** What was pressed and is on its way; null once the service has it. */
  const [sending, setSending] = useState<readonly string[] | null>(null);
  const ranked = seen.kind === 'topics';
  const all: readonly Choosable[] = ranked
    ? seen.groups
    : seen.people.map(({ id, name }) => ({ id, name, sign: null, topic: '' }));
  const ids = sending ?? seen.wishes;
  const mine = ids.flatMap((id) => all.find((one) => one.id === id) ?? []);
  const others = all.filter(({ id }) => !ids.includes(id));
  const isFull = ids.length >= seen.most;
  const open = seen.state === 'open';
  const send = async (next: readonly string[]): Promise<void> => {
    setSending(next);
    setSaid(sayChoosing.asking);
    const outcome = await visit.wish(next);
    setSending(null);
    setSaid(outcome === 'done' ? sayChoosing.kept : sayChoosing.refused(outcome, '', null));
  };
  const without = (id: string): readonly string[] => ids.filter((one) => one !== id);
  const earlier = (id: string): readonly string[] => {
    const at = ids.indexOf(id);
    return without(id).toSpliced(at - 1, 0, id);
  };
  return (
    <>
      <h1 className={styles.title}>
        {ranked ? sayChoosing.ranks(seen.most) : sayChoosing.partners(seen.most)}
      </h1>
      <section className={styles.part}>
        <h2 className={styles.subtitle}>{sayChoosing.mine}</h2>
        {mine.length === 0 && <p>{sayChoosing.nothing}</p>}
        <ol className={styles.groups}>
          {mine.map((one, at) => (
            <li key={one.id} className={styles.group} data-mine="true" data-open="true">
              <Mark one={one} rank={ranked ? at + 1 : null} />
              <div className={styles.doings}>
                {ranked && at > 0 && (
                  <Button
                    variant="paper"
                    disabled={!open}
                    aria-label={sayChoosing.upOne(one.name)}
                    onClick={() => void send(earlier(one.id))}
                  >
                    {sayChoosing.up}
                  </Button>
                )}
                <Button
                  variant="paper"
                  disabled={!open}
                  aria-label={sayChoosing.dropOne(one.name)}
                  onClick={() => void send(without(one.id))}
                >
                  {sayChoosing.drop}
                </Button>
              </div>
            </li>
          ))}
        </ol>
        <p className={styles.said} role="status">
          {said}
        </p>
      </section>
      {open && (
        <section className={styles.part}>
          <h2 className={styles.subtitle}>{sayChoosing.others}</h2>
          {isFull && <p>{sayChoosing.full(seen.most)}</p>}
          <ul className={styles.groups}>
            {others.map((one) => (
              <li key={one.id} className={styles.group} data-open="true">
                <Mark one={one} rank={null} />
                <Button
                  variant="contained"
                  disabled={isFull}
                  aria-label={sayChoosing.nameOne(one.name)}
                  onClick={() => void send([...ids, one.id])}
                >
                  {sayChoosing.name}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function Mark({ one, rank }: { readonly one: Choosable; readonly rank: number | null }) {
  return (
    <>
      {one.sign === null ? <span /> : <Sign index={one.sign} size={34} />}
      <div className={styles.about}>
        <h3 className={styles.groupName}>
          {rank === null ? '' : `${rank}. `}
          <bdi>{one.name}</bdi>
        </h3>
        {one.topic !== '' && <p>{one.topic}</p>}
      </div>
    </>
  );
}
