import { rngFromSeed } from '../core/random/rng';
import { shuffle, uniformInt } from '../core/random/uniform';
import { StudentId } from '../schema/ids';
import { TERM_ORDERS, termOf, termRank, type TermLineup } from './term';

const id = (name: string): StudentId => StudentId.parse(`s_${name}`);
const ids = (text: string): StudentId[] =>
  text.split(' ').flatMap((one) => (one === '' ? [] : [id(one)]));

/** A lineup written as groups of names; the first of each group leads it. */
const lineup = (
  on: string | null,
  state: TermLineup['state'],
  ...groups: readonly string[]
): TermLineup => ({
  ...{ id: `l_${on}`, name: `Day ${on}`, on, state, counts: true },
  groups: groups.map((names, sign) => {
    const studentIds = ids(names);
    const [lead] = studentIds;
    return { ...{ sign, name: `G${sign}`, studentIds }, roles: lead ? { lead } : {} };
  }),
});

test('along a line: where somebody was, whom they met, how often again, and who led', () => {
  const term = termOf(
    [
      lineup('2026-10-08', 'used', 'c a', 'b d'),
      lineup('2026-10-01', 'used', 'a b', 'c d e'),
      lineup(null, 'planned', 'a b c', 'd e'),
    ],
    ids('a b c d e'),
  );
  expect(term.lineups.map(({ on }) => on)).toEqual(['2026-10-01', '2026-10-08', null]);
  const [a, , , , e] = term.rows;
  expect(a!.cells.map((cell) => cell && [cell.group, cell.roles.join(), cell.again])).toEqual([
    ['G0', 'lead', false],
    ['G0', '', false],
    ['G0', 'lead', true],
  ]);
  expect([a!.met, a!.willMeet, a!.repeats, { ...a!.turns }]).toEqual([2, 2, 2, { lead: 2 }]);
  expect([e!.cells[1], e!.met, e!.small]).toEqual([null, 2, 1]);
  expect(term.repeats).toEqual([0, 0, 3]);
  expect(term.mostMet.map((most) => Math.round(most * 10) / 10)).toEqual([1.6, 2.4, 4]);
  expect(term.meanMet.every((mean, at) => mean <= term.mostMet[at]!)).toBe(true);
  expect(term.together(id('b'), id('a'))).toEqual([0, 2]);
});

test('who is no longer in the class is in no line and no count', () => {
  const term = termOf([lineup('2026-10-01', 'used', 'a b c')], ids('a b'));
  expect(term.rows.map(({ met }) => met)).toEqual([1, 1]);
  expect(term.together(id('a'), id('c'))).toEqual([]);
});

/** The same figures, counted in the obvious way. */
function slowly(lineups: readonly TermLineup[], studentIds: readonly StudentId[]) {
  const inGroup = (at: number, one: StudentId) =>
    lineups[at]!.groups.find((group) => group.studentIds.includes(one));
  return studentIds.map((one) => {
    const times = studentIds.map((two) =>
      one === two
        ? 0
        : lineups.filter((_, at) => inGroup(at, one)?.studentIds.includes(two)).length,
    );
    const used = studentIds.filter(
      (two) =>
        one !== two &&
        lineups.some(
          ({ state }, at) => state === 'used' && inGroup(at, one)?.studentIds.includes(two),
        ),
    );
    return {
      met: used.length,
      willMeet: times.filter((count) => count > 0).length,
      repeats: times.reduce((sum, count) => sum + Math.max(0, count - 1), 0),
    };
  });
}

test('partners and repeats are those of a count made in the obvious way', () => {
  for (let seed = 1; seed <= 200; seed++) {
    const rng = rngFromSeed(seed);
    const all = ids('a b c d e f g h i');
    const lineups = Array.from({ length: 1 + uniformInt(rng, 6) }, (_, at): TermLineup => {
      const order = Int32Array.from(all.keys());
      shuffle(rng, order);
      const there = [...order].slice(0, 5 + uniformInt(rng, 5)).map((one) => all[one]!);
      const size = 2 + uniformInt(rng, 3);
      const groups = Array.from({ length: Math.ceil(there.length / size) }, (__, sign) => ({
        ...{ sign, name: `G${sign}`, roles: {} },
        studentIds: there.slice(sign * size, (sign + 1) * size),
      }));
      const state = at < 3 ? 'used' : 'planned';
      const counts = uniformInt(rng, 4) > 0;
      return { id: `l${at}`, name: '', on: `2026-10-0${at + 1}`, state, counts, groups };
    });
    const { rows, repeats } = termOf(lineups, all);
    expect({
      seed,
      rows: rows.map(({ met, willMeet, repeats: again }) => ({ met, willMeet, repeats: again })),
    }).toEqual({
      seed,
      rows: slowly(
        lineups.filter(({ counts }) => counts),
        all,
      ),
    });
    const over = rows.reduce((sum, row) => sum + row.repeats, 0);
    expect(repeats.reduce((sum, one) => sum + one, 0)).toBe(over / 2);
  }
});

test('what is planned comes after what was used, in the order of its days, without days last', () => {
  const term = termOf(
    [
      lineup(null, 'planned', 'a b'),
      lineup('2026-10-20', 'planned', 'a b'),
      lineup('2026-10-27', 'used', 'a b'),
      lineup('2026-10-13', 'planned', 'a b'),
    ],
    ids('a b'),
  );
  expect(term.lineups.map(({ on }) => on)).toEqual([
    ...['2026-10-27', '2026-10-13', '2026-10-20', null],
  ]);
});

test('rows are ordered by fewest partners, most repeats, most often in a small group, fewest turns as lead', () => {
  const { rows } = termOf(
    [
      lineup('2026-10-01', 'used', 'a b c', 'd e'),
      lineup('2026-10-08', 'used', 'a b c', 'e d'),
      lineup('2026-10-15', 'used', 'd a b', 'c e'),
    ],
    ids('a b c d e'),
  );
  const by = Object.fromEntries(
    TERM_ORDERS.map((order) => [order, rows.map((row) => termRank(row, order))]),
  );
  expect(by.met).toEqual([3, 3, 3, 3, 2]);
  // a and b were together three times, each with c twice.
  expect(by.repeats).toEqual([-3, -3, -2, -1, -1]);
  expect(by.small!.map((rank) => rank + 0)).toEqual([0, 0, -1, -2, -3]);
  expect(by.lead).toEqual([2, 0, 1, 2, 1]);
  expect(by.name).toEqual([0, 0, 0, 0, 0]);
  expect(by.section).toEqual(by.name);
});
