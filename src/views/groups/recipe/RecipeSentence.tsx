'use client';

import { lazily } from '../../primitives/lazily';
import { Link } from '../../primitives/Link';
import { Fragment, useState, type ReactNode } from 'react';
import type { Bench } from '@/encode/bench';
import { sayRecipe } from '@/messages/recipe';
import { lineupsOf } from '@/store/queries';
import type { ActionLabel } from '@/store/history';
import { useQuery } from '@/store/react';
import type { Balance, Recipe } from '@/schema/recipe';
import { LEAD } from '@/schema/take';
import { filled } from '../../frame/filled';
import { usePutBack } from '../../frame/usePutBack';
import { Outcome } from './Outcome';
import { balanceWords, dealingWords, whoWords, type PartKey } from './parts';
import { RecipePart } from './RecipePart';
import styles from './RecipeSentence.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Loaded with the first part that is opened. */
const RecipeEditor = lazily(() => import('./RecipeEditor').then((module) => module.RecipeEditor));
const AlsoMenu = lazily(() => import('./AlsoMenu').then((module) => module.AlsoMenu));

/** What the parts of the sentence do at once. */
const OF_EDITORS: ReadonlySet<ActionLabel> = new Set(['changeRecipe', 'nameGroups', 'giveRoles']);

interface RecipeSentenceProps {
  readonly dealtCount: number;
}

/** Where an editor opens: under its own part, or under "Add more" while the part is not in the sentence yet. */
interface Open {
  readonly at: string;
  readonly part: PartKey | null;
}

/** How the groups are made, as one sentence whose underlined parts are its controls; it never deals by itself. */
export function RecipeSentence({ dealtCount }: RecipeSentenceProps) {
  const bench = useWorkbench('bench');
  const [open, setOpen] = useState<Open | null>(null);
  const takesBack = usePutBack(OF_EDITORS);
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
      takesBack={takesBack}
    >
      <RecipeEditor part={key} dealtCount={dealtCount} />
    </RecipePart>
  );
  const lineupName = (id: string): string => lineups.find((one) => one.id === id)?.name ?? '';
  const leftover =
    sizing.by === 'size' &&
    part('leftover', sayRecipe.leftover[sizing.leftover], sayRecipe.leftoverLabel);
  const quiet = (
    <Link key="rules" className={styles.part} href={`/c/${theClass.id}/rules`}>
      {sayRecipe.rules(rules.length)}
    </Link>
  );
  const { sentence } = sayRecipe;
  // Numbers and words can be seen on the groups; what is made up of more is said.
  const { from, withCode, withDate } = recipe.naming;
  const plainNames = (from === 'numbers' || from === 'words') && !withCode && !withDate;
  const roles = recipe.roles.flatMap(({ role, how }) =>
    role === LEAD || theClass.roles.includes(role)
      ? [sayRecipe.roleGiven[how](role === LEAD ? sayRecipe.lead : role)]
      : [],
  );
  const goals = dealing.by === 'shuffle' ? goalsOf(bench, part) : [];

  return (
    <div className={styles.sentence}>
      {filled(sentence[beginning(recipe)], {
        sizing: part('sizing', sayRecipe.sizing(sizing), sayRecipe.sizingLabel),
        who: part('who', whoWords(bench, dealtCount, lineupName), sayRecipe.whoLabel),
        leftover,
        dealing: part('dealing', dealingWords(bench), sayRecipe.dealingLabel),
      })}{' '}
      <span role="status">
        <Outcome />
      </span>{' '}
      {lookedAfter(bench, goals, quiet)}{' '}
      {!plainNames &&
        filled(sentence.naming, {
          naming: part('naming', sayRecipe.naming[recipe.naming.from], sayRecipe.namingLabel),
        })}{' '}
      {roles.length > 0 &&
        filled(sentence.roles, {
          roles: part('roles', sayRecipe.listed(roles), sayRecipe.rolesLabel),
        })}{' '}
      <RecipePart
        text={sayRecipe.also}
        label={sayRecipe.alsoLabel}
        pale
        open={open?.at === 'also'}
        onOpen={(next) => setOpen(next ? { at: 'also', part: null } : null)}
        takesBack={takesBack}
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

/** What is looked after, quiet rules among it; where nothing is drawn they are not. */
function lookedAfter({ lineup, rules }: Bench, goals: readonly ReactNode[], quiet: ReactNode) {
  const { sentence, listParts } = sayRecipe;
  if (rules.length === 0) {
    const words = goals.length > 0 ? sentence.goalsWithoutRules : sentence.withoutRules;
    return filled(words, { goals: listParts(goals), rules: quiet });
  }
  return lineup.recipe.dealing.by === 'shuffle'
    ? filled(sentence.goals, { goals: listParts([...goals, quiet]) })
    : filled(sentence.rulesShownOnly, { rules: quiet });
}

/** Which sentence a recipe begins with. */
function beginning({ dealing, sizing }: Recipe): keyof typeof sayRecipe.sentence {
  if (dealing.by === 'value' || dealing.by === 'hand' || dealing.by === 'choose') {
    return dealing.by;
  }
  return sizing.by === 'size' ? `${dealing.by}Leftover` : dealing.by;
}

type Part = (key: PartKey, text: string, label: string, at?: string) => ReactNode;

/** What a shuffle looks after, each with its control. */
function goalsOf(bench: Bench, part: Part): readonly ReactNode[] {
  const { balance, sections, freshPartners, wishes, topics, needs, limits } = bench.lineup.recipe;
  const { goal, weighed } = sayRecipe;
  const details = (how: Balance['how']): ReactNode => {
    const words = balanceWords(
      bench,
      balance.filter((one) => one.how === how),
    );
    // The first of the two is the same control whichever it is, so that its editor stays open while one becomes the other.
    const at = balance.some((one) => one.how === 'mix') ? how : 'mix';
    const control = part('balance', sayRecipe.listed(words), sayRecipe.balanceLabel, at);
    return (
      words.length > 0 && <Fragment key={at}>{filled(goal[how], { details: control })}</Fragment>
    );
  };
  return [
    details('mix'),
    details('match'),
    sections !== 'any' && part('sections', sayRecipe.sections[sections], sayRecipe.sectionsLabel),
    freshPartners &&
      part('freshPartners', weighed[freshPartners](sayRecipe.fresh), sayRecipe.freshLabel),
    wishes && part('wishes', weighed[wishes](sayRecipe.wishes), sayRecipe.wishesLabel),
    topics && part('topics', weighed[topics](sayRecipe.topics), sayRecipe.topicsLabel),
    needs &&
      part('needs', weighed[needs.importance](sayRecipe.needs(needs.focus)), sayRecipe.needsLabel),
    limits.length > 0 && part('limits', sayRecipe.limits(limits.length), sayRecipe.limitsLabel),
  ].filter(Boolean);
}
