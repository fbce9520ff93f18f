import type { FigureColumn } from './peopleRows';
import { isMissing, plainWords } from './roster/text';

/** A cell that no points were taken from: what it says is no number from 0 on, or the two are not in one group. */
export interface UnreadAnswer<Id> {
  readonly from: Id;
  readonly to: Id;
  readonly cell: string;
  readonly code: 'noFigure' | 'notTogether';
}

export interface ReadAnswers<Id extends string> {
  /** Who answers → whom about → points. */
  readonly answers: Readonly<Record<string, Readonly<Record<string, number>>>>;
  readonly unread: readonly UnreadAnswer<Id>[];
  /** Columns headed with the name of a member. */
  readonly named: number;
  /** Rows with an answer whose student is not known here: their places. */
  readonly unknown: readonly number[];
}

/** Who is meant by a name over a column; null where that is nobody, or more than one. */
export function calledSo<Id>(
  people: readonly { readonly id: Id; readonly names: readonly string[] }[],
): (heading: string) => Id | null {
  const byName = new Map<string, Set<Id>>();
  for (const { id, names } of people) {
    for (const name of names.map(plainWords)) {
      if (name !== '') byName.set(name, (byName.get(name) ?? new Set<Id>()).add(id));
    }
  }
  return (heading) => {
    const found = [...(byName.get(plainWords(heading)) ?? [])];
    return found.length === 1 ? (found[0] ?? null) : null;
  };
}

/** Reads a sheet with a row for each who answers and a column for each who is answered about. O(rows · columns). */
export function readAnswers<Id extends string>(
  columns: readonly FigureColumn[],
  idOf: (place: number) => Id | null,
  whoIs: (heading: string) => Id | null,
  together: (one: Id, two: Id) => boolean,
): ReadAnswers<Id> {
  const answers: Record<string, Record<string, number>> = {};
  const unread: UnreadAnswer<Id>[] = [];
  const unknown = new Set<number>();
  let named = 0;
  for (const { heading, cells } of columns) {
    const to = whoIs(heading);
    if (to === null) continue;
    named++;
    cells.forEach((cell, place) => {
      if (isMissing(cell)) return;
      const from = idOf(place);
      if (from === null) {
        unknown.add(place);
        return;
      }
      // What somebody gives themselves is not read.
      if (from === to) return;
      const points = Number(cell.trim().replace(',', '.'));
      if (!(points >= 0)) unread.push({ from, to, cell, code: 'noFigure' });
      else if (!together(from, to)) {
        if (points > 0) unread.push({ from, to, cell, code: 'notTogether' });
      } else answers[from] = { ...answers[from], [to]: points };
    });
  }
  return { answers, unread, named, unknown: [...unknown] };
}
