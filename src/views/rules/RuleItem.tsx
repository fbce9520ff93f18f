'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import Button from '@mui/material/Button';
import { say } from '@/messages';
import type { RuleRecord } from '@/schema/rule';
import { setRuleKind } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import type { NameOf } from '../frame/names';
import { RuleSign } from './RuleSign';
import { IconPress } from '../primitives/IconPress';
import styles from './RulesView.module.css';

interface RuleItemProps {
  readonly rule: RuleRecord;
  readonly nameOf: NameOf;
  readonly onRemove: () => void;
}

export function RuleItem({ rule, nameOf, onRemove }: RuleItemProps) {
  const store = useStore();
  const names = rule.studentIds.map(nameOf);
  const sentence = say.rules.sentence(rule.kind, names);
  const other = rule.kind === 'apart' ? 'together' : 'apart';
  const facts = [rule.until && say.rules.until(rule.until), rule.reason].filter(Boolean);
  return (
    <li className={styles.item}>
      <RuleSign kind={rule.kind} />
      <div className={styles.words}>
        <p className={styles.sentence}>{sentence}</p>
        {facts.length > 0 && <p className={styles.quiet}>{facts.join(' · ')}</p>}
      </div>
      <Button
        size="small"
        onClick={() => setRuleKind(store, rule.id, other)}
        aria-label={say.rules.turnInto(other, sentence)}
      >
        {say.rules.turn[other]}
      </Button>
      <IconPress label={say.rules.remove(sentence)} onPress={onRemove}>
        <CloseRounded fontSize="small" />
      </IconPress>
    </li>
  );
}
