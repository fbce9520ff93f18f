import { isStaffHead, kindOfLine } from '../lineKinds';
import { roleOfColumn } from '../headings';
import { looksLikeName, roleOfPerson } from '../names';
import type { Skipped } from '../types';
import { BEFORE_NAME, type Line, type Tidied } from './lines';

/** What a document sets around a heading: "## Staff", "**Teachers**", "- Teachers -", "Staff:", "Teachers (2)". */
const AROUND = /^[\s#*_=–—-]+|[\s#*_=–—:-]+$|\s*\(\s*\d+\s*\)\s*:?\s*$/gu;
const MARKED = /^\s*[-–—*•#_=]/u;

/** The column of those who are said to be of the staff, and a word of it that is known. */
const ROLE = 'Role';
const STAFF = 'staff';

/**
 * "Teachers" over those of a list who are no students, up to a blank line, the next heading or the end: told as their role. A
 * list that begins so and has neither says nothing of where they end, and stays.
 */
export function withStaff(all: readonly Line[]): Tidied {
  const plain = all.map(({ text }) => text.replace(AROUND, '').trim());
  const isFilled = (at: number): boolean => /\S/.test(all[at]?.text ?? '');
  const isName = (at: number): boolean =>
    isFilled(at) && looksLikeName((all[at]?.text ?? '').replace(BEFORE_NAME, ''));
  const spaced = !all.some((_, at) => isFilled(at) && isFilled(at + 1));
  const isHead = (at: number): boolean => isStaffHead(plain[at] ?? '');
  const endsAt = (at: number): boolean =>
    (!isFilled(at) && !spaced) ||
    isHead(at) ||
    roleOfColumn(plain[at] ?? '') === 'fullName' ||
    /:\s*$/.test(all[at]?.text ?? '') ||
    (MARKED.test(all[at]?.text ?? '') && !isName(at)) ||
    kindOfLine(all[at]?.text ?? '')?.kind === 'section';
  const heads = new Set<number>();
  const of = new Map<number, string>();
  const first = all.findIndex((_, at) => isFilled(at));
  for (const [at] of all.entries()) {
    if (!isHead(at)) continue;
    // A blank line may stand below the heading.
    let start = at + 1;
    while (start < all.length && !isFilled(start)) start++;
    let end = start;
    while (end < all.length && !endsAt(end)) end++;
    const members = [...all.keys()].slice(start, end).filter(isFilled);
    const open = at === first && all.slice(end).every((_, i) => !isFilled(end + i));
    if (members.length === 0 || open || !members.every(isName)) continue;
    heads.add(at);
    const said = plain[at] ?? '';
    const role = roleOfPerson(said) === 'staff' ? said : `${STAFF}: ${said}`;
    members.forEach((member) => of.set(all[member]?.line ?? 0, role));
  }
  const skipped: Skipped[] = [...heads].map((at) => ({
    ...{ row: all[at]?.line ?? 0, name: plain[at] ?? '', reason: 'section' as const },
  }));
  return {
    lines: all.filter((_, at) => !heads.has(at)),
    skipped,
    told: { heading: ROLE, of },
  };
}
