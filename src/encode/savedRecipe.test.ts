import type { ClassRecord } from '../schema/classRecord';
import { BY_SECTION, PLAIN_RECIPE, type Recipe } from '../schema/recipe';
import { savedRecipe, usableRecipe } from './savedRecipe';
import { detail, section, testBench } from './testBench';

const classWith = (of: Partial<ClassRecord>): ClassRecord =>
  testBench({ students: [], theClass: of }).theClass;
const mine = classWith({
  details: [detail('d1', 'category'), detail('d2', 'number')].map((one, at) => ({
    ...one,
    name: ['Language', 'Score'][at]!,
  })),
  sections: [section('north', 'North', 0)],
});
const other = classWith({
  details: [
    { ...detail('x9', 'category'), name: ' language' },
    { ...detail('x8', 'category'), name: 'Score of the day' },
  ],
});
const recipe = (of: Partial<Recipe>): Recipe => ({ ...PLAIN_RECIPE, ...of });
const used = (of: Partial<Recipe>, by = other) =>
  usableRecipe(savedRecipe('Usual', recipe(of), mine), by);

describe('a recipe that was kept', () => {
  test('is in its own class what it was', () => {
    const whole = recipe({
      balance: [{ detail: 'd1', how: 'mix', importance: 'plain' }],
      limits: [{ kind: 'notAlone', detail: BY_SECTION, value: null, count: 1 }],
      dealing: { by: 'value', of: 'd2' },
      who: { of: 'sections', sectionIds: ['north'] },
      roles: [{ role: 'lead', how: 'turns' }],
    });
    expect(usableRecipe(savedRecipe('Usual', whole, mine), mine)).toEqual({
      recipe: whole,
      lost: [],
    });
  });

  test('finds in another class the detail of the same name, and no other', () => {
    const { recipe: found, lost } = used({
      balance: [
        { detail: 'd1', how: 'mix', importance: 'most' },
        { detail: 'd2', how: 'mix', importance: 'plain' },
      ],
      limits: [
        { kind: 'atLeast', detail: 'd1', value: 'Arabic', count: 1 },
        { kind: 'atMost', detail: 'd2', value: '5', count: 1 },
        { kind: 'notAlone', detail: BY_SECTION, value: null, count: 1 },
      ],
    });
    expect(found.balance).toEqual([{ detail: 'x9', how: 'mix', importance: 'most' }]);
    expect(found.limits.map((one) => one.detail)).toEqual(['x9', BY_SECTION]);
    expect(lost).toEqual(['Score']);
  });

  test.each([
    [
      { by: 'value', of: 'd1' },
      { by: 'value', of: 'x9' },
    ],
    [
      { by: 'value', of: BY_SECTION },
      { by: 'value', of: BY_SECTION },
    ],
    [{ by: 'value', of: 'd2' }, { by: 'shuffle' }],
    [
      { by: 'order', order: { detail: 'd1' }, inBlocks: true },
      { by: 'order', order: { detail: 'x9' }, inBlocks: true },
    ],
    [{ by: 'order', order: { detail: 'd2' }, inBlocks: true }, { by: 'shuffle' }],
    [
      { by: 'order', order: 'number', inBlocks: false },
      { by: 'order', order: 'number', inBlocks: false },
    ],
    [{ by: 'hand' }, { by: 'hand' }],
  ] as readonly [Recipe['dealing'], Recipe['dealing']][])(
    'deals as the other class can (%#)',
    (dealing, becomes) => {
      expect(used({ dealing }).recipe.dealing).toEqual(becomes);
    },
  );

  test.each([
    [{ of: 'all' }, { of: 'all' }],
    [{ of: 'unplaced' }, { of: 'unplaced' }],
    [
      { of: 'values', detail: 'd1', values: ['Arabic'] },
      { of: 'values', detail: 'x9', values: ['Arabic'] },
    ],
    [{ of: 'values', detail: 'd2', values: ['5'] }, { of: 'all' }],
    [{ of: 'sections', sectionIds: ['north'] }, { of: 'all' }],
    [{ of: 'groups', lineupId: 'l_1', groups: [0] }, { of: 'all' }],
  ] as readonly [Recipe['who'], Recipe['who']][])(
    'deals those whom the other class has (%#)',
    (who, becomes) => {
      expect(used({ who }).recipe.who).toEqual(becomes);
    },
  );
});
