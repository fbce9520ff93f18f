import type { SceneName } from '../../schema/scene';

/** 754 seconds as 12:34, from an hour on as 1:02:03. */
function clockFigures(seconds: number): string {
  const two = (value: number): string => String(value).padStart(2, '0');
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const end = two(seconds % 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${end}` : `${minutes}:${end}`;
}

const stage = {
  nothing: 'No lineup yet',
  empty: 'The groups will stand here as soon as they are made.',
  groups: 'Groups',
  lead: 'lead',
  withLead: 'with a lead',
  openPlace: (host: string) => `open ${host}`,
  letters: 'Jump to a letter',
  page: (page: number, pages: number) => `page ${page} of ${pages}`,
  scenesLegend: 'What is shown',
  scenes: {
    byGroup: 'By group',
    byName: 'By name',
    instructions: 'Instructions',
    clock: 'Clock',
    stations: 'Stations',
    jigsaw: 'Jigsaw',
    pick: 'Draw',
  } satisfies Record<SceneName, string>,
  controls: 'Controls of the stage',
  turn: (turn: number, turns: number) => `Turn ${turn} of ${turns}`,
  nextTurn: 'Next turn',
  station: (number: number) => `Station ${number}`,
  break: 'Break',
  noStations: 'No stations have been planned for these groups.',
  sides: {
    home: 'Home groups: go to your experts',
    experts: 'Expert groups: go back home',
  },
  otherSide: { home: 'Send to the experts', experts: 'Send back home' },
  noExperts: 'No expert groups have been made for these groups.',
  more: 'More',
  next: 'Next',
  revealAll: 'Show all',
  reveal: { group: 'Reveal group by group', name: 'Reveal name by name' },
  clock: {
    none: 'No time is set.',
    figures: clockFigures,
    still: 'stands still',
    warning: 'nearly over',
    over: 'Time is up',
    start: 'Start the clock',
    pause: 'Pause',
    more: 'One minute more',
    less: 'One minute less',
    remove: 'Put the clock away',
    sound: 'With sound',
  },
  pick: {
    none: 'Who will it be?',
    student: 'Draw a student',
    group: 'Draw a group',
    each: 'One of each group',
    back: 'Take the draw back',
    round: 'Order: nobody twice before all have come',
    least: 'Order: those drawn least first',
    left: (left: number, of: number) =>
      left === of ? `All ${of} are still to come.` : `${left} of ${of} are still to come.`,
  },
  beside: 'Instructions beside',
  larger: 'Larger type',
  smaller: 'Smaller type',
  contrast: 'High contrast',
  reshuffle: 'Reshuffle',
  staying: 'The groups stay as they are.',
  fullRefused: 'This browser does not allow full screen here. Everything else works as before.',
  sleeps: 'This browser lets the screen go to sleep; nothing else is different.',
  silent:
    'This browser plays no sound before a key is pressed here. The clock is seen all the same.',
  showNew: 'Show what is new',
  live: 'Follow the bench',
  hold: 'Hold what is shown',
  full: 'Full screen',
  leaveFull: 'Leave full screen',
  back: 'Back',
};

/** Of files that are saved. */
const files = {
  /** Letters and figures of any script, joined by hyphens. */
  stem: (className: string, lineup: string) =>
    `${className} ${lineup}`
      .toLocaleLowerCase('en')
      .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 80) || 'groups',
  saved: (name: string) => `Saved as ${name}.`,
};

export const outEn = { files, stage };
