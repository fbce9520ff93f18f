import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { emptyClass } from '../schema/classRecord';
import { ClassId, LineupId, RuleId, TakeId, type StudentId } from '../schema/ids';
import { newLineup } from '../schema/lineup';
import type { RuleRecord } from '../schema/rule';
import { newGroup, type TakeRecord } from '../schema/take';
import { auditOf, type AuditedClass } from './audit';
import { idOf, idsOf, student } from './testBench';

const classId = ClassId.parse('c');
const NAMES = 'ana bo caro dov eli fen'.split(' ');

function lineup(
  name: string,
  groups: readonly string[],
  on: string | null,
  here: string | null = null,
) {
  const record = newLineup(LineupId.parse(name), classId, name, '');
  const take: TakeRecord = {
    ...{ record: 'take', id: TakeId.parse(`t ${name}`), lineupId: record.id, classId },
    ...{
      number: 1,
      seed: 0,
      dealt: null,
      starred: false,
      madeBy: null,
      createdAt: '2026-11-26T10:00:00Z',
    },
    groups: groups.map((ids, sign) => newGroup(`G${sign}`, sign, idsOf(ids))),
  };
  const used = on === null ? null : { on, here: here === null ? null : idsOf(here), again: [] };
  return { take, record: { ...record, takeId: take.id, used } };
}

const apart = (ids: string, until: string | null = null): RuleRecord => ({
  ...{ record: 'rule', id: RuleId.parse(`r ${ids}`), classId, kind: 'apart' },
  ...{ studentIds: idsOf(ids), reason: '', until, order: 1 },
});

function audited(
  made: readonly ReturnType<typeof lineup>[],
  rules: readonly RuleRecord[] = [],
): AuditedClass {
  return {
    theClass: emptyClass(classId, 'Crew', ''),
    students: NAMES.map((name, i) => student(name, i)),
    rules,
    lineups: made.map(({ record }) => record),
    takes: made.map(({ take }) => take),
    today: '2026-11-26',
  };
}

test('who is in two groups, in none, or unknown to the class is counted', () => {
  const [one] = auditOf(audited([lineup('W1', ['ana bo', 'caro ana gone'], null)])).lineups;
  expect(one).toMatchObject({ placed: 2, twice: ['ana'], lost: 1, aside: idsOf('dov eli fen') });
});

test('rules are counted as they held on the lineup’s day, about those who were there', () => {
  const rules = [
    apart('ana bo'),
    apart('caro dov', '2026-10-01'),
    apart('eli fen'),
    apart('eli gone'),
  ];
  const made = [
    lineup('W1', ['ana bo', 'caro dov', 'eli fen'], '2026-09-10', 'ana bo caro dov eli'),
    lineup('W2', ['ana bo', 'caro dov', 'eli fen'], null),
  ];
  expect(auditOf(audited(made, rules)).lineups.map((one) => one.rules)).toEqual([
    { kept: 0, broken: 2 },
    { kept: 0, broken: 2 },
  ]);
});

test('a role of somebody who is not in the group is told', () => {
  const { take, record } = lineup('W1', ['ana bo', 'caro'], null);
  take.groups[0]!.roles.lead = idOf('caro');
  expect(auditOf(audited([{ take, record }])).lineups[0]!.strayRoles).toBe(1);
});

test('meetings and turns over a term are those of the obvious count, drafts left out', () => {
  for (let seed = 1; seed <= 40; seed++) {
    const rng = rngFromSeed(seed);
    const weeks = [0, 1, 2, 3].map((week) => {
      const rows = ['', '', ''];
      NAMES.forEach((name) => {
        const row = uniformInt(rng, 3);
        rows[row] = `${rows[row] ?? ''} ${name}`;
      });
      const made = lineup(
        `W${week}`,
        rows,
        week === 3 ? null : `2026-09-0${week + 1}`,
        week === 1 ? 'ana bo caro' : null,
      );
      made.take.groups.forEach(({ studentIds, roles }) => {
        if (studentIds[0]) roles.lead = studentIds[0];
      });
      return made;
    });
    const { term, lineups } = auditOf(audited(weeks));
    const together = (one: StudentId, two: StudentId): number[] =>
      weeks.flatMap(({ take, record }, week) =>
        take.groups.some(
          ({ studentIds }) => studentIds.includes(one) && studentIds.includes(two),
        ) && [one, two].every((id) => record.used?.here?.includes(id) ?? true)
          ? [week]
          : [],
      );
    const ids = NAMES.map(idOf);
    const pairs = ids.flatMap((one, i) => ids.slice(i + 1).map((two) => together(one, two)));
    const used = pairs.map((all) => all.filter((week) => week < 3));
    expect(term.pairs).toBe(used.filter((all) => all.length > 0).length);
    expect(term.repeatedPairs).toBe(used.filter((all) => all.length > 1).length);
    expect(lineups[3]!.repeats).toBe(
      pairs.filter((all) => all.includes(3) && all.length > 1).length,
    );
    expect(lineups[2]!.repeats).toBe(
      used.filter((all) => all.includes(2) && all.length > 1).length,
    );
    const leads = [...(term.turns.get('lead') ?? new Map<StudentId, number>()).values()];
    const expected = weeks
      .slice(0, 3)
      .flatMap(({ take, record }) =>
        take.groups.flatMap(({ roles }) =>
          roles.lead && (record.used?.here?.includes(roles.lead) ?? true) ? [roles.lead] : [],
        ),
      );
    expect(leads.reduce((sum, one) => sum + one, 0)).toBe(expected.length);
  }
});

test('a rule broken by somebody who was away is none, and one of the class is no recipe’s', () => {
  const there = lineup('W1', ['ana bo', 'caro dov'], '2026-10-01', 'ana caro dov eli');
  const [told] = auditOf(audited([there], [apart('ana bo'), apart('caro dov')])).lineups;
  expect(told?.rules).toEqual({ kept: 0, broken: 1 });
});

test('a lineup without groups has nobody placed, and nothing of it counts in the term', () => {
  const none = lineup('W1', ['ana bo'], '2026-10-01');
  const whole = audited([none]);
  const { lineups, term } = auditOf({
    ...whole,
    lineups: whole.lineups.map((one) => ({ ...one, takeId: null })),
  });
  expect(lineups[0]).toMatchObject({ sizes: [], placed: 0, aside: [] });
  expect(term).toMatchObject({ pairs: 0, repeatedPairs: 0 });
});
