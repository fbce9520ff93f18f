'use client';

import { useEffect, useState } from 'react';
import { sayChoosing } from '@/messages/choosing';
import type { SeenByStudent, SeenGroup } from '@/services/seats/contract';
import { Button } from '../primitives/Button';
import { Sign } from '../primitives/Sign';
import { Spoken } from '../primitives/Spoken';
import styles from './Choosing.module.css';
import type { Visit } from './useVisit';
import { WishList } from './WishList';

interface InsideProps {
  readonly visit: Visit;
  readonly seen: SeenByStudent;
}

/** What a student chooses from, what they have, and what came of the last press. */
export function Inside({ visit, seen }: InsideProps) {
  const [said, setSaid] = useState('');
  const [asking, setAsking] = useState<string | null>(null);
  const nameOf = (id: string | null): string | null =>
    seen.groups.find((group) => group.id === id)?.name ?? null;
  const mine = nameOf(seen.group);
  const choose = async (group: SeenGroup | null): Promise<void> => {
    setAsking(group?.id ?? '');
    setSaid(sayChoosing.asking);
    const outcome = await visit.choose(group?.id ?? null);
    setAsking(null);
    setSaid(
      outcome === 'done'
        ? sayChoosing.done(group?.name ?? null)
        : sayChoosing.refused(outcome, group?.name ?? mine ?? '', mine),
    );
  };
  const open = seen.state === 'open';
  return (
    <>
      <header className={styles.head}>
        <p className={styles.session}>
          {seen.name}
          <span className={styles.me}>
            {seen.me}
            <Button size="small" variant="plain" onClick={visit.goOut}>
              {sayChoosing.leave}
            </Button>
          </span>
        </p>
        <State visit={visit} seen={seen} />
      </header>
      {seen.kind === 'seats' ? (
        <>
          <div className={styles.mine} data-has={mine !== null}>
            {mine !== null && (
              <Sign index={seen.groups.find(({ id }) => id === seen.group)?.sign ?? 0} size={40} />
            )}
            <div>
              <h1 className={styles.title}>{mineWords(seen, mine)}</h1>
              {seen.leads && <p>{sayChoosing.leads}</p>}
              {mine !== null && open && !seen.mayChange && <p>{sayChoosing.fixed}</p>}
            </div>
          </div>
          <p className={styles.said} role="status">
            {/* What can be seen at a glance is only spoken. */}
            {said === sayChoosing.done(mine) ? <Spoken>{said}</Spoken> : said}
          </p>
          {seen.state !== 'closed' && (
            <ul className={styles.groups} aria-label={sayChoosing.topics}>
              {seen.groups.map((group) => (
                <GroupRow
                  key={group.id}
                  group={group}
                  mine={group.id === seen.group}
                  has={mine !== null}
                  mayAct={open && asking === null && (mine === null || seen.mayChange)}
                  onChoose={choose}
                />
              ))}
            </ul>
          )}
        </>
      ) : (
        <WishList visit={visit} seen={seen} />
      )}
    </>
  );
}

function mineWords({ state, groups }: SeenByStudent, mine: string | null): string {
  if (mine !== null) return sayChoosing.sits(mine);
  if (state === 'closed') return sayChoosing.placed;
  return groups.some(({ open }) => open) ? sayChoosing.sitsNowhere : sayChoosing.noPlace;
}

interface GroupRowProps {
  readonly group: SeenGroup;
  readonly mine: boolean;
  /** Whether they sit somewhere: then the others are told less loudly. */
  readonly has: boolean;
  readonly mayAct: boolean;
  readonly onChoose: (group: SeenGroup | null) => Promise<void>;
}

function GroupRow({ group, mine, has, mayAct, onChoose }: GroupRowProps) {
  const { name, sign, topic, open, left, names } = group;
  const places = mine
    ? sayChoosing.yours
    : !open
      ? sayChoosing.taken
      : left === null
        ? sayChoosing.places
        : sayChoosing.left(left);
  return (
    <li className={styles.group} data-mine={mine} data-open={open || mine}>
      <Sign index={sign} size={34} />
      <div className={styles.about}>
        <h2 className={styles.groupName}>
          <bdi>{name}</bdi>
        </h2>
        {topic !== '' && <p>{topic}</p>}
        <p className={styles.places}>{places}</p>
        {names && names.length > 0 && <p className={styles.with}>{sayChoosing.with(names)}</p>}
      </div>
      {mine ? (
        <Button variant="paper" disabled={!mayAct} onClick={() => void onChoose(null)}>
          {sayChoosing.stand}
        </Button>
      ) : (
        <Button
          variant={has ? 'paper' : 'contained'}
          disabled={!mayAct || !open}
          aria-label={sayChoosing.sitIn(name)}
          onClick={() => void onChoose(group)}
        >
          {sayChoosing.sit}
        </Button>
      )}
    </li>
  );
}

/** How long it is open, whether it is paused or over, and whether what is seen is what there is. */
function State({ visit, seen }: InsideProps) {
  const now = useSecond() + visit.ahead;
  const { state, endsAt } = seen;
  const words = (): string => {
    if (state === 'paused') return sayChoosing.paused;
    if (state === 'closed') return sayChoosing.over;
    if (endsAt === null) return sayChoosing.open;
    const left = Math.max(0, Math.round((Date.parse(endsAt) - now) / 1000));
    return sayChoosing.openUntil(
      sayChoosing.clock(Date.parse(endsAt) - visit.ahead),
      left > 90 ? sayChoosing.minutes(Math.ceil(left / 60)) : sayChoosing.seconds(left),
    );
  };
  return (
    <>
      <p className={styles.state}>{words()}</p>
      <p className={styles.lost} role="status">
        {visit.line === 'lost' ? sayChoosing.lost : ''}
      </p>
    </>
  );
}

/** The machine's clock, each second. */
function useSecond(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  return now;
}
