import { z } from 'zod';
import { readClassFile } from './classFile';
import pastFile from './fixtures/class-v0.json';
import { emptyClass } from './classRecord';
import { newLineup } from './lineup';
import { emptyPlan } from './plan';
import { PLAIN_RECIPE } from './recipe';
import { LISTED_TYPES, readRecord } from './records';
import { emptyScene } from './scene';
import { newStudent } from './student';
import { migrate, validateMigrations, type Versioned } from './versions';

/** A record kind with a past: version 0 had one name, 1 split it, 2 added a note. */
const person: Versioned<unknown> = {
  record: 'person',
  validator: z.strictObject({ record: z.literal('person'), given: z.string(), note: z.string() }),
  migrations: [
    {
      name: 'person/1 split the name',
      up: ({ name, ...rest }) => ({ ...rest, given: String(name).split(' ')[0] }),
    },
    { name: 'person/2 add a note', up: (data) => ({ ...data, note: '' }) },
  ],
};

function without(given: object, field: string): Record<string, unknown> {
  const { [field]: _, ...rest } = given as Record<string, unknown>;
  return rest;
}

/** Each migration with a past shape, and what it must have become. */
const PAST: Readonly<Record<string, { given: object; became: object }>> = {
  'class/1 add signs of sections, filters, order of names and temporary classes': {
    given: pastFile.class,
    became: {
      sections: [
        { id: 'north', name: 'North bank', sign: 0 },
        { id: 'south', name: 'South bank', sign: 1 },
      ],
      leaveOuts: [],
      nameOrder: 'givenFirst',
      temporary: false,
    },
  },
  'class/2 add roles and saved recipes': {
    given: {
      ...pastFile.class,
      sections: [],
      leaveOuts: [],
      nameOrder: 'givenFirst',
      temporary: false,
    },
    became: { roles: [], savedRecipes: [] },
  },
  'class/3 let new lineups begin with settings of their own': {
    given: {
      ...emptyClass('c_1' as never, 'Crew', '2026-10-15T08:00:00.000Z'),
      usualRecipe: undefined,
    },
    became: { name: 'Crew', usualRecipe: null },
  },
  'class/4 let recipes match what students need next': {
    given: {
      ...emptyClass('c_1' as never, 'Crew', '2026-10-15T08:00:00.000Z'),
      savedRecipes: [
        { name: 'Usual', detailNames: {}, recipe: { ...PLAIN_RECIPE, needs: undefined } },
      ],
      usualRecipe: { ...PLAIN_RECIPE, needs: undefined },
    },
    became: { savedRecipes: [{ recipe: { needs: null } }], usualRecipe: { needs: null } },
  },
  'class/5 describe skills, say when one is mastered, and let filters ask several things': {
    given: {
      ...emptyClass('c_1' as never, 'Crew', '2026-10-15T08:00:00.000Z'),
      skillLadder: ['maps', '', 'maps'],
      leaveOuts: [{ id: 'f', by: 'swims', values: ['no'], on: true }],
      savedRecipes: [
        {
          ...{ name: 'Usual', detailNames: {} },
          recipe: { ...PLAIN_RECIPE, needs: { focus: 2, importance: 'most' } },
        },
      ],
    },
    became: {
      skillLadder: [{ name: 'maps', text: '' }],
      leaveOuts: [{ id: 'f', when: 'any', parts: [{ by: 'swims', values: ['no'] }], on: true }],
      masteryRule: { by: 'share', percent: 80, least: 1 },
      periods: [],
      savedRecipes: [{ recipe: { needs: { focus: 2, unknown: 'anywhere' } } }],
      usualRecipe: null,
    },
  },
  'class/6 let a recipe look at ranked groups': {
    given: {
      ...emptyClass('c_1' as never, 'Crew', '2026-10-15T08:00:00.000Z'),
      savedRecipes: [{ name: 'Usual', detailNames: {}, recipe: without(PLAIN_RECIPE, 'topics') }],
      usualRecipe: without(PLAIN_RECIPE, 'topics'),
    },
    became: { savedRecipes: [{ recipe: { topics: null } }], usualRecipe: { topics: null } },
  },
  'class/7 let a recipe give roles': {
    given: {
      ...emptyClass('c_1' as never, 'Crew', '2026-10-15T08:00:00.000Z'),
      savedRecipes: [{ name: 'Usual', detailNames: {}, recipe: without(PLAIN_RECIPE, 'roles') }],
      usualRecipe: without(PLAIN_RECIPE, 'roles'),
    },
    became: { savedRecipes: [{ recipe: { roles: [] } }], usualRecipe: { roles: [] } },
  },
  'student/1 add preferred name, leaving, filters overruled and doubts settled': {
    given: pastFile.students[0]!,
    became: { name: 'Amira Haddad', preferredName: '', left: null, inAnyway: false, settled: [] },
  },
  'student/2 let absence belong to a day': {
    given: {
      ...newStudent('s_1' as never, 'c_1' as never, 1, { name: 'Amira', email: '' }),
      here: false,
    },
    became: { name: 'Amira', awayOn: null },
  },
  'lineup/1 add all that a recipe can say, and pins': {
    given: pastFile.lineups[0]!,
    became: {
      recipe: {
        ...PLAIN_RECIPE,
        sizing: pastFile.lineups[0]!.recipe.sizing,
        naming: { from: 'words', list: [], withCode: false, withDate: false },
      },
      pinned: [],
    },
  },
  'lineup/2 tell what was used from what was only tried': {
    given: {
      ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
      state: 'retired',
      used: undefined,
    },
    became: { state: 'retired', used: { on: '2026-10-15', here: null, again: [] } },
  },
  'lineup/3 tell which were planned together': {
    given: {
      ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
      planned: undefined,
    },
    became: { state: 'draft', planned: null },
  },
  'lineup/4 let one serve several days': {
    given: {
      ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
      used: { on: '2026-10-15', here: null },
      planned: { seriesId: 'se_1', on: '2026-10-15' },
    },
    became: { used: { again: [] }, planned: { seriesId: 'se_1', on: '2026-10-15', also: [] } },
  },
  'lineup/5 let a recipe match what students need next': {
    given: {
      ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
      recipe: { ...PLAIN_RECIPE, needs: undefined },
    },
    became: { recipe: { needs: null } },
  },
  'lineup/6 ask what becomes of those without results': {
    given: {
      ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
      recipe: { ...PLAIN_RECIPE, needs: { focus: 1, importance: 'plain' } },
    },
    became: { recipe: { needs: { focus: 1, importance: 'plain', unknown: 'anywhere' } } },
  },
  'lineup/7 let students rank its groups': {
    given: without(
      {
        ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
        recipe: without(PLAIN_RECIPE, 'topics'),
      },
      'ranks',
    ),
    became: { ranks: {}, recipe: { topics: null } },
  },
  'lineup/8 let a recipe give roles': {
    given: {
      ...newLineup('l_1' as never, 'c_1' as never, 'Week 1', '2026-10-15T08:00:00.000Z'),
      recipe: without(PLAIN_RECIPE, 'roles'),
    },
    became: { recipe: { ...PLAIN_RECIPE, roles: [] } },
  },
  'take/1 add roles, locks and stars': {
    given: { ...pastFile.takes[0]!, dealt: [['s_thursday_2']] },
    became: {
      groups: pastFile.takes[0]!.groups.map((group) => ({ ...group, roles: {}, locked: false })),
      dealt: [{ name: 'Alder', roles: {}, studentIds: ['s_thursday_2'] }],
      starred: false,
    },
  },
  'take/2 tell what a group is about from what it is called': {
    given: {
      ...pastFile.takes[0]!,
      groups: pastFile.takes[0]!.groups.map((group) => ({ ...group, roles: {}, locked: false })),
      dealt: null,
      starred: false,
    },
    became: {
      groups: pastFile.takes[0]!.groups.map(({ name }) => ({ name, about: '' })),
      dealt: null,
    },
  },
  'take/3 keep the sentence that groups were made by': {
    given: {
      ...pastFile.takes[0]!,
      groups: [],
      ...{ dealt: null, starred: false },
    },
    became: { madeBy: null },
  },
  'plan/1 give groups an adult and a time': {
    given: {
      ...emptyPlan('p_1' as never, 'c_1' as never, 'l_1' as never),
      ...{ leads: undefined, meetAt: undefined },
    },
    became: { leads: {}, meetAt: null },
  },
  'plan/2 say in words and a picture what a group is about': {
    given: {
      ...emptyPlan('p_1' as never, 'c_1' as never, 'l_1' as never),
      ...{ cards: undefined },
    },
    became: { cards: {} },
  },
  'series/1 give roles in turn, and mix what is chosen for it': {
    given: {
      ...{ record: 'series', id: 'se_1', classId: 'c_1', name: 'Autumn' },
      createdAt: '2026-10-15T08:00:00.000Z',
      wish: {
        ...{ rounds: 3, every: null, from: '2026-10-15', notOn: [] },
        sizing: { by: 'count', count: 2 },
      },
    },
    became: { wish: { rounds: 3, roles: [], mix: null } },
  },
  'scene/1 give groups an adult and a time': {
    given: {
      ...emptyScene('c_1' as never),
      held: {
        ...{ lineupId: 'l_1', on: '2026-10-15', groups: [], experts: null },
        plan: {
          ...emptyPlan('p_1' as never, 'c_1' as never, 'l_1' as never),
          ...{ leads: undefined, meetAt: undefined },
        },
      },
    },
    became: { held: { plan: { leads: {}, meetAt: null } } },
  },
  'scene/2 keep what everything was called when it was shown': {
    given: {
      ...emptyScene('c_1' as never),
      held: { lineupId: 'l_1', on: '2026-10-15', groups: [], plan: null, experts: null },
    },
    became: { held: { on: '2026-10-15', as: null } },
  },
  'scene/3 say in words and a picture what a group is about': {
    given: {
      ...emptyScene('c_1' as never),
      held: {
        ...{ lineupId: 'l_1', on: '2026-10-15', groups: [], experts: null, as: null },
        plan: {
          ...emptyPlan('p_1' as never, 'c_1' as never, 'l_1' as never),
          ...{ cards: undefined },
        },
      },
    },
    became: { held: { plan: { cards: {} } } },
  },
  'draft/1 say whose it is': {
    given: { record: 'draft', id: 'draft:note:s_1', text: '=quiet' },
    became: { classId: null, studentId: 's_1', text: '=quiet' },
  },
};

test.each([
  ['draft:setting:names', 'initials', { id: 'setting:names', classId: null, value: 'initials' }],
  [
    'draft:setting:table:c_1',
    '{"a":1}',
    { id: 'setting:table:c_1', classId: 'c_1', value: { a: 1 } },
  ],
  ['draft:setting:columns:c_1', 'torn {', { classId: 'c_1', value: null }],
  ['draft:reading:x1:2:name|level', '[1]', { id: 'setting:reading:x1:2:name|level', value: [1] }],
])('a setting kept among texts (%s) is a setting now', (id, text, value) => {
  const read = readRecord({ record: 'draft', id, text }, 0);
  expect(read).toMatchObject({ ok: true, value: { record: 'setting', ...value } });
});

test.each(Object.entries(PAST))('%s is applied to a past shape', (name, { given, became }) => {
  const version = Number(/\/(\d+)/.exec(name)?.[1]);
  const read = readRecord(given, version - 1);
  expect(read).toMatchObject({ ok: true, value: became });
});

test('a class file of the first version opens whole', () => {
  const read = readClassFile(pastFile);
  expect(read.ok && read.records.map(({ record }) => record)).toEqual([
    ...['class', 'student', 'student', 'student', 'lineup', 'take'],
  ]);
});

describe('records of earlier versions', () => {
  test('are brought up step by step from the version they were written in', () => {
    const newest = { record: 'person', given: 'Ana', note: '' };
    expect(migrate(person, { record: 'person', name: 'Ana Ruiz' }, 0)).toEqual({
      ok: true,
      value: newest,
    });
    expect(migrate(person, { record: 'person', given: 'Ana' }, 1)).toEqual({
      ok: true,
      value: newest,
    });
    expect(migrate(person, newest, 2)).toEqual({ ok: true, value: newest });
  });

  test('a newer one is refused with that very word, a damaged one with the place of the damage', () => {
    expect(migrate(person, {}, 3)).toMatchObject({
      ok: false,
      issue: { code: 'newerVersion', given: 3, known: 2 },
    });
    expect(migrate(person, { record: 'person', given: 7, note: '' }, 2)).toMatchObject({
      ok: false,
      issue: { code: 'damagedRecord', path: 'given' },
    });
    expect(migrate(person, null, 2)).toMatchObject({ ok: false, issue: { code: 'damagedRecord' } });
  });

  test('migrations are numbered without gaps', () => {
    const gap = { ...person, migrations: person.migrations.slice(1) };
    expect(() => validateMigrations([person])).not.toThrow();
    expect(() => validateMigrations([gap])).toThrow('expected a migration named "person/1');
  });

  test('every migration of a real record has a past shape here to be tried on', () => {
    const tried = Object.keys(PAST);
    const all = LISTED_TYPES.flatMap(({ migrations }) => migrations.map(({ name }) => name));
    expect(all).toEqual(tried);
  });
});
