import { groupNames } from '@/encode/groupNames';
import { say } from '@/messages';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { GroupNaming } from '@/schema/recipe';

/** The names of so many groups of a lineup, by its own pattern or by another that is being looked at. */
export function namesFor(
  theClass: ClassRecord,
  lineup: LineupRecord,
  count: number,
  naming: GroupNaming = lineup.recipe.naming,
): readonly string[] {
  const { groupNames: own, courseCode } = theClass;
  return groupNames(naming, count, {
    words: own.length > 0 ? own : say.groupWords,
    courseCode,
    date: say.groupNaming.date(lineup.createdAt),
    numbered: say.groupNaming.numbered,
  });
}
