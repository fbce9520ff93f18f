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
  | 'giveRoles'
  | 'pin'
  | 'nameGroups'
  | 'lineupState'
  | 'lineupUsed'
  | 'saveRecipe';

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
    const dropped = this.undone;
    this.undone = [];
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

  undo(): ActionLabel | null {
    const mark = this.done.pop();
    if (!mark) return null;
    this.store.apply(invert(mark.diff), 'undo');
    const undone = { ...mark, undone: true };
    this.undone.push(undone);
    this.tell({ put: [undone], removed: [] });
    return mark.label;
  }

  redo(): ActionLabel | null {
    const mark = this.undone.pop();
    if (!mark) return null;
    this.store.apply(mark.diff, 'undo');
    const done = { ...mark, undone: false };
    this.done.push(done);
    this.tell({ put: [done], removed: [] });
    return mark.label;
  }

  /** The action that undo would take back, or null. */
  get nextUndo(): ActionLabel | null {
    return this.done.at(-1)?.label ?? null;
  }

  get nextRedo(): ActionLabel | null {
    return this.undone.at(-1)?.label ?? null;
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

function successor(id: string): string {
  const [time = '', counter = '0'] = id.split('-');
  return `${time}-${(parseInt(counter, 36) + 1).toString(36).padStart(4, '0')}`;
}
