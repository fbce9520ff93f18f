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

/** Rules that are in view; the others are folded. */
const RULES_IN_VIEW = 8;
/** Rules to leave out that are all in view, and how many are where there are more. */
const MANY_DROPS = 4;
const DROPS_IN_VIEW = 2;

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
  const [shown, folded] = inView(clash?.waysOut ?? []);
  const buttonFor = (way: WayOut) => (
    <WayOutButton
      key={JSON.stringify(way)}
      way={way}
      sources={sources}
      sentenceOf={sentenceOf}
      {...ways}
    />
  );
  return (
    <section className={styles.panel} role="alert">
      <h2 className={styles.title}>{clash ? sayClash.title : sayClash.notFoundTitle}</h2>
      <p>
        {clash ? sayClash.sentence(clash.reason, clashNames(theClass, nameOf)) : sayClash.notFound}
      </p>
      {clashing.length > 0 && (
        <Rules
          label={sayClash.rulesConcerned}
          sentences={clashing.slice(0, RULES_IN_VIEW).map(sentenceOf)}
        />
      )}
      {clashing.length > RULES_IN_VIEW && (
        <details className={styles.fold}>
          <summary>{sayClash.moreRules(clashing.length - RULES_IN_VIEW)}</summary>
          <Rules
            label={sayClash.moreRules(clashing.length - RULES_IN_VIEW)}
            sentences={clashing.slice(RULES_IN_VIEW).map(sentenceOf)}
          />
        </details>
      )}
      {clash?.mayBeLess && <p>{sayClash.mayBeLess}</p>}
      {clash?.waysOut.some((way) => 'drops' in way) && <p>{sayClash.othersClash}</p>}
      <div className={styles.ways}>
        {shown.map(buttonFor)}
        {onUseAnyway && (
          <Button variant="paper" onClick={onUseAnyway}>
            {sayClash.useAnyway(rulesBroken)}
          </Button>
        )}
      </div>
      {folded.length > 0 && (
        <details className={styles.fold}>
          <summary>{sayClash.moreWays(folded.length)}</summary>
          <div className={styles.ways}>{folded.map(buttonFor)}</div>
        </details>
      )}
    </section>
  );
}

/** What is in view and what is folded: of many rules that could be left out only two, after the other sizes. */
function inView(ways: readonly WayOut[]): readonly [readonly WayOut[], readonly WayOut[]] {
  const isDrop = (way: WayOut): boolean => 'drop' in way || 'drops' in way;
  const drops = ways.filter(isDrop);
  if (drops.length <= MANY_DROPS) return [ways, []];
  const sizes = ways.filter((way) => !isDrop(way));
  return [[...sizes, ...drops.slice(0, DROPS_IN_VIEW)], drops.slice(DROPS_IN_VIEW)];
}

interface RulesProps {
  readonly label: string;
  readonly sentences: readonly string[];
}

function Rules({ label, sentences }: RulesProps) {
  return (
    <ul className={styles.rules} aria-label={label}>
      {sentences.map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
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
