import type { RuleSource } from '@/encode/request';
import type { LineupId } from '@/schema/ids';
import type { Bench } from '@/encode/bench';
import { changeRecipe, setPinned } from '@/store/actions/lineups';
import { removeRule } from '@/store/actions/rules';
import type { AppStore } from '@/store/appStore';

/** Takes a rule back where it was made: the quiet rule, a part of the recipe, or a pin. */
export function takeBack(store: AppStore, { lineup }: Bench, source: RuleSource): void {
  switch (source.from) {
    case 'rule':
      removeRule(store, source.rule.id);
      return;
    case 'sections':
      changeRecipe(store, lineup.id, { sections: 'any' });
      return;
    case 'limit':
      changeRecipe(store, lineup.id, {
        limits: lineup.recipe.limits.filter((one) => one !== source.limit),
      });
      return;
    case 'pin':
      unpin(store, lineup.id, source);
      return;
    default:
      source satisfies never;
  }
}

function unpin(store: AppStore, id: LineupId, { studentId }: RuleSource & { from: 'pin' }): void {
  setPinned(store, id, [studentId], false);
}

/** The bench as it is once a rule has been taken back. */
export function withoutSource(bench: Bench, source: RuleSource): Bench {
  const { lineup } = bench;
  const { recipe } = lineup;
  switch (source.from) {
    case 'rule':
      return { ...bench, rules: bench.rules.filter(({ id }) => id !== source.rule.id) };
    case 'sections':
      return { ...bench, lineup: { ...lineup, recipe: { ...recipe, sections: 'any' } } };
    case 'limit': {
      const limits = recipe.limits.filter((one) => one !== source.limit);
      return { ...bench, lineup: { ...lineup, recipe: { ...recipe, limits } } };
    }
    case 'pin': {
      const pinned = lineup.pinned.filter((id) => id !== source.studentId);
      return { ...bench, lineup: { ...lineup, pinned } };
    }
    default:
      return source satisfies never;
  }
}
