import type { RuleSource } from '@/encode/request';
import type { ClassRecord } from '@/schema/classRecord';
import { say } from '@/messages';
import { BY_SECTION } from '@/schema/recipe';
import type { ClashNames } from '@/messages/clash';
import type { NameOf } from './names';

/** A rule in words, wherever it comes from. */
export function ruleSentence(source: RuleSource, theClass: ClassRecord, nameOf: NameOf): string {
  switch (source.from) {
    case 'rule':
      return say.rules.sentence(source.rule.kind, source.rule.studentIds.map(nameOf));
    case 'sections':
      return say.rules.sectionsKept;
    case 'limit': {
      const { kind, detail, value, count } = source.limit;
      return say.rules.limit(
        kind,
        detailName(theClass, detail),
        valueName(theClass, detail, value),
        count,
      );
    }
    case 'pin':
      return say.rules.pinned(nameOf(source.studentId));
    default:
      return source satisfies never;
  }
}

/** How a clash is told of a class: students and values by their names. */
export function clashNames(theClass: ClassRecord, nameOf: NameOf): ClashNames {
  return {
    student: nameOf,
    value: (detail, value) =>
      say.rules.detailValue(detailName(theClass, detail), valueName(theClass, detail, value)),
  };
}

/** What a detail, or the section, is called. */
export function detailName(theClass: ClassRecord, detail: string): string {
  if (detail === BY_SECTION) return say.measures.section;
  return theClass.details.find(({ id }) => id === detail)?.name ?? say.measures.goneDetail;
}

/** A value as it is read; a section by its name. */
export function valueName(theClass: ClassRecord, detail: string, value: string): string {
  if (detail !== BY_SECTION) return value;
  return theClass.sections.find(({ id }) => id === value)?.name ?? say.measures.goneDetail;
}
