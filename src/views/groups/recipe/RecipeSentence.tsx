'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { Fragment, useState, type ReactNode } from 'react';
import type { Bench } from '@/encode/bench';
import { valueCount } from '@/encode/dealing';
import { previewSizes } from '@/encode/sizing';
import { say } from '@/messages';
import { lineupsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { detailName } from '../../frame/detailWords';
import { balanceWords, orderWords, whoWords, type PartKey } from './parts';
import { RecipePart } from './RecipePart';
import styles from './RecipeSentence.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Loaded with the first part that is opened. */
const RecipeEditor = dynamic(() => import('./RecipeEditor').then((module) => module.RecipeEditor), {
  ssr: false,
});
const AlsoMenu = dynamic(() => import('./AlsoMenu').then((module) => module.AlsoMenu), {
  ssr: false,
});

interface RecipeSentenceProps {
  readonly dealtCount: number;
}

/** Where an editor opens: under its own part, or under "also…" while the part is not in the sentence yet. */
interface Open {
  readonly at: string;
  readonly part: PartKey | null;
}

/** How the groups are made, as one sentence whose underlined parts are its controls; it never deals by itself. */
export function RecipeSentence({ dealtCount }: RecipeSentenceProps) {
  const bench = useWorkbench('bench');
  const [open, setOpen] = useState<Open | null>(null);
  const { lineup, theClass, rules } = bench;
  const lineups = useQuery(lineupsOf, theClass.id);
  const { recipe } = lineup;
  const { dealing, sizing } = recipe;

  const part = (key: PartKey, text: string, label: string, at: string = key): ReactNode => (
    <RecipePart
      key={at}
      text={text}
      label={label}
      open={open?.at === at}
      onOpen={(next) => setOpen(next ? { at, part: key } : null)}
    >
      <RecipeEditor part={key} dealtCount={dealtCount} />
    </RecipePart>
  );
  const lineupName = (id: string): string => lineups.find((one) => one.id === id)?.name ?? '';
  const who = part('who', whoWords(bench, dealtCount, lineupName), say.recipe.whoLabel);
  const size = part('sizing', say.recipe.sizing(sizing), say.recipe.sizingLabel);
  const leftovers = sizing.by === 'size' && (
    <>
      {say.recipe.comma} {say.recipe.leftovers}{' '}
      {part('leftover', say.recipe.leftover[sizing.leftover], say.recipe.leftoverLabel)}
    </>
  );
  const quiet = (
    <Link key="rules" className={styles.part} href={`/c/${theClass.id}/rules`}>
      {say.recipe.rules(rules.length)}
    </Link>
  );
  const naming =
    recipe.naming.from === 'words' && !recipe.naming.withCode && !recipe.naming.withDate
      ? null
      : part('naming', say.recipe.naming[recipe.naming.from], say.recipe.namingLabel);
  const clauses = dealing.by === 'shuffle' ? clausesOf(bench, part) : [];

  return (
    <div className={styles.sentence}>
      {dealing.by === 'shuffle' && (
        <>
          {say.recipe.make} {size} {say.recipe.from} {who}
          {leftovers}
        </>
      )}
      {dealing.by === 'order' && (
        <>
          {say.recipe.deal} {size} {say.recipe.from} {who}
          {leftovers}
          {say.recipe.comma} {say.recipe.by}{' '}
          {part('dealing', orderWords(bench), say.recipe.dealingLabel)}
        </>
      )}
      {dealing.by === 'value' && (
        <>
          {say.recipe.oneForEach}{' '}
          {part('dealing', detailName(theClass, dealing.of), say.recipe.dealingLabel)}{' '}
          {say.recipe.from} {who}
        </>
      )}
      {dealing.by === 'hand' && (
        <>
          {say.recipe.setOut} {size}
          {part('dealing', say.recipe.empty, say.recipe.dealingLabel)} {who}
        </>
      )}
      {say.recipe.stop} <Outcome dealtCount={dealtCount} />{' '}
      {clauses.length === 0 ? (
        <>
          {rules.length === 0 ? say.recipe.With : say.recipe.Keep} {quiet}
        </>
      ) : (
        joined([...clauses, quiet])
      )}
      {naming && (
        <>
          {say.recipe.comma} {naming}
        </>
      )}
      {say.recipe.stop}{' '}
      <RecipePart
        text={say.recipe.also}
        label={say.recipe.alsoLabel}
        pale
        open={open?.at === 'also'}
        onOpen={(next) => setOpen(next ? { at: 'also', part: null } : null)}
      >
        {open?.part ? (
          <RecipeEditor part={open.part} dealtCount={dealtCount} />
        ) : (
          <AlsoMenu onPick={(key) => setOpen({ at: 'also', part: key })} />
        )}
      </RecipePart>
    </div>
  );
}

type Part = (key: PartKey, text: string, label: string, at?: string) => ReactNode;

/** What a shuffle looks after, each with its control; the first begins a sentence. */
function clausesOf(bench: Bench, part: Part): readonly ReactNode[] {
  const { balance, sections, freshPartners, wishes, limits } = bench.lineup.recipe;
  const mixed = balance.filter(({ how }) => how === 'mix');
  const matched = balance.filter(({ how }) => how === 'match');
  const weight = (importance: keyof typeof say.recipe.weight): string =>
    say.recipe.weight[importance] === '' ? '' : ` ${say.recipe.weight[importance]}`;
  const first = mixed.length === 0 ? say.recipe.Match : say.recipe.match;
  return [
    mixed.length > 0 && (
      <Fragment key="mix">
        {say.recipe.Mix}{' '}
        {part('balance', listed(balanceWords(bench, mixed)), say.recipe.balanceLabel, 'mix')}
      </Fragment>
    ),
    matched.length > 0 && (
      <Fragment key="match">
        {first}{' '}
        {part('balance', listed(balanceWords(bench, matched)), say.recipe.balanceLabel, 'match')}
      </Fragment>
    ),
    sections !== 'any' && part('sections', say.recipe.sections[sections], say.recipe.sectionsLabel),
    freshPartners &&
      part('freshPartners', say.recipe.fresh + weight(freshPartners), say.recipe.freshLabel),
    wishes && part('wishes', say.recipe.wishes + weight(wishes), say.recipe.wishesLabel),
    limits.length > 0 && part('limits', say.recipe.limits(limits.length), say.recipe.limitsLabel),
  ].filter(Boolean);
}

function listed(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  return words.length < 2
    ? last
    : `${words.slice(0, -1).join(`${say.recipe.comma} `)} ${say.recipe.and} ${last}`;
}

function joined(clauses: readonly ReactNode[]): ReactNode {
  return clauses.map((clause, place) => (
    <Fragment key={place}>
      {place > 0 && `${say.recipe.comma} `}
      {clause}
    </Fragment>
  ));
}

/** What the recipe gives, in numbers, before anything is dealt. */
function Outcome({ dealtCount }: RecipeSentenceProps) {
  const bench = useWorkbench('bench');
  const { dealing, sizing } = bench.lineup.recipe;
  if (dealing.by === 'value') {
    return (
      <span className={styles.outcome} role="status">
        {say.recipe.givesValues(valueCount(bench, dealing.of))}
      </span>
    );
  }
  const preview = previewSizes(dealtCount, sizing);
  return (
    <span className={preview.ok ? styles.outcome : styles.impossible} role="status">
      {preview.ok ? say.recipe.gives(preview.counts) : say.sizingIssueSentence(preview.issue)}
    </span>
  );
}
