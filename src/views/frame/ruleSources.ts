import type { Bench } from '@/encode/bench';
import { limitsWithout, type RuleSource } from '@/encode/request';
import { sayRules } from '@/messages/rules';
import type { ClashNames } from '@/messages/clash';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { Limit, Recipe } from '@/schema/recipe';
import { changeRecipe, setPinned } from '@/store/actions/lineups';
import { removeRule } from '@/store/actions/rules';
import type { AppStore } from '@/store/appStore';
import { detailName, valueName } from './detailWords';
import type { NameOf } from './names';
import { RULE_KIND_VIEWS } from './ruleKinds';

type SourceOf<F extends RuleSource['from']> = Extract<RuleSource, { readonly from: F }>;

/** What views do with a rule of one origin: a quiet rule of the class, or a part of the recipe. */
interface SourceView<F extends RuleSource['from']> {
  readonly sentence: (source: SourceOf<F>, theClass: ClassRecord, nameOf: NameOf) => string;
  /** Takes the rule back where it was made. */
  readonly takeBack: (store: AppStore, bench: Bench, source: SourceOf<F>) => void;
  /** The bench as it is then. */
  readonly without: (bench: Bench, source: SourceOf<F>) => Bench;
}

/** Every origin of a rule; a new one is a line here and its encoding in `encode/request`. */
const SOURCE_VIEWS: { readonly [F in RuleSource['from']]: SourceView<F> } = {
  rule: {
    sentence: ({ rule }, _theClass, nameOf) =>
      sayRules.sentence(rule.kind, rule.studentIds.map(nameOf)),
    takeBack: (store, _bench, { rule }) => removeRule(store, rule.id),
    without: (bench, { rule }) => ({
      ...bench,
      rules: bench.rules.filter(({ id }) => id !== rule.id),
    }),
  },
  sections: {
    sentence: () => sayRules.sectionsKept,
    takeBack: (store, { lineup }) => changeRecipe(store, lineup.id, { sections: 'any' }),
    without: (bench) => withRecipe(bench, { sections: 'any' }),
  },
  limit: {
    sentence: ({ limit, value }, theClass) => limitSentence({ ...limit, value }, theClass),
    takeBack: (store, bench, source) =>
      changeRecipe(store, bench.lineup.id, { limits: [...limitsWithout(bench, source)] }),
    without: (bench, source) => withRecipe(bench, { limits: [...limitsWithout(bench, source)] }),
  },
  pin: {
    sentence: ({ studentId }, _theClass, nameOf) => sayRules.pinned(nameOf(studentId)),
    takeBack: (store, { lineup }, { studentId }) => setPinned(store, lineup.id, [studentId], false),
    without: ({ lineup, ...bench }, { studentId }) => ({
      ...bench,
      lineup: { ...lineup, pinned: lineup.pinned.filter((id) => id !== studentId) },
    }),
  },
};

/** The view of a source, as what knows just that origin. */
function viewOf<F extends RuleSource['from']>(source: SourceOf<F>): SourceView<F> {
  return SOURCE_VIEWS[source.from];
}

function withRecipe({ lineup, ...bench }: Bench, parts: Partial<Recipe>): Bench {
  return { ...bench, lineup: { ...lineup, recipe: { ...lineup.recipe, ...parts } } };
}

/** A limit of a recipe in words. */
export function limitSentence(
  { kind, detail, value, count }: Limit,
  theClass: ClassRecord,
): string {
  const name = detailName(theClass, detail);
  return value === null
    ? sayRules.limitEvery(kind, name, count)
    : sayRules.limit(kind, name, valueName(theClass, detail, value), count);
}

/** A rule in words, wherever it comes from. */
export function ruleSentence(source: RuleSource, theClass: ClassRecord, nameOf: NameOf): string {
  return viewOf(source).sentence(source, theClass, nameOf);
}

/** The rule of a source as the teacher asked for it: a limit about every value is one. */
export function askedSentence(source: RuleSource, theClass: ClassRecord, nameOf: NameOf): string {
  return source.from === 'limit'
    ? limitSentence(source.limit, theClass)
    : ruleSentence(source, theClass, nameOf);
}

/** What is wrong in one group with a rule that it breaks, in words; `studentIds` are those concerned there. */
export function brokenSentence(
  source: RuleSource,
  studentIds: readonly StudentId[],
  theClass: ClassRecord,
  nameOf: NameOf,
): string {
  if (source.from === 'rule') {
    const { rule } = source;
    const named = RULE_KIND_VIEWS[rule.kind].named(rule, studentIds);
    return sayRules.brokenHere(rule.kind, named.map(nameOf));
  }
  if (source.from === 'limit') {
    const { kind, detail, count } = source.limit;
    const value = valueName(theClass, detail, source.value);
    const name = detailName(theClass, detail);
    return sayRules.limitBrokenHere(kind, name, value, studentIds.map(nameOf), count);
  }
  return ruleSentence(source, theClass, nameOf);
}

/** Takes a rule back where it was made: the quiet rule, a part of the recipe, or a pin. */
export function takeBack(store: AppStore, bench: Bench, source: RuleSource): void {
  viewOf(source).takeBack(store, bench, source);
}

/** The bench as it is once a rule has been taken back. */
export function withoutSource(bench: Bench, source: RuleSource): Bench {
  return viewOf(source).without(bench, source);
}

/** How a clash is told of a class: students and values by their names. */
export function clashNames(theClass: ClassRecord, nameOf: NameOf): ClashNames {
  return {
    student: nameOf,
    value: (detail, value) =>
      sayRules.detailValue(detailName(theClass, detail), valueName(theClass, detail, value)),
  };
}
