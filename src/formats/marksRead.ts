import type { FigureColumn, PersonRow } from './peopleRows';
import { isMissing, plainWords } from './roster/text';

/** What a cell of a sheet says of a mark. */
export type ReadMark = number | 'excused' | 'absent';

/** A row that no mark was taken from, and why. */
export interface UnreadMark {
  /** Among the rows of the sheet. */
  readonly place: number;
  readonly cell: string;
  readonly code: 'unknown' | 'doubtful' | 'noFigure' | 'below' | 'over';
}

export interface ReadMarks<Id> {
  readonly marks: ReadonlyMap<Id, ReadMark>;
  readonly unread: readonly UnreadMark[];
  /** Students of whom several rows say different marks: their places among the rows. */
  readonly twice: readonly { readonly id: Id; readonly places: readonly number[] }[];
  /** Rows of students that say nothing. */
  readonly blank: number;
}

/** Words for who has no mark, beside the figure. */
export interface NoMarkWords {
  readonly excused: readonly string[];
  readonly absent: readonly string[];
}

/** Reads the marks of a column, each row by itself: what cannot be read is named, and nothing of it is taken. */
export function readMarks<Id>(
  { cells }: FigureColumn,
  rowAt: (place: number) => Pick<PersonRow<Id>, 'id' | 'doubtful'> | undefined,
  most: number,
  words: NoMarkWords,
): ReadMarks<Id> {
  const unread: UnreadMark[] = [];
  const said = new Map<Id, { readonly mark: ReadMark; readonly place: number }[]>();
  let blank = 0;
  cells.forEach((cell, place) => {
    const mark = readMark(cell, most, words);
    const row = rowAt(place);
    const id = row?.id ?? null;
    if (mark === null) blank++;
    else if (id === null)
      unread.push({ place, cell, code: row?.doubtful ? 'doubtful' : 'unknown' });
    else if (mark === 'noFigure') unread.push({ place, cell, code: mark });
    else if (typeof mark === 'number' && mark < 0) unread.push({ place, cell, code: 'below' });
    else if (typeof mark === 'number' && mark > most) unread.push({ place, cell, code: 'over' });
    else said.set(id, [...(said.get(id) ?? []), { mark, place }]);
  });
  const agreed = [...said].filter(([, all]) => all.every(({ mark }) => mark === all[0]?.mark));
  return {
    ...{ unread, blank },
    marks: new Map(agreed.flatMap(([id, [first]]) => (first ? [[id, first.mark] as const] : []))),
    twice: [...said].flatMap(([id, all]) =>
      all.some(({ mark }) => mark !== all[0]?.mark)
        ? [{ id, places: all.map(({ place }) => place) }]
        : [],
    ),
  };
}

function readMark(cell: string, most: number, words: NoMarkWords): ReadMark | 'noFigure' | null {
  // A spreadsheet that was told to leave a figure alone wrote a sign before it.
  const plain = cell
    .trim()
    .replace(/^'/, '')
    .replace(/\u2212/g, '-')
    .replace(',', '.');
  const word = plainWords(plain);
  if (words.excused.some((one) => plainWords(one) === word && word !== '')) return 'excused';
  if (words.absent.some((one) => plainWords(one) === word && word !== '')) return 'absent';
  if (isMissing(cell)) return null;
  // "7.5 / 10" is 7.5 where 10 is the most; of another whole it is no mark of this activity.
  const [points = '', whole, ...more] = plain.replaceAll(',', '.').split('/');
  if (more.length > 0 || (whole !== undefined && Number(whole) !== most)) return 'noFigure';
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(points.trim()) ? Number(points) : 'noFigure';
}
