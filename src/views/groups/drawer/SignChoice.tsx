'use client';

import { useId, useRef, useState } from 'react';
import { sayBench } from '@/messages/bench';
import { chooseSign, hasRooms } from '@/store/actions/signs';
import { useStore } from '@/store/react';
import { Sign } from '../../primitives/Sign';
import styles from './GroupLook.module.css';
import { useShownTake, useWorkbench } from '../workbench/Workbench';

/** So many signs are offered, and as many as the groups of the take have. */
const FEWEST_OFFERED = 16;

/** The sign of a group, and all it could have: of another group's the two change. */
export function SignChoice({ row }: { readonly row: number }) {
  const take = useShownTake();
  const { lineup } = useWorkbench('bench');
  const store = useStore();
  const [open, setOpen] = useState(false);
  const press = useRef<HTMLButtonElement>(null);
  const listId = useId();
  const { drawer } = sayBench;
  const own = take.groups[row]?.sign ?? 0;
  const groupOf = new Map(take.groups.map(({ sign, name }) => [sign, name]));
  const count = Math.max(FEWEST_OFFERED, ...take.groups.map(({ sign }) => sign + 1));
  const close = (): void => {
    setOpen(false);
    press.current?.focus();
  };
  return (
    <>
      <button
        ref={press}
        type="button"
        className={styles.press}
        aria-label={drawer.chooseSign}
        title={drawer.chooseSign}
        aria-expanded={open}
        aria-controls={open ? listId : undefined}
        onClick={() => setOpen(!open)}
      >
        <Sign index={own} size={24} />
      </button>
      {open &&
        (hasRooms(store.records, lineup.id) ? (
          <p id={listId} className={styles.stay}>
            {drawer.signsStay}
          </p>
        ) : (
          <ul
            id={listId}
            className={styles.signs}
            onKeyDown={(event) => {
              if (event.key !== 'Escape') return;
              event.stopPropagation();
              close();
            }}
          >
            {Array.from({ length: count }, (_, sign) => {
              const label = drawer.signOf(sign + 1, sign === own ? '' : (groupOf.get(sign) ?? ''));
              return (
                <li key={sign}>
                  <button
                    type="button"
                    aria-label={label}
                    title={label}
                    aria-pressed={sign === own}
                    data-taken={groupOf.has(sign) || undefined}
                    onClick={() => {
                      chooseSign(store, lineup.id, own, sign);
                      close();
                    }}
                  >
                    <Sign index={sign} size={22} />
                  </button>
                </li>
              );
            })}
          </ul>
        ))}
    </>
  );
}
