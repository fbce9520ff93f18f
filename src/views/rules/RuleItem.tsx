'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { say } from '@/messages';
import { sayRules } from '@/messages/rules';
import type { RuleRecord } from '@/schema/rule';
import { editRule, removeRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import { useNameMask } from '../frame/masking';
import { useTold } from '../frame/useTold';
import type { NameOf } from '../frame/names';
import { RULE_KIND_VIEWS } from '../frame/ruleKinds';
import { today } from '../frame/today';
import { Button } from '../primitives/Button';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import { RuleSign } from './RuleSign';
import styles from './RulesView.module.css';

interface RuleItemProps {
  readonly rule: RuleRecord;
  readonly nameOf: NameOf;
}

/** One rule as a sentence, with its private reason and its last day, all changed where they stand. */
export function RuleItem({ rule, nameOf }: RuleItemProps) {
  const store = useStore();
  const told = useTold();
  const masked = useNameMask()[0] !== 'names';
  const names = rule.studentIds.map(nameOf);
  const sentence = sayRules.sentence(rule.kind, names);
  const { other } = RULE_KIND_VIEWS[rule.kind];
  const over = rule.until !== null && rule.until < today();
  const remove = (): void => {
    removeRule(store, rule.id);
    told(sayRules.removed);
  };
  return (
    <li className={styles.item} data-over={over}>
      <RuleSign kind={rule.kind} />
      <div className={styles.words}>
        <p className={styles.sentence}>{sentence}</p>
        <div className={styles.facts}>
          {masked && rule.reason !== '' ? (
            <span>{say.privacy.hidden}</span>
          ) : (
            <InPlaceText
              value={rule.reason}
              label={sayRules.reason}
              placeholder={sayRules.reasonEmpty}
              mayBeEmpty
              onChange={(reason) => editRule(store, rule.id, { reason })}
            />
          )}
          <label className={styles.until}>
            <span>
              {rule.until === null
                ? sayRules.lastDayEmpty
                : over
                  ? sayRules.ended
                  : sayRules.until(rule.until)}
            </span>
            <input
              type="date"
              aria-label={`${sayRules.lastDay}: ${sentence}`}
              value={rule.until ?? ''}
              onChange={(event) => editRule(store, rule.id, { until: event.target.value || null })}
            />
          </label>
          <Button
            variant="line"
            onClick={() => editRule(store, rule.id, { kind: other })}
            aria-label={sayRules.turnInto(other, sentence)}
          >
            {sayRules.turn[other]}
          </Button>
        </div>
      </div>
      <IconPress label={sayRules.remove(sentence)} onPress={remove}>
        <CloseRounded fontSize="small" />
      </IconPress>
    </li>
  );
}
