import { say } from '@/messages';
import type { StoreStatus } from '@/store/react';
import styles from './Waiting.module.css';

/** What stands on the page while there is no store to show. */
export function Waiting({ status }: { readonly status: StoreStatus }) {
  const text = {
    loading: say.frame.loading,
    newer: say.frame.newer,
    replaced: say.frame.replaced,
    ready: '',
  };
  return (
    <main className={styles.waiting} aria-busy={status.state === 'loading'}>
      <p>{text[status.state]}</p>
    </main>
  );
}
