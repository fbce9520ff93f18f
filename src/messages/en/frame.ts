import { PRODUCT } from '../product';
import { count, fullDay, listNames } from './words';

import type { Step } from './steps';

export const frame = {
  goneStudent: 'former student',
  section: 'section',
  goneDetail: 'a removed detail',
  product: PRODUCT,
  className: 'Name of the class',
  tagline: 'Fair groups from a class list, on your own machine',
  steps: 'Steps of the work',
  step: {
    roster: 'Roster',
    rules: 'Quiet rules',
    groups: 'Groups',
    term: 'Term',
    stage: 'Stage',
    show: 'Stage',
    handoff: 'Hand off',
    activities: 'Activities',
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
    newerUnsaved:
      'A newer Gruppetto was opened in another tab before the last changes here could be saved. They are still in this page: save everything as a file now, then load the page again and open that file.',
    cleared:
      'The browser has removed what this site had saved. All that was on the screen is still in this page: save it as a file now, then load the page again and open that file.',
  },
  rescue: 'Save everything as a file',
  rescueName: (day: string) => `gruppetto-everything-${day}.json`,
  rescued:
    'The file is in your downloads. On the shelf of classes, “Open a class file” brings it back.',
  loadAgain: 'Load this page again',
  /** In the menu of the installed application's icon. */
  shortcut: { last: 'The class opened last', stage: 'What the class sees' },
  newerReady: 'A newer Gruppetto is ready.',
  openNewer: 'Open it',
  openNewerHint: 'Everything is saved. Other tabs of Gruppetto open anew as well.',
  outOfStep:
    'This browser does not let tabs talk to each other: what another tab changes shows here when you come back to this one.',
  noClass: 'There is no class here.',
  noClassHint:
    'It may have been deleted in another tab, or be kept in another browser: a class stays where it was made.',
  noPage: 'There is nothing at this address.',
  noPageHint: 'Part of it may be missing. Your classes are kept in this browser, all on one shelf.',
  saveState: {
    saved: 'Saved',
    saving: 'Saving…',
    failed:
      'Could not save just now; the disk may be full. Everything is kept in this page and is being tried again.',
  },
  memoryOnly:
    'This browser keeps nothing: your classes last only until you close this tab. Allow site data to keep them.',
  unreadable: (count: number) =>
    `${count === 1 ? 'One saved entry' : `${count} saved entries`} could not be read and ${count === 1 ? 'was' : 'were'} left untouched.`,
  /** What a lineup is called until it is given a name. */
  freshLineup: fullDay,
  undoShort: 'Undo',
  partsTitle: 'This would change a lineup in use',
  parts: (action: string, students: number) =>
    `Taking this step (${action}) would part ${count(students, 'student')} from somebody they work with now.`,
  partsGo: 'Do it all the same',
  partsLeave: 'Leave it as it is',
  leavingTitle: 'Groups in use would lose somebody',
  leavingFrom: (name: string, group: string, lineup: string, others: readonly string[]) =>
    others.length === 0
      ? `${name} is alone in ${group} of ${lineup}.`
      : `${name} is in ${group} of ${lineup} with ${listNames(others)}, who would work on without them.`,
  leavingGo: 'Mark as left all the same',
  /** Told when Escape has taken back what was changed. */
  putBack: 'Put back as it was.',
  changeAfterAll: 'Change it after all',
  /** Parts of a class, as they stand in what another window did. */
  otherWindowPart: {
    groups: (lineup: string) => `the groups of ${lineup}`,
    lineup: (lineup: string) => `the lineup ${lineup}`,
    roster: 'the class list',
    rules: 'the quiet rules',
    term: 'what is planned',
    activities: 'the activities',
    adults: 'the adults',
    results: 'results on the skill ladder',
  },
  otherWindowDid: (parts: readonly string[]) =>
    `Changed in another window just now: ${listNames(parts)}.`,
  otherWindow: (lineup: string, students: number) =>
    `In another window groups of ${lineup} were changed: ${count(students, 'student')} lost somebody they work with.`,
  otherWindowBack: 'Put them back',
};
