import type { Step } from './steps';

export const frame = {
  product: 'Gruppetto',
  tagline: 'Fair groups from a class list, on your own machine',
  steps: 'Steps of the work',
  step: {
    roster: 'Roster',
    rules: 'Quiet rules',
    groups: 'Groups',
    stage: 'Stage',
    handoff: 'Hand off',
  } satisfies Record<Step, string>,
  toShelf: 'All classes',
  skip: 'Skip to the work',
  show: 'Show on stage',
  keys: '? keys',
  loading: 'Opening your classes…',
  newer:
    'Your classes were last saved by a newer Gruppetto than this one. Nothing was changed. Open the newer one, or update this one and load the page again.',
  replaced:
    'A newer Gruppetto was opened in another tab. Everything is saved; load this page again to go on here.',
  noClass: 'There is no class here. It may have been deleted in another tab.',
  noPage: 'There is nothing at this address.',
  saveState: {
    saved: 'Saved',
    saving: 'Saving…',
    failed: 'Could not save just now. Everything is kept on screen and is being tried again.',
  },
  memoryOnly:
    'This browser keeps nothing: your classes last only until you close this tab. Allow site data to keep them.',
  unreadable: (count: number) =>
    `${count === 1 ? 'One saved entry' : `${count} saved entries`} could not be read and ${count === 1 ? 'was' : 'were'} left untouched.`,
  undo: (action: string | null) => (action ? `Undo: ${action} (Ctrl Z)` : 'Undo (Ctrl Z)'),
  redo: (action: string | null) => (action ? `Redo: ${action} (Ctrl Y)` : 'Redo (Ctrl Y)'),
  undoShort: 'Undo',
  undone: (action: string) => `Undone: ${action}.`,
  redone: (action: string) => `Done again: ${action}.`,
  nothingToUndo: 'There is nothing to undo.',
  nothingToRedo: 'There is nothing to redo.',
};

/** What each action is called beside undo and redo. */
export const actions = {
  createClass: 'new class',
  renameClass: 'rename the class',
  deleteClass: 'delete the class',
  addStudents: 'add students',
  editStudent: 'edit a student',
  attendance: 'who is here',
  removeStudent: 'remove a student',
  addRule: 'new quiet rule',
  editRule: 'change a quiet rule',
  removeRule: 'remove a quiet rule',
  createLineup: 'new lineup',
  renameLineup: 'rename the lineup',
  deleteLineup: 'delete the lineup',
  changeRecipe: 'change the recipe',
  shuffle: 'shuffle',
  bringBackTake: 'bring back a take',
  deleteTake: 'remove a take',
  moveStudent: 'move a student',
  undealTake: 'put back as dealt',
};

export const keyMap = {
  title: 'Keys',
  letters: 'Single letters and figures act as keys',
  keys: [
    [['R'], 'Make the groups, or reshuffle them'],
    [[',', '.'], 'Earlier and later take'],
    [['←', '→', '↑', '↓'], 'From tile to tile'],
    [['↵'], 'Select the student'],
    [['1', '…', '9'], 'Move the student to that group'],
    [['0'], 'Put the student aside'],
    [['Alt ↑', 'Alt ↓'], 'Move the student one group up or down'],
    [['Ctrl Z', 'Ctrl Y'], 'Undo and redo'],
    [['L', 'Q', 'G', 'S', 'H'], 'Roster, quiet rules, groups, stage, hand off'],
    [['F', 'B'], 'On stage: full screen, back'],
    [['?'], 'These keys'],
  ] as readonly (readonly [keys: readonly string[], what: string])[],
};
