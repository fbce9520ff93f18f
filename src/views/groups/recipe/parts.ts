import type { Bench } from '@/encode/bench';
import { say } from '@/messages';
import type { Balance } from '@/schema/recipe';
import { detailName, valueName } from '../../frame/detailWords';

/** The parts of the recipe that have an editor. */
export type PartKey =
  | 'sizing'
  | 'leftover'
  | 'who'
  | 'dealing'
  | 'balance'
  | 'sections'
  | 'freshPartners'
  | 'wishes'
  | 'topics'
  | 'needs'
  | 'limits'
  | 'naming'
  | 'saved';

/** Who is dealt, in words: "28 here today", "12 of North bank". */
export function whoWords(
  { lineup, theClass }: Bench,
  number: number,
  lineupName: (id: string) => string,
): string {
  const { who } = lineup.recipe;
  switch (who.of) {
    case 'all':
      return say.recipe.here(number);
    case 'sections':
      return say.recipe.who.sections(
        theClass.sections.filter(({ id }) => who.sectionIds.includes(id)).map(({ name }) => name),
        number,
      );
    case 'unplaced':
      return say.recipe.who.unplaced(number);
    case 'groups':
      return say.recipe.who.groups(lineupName(who.lineupId), number);
    case 'values':
      return say.recipe.who.values(
        who.values.map((value) =>
          say.recipe.who.value(
            detailName(theClass, who.detail),
            valueName(theClass, who.detail, value),
          ),
        ),
        number,
      );
    default:
      return who satisfies never;
  }
}

/** "experience and home language (above all)". */
export function balanceWords({ theClass }: Bench, balance: readonly Balance[]): readonly string[] {
  return balance.map(({ detail, importance }) =>
    say.recipe.weighed[importance](detailName(theClass, detail)),
  );
}

/** How students come into groups without a shuffle: "family name, round the groups", a detail, or "empty". */
export function dealingWords({ lineup, theClass }: Bench): string {
  const { dealing } = lineup.recipe;
  if (dealing.by === 'shuffle') return '';
  if (dealing.by === 'hand') return say.recipe.empty;
  if (dealing.by === 'choose') return say.recipe.chosen;
  if (dealing.by === 'value') return detailName(theClass, dealing.of);
  const { order, inBlocks } = dealing;
  const name =
    typeof order === 'string' ? say.recipe.order[order] : detailName(theClass, order.detail);
  return say.recipe.inOrder(name, say.recipe.dealt[inBlocks ? 'blocks' : 'round']);
}
