import { drawOne, stillToDraw, type DrawOrder, type PastDraw } from './drawing';

const CLASS = ['Ana', 'Bo', 'Caro', 'Dov', 'Eli'];

function drawn(
  order: DrawOrder,
  times: number,
  here: (draw: number) => readonly string[],
  seed = 1,
  past: PastDraw<string>[] = [],
) {
  for (let draw = 0; draw < times; draw++) {
    const one = drawOne(here(draw), past, order, seed * 1000 + draw);
    if (one) past.push(one);
  }
  return past.map((one) => one.drawn);
}

test('nobody comes twice before all have come', () => {
  for (let seed = 1; seed <= 30; seed++) {
    const past = drawn('round', 15, () => CLASS, seed);
    for (let round = 0; round < 3; round++) {
      expect(past.slice(round * 5, round * 5 + 5).sort()).toEqual(CLASS);
    }
  }
});

test('whoever is away never comes, and is to come like the others once they are back', () => {
  const here = (draw: number) => (draw < 6 ? CLASS.slice(0, 4) : CLASS);
  for (let seed = 1; seed <= 20; seed++) {
    const past = drawn('round', 9, here, seed);
    expect(past.slice(0, 4).sort()).toEqual(CLASS.slice(0, 4));
    expect(past.slice(0, 6)).not.toContain('Eli');
    expect(past.slice(4).sort()).toEqual(CLASS);
  }
});

test('a newcomer comes once in the round under way, not until they have caught up', () => {
  const past: PastDraw<string>[] = [];
  drawn('round', 11, () => CLASS, 3, past);
  const [again] = past.slice(10);
  const withFay = [...CLASS, 'Fay'];
  const { pool } = stillToDraw(withFay, past, 'round');
  expect(pool).toEqual(withFay.filter((one) => one !== again?.drawn));
  const later = drawn('round', 5, () => withFay, 4, past);
  expect(later.slice(11).sort()).toEqual([...pool].sort());
});

test('a small group that has come round begins anew without the class waiting for it', () => {
  const past = ['Ana', 'Bo'].map((one) => ({ drawn: one, round: 1 }));
  const again = drawOne(['Ana', 'Bo'], past, 'round', 5);
  expect(again?.round).toBe(2);
  expect(stillToDraw(CLASS, [...past, again!], 'round').pool).not.toContain(again?.drawn);
});

test('least first takes only those who have come least often', () => {
  const past = ['Ana', 'Bo', 'Ana', 'Caro', 'Dov'].map((one) => ({ drawn: one, round: 1 }));
  expect(stillToDraw(CLASS, past, 'least').pool).toEqual(['Eli']);
  expect(stillToDraw(CLASS, [...past, { drawn: 'Eli', round: 1 }], 'least').pool).toEqual([
    ...['Bo', 'Caro', 'Dov', 'Eli'],
  ]);
});

test('where nobody is here nobody is drawn', () => {
  expect(drawOne([], [{ drawn: 'Ana', round: 1 }], 'round', 1)).toBeUndefined();
  expect(drawOne([], [], 'least', 1)).toBeUndefined();
});

test('each of those still to come has the same chance', () => {
  const times = new Map<string, number>();
  const runs = 6_000;
  for (let seed = 0; seed < runs; seed++) {
    const one = drawOne(CLASS, [{ drawn: 'Bo', round: 1 }], 'round', seed)?.drawn ?? '';
    times.set(one, (times.get(one) ?? 0) + 1);
  }
  expect([...times.keys()].sort()).toEqual(['Ana', 'Caro', 'Dov', 'Eli']);
  const expected = runs / 4;
  const chi = [...times.values()].reduce((sum, n) => sum + (n - expected) ** 2 / expected, 0);
  // 3 degrees of freedom; 16.3 is passed once in a thousand.
  expect(chi).toBeLessThan(16.3);
});
