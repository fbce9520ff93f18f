import styles from './KeyHint.module.css';

/** The key that does what the control beside it does. */
export function KeyHint({ children }: { readonly children: string }) {
  return (
    <kbd className={styles.key} aria-hidden="true">
      {children}
    </kbd>
  );
}
