import { rngFromSeed, type Rng } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { keptGroups, newActivity, NO_OWN, NO_WORK, type ActivityRecord } from '../schema/activity';
import { ActivityId, ClassId, LineupId } from '../schema/ids';
import type { TakeGroup } from '../schema/take';
import { decided, movedSince } from './activityChanges';
import { unitsOf } from './activityUnits';
import { lateBy, lateOff, marksOf, readFigure } from './marking';
import { slipOfGroup, slipOfStudent } from './markSlip';
import { takeInMarks, type GivenMark } from './marksIn';
import { markRows } from './markTerm';
import { idOf, idsOf, student, take } from './testBench';

const groupsOf = (groups: readonly string[]): readonly TakeGroup[] => take(groups).groups;
const everybody = 'a b c d e f g'.split(' ').map((name, order) => student(name, order));

/** An activity in some groups, kept, with what is told of it. */
function activityIn(
  groups: readonly string[],
  known: Partial<ActivityRecord> = {},
): ActivityRecord {
  const id = ActivityId.parse('ac_1');
  const classId = ClassId.parse('c_crew');
  const lineupId = LineupId.parse('l_1');
  return {
    ...newActivity(id, classId, lineupId, 'Report', '2026-10-15T09:00:00.000Z'),
    groups: [...keptGroups(groupsOf(groups))],
    ...known,
  };
}
const marked = (points: number) => ({ ...NO_WORK, points });
/** "a 7", "b excused", "c –" in the order of the class. */
function marksIn(activity: ActivityRecord): readonly string[] {
  const marks = marksOf(activity, unitsOf(activity, undefined, everybody));
  return everybody.flatMap(({ id }) => {
    const mark = marks.get(id);
    if (!mark) return [];
    return [`${id} ${mark.state === 'missing' ? '–' : (mark.points ?? mark.state)}`];
  });
}

describe('the groups of an activity', () => {
  test('are those of its lineup until it opens, and its own from then on', () => {
    const open = activityIn([], { groups: null });
    const ids = (activity: ActivityRecord) =>
      unitsOf(activity, groupsOf(['a b', 'c']), everybody).map((unit) => unit.studentIds);
    expect(ids(open)).toEqual([idsOf('a b'), idsOf('c')]);
    expect(ids(activityIn(['a', 'b c']))).toEqual([idsOf('a'), idsOf('b c')]);
  });

  test('everybody alone is a unit each, and who left stays only with work', () => {
    const alone = activityIn([], { groups: null, lineupId: null, work: { a: marked(3) } });
    const left = everybody.map((one) => ({ ...one, left: 'ab'.includes(one.id) ? 'x' : null }));
    expect(unitsOf(alone, undefined, left as never).map(({ key }) => key)).toEqual(
      'a c d e f g'.split(' '),
    );
  });
});

describe('marks of members', () => {
  const groups = ['a b', 'c d e'];
  test('are the group’s, and missing where there is none', () => {
    expect(marksIn(activityIn(groups, { work: { '0': marked(7) } }))).toEqual([
      'a 7',
      'b 7',
      'c –',
      'd –',
      'e –',
    ]);
  });

  test('come of criteria only when each has a figure', () => {
    const criteria = [
      { id: 'x', name: 'Plot', text: '', most: 4 },
      { id: 'y', name: 'Text', text: '', most: 6 },
    ];
    const work = {
      '0': { ...NO_WORK, criteria: { x: 3, y: 5 } },
      '1': { ...NO_WORK, criteria: { x: 3 } },
    };
    expect(marksIn(activityIn(groups, { criteria, work })).slice(0, 3)).toEqual([
      'a 8',
      'b 8',
      'c –',
    ]);
  });

  test('from before the most was lowered count as the most, also by criteria', () => {
    const work = { '0': marked(9), '1': { ...NO_WORK, criteria: { x: 9 } } };
    expect(marksIn(activityIn(groups, { work, most: 5 })).slice(0, 2)).toEqual(['a 5', 'b 5']);
    const criteria = [{ id: 'x', name: 'Plot', text: '', most: 4 }];
    expect(marksIn(activityIn(groups, { work, criteria })).slice(2)).toEqual(['c 4', 'd 4', 'e 4']);
    const own = { a: { ...NO_OWN, points: 9 } };
    const each = activityIn(groups, { members: 'own', own, most: 5 });
    expect(marksIn(each).slice(0, 2)).toEqual(['a 5', 'b –']);
  });

  test('go up or down by points, never below 0 or above the most', () => {
    const own = { a: { ...NO_OWN, points: 2 }, b: { ...NO_OWN, points: -9 } };
    const activity = activityIn(groups, { members: 'points', own, work: { '0': marked(9) } });
    expect(marksIn(activity).slice(0, 2)).toEqual(['a 10', 'b 0']);
  });

  test('of somebody excused are asked from nobody, of somebody absent count as 0, and neither has a share', () => {
    const own = {
      c: { ...NO_OWN, state: 'excused' as const },
      d: { ...NO_OWN, share: 75 },
      b: { ...NO_OWN, state: 'absent' as const },
    };
    const activity = activityIn(groups, {
      ...{ members: 'shares', own, sharing: { strength: 1, bound: 20 } },
      work: { '0': marked(6), '1': marked(6) },
    });
    expect(marksIn(activity)).toEqual(['a 6', 'b 0', 'c excused', 'd 8', 'e 4']);
  });

  test('by shares of one another: an answer set aside counts as an even one', () => {
    const answers = { c: { d: 90, e: 10 }, d: { c: 50, e: 50 }, e: { c: 50, d: 50 } };
    const activity = activityIn(groups, {
      ...{ members: 'answers', answers, sharing: { strength: 1, bound: 50 }, step: 0.1 },
      work: { '1': marked(5) },
    });
    expect(marksIn(activity).slice(2)).toEqual(['c 5', 'd 7', 'e 3']);
    expect(marksIn({ ...activity, setAside: [idOf('c')] }).slice(2)).toEqual(['c 5', 'd 5', 'e 5']);
  });

  test('lose what coming late takes off, in full steps and never below 0', () => {
    const activity = activityIn(groups, {
      ...{ due: '2026-10-15T12:00', late: { percent: 10, every: 'day', upTo: 50 } },
      work: {
        '0': { ...marked(7), came: { state: 'in', at: '2026-10-16T12:30' } },
        '1': { ...marked(2), came: { state: 'in', at: '2026-12-01T08:00' } },
      },
    });
    expect([lateBy(activity, '2026-10-16T12:30'), lateBy(activity, '2026-10-15T11:00')]).toEqual([
      24 * 60 + 30,
      0,
    ]);
    expect([lateOff(activity, '0'), lateOff(activity, '1')]).toEqual([2, 5]);
    expect(marksIn(activity)).toEqual(['a 5', 'b 5', 'c 0', 'd 0', 'e 0']);
  });

  test('of somebody in two groups are a part of each, and missing while one is', () => {
    const activity = activityIn(['a b', 'c a'], { work: { '0': marked(8) } });
    const split = { ...activity, splits: { a: { key: '1', first: 0.75 } } };
    expect(marksIn(split)[0]).toBe('a –');
    expect(marksIn({ ...split, work: { ...split.work, '1': marked(4) } })[0]).toBe('a 7');
  });
});

describe('when the lineup changes after the opening', () => {
  const before = ['a b', 'c d', 'e'];
  const now = groupsOf(['a', 'c d b', 'f']);
  const activity = activityIn(before, { work: { '0': marked(5) } });
  const moves = movedSince(activity, now);

  test('those whom it concerns are named: moved, gone and new', () => {
    expect(moves).toEqual([
      { studentId: 'b', from: '0', to: '1' },
      { studentId: 'e', from: '2', to: null },
      { studentId: 'f', from: null, to: '2' },
    ]);
    expect(movedSince({ ...activity, groups: null }, now)).toEqual([]);
  });

  test('whoever stays is not asked about again until the lineup changes once more', () => {
    const kept = { ...activity, ...decided(activity, moves, 'stay', now) };
    expect(kept.groups).toEqual(activity.groups);
    expect(movedSince(kept, now)).toEqual([]);
    expect(movedSince(kept, groupsOf(['a', 'c d', 'f b']))).toEqual([
      { studentId: 'b', from: '0', to: '2' },
    ]);
  });

  test('whoever goes is in the new group alone, and a group of nobody stays where it has work', () => {
    const kept = { ...activity, ...decided(activity, moves, 'go', now) };
    expect(kept.groups?.map(({ key, studentIds }) => `${key}: ${studentIds.join(' ')}`)).toEqual([
      ...['0: a', '1: c d b', '2: f'],
    ]);
    expect(movedSince(kept, now)).toEqual([]);
    const emptied = decided(activity, [{ studentId: idOf('a'), from: '0', to: null }], 'go', []);
    expect(decided({ ...activity, ...emptied }, [moves[0]!], 'go', now).groups?.[0]).toMatchObject({
      ...{ key: '0', studentIds: [] },
    });
  });

  test('whoever is split is in both', () => {
    const kept = { ...activity, ...decided(activity, [moves[0]!], 'split', now) };
    expect(kept.splits).toEqual({ b: { key: '1', first: 0.5 } });
    expect(marksIn({ ...kept, work: { '0': marked(8), '1': marked(4) } })[1]).toBe('b 6');
    const gone = decided(kept, [moves[0]!], 'go', now);
    expect(gone.splits).toEqual({});
    expect(gone.groups?.map(({ studentIds }) => studentIds.includes(idOf('b')))).toEqual([
      ...[false, true, false],
    ]);
  });

  test('whatever is decided of changes at random, nothing is left to ask, and nobody is in two groups without a split', () => {
    const faults: number[] = [];
    for (let seed = 0; seed < 300; seed++) {
      const rng = rngFromSeed(seed);
      let kept = activityIn(randomGroups(rng), { work: { '1': marked(3) } });
      for (let change = 0; change < 4; change++) {
        const shown = groupsOf(randomGroups(rng));
        for (const move of movedSince(kept, shown)) {
          const how = (['stay', 'go', 'split'] as const)[uniformInt(rng, 3)]!;
          kept = { ...kept, ...decided(kept, [move], how, shown) };
        }
        const seats = kept.groups?.flatMap(({ studentIds }) => studentIds) ?? [];
        const twice = seats.filter((id, at) => seats.indexOf(id) < at);
        const split = Object.keys(kept.splits);
        if (movedSince(kept, shown).length > 0 || twice.sort().join() !== split.sort().join())
          faults.push(seed);
      }
    }
    expect(faults).toEqual([]);
  });
});

/** Some of the class in three groups. */
function randomGroups(rng: Rng): string[] {
  const groups = ['', '', ''];
  for (const { id } of everybody) {
    const row = uniformInt(rng, 4);
    if (row < 3) groups[row] = `${groups[row] ?? ''} ${id}`;
  }
  return groups;
}

describe('marks read back from a sheet', () => {
  const groups = ['a b', 'c d e'];
  const given = (marks: Readonly<Record<string, GivenMark>>) =>
    new Map(Object.entries(marks).map(([id, mark]) => [idOf(id), mark]));
  const after = (activity: ActivityRecord, marks: Readonly<Record<string, GivenMark>>) => {
    const units = unitsOf(activity, undefined, everybody);
    const read = takeInMarks(activity, units, given(marks));
    return { ...read, marks: marksIn({ ...activity, ...read.after }) };
  };

  test('a group whose members agree keeps one mark', () => {
    const read = after(activityIn(groups), { a: 7, b: 7 });
    expect(read).toMatchObject({ becomesOwn: false, changes: [{}, {}] });
    expect(read.after.work).toEqual({ '0': marked(7) });
  });

  test('where they differ everybody has their own from then on, beginning with what they have', () => {
    const read = after(activityIn(groups, { work: { '1': marked(4) } }), { c: 5 });
    expect(read.becomesOwn).toBe(true);
    expect(read.marks).toEqual(['a –', 'b –', 'c 5', 'd 4', 'e 4']);
  });

  test('a group whose members are given different marks keeps its own, points up and down beside it', () => {
    const activity = activityIn(groups, { members: 'points', work: { '0': marked(6) } });
    const read = after(activity, { a: 8, b: 5 });
    expect(read.after).toMatchObject({ members: 'points', work: { '0': marked(6) } });
    expect([read.after.own.a?.points, read.after.own.b?.points]).toEqual([2, -1]);
    expect(read.marks.slice(0, 2)).toEqual(['a 8', 'b 5']);
  });

  test('more than coming late leaves is named and changes nothing', () => {
    const activity = activityIn(groups, {
      ...{ due: '2026-10-15T12:00', late: { percent: 20, every: 'day', upTo: 100 } },
      work: { '0': { ...marked(5), came: { state: 'in', at: '2026-10-15T13:00' } } },
    });
    const read = after(activity, { a: 9, b: 4 });
    expect(read.tooMuch).toEqual([{ studentId: 'a', off: 2, left: 8 }]);
    expect(read.marks.slice(0, 2)).toEqual(['a 3', 'b 4']);
  });

  test('whatever is given, those named have just that mark and all others the one they had', () => {
    const faults: string[] = [];
    for (let seed = 0; seed < 400; seed++) {
      const rng = rngFromSeed(seed);
      const activity = randomActivity(rng);
      const marks: Record<string, GivenMark> = {};
      for (const { id } of everybody) {
        if (uniformInt(rng, 2) === 0)
          marks[id] = ([uniformInt(rng, 9), 'excused', 'absent'] as const)[
            Math.max(0, uniformInt(rng, 6) - 3)
          ]!;
      }
      const before = marksIn(activity);
      const read = after(activity, marks);
      const refused = new Set<string>(read.tooMuch.map(({ studentId }) => studentId));
      const wanted = before.map((line) => {
        const id = line.split(' ')[0]!;
        return marks[id] === undefined || refused.has(id) ? line : `${id} ${marks[id]}`;
      });
      const plain = wanted.map((line) => line.replace('absent', '0'));
      if (read.stuck || plain.join() !== read.marks.join())
        faults.push(`${seed} ${plain.join()} ${read.marks.join()}`);
    }
    expect(faults).toEqual([]);
  });
});

function randomActivity(rng: Rng): ActivityRecord {
  const groups = ['a b', 'c d e', 'f'];
  const own: ActivityRecord['own'] = {};
  for (const id of idsOf('a c d')) {
    const points = uniformInt(rng, 5) - 1;
    const state = (['there', 'there', 'excused', 'absent'] as const)[uniformInt(rng, 4)]!;
    own[id] = { ...NO_OWN, state, share: uniformInt(rng, 60), points };
  }
  const came = { state: 'in', at: `2026-10-1${4 + uniformInt(rng, 3)}T09:00` } as const;
  const members = (['same', 'points', 'shares', 'answers', 'own'] as const)[uniformInt(rng, 5)]!;
  const alone = uniformInt(rng, 5) === 0;
  return activityIn(groups, {
    ...(alone ? { groups: null, lineupId: null } : {}),
    ...{ members, own: members === 'own' ? withoutMinus(own) : own, due: '2026-10-15T12:00' },
    late: uniformInt(rng, 2) === 0 ? null : { percent: 10, every: 'day', upTo: 20 },
    work: {
      [alone ? 'a' : '0']: { ...marked(2 + uniformInt(rng, 9)), came },
      [alone ? 'b' : '1']: marked(2 + uniformInt(rng, 9)),
    },
    answers: { c: { d: 70, e: 30 } },
  });
}

const withoutMinus = (own: ActivityRecord['own']): ActivityRecord['own'] =>
  Object.fromEntries(
    Object.entries(own).map(([id, one]) => [id, { ...one, points: Math.max(0, one.points ?? 0) }]),
  );

test.each([
  ['7', 7],
  ['7,5', 7.5],
  [' .5 ', 0.5],
  ['', null],
  ['+2', 2],
  ['−1', -1],
  ['seven', 'noFigure'],
  ['1.2.3', 'noFigure'],
  ['1e3', 'noFigure'],
  ['10.01', 'over'],
  ['-3', 'below'],
])('what is typed as “%s” is read as %s', (text, read) => {
  const figure = readFigure(text, -2, 10);
  expect(figure.ok ? figure.value : figure.code).toBe(read);
});

describe('marks over the term', () => {
  const groups = ['a b', 'c d'];
  const one = activityIn(groups, { work: { '0': marked(8) }, due: '2026-10-01T12:00' });
  const two = activityIn(groups, {
    ...{ most: 20, weight: 3, due: '2026-11-01T12:00', work: { '0': marked(10) } },
    own: { a: { ...NO_OWN, state: 'excused' }, c: { ...NO_OWN, state: 'absent' } },
  });
  const rows = (now: string) => {
    const term = [one, two].map((activity) => ({
      activity,
      units: unitsOf(activity, undefined, everybody),
    }));
    return markRows(term, idsOf('a b c d e'), now).map(({ studentId, mean, missing }) => ({
      ...{ studentId, mean, missing },
    }));
  };

  test('means are of per cents by weight: excused ones do not count, absent ones as 0', () => {
    expect(rows('2026-10-20T12:00')).toEqual([
      { studentId: 'a', mean: 80, missing: 0 },
      { studentId: 'b', mean: (80 + 3 * 50) / 4, missing: 0 },
      { studentId: 'c', mean: 0, missing: 1 },
      { studentId: 'd', mean: null, missing: 1 },
      { studentId: 'e', mean: null, missing: 0 },
    ]);
  });

  test('a mark is missing once it is due and not before', () => {
    const missing = (now: string) => rows(now).map((row) => row.missing);
    expect(missing('2026-09-30T12:00')).toEqual([0, 0, 0, 0, 0]);
    expect(missing('2026-11-01T12:00')).toEqual([0, 0, 1, 2, 0]);
  });

  test('how much somebody carried is told only where somebody has said it', () => {
    const shares = activityIn(groups, {
      ...{ members: 'shares', own: { a: { ...NO_OWN, share: 75 } } },
    });
    const units = unitsOf(shares, undefined, everybody);
    const carried = markRows([{ activity: shares, units }], idsOf('a b c'), '2026').map(
      (row) => row.carried,
    );
    expect(carried).toEqual([1.5, 0.5, null]);
  });
});

test('a slip has one student’s marks and nothing of another’s, a group’s slip none of its members’', () => {
  const activity = activityIn(['a b', 'c'], {
    members: 'points',
    work: { '0': { ...marked(7), comment: 'for all' }, '1': { ...marked(3), comment: 'QUIET' } },
    own: {
      a: { ...NO_OWN, points: 1, comment: 'for a' },
      b: { ...NO_OWN, points: -4, comment: 'QUIET' },
    },
  });
  const units = unitsOf(activity, undefined, everybody);
  const own = slipOfStudent(activity, units, idOf('a'), 'Ana');
  expect(own).toMatchObject({ name: 'Ana', points: 8, comments: ['for all', 'for a'] });
  expect(JSON.stringify([own, slipOfGroup(activity, units[0]!)])).not.toContain('QUIET');
  expect(slipOfGroup(activity, units[0]!)).toMatchObject({ points: 7, comments: ['for all'] });
  expect(slipOfStudent(activity, units, idOf('g'), 'Gus')).toBeNull();
});

describe('a slip on paper', () => {
  const criteria = [
    { id: 'x', name: 'Plot', text: '', most: 4 },
    { id: 'y', name: 'Text', text: '', most: 6 },
  ];
  const slipsOf = (activity: ActivityRecord) =>
    unitsOf(activity, undefined, everybody).map((unit) => slipOfGroup(activity, unit));

  test('names each criterion that has points, with the most there are, and leaves out the others', () => {
    const activity = activityIn(['a b', 'c'], {
      criteria,
      work: {
        '0': { ...NO_WORK, criteria: { x: 3, y: 0 } },
        '1': { ...NO_WORK, criteria: { y: 2 } },
      },
    });
    expect(slipsOf(activity)).toEqual([
      {
        ...{ name: 'Group 1', group: '', state: 'marked', points: 3, most: 10, off: 0 },
        criteria: [
          { name: 'Plot', points: 3, most: 4 },
          { name: 'Text', points: 0, most: 6 },
        ],
        comments: [],
      },
      {
        ...{ name: 'Group 2', group: '', state: 'missing', points: null, most: 10, off: 0 },
        criteria: [{ name: 'Text', points: 2, most: 6 }],
        comments: [],
      },
    ]);
  });

  test('tells what coming late took off, never below nothing, and no comment where none was written', () => {
    const late = { percent: 30, every: 'day', upTo: 100 } as const;
    const cameAt = (at: string) => ({ state: 'in' as const, at });
    const activity = activityIn(['a', 'b', 'c'], {
      ...{ due: '2026-10-15T12:00', late },
      work: {
        '0': { ...marked(8), came: cameAt('2026-10-15T13:00') },
        '1': { ...marked(2), came: cameAt('2026-10-15T13:00') },
        '2': { ...marked(6), comment: 'clear' },
      },
    });
    expect(
      slipsOf(activity).map(({ points, off, comments }) => [points, off, ...comments]),
    ).toEqual([
      [5, 3],
      [0, 3],
      [6, 0, 'clear'],
    ]);
    const units = unitsOf(activity, undefined, everybody);
    expect(slipOfStudent(activity, units, idOf('b'), 'Bo')).toMatchObject({
      ...{ name: 'Bo', group: 'Group 2', state: 'marked', points: 0, off: 3 },
    });
  });
});
