'use client';

import { withWords } from '@/messages/speaking';
import { useState } from 'react';
import { say } from '@/messages';
import type { RescueFile } from '@/schema/classFile';
import type { AppStore } from '@/store/appStore';
import type { StoreStatus } from '@/store/react';
import { Button } from '../primitives/Button';
import styles from './Waiting.module.css';

/** The newest build there is, where another one has written what is on the disk. */
async function openAnew(): Promise<void> {
  const { takeNewerBuild } = await withWords(import('./newerBuild'));
  await takeNewerBuild();
}

type NotReady = Exclude<StoreStatus, { readonly state: 'ready' }>;

/** What stands on the page while there is no store to show: why, and a way to take away all that is there. */
export function Waiting({ status }: { readonly status: NotReady }) {
  const [saved, setSaved] = useState(false);
  const rescue = rescueOf(status);
  const save = async (): Promise<void> => {
    // Loaded only when it is needed: nearly every page never is.
    const { saveRescue } = await withWords(import('./rescue'));
    rescue?.(saveRescue);
    setSaved(true);
  };
  return (
    <main className={styles.waiting} aria-busy={status.state === 'loading'}>
      <p role={status.state === 'loading' ? undefined : 'alert'}>{sentenceFor(status)}</p>
      {status.state !== 'loading' && (
        <p className={styles.ways}>
          {rescue && (
            <Button variant="contained" onClick={() => void save()}>
              {say.frame.rescue}
            </Button>
          )}
          <Button variant="paper" onClick={() => void openAnew()}>
            {say.frame.loadAgain}
          </Button>
        </p>
      )}
      {saved && <p role="status">{say.frame.rescued}</p>}
    </main>
  );
}

type Save = (from: RescueFile | AppStore) => void;

/** What is there to be saved as a file, or null. */
function rescueOf(status: NotReady): ((save: Save) => void) | null {
  if (status.state === 'newer') return (save) => save(status.rescued);
  if (status.state !== 'ended' || !status.store) return null;
  const { store } = status;
  return (save) => save(store);
}

function sentenceFor(status: NotReady): string {
  switch (status.state) {
    case 'loading':
      return status.slow ? say.frame.slow : say.frame.loading;
    case 'newer':
      return say.frame.newer;
    case 'unread':
      return say.frame.unread(status.why);
    case 'ended':
      return say.frame.ended[status.how];
    default:
      return status satisfies never;
  }
}
