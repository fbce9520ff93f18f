import type { SceneName } from '../../schema/scene';

const stage = {
  lead: 'lead',
  withLead: 'with a lead',
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
  nextTurn: 'Next turn',
  otherSide: { home: 'Send to the experts', experts: 'Send back home' },
  more: 'More',
  next: 'Next',
  revealAll: 'Show all',
  reveal: { group: 'Reveal group by group', name: 'Reveal name by name' },
  clock: {
    start: 'Start the clock',
    pause: 'Pause',
    more: 'One minute more',
    less: 'One minute less',
    remove: 'Put the clock away',
    sound: 'With sound',
  },
  pick: {
    student: 'Draw a student',
    group: 'Draw a group',
    each: 'One of each group',
    back: 'Take the draw back',
    round: 'Order: nobody twice before all have come',
    least: 'Order: those drawn least first',
  },
  beside: 'Instructions beside',
  larger: 'Larger type',
  smaller: 'Smaller type',
  contrast: 'High contrast',
  light: { day: 'Light', night: 'Dark' },
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
