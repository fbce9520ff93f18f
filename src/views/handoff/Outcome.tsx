'use client';

import type { PublicAddresses } from '@/encode/publicLineup';
import { sayHandoff } from '@/messages/handoff';
import type { Why } from '@/services/types';
import { useNameMask } from '../frame/masking';
import { Sign } from '../primitives/Sign';
import styles from './HandOffView.module.css';
import type { Sent } from './services';

interface OutcomeProps {
  readonly sent: Sent;
  readonly done: boolean;
  readonly lineup: PublicAddresses;
  readonly shownName: (real: string) => string;
}

/** Group by group who comes and who goes, and whom the service does not take. */
export function Outcome({ sent, done, lineup, shownName }: OutcomeProps) {
  const [mask] = useNameMask();
  const words = sayHandoff.handoff.service;
  const signOf = new Map(lineup.groups.map(({ name, sign }) => [name, sign]));
  return (
    <div className={styles.outcome}>
      {sent.ended && <p className={styles.issue}>{sayHandoff.services.ended[sent.ended]}</p>}
      {sent.told.map((text) => (
        <p key={text} className={styles.issue}>
          {text}
        </p>
      ))}
      {done && <p role="status">{words.arrived(sent.arrived.length, sent.refused.length)}</p>}
      {sent.refused.length > 0 && (
        <ul className={styles.refused} aria-label={words.refused}>
          {sent.refused.map(({ name, group, why }) => (
            <li key={`${group} ${name}`}>
              <strong>{shownName(name)}</strong>{' '}
              {sayHandoff.services.why(mask === 'names' ? why : withoutWords(why))}
            </li>
          ))}
        </ul>
      )}
      {sent.lost && sent.lost.length > 0 && (
        <div className={styles.lost}>
          <p>{words.lost}</p>
          <ul>
            {sent.lost.map(({ name, group, threads, files }) => (
              <li key={`${group} ${name}`}>
                {words.losesSight(shownName(name), group, threads, files)}
              </li>
            ))}
          </ul>
        </div>
      )}
      <ul className={styles.changes}>
        {sent.plan.map(({ name, joins, leaves }, row) => (
          <li key={row}>
            <span className={styles.cardName}>
              <Sign index={signOf.get(name) ?? row} size={22} />
              {name}
            </span>
            <span>
              {joins.length + leaves.length === 0 && <small>{words.unchanged}</small>}
              {joins.map((one) => (
                <span key={`+${one.name}`} className={styles.joins}>
                  {words.joins(shownName(one.name))}
                </span>
              ))}
              {leaves.map((one) => (
                <span key={`-${one.name}`} className={styles.leaves}>
                  {words.leaves(shownName(one.name))}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A reason without what was typed or answered, which may hold an address: it tells a name. */
function withoutWords(why: Why): Why {
  if (why.code === 'refused') return { ...why, detail: '' };
  return why.code === 'badAddress' ? { ...why, about: '…' } : why;
}
