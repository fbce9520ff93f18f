import { isKey, KEY_LINES, KEYS, shownOn, type KeyName } from './keyMap';

const press = (
  key: string,
  held: Partial<Record<'altKey' | 'ctrlKey' | 'shiftKey', true>> = {},
) => ({
  ...{ key, altKey: false, ctrlKey: false, metaKey: false, shiftKey: false },
  ...held,
});

test('every line of the list of keys tells of a key, and every key is shown', () => {
  for (const line of KEY_LINES) expect(shownOn(line).length).toBeGreaterThan(0);
  for (const { press: keys, shown } of Object.values(KEYS)) {
    expect(Math.min(keys.length, shown.length)).toBeGreaterThan(0);
  }
  expect(shownOn('steps')).toEqual(['L', 'Q', 'G', 'E', 'S', 'H', 'W']);
});

test.each<[KeyName, ReturnType<typeof press>, boolean]>([
  ['swap', press('x'), true],
  ['swap', press('X', { shiftKey: true }), true],
  ['swap', press('x', { ctrlKey: true }), false],
  ['swap', press('x', { altKey: true }), false],
  ['toRow', press('4'), true],
  ['toRow', press('0'), false],
  ['rowUp', press('ArrowUp', { altKey: true }), true],
  ['rowUp', press('ArrowUp'), false],
  ['look', press('ArrowUp', { altKey: true }), false],
  ['takeIn', press('Enter', { ctrlKey: true }), true],
  ['takeIn', press('Enter'), false],
  ['selectMore', press('Enter'), false],
  ['selectMore', press('Enter', { shiftKey: true }), true],
])('%s is pressed by %j: %s', (name, event, is) => {
  expect(isKey(name, event)).toBe(is);
});

test('of the keys that are heard everywhere on the bench no two are pressed alike', () => {
  const everywhere: readonly KeyName[] = [
    ...(['make', 'earlierTake', 'laterTake', 'undo', 'redo', 'roster', 'rules'] as const),
    ...(['groups', 'showStage', 'handoff', 'keys', 'roll', 'term', 'activities'] as const),
    ...(['pin', 'swap', 'gone', 'visit', 'toDrawer'] as const),
  ];
  const presses = everywhere.flatMap((name) => [...KEYS[name].press]);
  expect(new Set(presses).size).toBe(presses.length);
});
