import { ownerOf } from '../schema/records';
import { invert, isEmpty, type Diff } from './diff';
import type { Change, RecordStore } from './recordStore';

/** Sorts by the order of the steps. */
export type MarkId = string;

/** One user action that can be undone: what it was called and what it changed. */
export interface Mark {
  readonly id: MarkId;
  /** Names the action, as a key into the messages. */
  readonly label: ActionLabel;
  readonly diff: Diff;
  readonly undone: boolean;
}

export type ActionLabel =
  | 'createClass'
  | 'renameClass'
  | 'editClass'
  | 'copyClass'
  | 'poolClasses'
  | 'openBackup'
  | 'deleteClass'
  | 'addStudents'
  | 'editStudent'
  | 'attendance'
  | 'leaveClass'
  | 'restoreStudent'
  | 'deleteStudent'
  | 'mergeStudents'
  | 'settleDoubt'
  | 'editSections'
  | 'editDetails'
  | 'editFilters'
  | 'editStaff'
  | 'addRule'
  | 'editRule'
  | 'removeRule'
  | 'createLineup'
  | 'renameLineup'
  | 'deleteLineup'
  | 'changeRecipe'
  | 'shuffle'
  | 'bringBackTake'
  | 'deleteTake'
  | 'moveStudent'
  | 'undealTake'
  | 'starTake'
  | 'swapStudents'
  | 'editGroups'
  | 'renameGroup'
  | 'lockGroup'
  | 'chooseSign'
  | 'giveRoles'
  | 'pin'
  | 'nameGroups'
  | 'lineupState'
  | 'lineupUsed'
  | 'saveRecipe'
  | 'editPlan'
  | 'editSeats'
  | 'takeWishes'
  | 'jigsaw'
  | 'draw'
  | 'dropReceipt'
  | 'undraw'
  | 'planSeries'
  | 'replanSeries'
  | 'lineupDays'
  | 'pastGroups'
  | 'editLadder'
  | 'takeInResults'
  | 'editAdults'
  | 'giveAdults'
  | 'createActivity'
  | 'editActivity'
  | 'removeActivity'
  | 'activityGroups'
  | 'cameIn'
  | 'mark'
  | 'takeInMarks';

/** Where a step belongs: a class by its id, or the shelf, where classes come and go. */
export type Place = string;
export const SHELF: Place = 'shelf';

/** Worked out once for each step, of which there may be hundreds with many records. */
const known = new WeakMap<Diff, ReadonlySet<Place>>();

function placesOf(mark: Mark): ReadonlySet<Place> {
  const places = known.get(mark.diff) ?? placesIn(mark);
  known.set(mark.diff, places);
  return places;
}

/**
 * The places a step is about. One that makes or removes a class is of the shelf, whatever goes along with it; a new name
 * for a class can be given in both.
 */
function placesIn({ diff, label }: Mark): ReadonlySet<Place> {
  const whole = [...Object.values(diff.added), ...Object.values(diff.removed)];
  if (whole.some(({ record }) => record === 'class')) return new Set([SHELF]);
  const changed = Object.values(diff.updated).map(([, to]) => to);
  const places = [...whole, ...changed].map((record) => ownerOf(record) ?? SHELF);
  return new Set(label === 'renameClass' ? [...places, SHELF] : places);
}

/** Marks kept; the oldest go first. */
export const MOST_MARKS = 300;

/** What the saver must write after a step of the history. */
export interface MarkChanges {
  readonly put: readonly Mark[];
  readonly removed: readonly string[];
}

/**
 * Undo and redo, from mark to mark. Only what the teacher does here makes marks; other tabs and the disk
 * never enter, and neither does what is merely remembered (drafts, the open lineup).
 */
export class History {
  private done: Mark[] = [];
  private undone: Mark[] = [];
  private readonly listeners = new Set<(changes: MarkChanges) => void>();
  private lastId = '';

  constructor(
    private readonly store: RecordStore,
    private readonly now: () => number = Date.now,
  ) {}

  /** Takes over the marks of the last session, in any order. */
  load(marks: readonly Mark[]): void {
    const inOrder = [...marks].sort((a, b) => (a.id < b.id ? -1 : 1));
    this.done = inOrder.filter(({ undone }) => !undone);
    this.undone = inOrder.filter(({ undone }) => undone).reverse();
  }

  listen(listener: (changes: MarkChanges) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** Runs one user action as one step; returns the step, by which it alone can be undone, or null where nothing changed. */
  act(label: ActionLabel, run: (change: Change) => void): MarkId | null {
    const diff = this.store.change('user', run);
    if (isEmpty(diff)) return null;
    const mark: Mark = { id: this.nextId(), label, diff, undone: false };
    const places = placesOf(mark);
    const isHere = (other: Mark): boolean =>
      [...placesOf(other)].some((place) => places.has(place));
    // What was undone elsewhere can still be done again there.
    const dropped = this.undone.filter(isHere);
    this.undone = this.undone.filter((other) => !isHere(other));
    this.done.push(mark);
    const oldest = this.done.splice(0, Math.max(0, this.done.length - MOST_MARKS));
    this.tell({ put: [mark], removed: [...dropped, ...oldest].map(({ id }) => id) });
    return mark.id;
  }

  /** The step that undo would take back now, or null. */
  get newest(): MarkId | null {
    return this.done.at(-1)?.id ?? null;
  }

  /** Whether a step is the one that undo would take back now. */
  isNewest(id: MarkId): boolean {
    return this.done.at(-1)?.id === id;
  }

  /** Takes back just this step, while nothing has been done since; whether it did. */
  undoStep(id: MarkId): boolean {
    return this.isNewest(id) && this.undo() !== null;
  }

  /** Takes back the newest step of a place, or of all where none is named; what it was, or null where there is none. */
  undo(place?: Place): ActionLabel | null {
    const mark = take(this.done, place);
    if (!mark) return null;
    this.store.apply(invert(mark.diff), 'undo');
    const undone = { ...mark, undone: true };
    this.undone.push(undone);
    this.tell({ put: [undone], removed: [] });
    return mark.label;
  }

  /**
   * Takes back what was done since a step (null: since there was none), the newest first and as long as it is of some
   * kinds; how many steps that were.
   */
  undoSince(since: MarkId | null, kinds: ReadonlySet<ActionLabel>): number {
    let count = 0;
    for (;;) {
      const newest = this.done.at(-1);
      if (!newest || newest.id === since || !kinds.has(newest.label)) return count;
      this.undo();
      count += 1;
    }
  }

  redo(place?: Place): ActionLabel | null {
    const mark = take(this.undone, place);
    if (!mark) return null;
    this.store.apply(mark.diff, 'undo');
    const done = { ...mark, undone: false };
    // In the order in which the steps were first taken.
    this.done.push(done);
    this.done.sort((a, b) => (a.id < b.id ? -1 : 1));
    this.tell({ put: [done], removed: [] });
    return mark.label;
  }

  /** What undo would change in a place; null where there is nothing to undo. */
  diffOfUndo(place?: Place): Diff | null {
    const mark = this.done.findLast((one) => isOf(one, place));
    return mark ? invert(mark.diff) : null;
  }

  diffOfRedo(place?: Place): Diff | null {
    return this.undone.findLast((one) => isOf(one, place))?.diff ?? null;
  }

  /** The action that undo would take back in a place, or null. */
  nextUndo(place?: Place): ActionLabel | null {
    return this.done.findLast((mark) => isOf(mark, place))?.label ?? null;
  }

  nextRedo(place?: Place): ActionLabel | null {
    return this.undone.findLast((mark) => isOf(mark, place))?.label ?? null;
  }

  /** The step that undo, or redo, would take of all places, and the places it is about; null where there is none. */
  next(way: 'undo' | 'redo'): (Pick<Mark, 'id' | 'label'> & { readonly places: Place[] }) | null {
    const mark = (way === 'undo' ? this.done : this.undone).at(-1);
    return mark ? { id: mark.id, label: mark.label, places: [...placesOf(mark)] } : null;
  }

  private tell(changes: MarkChanges): void {
    this.listeners.forEach((listener) => listener(changes));
  }

  /** Ids grow with time and never repeat here, even within one millisecond or after the clock was set back. */
  private nextId(): string {
    const last = [this.lastId, this.done.at(-1)?.id ?? '', this.undone[0]?.id ?? ''].sort().at(-1);
    const time = this.now().toString(36).padStart(10, '0');
    const id = last !== undefined && last >= `${time}-0000` ? successor(last) : `${time}-0000`;
    this.lastId = id;
    return id;
  }
}

function isOf(mark: Mark, place: Place | undefined): boolean {
  return place === undefined || placesOf(mark).has(place);
}

/** Takes the newest mark of a place out of a list. */
function take(marks: Mark[], place: Place | undefined): Mark | undefined {
  const at = marks.findLastIndex((mark) => isOf(mark, place));
  return at < 0 ? undefined : marks.splice(at, 1)[0];
}

function successor(id: string): string {
  const [time = '', counter = '0'] = id.split('-');
  return `${time}-${(parseInt(counter, 36) + 1).toString(36).padStart(4, '0')}`;
}
