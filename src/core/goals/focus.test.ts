import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { focusOf } from './focus';

/** Every choice of at most so many skills. */
function choices(skills: readonly number[], most: number): readonly (readonly number[])[] {
  const [skill, ...others] = skills;
  if (skill === undefined) return [[]];
  const without = choices(others, most);
  return [...without, ...without.filter((one) => one.length < most).map((one) => [skill, ...one])];
}

const width = (set: readonly number[]): number => Math.max(...set, 0) - Math.min(...set, 99);

test('no choice of skills serves more of a group, and of those that serve as many none lies closer together', () => {
  const rng = rngFromSeed(17);
  for (let run = 0; run < 300; run++) {
    const ladder = Array.from({ length: 1 + uniformInt(rng, 7) }, (_, at) => `k${at}`);
    const focus = 1 + uniformInt(rng, 4);
    const members = [...Array(1 + uniformInt(rng, 9)).keys()];
    const needOfStudent = Int32Array.from(members, () => uniformInt(rng, ladder.length + 1) - 1);
    const served = (set: readonly number[]) =>
      needOfStudent.filter((need) => set.includes(need)).length;
    const goal = { kind: 'needs' as const, weight: 1, ladder, focus, needOfStudent };
    const chosen = focusOf(goal, members);
    const all = choices([...ladder.keys()], focus);
    const most = Math.max(...all.map(served));
    expect({ run, served: served(chosen), fits: chosen.length <= focus }).toEqual({
      ...{ run, served: most, fits: true },
    });
    const useful = all.filter((set) => served(set) === most && set.length === chosen.length);
    if (chosen.length > 0) expect(width(chosen)).toBe(Math.min(...useful.map(width)));
  }
});

test('many skills in one large group are chosen at once', () => {
  const ladder = Array.from({ length: 400 }, (_, at) => `k${at}`);
  const needOfStudent = Int32Array.from({ length: 400 }, (_, at) => at);
  const goal = { kind: 'needs' as const, weight: 1, ladder, focus: 200, needOfStudent };
  expect(focusOf(goal, [...needOfStudent.keys()])).toHaveLength(200);
});
