import type { Insight } from '@/encode/insight';
import type { DetailColumn } from '@/encode/insightTypes';
import { sayGroups } from '@/messages/groups';
import { NEEDS, PARTNERS, TOPICS, WISHES, type ColumnKey } from './useColumns';

/** A spread of means nearer than this to the best possible is told as near. */
const NEARLY_BEST = 0.01;
/** Costs nearer than this to the best possible are it. */
const NEAR = 1e-6;

export interface ToldFigure {
  readonly text: string;
  readonly best: string;
  readonly isBest: boolean;
  readonly explained: string;
}

/** What the class as a whole reaches in a measure, and how that stands to the best that is possible. */
export function classFigure(insight: Insight, key: ColumnKey): ToldFigure | null {
  if (key === WISHES) {
    const { met, of, most } = insight.wishes();
    const text = sayGroups.measures.met(met, of);
    return told({ text, best: String(most), isBest: met >= most, moreIsBetter: true });
  }
  if (key === PARTNERS) {
    const { cost, bestPossible } = insight.partners().figure;
    const text = sayGroups.measures.repeats(cost);
    return told({
      text,
      best: sayGroups.measures.pairs(bestPossible),
      isBest: cost <= bestPossible,
    });
  }
  if (key === TOPICS) {
    const { met, groups, figure } = insight.topics();
    const of = groups.reduce((sum, one) => sum + one.of, 0);
    const isBest = figure.cost <= figure.bestPossible;
    return {
      ...{ text: sayGroups.measures.firstRank(met, of), isBest },
      best: isBest
        ? sayGroups.measures.best
        : sayGroups.measures.ranksLeft(figure.cost - figure.bestPossible),
      explained: isBest
        ? sayGroups.measures.bestExplained
        : sayGroups.measures.ranksExplained(figure.cost, figure.bestPossible),
    };
  }
  if (key === NEEDS) {
    const needs = insight.needs();
    if (!needs) return null;
    const { met, of, most } = needs;
    const isBest = met >= most;
    const best = isBest ? sayGroups.measures.best : sayGroups.measures.canBe(most);
    const explained = isBest
      ? sayGroups.measures.bestExplained
      : sayGroups.measures.canBeExplained(most, of);
    return { text: sayGroups.measures.served(met, of), best, isBest, explained };
  }
  const column = insight.column(key);
  if (!column) return null;
  const { cost, bestPossible } = column.figure;
  if (column.kind === 'number' && column.how === 'mix') return meansOf(column);
  const words = inWords(column);
  const [text, best] = [words.full(cost), words.short(bestPossible)];
  const isBest = cost <= bestPossible + NEAR;
  // Two costs that read alike are not the same: "best" is said only where it is so.
  const moreIsBetter = column.how === 'match';
  return words.short(cost) === best && !isBest
    ? { ...told({ text, best, isBest, moreIsBetter }), best: sayGroups.measures.nearBest }
    : told({ text, best, isBest, moreIsBetter });
}

interface Figure extends Omit<ToldFigure, 'explained'> {
  /** Whether the best is the most that can be, and not the least. */
  readonly moreIsBetter?: boolean;
}

function told({ text, best, isBest, moreIsBetter = false }: Figure): ToldFigure {
  const { mostIs, bestIs } = sayGroups.measures;
  return {
    text,
    best: isBest ? sayGroups.measures.best : moreIsBetter ? mostIs(best) : bestIs(best),
    isBest,
    explained: isBest ? sayGroups.measures.bestExplained : sayGroups.measures.bestAtMost(best),
  };
}

/** How far the means of the groups lie apart; how near that is to the best is told where it is. */
function meansOf({ groups, figure }: DetailColumn & { readonly kind: 'number' }): ToldFigure {
  const means = groups
    .filter(({ length }) => length > 0)
    .map((values) => values.reduce((sum, one) => sum + one, 0) / values.length);
  const text = sayGroups.measures.means(Math.min(...means), Math.max(...means));
  const isBest = figure.cost <= figure.bestPossible + NEAR;
  const near = figure.cost <= figure.bestPossible + NEARLY_BEST;
  return {
    text,
    best: isBest ? sayGroups.measures.best : near ? sayGroups.measures.nearBest : '',
    isBest,
    explained: isBest ? sayGroups.measures.bestExplained : sayGroups.measures.meansExplained,
  };
}

interface Words {
  readonly full: (cost: number) => string;
  readonly short: (cost: number) => string;
}

function inWords(column: DetailColumn): Words {
  if (column.how === 'match') {
    return {
      full: sayGroups.measures.alikeTo,
      short: (cost) => sayGroups.measures.share(1 - cost),
    };
  }
  return {
    full: (cost) =>
      cost < NEAR ? sayGroups.measures.even : sayGroups.measures.off(Math.round(cost)),
    short: (cost) => String(Math.round(cost)),
  };
}
