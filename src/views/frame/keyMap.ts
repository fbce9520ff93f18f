/** One key of the application. */
interface KeyUse {
  /** How it is pressed, as tinykeys writes it; several do the same. */
  readonly press: readonly string[];
  /** How it is shown beside what it does, and in the list of keys. */
  readonly shown: readonly string[];
  /** The line of the list of keys that tells of it; null for what needs no line of its own. */
  readonly line: KeyLine | null;
}

/** The lines of the list of keys, in their order. */
export const KEY_LINES = [
  ...(['make', 'takes', 'look', 'select', 'toRow', 'aside', 'gone', 'selectMore'] as const),
  ...(['swap', 'pin', 'visit', 'drawer'] as const),
  ...(['neighbour', 'roll', 'rosterRow', 'pair', 'undo', 'steps', 'keys'] as const),
  ...([
    'scenes',
    'switchNames',
    'next',
    'clock',
    'draw',
    'showNew',
    'appearance',
    'stage',
  ] as const),
] as const;
export type KeyLine = (typeof KEY_LINES)[number];

const key = (press: string, line: KeyLine | null, shown = press.toUpperCase()): KeyUse => ({
  press: [press],
  shown: [shown],
  line,
});

/** Every key, by what it does: the handlers, the hints beside controls and the list of keys all come from here. */
export const KEYS = {
  make: key('r', 'make'),
  earlierTake: key(',', 'takes'),
  laterTake: key('.', 'takes'),
  look: {
    press: ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End'],
    shown: ['←', '→', '↑', '↓'],
    line: 'look',
  },
  select: key('Enter', 'select', '↵'),
  toRow: {
    press: ['1', '2', '3', '4', '5', '6', '7', '8', '9'],
    shown: ['1', '…', '9'],
    line: 'toRow',
  },
  aside: key('0', 'aside'),
  gone: key('m', 'gone'),
  selectMore: key('Shift+Enter', 'selectMore', '⇧ ↵'),
  swap: key('x', 'swap'),
  pin: key('p', 'pin'),
  visit: key('v', 'visit'),
  toDrawer: key('d', 'drawer'),
  rowUp: key('Alt+ArrowUp', 'neighbour', 'Alt ↑'),
  rowDown: key('Alt+ArrowDown', 'neighbour', 'Alt ↓'),
  roll: key('a', 'roll'),
  hereOrNot: key('x', 'rosterRow'),
  openStudent: key('o', 'rosterRow'),
  pairApart: key('a', 'pair'),
  pairTogether: key('t', 'pair'),
  pairNeither: { press: ['Delete', 'Backspace'], shown: ['Del'], line: 'pair' },
  undo: key('$mod+z', 'undo', 'Ctrl Z'),
  redo: { press: ['$mod+y', '$mod+Shift+z'], shown: ['Ctrl Y'], line: 'undo' },
  roster: key('l', 'steps'),
  rules: key('q', 'steps'),
  groups: key('g', 'steps'),
  term: key('e', 'steps'),
  showStage: key('s', 'steps'),
  handoff: key('h', 'steps'),
  activities: key('w', 'steps'),
  scene: {
    press: ['1', '2', '3', '4', '5', '6', '7'],
    shown: ['1', '…', '7'],
    line: 'scenes',
  },
  switchNames: key('v', 'switchNames'),
  next: { press: ['ArrowRight', 'PageDown'], shown: ['→'], line: 'next' },
  previous: { press: ['ArrowLeft', 'PageUp'], shown: ['←'], line: 'next' },
  pressClock: key('c', 'clock'),
  moreTime: key(']', 'clock'),
  lessTime: key('[', 'clock'),
  draw: key('d', 'draw'),
  undraw: key('u', 'draw'),
  reshuffle: key('r', 'showNew'),
  showNew: key('n', 'showNew'),
  follow: key('o', 'showNew'),
  beside: key('i', 'appearance'),
  larger: { press: ['+', '=', 'Shift++'], shown: ['+'], line: 'appearance' },
  smaller: key('-', 'appearance'),
  contrast: key('k', 'appearance'),
  light: key('l', 'appearance'),
  fullScreen: key('f', 'stage'),
  back: { press: ['b', 'Escape'], shown: ['B'], line: 'stage' },
  takeIn: { press: ['Control+Enter', 'Meta+Enter'], shown: ['Ctrl ↵'], line: null },
  done: key('Escape', null, 'Esc'),
  keys: { press: ['?', 'Shift+?'], shown: ['?'], line: 'keys' },
} as const satisfies Readonly<Record<string, KeyUse>>;

export type KeyName = keyof typeof KEYS;

/** How the keys of a line are shown, in the order in which they stand above. */
export function shownOn(line: KeyLine): readonly string[] {
  return Object.values<KeyUse>(KEYS).flatMap((use) => (use.line === line ? use.shown : []));
}

interface Pressed {
  readonly key: string;
  readonly altKey: boolean;
  readonly ctrlKey: boolean;
  readonly metaKey: boolean;
  readonly shiftKey: boolean;
}

/** Whether an event on an element is the press of a key; letters whatever their case. */
export function isKey(name: KeyName, event: Pressed): boolean {
  const held = { Alt: event.altKey, Control: event.ctrlKey, Meta: event.metaKey };
  return (KEYS[name].press as readonly string[]).some((press) => {
    const parts = press.split('+');
    const last = parts.pop() ?? '';
    const asked = (modifier: string): boolean => parts.includes(modifier);
    return (
      event.key.toLowerCase() === last.toLowerCase() &&
      Object.entries(held).every(([modifier, down]) => down === asked(modifier)) &&
      // A letter with Shift is the same letter; a key that is told apart by Shift says so.
      (!asked('Shift') || event.shiftKey)
    );
  });
}
