import type { ClassRecord, SavedRecipe } from '../schema/classRecord';
import { BY_SECTION, type Recipe } from '../schema/recipe';

/** A recipe under a name, with the names of its details so that another class finds its own. */
export function savedRecipe(name: string, recipe: Recipe, theClass: ClassRecord): SavedRecipe {
  const detailNames = Object.fromEntries(
    theClass.details.map(({ id, name: called }) => [id, called]),
  );
  return { name, recipe, detailNames };
}

/**
 * The recipe as a class can use it: details are found by their ids, else by their names. `lost` names those that the
 * class does not have; who is dealt falls back to everybody where that was said by what another class has.
 */
export function usableRecipe(
  { recipe, detailNames }: SavedRecipe,
  theClass: ClassRecord,
): { readonly recipe: Recipe; readonly lost: readonly string[] } {
  const lost = new Set<string>();
  const find = (detail: string): string | null => {
    if (detail === BY_SECTION || theClass.details.some(({ id }) => id === detail)) return detail;
    const name = detailNames[detail] ?? detail;
    const same = theClass.details.find((one) => sameName(one.name, name));
    if (!same) lost.add(name);
    return same?.id ?? null;
  };
  const withDetail = <T extends { readonly detail: string }>(one: T): T[] => {
    const detail = find(one.detail);
    return detail === null ? [] : [{ ...one, detail }];
  };
  const dealing = ((): Recipe['dealing'] => {
    const { dealing: given } = recipe;
    if (given.by === 'value') {
      const of = find(given.of);
      return of === null ? { by: 'shuffle' } : { ...given, of };
    }
    if (given.by !== 'order' || typeof given.order === 'string') return given;
    const detail = find(given.order.detail);
    return detail === null ? { by: 'shuffle' } : { ...given, order: { detail } };
  })();
  const who = ((): Recipe['who'] => {
    const { who: given } = recipe;
    if (given.of === 'all' || given.of === 'unplaced') return given;
    if (given.of === 'values') return withDetail(given)[0] ?? { of: 'all' };
    const ids = new Set<string>(theClass.sections.map(({ id }) => id));
    return given.of === 'sections' && given.sectionIds.every((id) => ids.has(id))
      ? given
      : { of: 'all' };
  })();
  return {
    recipe: {
      ...recipe,
      who,
      dealing,
      balance: recipe.balance.flatMap(withDetail),
      limits: recipe.limits.flatMap(withDetail),
    },
    lost: [...lost],
  };
}

function sameName(one: string, two: string): boolean {
  return one.trim().toLowerCase() === two.trim().toLowerCase();
}
