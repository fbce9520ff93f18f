import type { RuleKindName } from '@/schema/rule';
import { RULE_KIND_VIEWS } from '../frame/ruleKinds';
import styles from './RulesView.module.css';

/** The sign of a kind of quiet rule. */
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
      {RULE_KIND_VIEWS[kind].sign}
    </svg>
  );
}
