import * as z from 'zod/mini';
import { LineupId, type DetailId, type SectionId } from './ids';
import type { Merging } from './merging';
import { renamedIds, type Renaming } from './renaming';

export const SizingSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('count'), count: z.int() }),
  z.strictObject({
    by: z.literal('size'),
    size: z.int(),
    leftover: z.enum(['spread', 'larger', 'smaller']),
  }),
  z.strictObject({ by: z.literal('sizes'), sizes: z.array(z.int()).check(z.minLength(1)) }),
  z.strictObject({ by: z.literal('atMost'), size: z.int() }),
  z.strictObject({
    by: z.literal('range'),
    least: z.int(),
    most: z.int(),
    groups: z.optional(z.int()),
  }),
]);
export type SizingChoice = z.infer<typeof SizingSchema>;

/** How much a wish of the recipe counts beside the others; `encode` says what each step weighs. */
export const Importance = z.enum(['little', 'plain', 'most']);
export type Importance = z.infer<typeof Importance>;

/** Who is dealt into groups, of those who take part today. */
export const Who = z.discriminatedUnion('of', [
  z.object({ of: z.literal('all') }),
  z.object({ of: z.literal('sections'), sectionIds: z.array(z.string()) }),
  /** Those whom no lineup of the class has in a group yet. */
  z.object({ of: z.literal('unplaced') }),
  /** Members of some groups, counted from 0, of another lineup's shown take. */
  z.object({ of: z.literal('groups'), lineupId: LineupId, groups: z.array(z.int()) }),
  z.object({ of: z.literal('values'), detail: z.string(), values: z.array(z.string()) }),
]);
export type Who = z.infer<typeof Who>;

/** Where students are dealt in an order, the order: a name, the student number, the class list, or the values of a detail. */
export const DealOrder = z.union([
  z.enum(['familyName', 'givenName', 'number', 'list']),
  z.object({ detail: z.string() }),
]);
export type DealOrder = z.infer<typeof DealOrder>;

/** How students come into groups: drawn by the engine, dealt in an order, one group for each value, by hand, or as they choose. */
export const Dealing = z.discriminatedUnion('by', [
  z.object({ by: z.literal('shuffle') }),
  z.object({ by: z.literal('order'), order: DealOrder, inBlocks: z.boolean() }),
  /** `section`, or a detail's id. */
  z.object({ by: z.literal('value'), of: z.string() }),
  z.object({ by: z.literal('hand') }),
  /** Students choose themselves, in empty groups: open seats. */
  z.object({ by: z.literal('choose') }),
]);
export type Dealing = z.infer<typeof Dealing>;

/** A detail that every group should have like the class (mix), or its members alike in (match). */
export const Balance = z.object({
  detail: z.string(),
  how: z.enum(['mix', 'match']),
  importance: Importance,
});
export type Balance = z.infer<typeof Balance>;

/** The kinds of limits, as they are offered, and whether each says how many. */
export const LIMIT_KINDS = { atLeast: true, atMost: true, notAlone: false } as const;
type LimitKind = keyof typeof LIMIT_KINDS;

/** How many students with one value of a detail a group may hold. */
export const Limit = z.object({
  kind: z.enum(Object.keys(LIMIT_KINDS) as [LimitKind, ...LimitKind[]]),
  /** `section`, or a detail's id. */
  detail: z.string(),
  /** Null for every value in turn. */
  value: z.nullable(z.string()),
  /** Of no meaning for a kind that does not say how many. */
  count: z.int().check(z.gte(0)),
});
export type Limit = z.infer<typeof Limit>;

/** How a role finds somebody in every group: anybody, the first of the group, or whoever had it least often. */
export const ROLE_GIVINGS = ['random', 'first', 'turns'] as const;
export type RoleGiving = (typeof ROLE_GIVINGS)[number];

/** A role that groups have from the beginning. */
export const RoleWish = z.object({ role: z.string(), how: z.enum(ROLE_GIVINGS) });
export type RoleWish = z.infer<typeof RoleWish>;

/** How groups are called. */
export const GroupNaming = z.object({
  from: z.enum(['words', 'numbers', 'letters', 'list']),
  /** Names given by the teacher, in the order of the groups; used where `from` is `list`. */
  list: z.array(z.string()),
  withCode: z.boolean(),
  withDate: z.boolean(),
});
export type GroupNaming = z.infer<typeof GroupNaming>;

/** Most skills that a group works on at a time. */
export const MOST_FOCUS = 5;

/** What becomes of those of whom no skill is known: dealt like the others, kept together, or left out. */
export const UNKNOWN_NEEDS = ['anywhere', 'together', 'out'] as const;

export const NeedsWish = z.object({
  focus: z.int().check(z.gte(1), z.lte(MOST_FOCUS)),
  importance: Importance,
  unknown: z.enum(UNKNOWN_NEEDS),
});
export type NeedsWish = z.infer<typeof NeedsWish>;

/** How a lineup's groups are made. */
export const Recipe = z.object({
  sizing: SizingSchema,
  who: Who,
  dealing: Dealing,
  /** Sections mixed evenly, kept to themselves, or of no account. */
  sections: z.enum(['any', 'mixed', 'kept']),
  balance: z.array(Balance),
  freshPartners: z.nullable(Importance),
  wishes: z.nullable(Importance),
  /** Students who need the same skill next together; each group works on so many skills. Null where that is of no account. */
  needs: z.nullable(NeedsWish),
  /** Groups that students ranked, the first ones as often as can be (`LineupRecord.ranks`). */
  topics: z.nullable(Importance),
  limits: z.array(Limit),
  /** In the order in which they are given: whoever has one in a group comes last for the next. */
  roles: z.array(RoleWish),
  naming: GroupNaming,
});
export type Recipe = z.infer<typeof Recipe>;

/** A recipe of before it was asked what becomes of those without results, for migrations. */
export function withUnknown(recipe: object): object {
  const needs = (recipe as { readonly needs?: unknown }).needs;
  return { ...recipe, needs: needs ? { ...needs, unknown: 'anywhere' } : null };
}

/** A recipe of before it could ask for roles, for migrations. */
export function withRoles(recipe: object): object {
  return { ...recipe, roles: [] };
}

/** What stands for the section where a detail may be named. */
export const BY_SECTION = 'section';

/** How finely two edits of a recipe are told apart. */
export const recipeMerging: Merging = {
  fields: {
    balance: { list: ({ detail }: Balance) => detail, item: { fields: {} } },
    limits: {
      list: ({ kind, detail, value }: Limit) => JSON.stringify([kind, detail, value]),
      item: { fields: {} },
    },
    roles: { list: ({ role }: RoleWish) => role, item: { fields: {} } },
  },
};

/** What stands for a detail, or the section, after renaming; null where the detail is gone. */
export function renamedDetail(name: string, to: Renaming): string | null {
  return name === BY_SECTION ? name : to.detail(name as DetailId);
}

/** The recipe with details, sections and lineups renamed; what asks for something that is gone asks no more. */
export function renamedRecipe(recipe: Recipe, to: Renaming): Recipe {
  const detail = (name: string): string | null => renamedDetail(name, to);
  const about = <T extends { readonly detail: string }>(one: T): readonly T[] => {
    const renamed = detail(one.detail);
    return renamed === null ? [] : [{ ...one, detail: renamed }];
  };
  const inSection = (one: Limit): readonly Limit[] => {
    if (one.detail !== BY_SECTION || one.value === null) return [one];
    const value = to.section(one.value as SectionId);
    return value === null ? [] : [{ ...one, value }];
  };
  return {
    ...recipe,
    who: renamedWho(recipe.who, to, about),
    dealing: renamedDealing(recipe.dealing, detail),
    balance: recipe.balance.flatMap(about),
    limits: recipe.limits.flatMap(about).flatMap(inSection),
  };
}

function renamedWho(
  who: Who,
  to: Renaming,
  about: (one: Extract<Who, { of: 'values' }>) => readonly Who[],
): Who {
  const everybody: Who = { of: 'all' };
  switch (who.of) {
    case 'all':
    case 'unplaced':
      return who;
    case 'sections': {
      const sectionIds = renamedIds(who.sectionIds, (id) => to.section(id as SectionId));
      return sectionIds.length === 0 ? everybody : { ...who, sectionIds };
    }
    case 'groups': {
      const lineupId = to.lineup(who.lineupId);
      return lineupId === null ? everybody : { ...who, lineupId };
    }
    case 'values':
      return about(who)[0] ?? everybody;
    default:
      return who satisfies never;
  }
}

function renamedDealing(dealing: Dealing, detail: (name: string) => string | null): Dealing {
  const shuffle: Dealing = { by: 'shuffle' };
  if (dealing.by === 'value') {
    const of = detail(dealing.of);
    return of === null ? shuffle : { ...dealing, of };
  }
  if (dealing.by !== 'order' || typeof dealing.order === 'string') return dealing;
  const name = detail(dealing.order.detail);
  return name === null ? shuffle : { ...dealing, order: { detail: name } };
}

const USUAL_SIZE = 4;

/** Groups of four, shuffled from everybody, and nothing else asked. */
export const PLAIN_RECIPE: Recipe = {
  sizing: { by: 'size', size: USUAL_SIZE, leftover: 'spread' },
  who: { of: 'all' },
  dealing: { by: 'shuffle' },
  sections: 'any',
  balance: [],
  freshPartners: null,
  wishes: null,
  needs: null,
  topics: null,
  limits: [],
  roles: [],
  naming: { from: 'numbers', list: [], withCode: false, withDate: false },
};
