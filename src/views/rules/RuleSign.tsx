import type { RuleKindName } from '@/schema/rule';
import styles from './RulesView.module.css';

/** Two stones with a bar between them, or two in one ring. */
export function RuleSign({ kind }: { readonly kind: RuleKindName }) {
  return (
    <svg
      className={styles.sign}
      data-kind={kind}
      width="34"
      height="26"
      viewBox="0 0 34 26"
      aria-hidden="true"
    >
      {kind === 'apart' ? (
        <>
          <circle cx="7" cy="13" r="5.5" />
          <circle cx="27" cy="13" r="5.5" />
          <path d="M17 2v22" />
        </>
      ) : (
        <>
          <rect x="1.5" y="2.5" width="31" height="21" rx="10.5" />
          <circle cx="11.5" cy="13" r="4.5" />
          <circle cx="22.5" cy="13" r="4.5" />
        </>
      )}
    </svg>
  );
}
