import type { ReactNode } from 'react';
import styles from '../print.module.css';
import type { SheetProps } from './types';

interface PageProps extends Pick<SheetProps, 'className' | 'lineup' | 'size'> {
  readonly wide?: boolean;
  /** Without the line that says of which class and lineup it is. */
  readonly bare?: boolean;
  readonly children: ReactNode;
}

/** One sheet of paper. */
export function Page({ className, lineup, size, wide = false, bare = false, children }: PageProps) {
  return (
    <section className={styles.page} data-page data-size={size} data-wide={wide || undefined}>
      {!bare && (
        <header className={styles.pageHead}>
          <h2>{lineup}</h2>
          <p>{className}</p>
        </header>
      )}
      {children}
    </section>
  );
}
