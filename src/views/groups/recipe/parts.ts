import type { Bench } from '@/encode/bench';
import { sayRecipe } from '@/messages/recipe';
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
  | 'roles'
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
      return sayRecipe.here(number);
    case 'sections':
      return sayRecipe.who.sections(
        theClass.sections.filter(({ id }) => who.sectionIds.includes(id)).map(({ name }) => name),
        number,
      );
    case 'unplaced':
      return sayRecipe.who.unplaced(number);
    case 'groups':
      return sayRecipe.who.groups(lineupName(who.lineupId), number);
    case 'values':
      return sayRecipe.who.values(
        who.values.map((value) =>
          sayRecipe.who.value(
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
    sayRecipe.weighed[importance](detailName(theClass, detail)),
  );
}

/** How students come into groups without a shuffle: "family name, round the groups", a detail, or "empty". */
export function dealingWords({ lineup, theClass }: Bench): string {
  const { dealing } = lineup.recipe;
  if (dealing.by === 'shuffle') return '';
  if (dealing.by === 'hand') return sayRecipe.empty;
  if (dealing.by === 'choose') return sayRecipe.chosen;
  if (dealing.by === 'value') return detailName(theClass, dealing.of);
  const { order, inBlocks } = dealing;
  const name =
    typeof order === 'string' ? sayRecipe.order[order] : detailName(theClass, order.detail);
  return sayRecipe.inOrder(name, sayRecipe.dealt[inBlocks ? 'blocks' : 'round']);
}
