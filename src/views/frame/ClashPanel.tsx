'use client';

import { Button } from '../primitives/Button';
import type { ArrangeResult, WayOut } from '@/worker/protocol';
import { sayClash } from '@/messages/clash';
import type { ClassRecord } from '@/schema/classRecord';
import type { NameOf } from './names';
import { clashNames, ruleSentence } from './ruleSources';
import { countRules, type RuleSource } from '@/encode/request';
import styles from './ClashPanel.module.css';

/** What a press on a way out does. */
export interface WaysOut {
  /** Takes the rule back where it was made. */
  readonly onDrop: (source: RuleSource) => void;
  /** Makes groups once without the rule, which stays; where groups are made at all. */
  readonly onDropOnce?: (source: RuleSource) => void;
  /** The same without several rules that have to go together. */
  readonly onDropAllOnce?: (sources: readonly RuleSource[]) => void;
  readonly onGroups: (groups: number) => void;
  readonly onSize: (size: number) => void;
  readonly onRange: (least: number, most: number) => void;
}

interface ClashPanelProps {
  readonly result: ArrangeResult;
  /** The rules in the order in which the request had them. */
  readonly sources: readonly RuleSource[];
  readonly theClass: ClassRecord;
  readonly nameOf: NameOf;
  readonly ways: WaysOut;
  /** Takes the best found although it breaks rules. */
  readonly onUseAnyway?: () => void;
}

/** Which rules cannot all hold, and the ways out, each one press away. */
export function ClashPanel(props: ClashPanelProps) {
  const { result, sources, theClass, nameOf, ways, onUseAnyway } = props;
  const { clash, broken = [] } = result;
  // Rules, as everywhere: one may be broken in several places.
  const rulesBroken = countRules(broken.flatMap(({ rule }) => sources[rule] ?? []));
  const sentenceOf = (source: RuleSource): string => ruleSentence(source, theClass, nameOf);
  const clashing = clash?.rules.flatMap((index) => sources[index] ?? []) ?? [];
  return (
    <section className={styles.panel} role="alert">
      <h2 className={styles.title}>{clash ? sayClash.title : sayClash.notFoundTitle}</h2>
      <p>
        {clash ? sayClash.sentence(clash.reason, clashNames(theClass, nameOf)) : sayClash.notFound}
      </p>
      {clashing.length > 0 && (
        <ul className={styles.rules} aria-label={sayClash.rulesConcerned}>
          {clashing.map((source) => (
            <li key={sentenceOf(source)}>{sentenceOf(source)}</li>
          ))}
        </ul>
      )}
      {clash?.waysOut.some((way) => 'drops' in way) && <p>{sayClash.othersClash}</p>}
      <div className={styles.ways}>
        {clash?.waysOut.map((way) => (
          <WayOutButton
            key={JSON.stringify(way)}
            way={way}
            sources={sources}
            sentenceOf={sentenceOf}
            {...ways}
          />
        ))}
        {onUseAnyway && (
          <Button variant="paper" onClick={onUseAnyway}>
            {sayClash.useAnyway(rulesBroken)}
          </Button>
        )}
      </div>
    </section>
  );
}

interface WayOutButtonProps extends WaysOut {
  readonly way: WayOut;
  readonly sources: readonly RuleSource[];
  readonly sentenceOf: (source: RuleSource) => string;
}

function WayOutButton(props: WayOutButtonProps) {
  const { way, sources, sentenceOf, onDrop, onDropOnce, onDropAllOnce } = props;
  const { onGroups, onSize, onRange } = props;
  if ('least' in way) {
    return (
      <Button variant="paper" onClick={() => onRange(way.least, way.most)}>
        {sayClash.makeRange(way.least, way.most)}
      </Button>
    );
  }
  if ('size' in way) {
    return (
      <Button variant="paper" onClick={() => onSize(way.size)}>
        {sayClash.makeSize(way.size)}
      </Button>
    );
  }
  if ('groups' in way) {
    return (
      <Button variant="paper" onClick={() => onGroups(way.groups)}>
        {sayClash.makeGroups(way.groups)}
      </Button>
    );
  }
  if ('drops' in way) {
    const together = way.drops.flatMap((index) => sources[index] ?? []);
    return (
      onDropAllOnce && (
        <Button variant="paper" onClick={() => onDropAllOnce(together)}>
          {sayClash.dropAllOnce(together.map(sentenceOf))}
        </Button>
      )
    );
  }
  const source = sources[way.drop];
  if (!source) return null;
  const sentence = sentenceOf(source);
  return (
    <>
      {onDropOnce && (
        <Button variant="paper" onClick={() => onDropOnce(source)}>
          {sayClash.dropOnce(sentence)}
        </Button>
      )}
      <Button variant="paper" onClick={() => onDrop(source)}>
        {sayClash.drop(sentence)}
      </Button>
    </>
  );
}
