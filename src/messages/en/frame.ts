import { count } from './words';

import type { Step } from './steps';

export const frame = {
  product: 'Gruppetto',
  className: 'Name of the class',
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
  slow: 'Your browser has not handed over your classes yet. Nothing is lost; this page goes on waiting. If it takes much longer, close other tabs of Gruppetto, or start the browser anew.',
  newer:
    'Your classes were last saved by a newer Gruppetto than this one. Nothing was changed. Open the newer one, or load this page again once this one is up to date.',
  unread: (why: string) =>
    `Your classes are on this device, but the browser could not read them just now. Nothing was changed or written over. Load this page again; if that does not help, start the browser anew. (The browser says: ${why})`,
  ended: {
    newerOpened:
      'A newer Gruppetto was opened in another tab. Everything is saved; load this page again to go on here.',
    cleared:
      'The browser has removed what this site had saved. All that was on the screen is still in this page: save it as a file now, then load the page again and open that file.',
  },
  rescue: 'Save everything as a file',
  rescueName: (day: string) => `gruppetto-everything-${day}.json`,
  rescued:
    'The file is in your downloads. On the shelf of classes, “Open a class file” brings it back.',
  loadAgain: 'Load this page again',
  outOfStep:
    'This browser does not let tabs talk to each other: what another tab changes shows here when you come back to this one.',
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
  partsTitle: 'This would change a lineup in use',
  parts: (action: string, students: number) =>
    `Taking this step (${action}) would part ${count(students, 'student')} from somebody they work with now.`,
  partsGo: 'Do it all the same',
  partsLeave: 'Leave it as it is',
  nothingToUndo: 'There is nothing to undo.',
  nothingToRedo: 'There is nothing to redo.',
};

/** What each action is called beside undo and redo. */
export const actions = {
  createClass: 'new class',
  renameClass: 'rename the class',
  editClass: 'change the class',
  copyClass: 'copy the class',
  poolClasses: 'pool classes',
  openBackup: 'open a class file',
  deleteClass: 'delete the class',
  addStudents: 'add students',
  editStudent: 'edit a student',
  attendance: 'who is here',
  leaveClass: 'a student has left',
  restoreStudent: 'take a student back',
  deleteStudent: 'delete a student',
  mergeStudents: 'two rows for one student',
  settleDoubt: 'settle a doubt',
  editSections: 'change the sections',
  editDetails: 'change the details',
  editFilters: 'change who is left out',
  editStaff: 'change the staff',
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
  starTake: 'star a take',
  swapStudents: 'swap two students',
  editGroups: 'change the groups',
  renameGroup: 'rename a group',
  lockGroup: 'lock a group',
  giveRoles: 'give roles',
  pin: 'pin students',
  nameGroups: 'name the groups',
  lineupState: 'draft, in use or retired',
  lineupUsed: 'used or not',
  saveRecipe: 'keep a recipe',
};

export const keyMap = {
  title: 'Keys',
  letters: 'Single letters and figures act as keys',
  lines: {
    make: 'Make the groups, or reshuffle them',
    takes: 'Earlier and later take',
    look: 'From tile to tile',
    select: 'Select the student',
    toRow: 'Move the student to that group',
    aside: 'Put the student aside',
    selectMore: 'Select one more, student or group',
    swap: 'Swap the selected student with the one in focus',
    pin: 'Pin the student, or unpin',
    neighbour: 'Move the student one group up or down',
    roll: 'Roster: call the roll',
    rosterRow: 'Roster: here or not, more about the student',
    pair: 'Quiet rules: keep two apart, together, or neither',
    undo: 'Undo and redo',
    steps: 'Roster, quiet rules, groups, stage, hand off',
    stage: 'On stage: full screen, show new groups, back',
    keys: 'These keys',
  },
};
