'use client';

import Button from '@mui/material/Button';
import type { ArrangeResult, WayOut } from '@/worker/protocol';
import { say } from '@/messages';
import type { RuleRecord } from '@/schema/rule';
import styles from './ClashPanel.module.css';
import type { NameOf } from './names';

interface ClashPanelProps {
  readonly result: ArrangeResult;
  /** The rules in the order in which the request had them. */
  readonly rules: readonly RuleRecord[];
  readonly nameOf: NameOf;
  readonly onDrop: (rule: RuleRecord) => void;
  readonly onGroups: (groups: number) => void;
  readonly onSize: (size: number) => void;
  /** Takes the best found although it breaks rules. */
  readonly onUseAnyway?: () => void;
}

/** Which rules cannot all hold, and the ways out, each one press away. */
export function ClashPanel({
  result,
  rules,
  nameOf,
  onDrop,
  onGroups,
  onSize,
  onUseAnyway,
}: ClashPanelProps) {
  const { clash, broken = [] } = result;
  const sentenceOf = (rule: RuleRecord): string =>
    say.rules.sentence(rule.kind, rule.studentIds.map(nameOf));
  const clashing = clash?.rules.flatMap((index) => rules[index] ?? []) ?? [];
  return (
    <section className={styles.panel} role="alert">
      <h2 className={styles.title}>{clash ? say.clash.title : say.clash.notFoundTitle}</h2>
      <p>{clash ? say.clashSentence(clash.reason, nameOf) : say.notFound}</p>
      {clashing.length > 0 && (
        <ul className={styles.rules} aria-label={say.clash.rulesConcerned}>
          {clashing.map((rule) => (
            <li key={rule.id}>{sentenceOf(rule)}</li>
          ))}
        </ul>
      )}
      <div className={styles.ways}>
        {clash?.waysOut.map((way) => (
          <WayOutButton
            key={JSON.stringify(way)}
            way={way}
            rules={rules}
            sentenceOf={sentenceOf}
            onDrop={onDrop}
            onGroups={onGroups}
            onSize={onSize}
          />
        ))}
        {onUseAnyway && (
          <Button variant="paper" onClick={onUseAnyway}>
            {say.clash.useAnyway(broken.length)}
          </Button>
        )}
      </div>
    </section>
  );
}

interface WayOutButtonProps {
  readonly way: WayOut;
  readonly rules: readonly RuleRecord[];
  readonly sentenceOf: (rule: RuleRecord) => string;
  readonly onDrop: (rule: RuleRecord) => void;
  readonly onGroups: (groups: number) => void;
  readonly onSize: (size: number) => void;
}

function WayOutButton({ way, rules, sentenceOf, onDrop, onGroups, onSize }: WayOutButtonProps) {
  if ('size' in way) {
    return (
      <Button variant="paper" onClick={() => onSize(way.size)}>
        {say.clash.makeSize(way.size)}
      </Button>
    );
  }
  if ('groups' in way) {
    return (
      <Button variant="paper" onClick={() => onGroups(way.groups)}>
        {say.clash.makeGroups(way.groups)}
      </Button>
    );
  }
  const rule = rules[way.drop];
  if (!rule) return null;
  return (
    <Button variant="paper" onClick={() => onDrop(rule)}>
      {say.clash.drop(sentenceOf(rule))}
    </Button>
  );
}
