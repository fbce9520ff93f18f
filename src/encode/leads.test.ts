import { rngFromSeed, type Rng } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { MOST_AT_ONCE, newAdult, type AdultRecord } from '../schema/adult';
import { AdultId, ClassId, PeriodId } from '../schema/ids';
import {
  afterChanges,
  beyondAll,
  giveLeads,
  leadTroubles,
  notTaught,
  wayOutOf,
  type LeadChange,
  type Leading,
  type Leads,
} from './leads';
import { idOf, idsOf } from './testBench';

const time = (name: string): PeriodId => PeriodId.parse(name);
const SKILLS = ['maps', 'gauges', 'plots'];

/** An adult whose id is the name, at these times. */
const adult = (name: string, times: string, known: Partial<AdultRecord> = {}): AdultRecord => ({
  ...newAdult(AdultId.parse(name), ClassId.parse('c'), 1, { name, email: '' }),
  times: times.split(' ').filter(Boolean).map(time),
  ...known,
});
const group = (key: string, names: string, focus: string[] = []) => ({
  ...{ key, studentIds: idsOf(names), focus },
});
const leading = (known: Partial<Leading>): Leading => ({
  ...{ groups: [], adults: [], periods: [time('mon'), time('tue')], last: new Map() },
  ...known,
});
/** `key: adult time`, the groups in order. */
const said = (leads: Leads): string =>
  Object.entries(leads)
    .map(([key, { adultId, periodId }]) => `${key}: ${adultId ?? '-'} ${periodId ?? '-'}`)
    .join(', ');

/** What a giving costs, one after the other: groups without, skills untaught, unevenness, students with somebody new. */
function costOf({ groups, adults, last }: Leading, leads: Leads): readonly number[] {
  const led = groups.flatMap((one) => {
    const own = adults.find(({ id }) => id === leads[one.key]?.adultId);
    return own ? [{ ...one, own }] : [];
  });
  return [
    groups.length - led.length,
    led.reduce((sum, one) => sum + notTaught(one.own, one).length, 0),
    adults.reduce((sum, { id }) => sum + led.filter(({ own }) => own.id === id).length ** 2, 0),
    led.reduce(
      (sum, { own, studentIds }) => sum + studentIds.filter((id) => last.get(id) !== own.id).length,
      0,
    ),
  ];
}

const isLess = (one: readonly number[], two: readonly number[]): boolean => {
  const at = one.findIndex((value, place) => value !== two[place]);
  return at >= 0 && (one[at] ?? 0) < (two[at] ?? 0);
};

/** The slow twin: every adult at every time for every group, or none. */
function best(of: Leading): readonly number[] {
  let found: readonly number[] = [Infinity];
  const give = (at: number, leads: Leads): void => {
    const own = of.groups[at];
    if (!own) {
      const wrong = Object.values(leadTroubles(of, leads))
        .flat()
        .some(({ code }) => code !== 'notTaught');
      if (wrong) return;
      const cost = costOf(of, leads);
      if (isLess(cost, found)) found = cost;
      return;
    }
    give(at + 1, leads);
    for (const { id } of of.adults) {
      for (const periodId of of.periods) {
        give(at + 1, { ...leads, [own.key]: { adultId: id, periodId, locked: false } });
      }
    }
  };
  give(0, {});
  return found;
}

function someLeading(rng: Rng): Leading {
  const names = 'Ana Bo Caro Dov Eli Fay Gus Hana';
  const some = <T>(of: readonly T[]): T[] => of.filter(() => uniformInt(rng, 2) === 0);
  const adults = ['x', 'y', 'z'].slice(0, 1 + uniformInt(rng, 3)).map((name) =>
    adult(name, some(['mon', 'tue']).join(' '), {
      atOnce: 1 + uniformInt(rng, 2),
      skills: some(SKILLS),
      never: idsOf(names).filter(() => uniformInt(rng, 7) === 0),
    }),
  );
  const groups = Array.from({ length: 1 + uniformInt(rng, 4) }, (_, at) =>
    group(
      String(at),
      names
        .split(' ')
        .slice(2 * at, 2 * at + 2)
        .join(' '),
      some(SKILLS),
    ),
  );
  const last = new Map(
    idsOf(names).map((id) => [id, adults[uniformInt(rng, adults.length)]!.id] as const),
  );
  return leading({ groups, adults, last });
}

test('no giving has an adult for more groups, nor teaches more, nor is evener, nor keeps more: in this order', () => {
  const rng = rngFromSeed(1);
  for (let run = 0; run < 100; run++) {
    const of = someLeading(rng);
    const { leads, without } = giveLeads(of, {});
    expect(costOf(of, leads)).toEqual(best(of));
    expect(without).toHaveLength(costOf(of, leads)[0] ?? -1);
    const codes = Object.values(leadTroubles(of, leads)).flat();
    expect(codes.filter(({ code }) => code !== 'notTaught')).toEqual([]);
  }
});

test('the way out does what it says: with it every group has an adult, and with fewer changes none would', () => {
  const rng = rngFromSeed(2);
  let seen = 0;
  for (let run = 0; run < 100; run++) {
    const of = someLeading(rng);
    const wayOut = wayOutOf(of, {});
    if (!wayOut || wayOut.length === 0) continue;
    seen++;
    const served = (changes: readonly LeadChange[]): boolean =>
      giveLeads({ ...of, adults: afterChanges(of.adults, changes) }, {}).without.length === 0;
    expect(served(wayOut)).toBe(true);
    // The slow twin: every set of fewer changes; private rules are no way out where there is another.
    const isPrivate = wayOut.some(({ what }) => what === 'letLead');
    const all = of.adults.flatMap(({ id, never }): LeadChange[] => [
      ...of.periods.map((periodId): LeadChange => ({ what: 'time', adultId: id, periodId })),
      { what: 'atOnce', adultId: id },
      ...(isPrivate ? [{ what: 'letLead' as const, adultId: id, studentIds: never }] : []),
    ]);
    const anyOf = (from: number, left: number, chosen: readonly LeadChange[]): boolean =>
      served(chosen) ||
      (left > 0 &&
        all.some((change, at) => at >= from && anyOf(at, left - 1, [...chosen, change])));
    expect(anyOf(0, wayOut.length - 1, [])).toBe(false);
  }
  expect(seen).toBeGreaterThan(20);
});

test('too few adults at too few times: who is short, and that one more time is enough', () => {
  const of = leading({
    groups: [group('1', 'Ana'), group('2', 'Bo'), group('3', 'Caro')],
    adults: [adult('x', 'mon'), adult('y', 'mon')],
  });
  const { without, short } = giveLeads(of, {});
  expect(without).toHaveLength(1);
  expect(beyondAll(of, {})).toEqual([]);
  expect([...short.keys].sort()).toEqual(['1', '2', '3']);
  expect(short.adultIds).toEqual(['x', 'y']);
  expect(wayOutOf(of, {})).toEqual([{ what: 'time', adultId: 'x', periodId: 'tue' }]);
});

test('a group that nobody may lead is told apart, and a private rule is let go last', () => {
  const of = leading({
    groups: [group('1', 'Ana Bo')],
    adults: [adult('x', 'mon tue', { never: [idOf('Ana')] })],
  });
  expect(beyondAll(of, {})).toEqual(['1']);
  expect(wayOutOf(of, {})).toEqual([{ what: 'letLead', adultId: 'x', studentIds: ['Ana'] }]);
  const free = leading({ ...of, adults: [...of.adults, adult('y', '')] });
  expect(wayOutOf(free, {})).toEqual([{ what: 'time', adultId: 'y', periodId: 'mon' }]);
});

test('what is locked stays, and counts for what its adult has; a locked time waits for an adult', () => {
  const of = leading({
    groups: [group('1', 'Ana'), group('2', 'Bo'), group('3', 'Caro')],
    adults: [adult('x', 'mon tue'), adult('y', 'mon tue')],
  });
  const before: Leads = {
    '1': { adultId: AdultId.parse('x'), periodId: time('mon'), locked: true },
    '2': { adultId: null, periodId: time('mon'), locked: true },
  };
  const { leads } = giveLeads(of, before);
  expect(said(leads)).toMatch(/^1: x mon, 2: y mon, 3: [xy] tue$/);
  expect(leads['2']?.locked).toBe(true);
});

test('an adult with no time, and no adult at all, are no error', () => {
  const groups = [group('1', 'Ana')];
  const nobody = leading({ groups });
  expect([giveLeads(nobody, {}).without, wayOutOf(nobody, {})]).toEqual([['1'], null]);
  const never = leading({ groups, adults: [adult('x', '')], periods: [] });
  expect([giveLeads(never, {}).without, beyondAll(never, {})]).toEqual([['1'], ['1']]);
  expect(wayOutOf(never, {})).toBeNull();
  expect(giveLeads(leading({}), {})).toMatchObject({ leads: {}, without: [] });
  expect(wayOutOf(leading({}), {})).toEqual([]);
});

test('by hand everything is possible, and what is wrong with it is told', () => {
  const of = leading({
    groups: [group('1', 'Ana', ['maps']), group('2', 'Bo')],
    adults: [adult('x', 'mon', { skills: ['plots'], never: [idOf('Ana')] })],
  });
  const lead = { adultId: AdultId.parse('x'), periodId: time('tue'), locked: false };
  expect(leadTroubles(of, { '1': lead, '2': lead })).toEqual({
    '1': [
      { code: 'cannotThen' },
      { code: 'tooMany', atOnce: 1, given: 2 },
      { code: 'never', studentIds: ['Ana'] },
      { code: 'notTaught', skills: ['maps'] },
    ],
    '2': [{ code: 'cannotThen' }, { code: 'tooMany', atOnce: 1, given: 2 }],
  });
});

test('nobody is said to lead more at once than an adult can be said to, and only those asked for are let lead', () => {
  const full = adult('x', 'mon', { atOnce: MOST_AT_ONCE, never: idsOf('Ana Zoe') });
  const names = Array.from({ length: MOST_AT_ONCE + 2 }, (_, at) => `S${at}`);
  const of = leading({
    adults: [full],
    groups: names.map((name, at) => group(String(at), name)),
  });
  expect(wayOutOf(of, {})).toEqual([{ what: 'time', adultId: 'x', periodId: 'tue' }]);
  const [after] = afterChanges(
    [full],
    [
      { what: 'atOnce', adultId: full.id },
      { what: 'letLead', adultId: full.id, studentIds: idsOf('Ana') },
    ],
  );
  expect([after?.atOnce, after?.never]).toEqual([MOST_AT_ONCE, ['Zoe']]);
});

test('two changes are found where one is not enough, also one of them twice', () => {
  // Three groups and one adult who leads one at one time: both a time more and one more at once are needed.
  const groups = ['1', '2', '3'].map((key) => group(key, `S${key}`));
  const one = leading({ groups, adults: [adult('x', 'mon')], periods: [time('mon')] });
  const way = wayOutOf(one, {});
  expect(way).toHaveLength(2);
  const then = { ...one, adults: afterChanges(one.adults, way ?? []) };
  expect([beyondAll(one, {}), giveLeads(then, {}).without]).toEqual([[...beyondAll(one, {})], []]);
});

test('an adult with as many groups at a time as they lead at once has none too many, nor has one whose time is open', () => {
  const of = leading({
    groups: ['1', '2', '3'].map((key) => group(key, `S${key}`)),
    adults: [adult('x', 'mon', { atOnce: 2 })],
  });
  const at = (periodId: PeriodId | null) => ({
    adultId: AdultId.parse('x'),
    periodId,
    locked: false,
  });
  expect(leadTroubles(of, { '1': at(time('mon')), '2': at(time('mon')) })).toEqual({});
  expect(leadTroubles(of, { '1': at(null), '2': at(null), '3': at(null) })).toEqual({
    '1': [{ code: 'cannotThen' }],
    '2': [{ code: 'cannotThen' }],
    '3': [{ code: 'cannotThen' }],
  });
});
