import * as z from 'zod/mini';
import { ClassId, DetailId, LeaveOutId, LineupId, newId, PeriodId, SectionId } from './ids';
import { BY_SECTION, Recipe, renamedRecipe, withRoles, withUnknown } from './recipe';
import { renamedIds, type Renaming } from './renaming';
import { listOf, type RecordType } from './versions';

/** A column of facts about students. */
export const Detail = z.object({
  id: DetailId,
  name: z.string(),
  kind: z.enum(['number', 'level', 'category', 'yesNo', 'skill']),
  /** The values of a level from low to high; empty for other kinds. */
  levels: z.array(z.string()),
});
export type Detail = z.infer<typeof Detail>;

export const Section = z.object({
  id: SectionId,
  name: z.string(),
  /** Which sign stands for the section, counted from 0. */
  sign: z.int().check(z.gte(0)),
});
export type Section = z.infer<typeof Section>;

/** Teachers and helpers of a class: they belong to rooms and channels, never to groups. */
export const Staff = z.object({
  name: z.string(),
  email: z.nullable(z.string()),
  role: z.string(),
});

/** How whole names are written: "Amira Haddad", "Haddad Amira", or "Haddad, Amira". */
export const NameOrder = z.enum(['givenFirst', 'familyFirst', 'familyComma']);
export type NameOrder = z.infer<typeof NameOrder>;

/** What a filter asks of a student: one of some values in a detail, or one of some sections. */
export const LeaveOutPart = z.object({
  /** A detail's id, or `section`. */
  by: z.string().check(z.minLength(1)),
  /** Values of the detail, or ids of sections. */
  values: z.array(z.string()),
});
export type LeaveOutPart = z.infer<typeof LeaveOutPart>;

/** Whether a filter speaks of those to whom any of its parts applies, all of them, or none. */
export const LEAVE_OUT_WHEN = ['any', 'all', 'none'] as const;
export type LeaveOutWhen = (typeof LEAVE_OUT_WHEN)[number];

/** Students left out of groups by what is known of them; one may be let in anyway. */
export const LeaveOut = z.object({
  id: LeaveOutId,
  when: z.enum(LEAVE_OUT_WHEN),
  parts: z.array(LeaveOutPart),
  /** A filter that is off is kept for another day. */
  on: z.boolean(),
});
export type LeaveOut = z.infer<typeof LeaveOut>;

/** A skill of a ladder: its name, by which results and adults speak of it, and a sentence about it. */
export const LadderSkill = z.object({ name: z.string().check(z.minLength(1)), text: z.string() });
export type LadderSkill = z.infer<typeof LadderSkill>;

/** From which answers on a skill counts as mastered. */
export const MasteryRule = z.discriminatedUnion('by', [
  /** So many per cent of the points of the newest answers, where there are at least so many answers. */
  z.object({
    by: z.literal('share'),
    percent: z.int().check(z.gte(1), z.lte(100)),
    least: z.int().check(z.gte(1)),
  }),
  /** So many right answers among the last so many. */
  z.object({
    by: z.literal('last'),
    right: z.int().check(z.gte(1)),
    of: z.int().check(z.gte(1)),
  }),
]);
export type MasteryRule = z.infer<typeof MasteryRule>;

/** Four answers in five, of however many there are. */
export const USUAL_MASTERY: MasteryRule = { by: 'share', percent: 80, least: 1 };

const Clock = z.string().check(z.regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/));

/** A time in the week at which groups can meet: a name, and a day and hours where they are known. */
export const Period = z.object({
  id: PeriodId,
  name: z.string(),
  /** 0 for Sunday; null for a time that is only named. */
  day: z.nullable(z.int().check(z.gte(0), z.lte(6))),
  from: z.nullable(Clock),
  to: z.nullable(Clock),
});
export type Period = z.infer<typeof Period>;

/** A recipe kept under a name, for other lineups and other classes. */
export const SavedRecipe = z.object({
  name: z.string(),
  recipe: Recipe,
  /** Detail id → its name, by which another class finds its own detail. */
  detailNames: z.record(z.string(), z.string()),
});
export type SavedRecipe = z.infer<typeof SavedRecipe>;

export const ClassRecord = z.object({
  record: z.literal('class'),
  id: ClassId,
  name: z.string(),
  term: z.string(),
  courseCode: z.string(),
  sections: z.array(Section),
  details: z.array(Detail),
  /** Skills in the order in which they are learned. */
  skillLadder: z.array(LadderSkill),
  masteryRule: MasteryRule,
  /** Times at which groups can meet, in their order. */
  periods: z.array(Period),
  staff: z.array(Staff),
  leaveOuts: z.array(LeaveOut),
  nameOrder: NameOrder,
  /** Pooled for a while from other classes, until the teacher keeps or deletes it. */
  temporary: z.boolean(),
  /** Words for groups, used in order. */
  groupNames: z.array(z.string()),
  /** Roles in a group beside the lead, named by the teacher. */
  roles: z.array(z.string()),
  savedRecipes: z.array(SavedRecipe),
  /** What new lineups begin with from now on; null where each begins as the one before. Those that stand keep theirs. */
  usualRecipe: z.nullable(Recipe),
  /** The lineup last worked on, opened again next time. */
  openLineupId: z.nullable(LineupId),
  createdAt: z.iso.datetime(),
});
export type ClassRecord = z.infer<typeof ClassRecord>;

export const classType: RecordType<ClassRecord> = {
  record: 'class',
  validator: ClassRecord,
  migrations: [
    {
      name: 'class/1 add signs of sections, filters, order of names and temporary classes',
      up: (data) => ({
        ...data,
        sections: listOf(data.sections).map((section, sign) => ({ ...section, sign })),
        leaveOuts: [],
        nameOrder: 'givenFirst',
        temporary: false,
      }),
    },
    {
      name: 'class/2 add roles and saved recipes',
      up: (data) => ({ ...data, roles: [], savedRecipes: [] }),
    },
    {
      name: 'class/3 let new lineups begin with settings of their own',
      up: (data) => ({ ...data, usualRecipe: null }),
    },
    {
      name: 'class/4 let recipes match what students need next',
      up: (data) => {
        const withNeeds = (recipe: unknown) => ({ ...(recipe as object), needs: null });
        return {
          ...data,
          savedRecipes: listOf(data.savedRecipes).map((saved) => ({
            ...saved,
            recipe: withNeeds((saved as { readonly recipe?: unknown }).recipe),
          })),
          usualRecipe: data.usualRecipe ? withNeeds(data.usualRecipe) : null,
        };
      },
    },
    {
      name: 'class/5 describe skills, say when one is mastered, and let filters ask several things',
      up: (data) => {
        const asked = (recipe: unknown) => withUnknown(recipe as object);
        return {
          ...data,
          // Two edits of a list are joined by its names, so that each stands there once.
          skillLadder: [...new Set(data.skillLadder as readonly string[])]
            .filter((name) => name !== '')
            .map((name) => ({ name, text: '' })),
          masteryRule: USUAL_MASTERY,
          periods: [],
          leaveOuts: listOf(data.leaveOuts).map((filter) => {
            const { by, values, ...rest } = filter as Record<string, unknown>;
            return { ...rest, when: 'any', parts: [{ by, values }] };
          }),
          savedRecipes: listOf(data.savedRecipes).map((saved) => ({
            ...saved,
            recipe: asked((saved as { readonly recipe?: unknown }).recipe),
          })),
          usualRecipe: data.usualRecipe ? asked(data.usualRecipe) : null,
        };
      },
    },
    {
      name: 'class/6 let a recipe look at ranked groups',
      up: (data) => {
        const ranked = (recipe: unknown) => ({ ...(recipe as object), topics: null });
        return {
          ...data,
          savedRecipes: listOf(data.savedRecipes).map((saved) => ({
            ...saved,
            recipe: ranked((saved as { readonly recipe?: unknown }).recipe),
          })),
          usualRecipe: data.usualRecipe ? ranked(data.usualRecipe) : null,
        };
      },
    },
    {
      name: 'class/7 let a recipe give roles',
      up: (data) => ({
        ...data,
        savedRecipes: listOf(data.savedRecipes).map((saved) => ({
          ...saved,
          recipe: withRoles((saved as { readonly recipe: object }).recipe),
        })),
        usualRecipe: data.usualRecipe ? withRoles(data.usualRecipe) : null,
      }),
    },
  ],
  freshId: () => newId(ClassId, 'c'),
  owner: ({ id }) => id,
  list: 'class',
  renamed: (theClass, to) => {
    const id = to.class(theClass.id);
    if (id === null) return null;
    return {
      ...theClass,
      id,
      sections: theClass.sections.flatMap((one) => withId(one, to.section(one.id))),
      details: theClass.details.flatMap((one) => withId(one, to.detail(one.id))),
      leaveOuts: theClass.leaveOuts.flatMap((filter) => renamedFilter(filter, to)),
      savedRecipes: theClass.savedRecipes.map((saved) => ({
        ...saved,
        recipe: renamedRecipe(saved.recipe, to),
      })),
      usualRecipe: theClass.usualRecipe && renamedRecipe(theClass.usualRecipe, to),
      openLineupId: theClass.openLineupId && to.lineup(theClass.openLineupId),
    };
  },
  merging: {
    sections: { list: ({ id }: Section) => id, item: { fields: {} } },
    details: { list: ({ id }: Detail) => id, item: { fields: {} } },
    skillLadder: { list: ({ name }: LadderSkill) => name, item: { fields: {} } },
    periods: { list: ({ id }: Period) => id, item: { fields: {} } },
    staff: { list: ({ name }: { readonly name: string }) => name, item: { fields: {} } },
    leaveOuts: { list: ({ id }: LeaveOut) => id, item: { fields: {} } },
    roles: 'set',
    savedRecipes: { list: ({ name }: SavedRecipe) => name, item: 'whole' },
  },
};

function withId<T>(part: T, id: string | null): readonly T[] {
  return id === null ? [] : [{ ...part, id }];
}

function renamedFilter(filter: LeaveOut, to: Renaming): readonly LeaveOut[] {
  return withParts(filter, (part) => {
    if (part.by !== BY_SECTION) {
      const by = to.detail(part.by as DetailId);
      return by === null ? null : { ...part, by };
    }
    const values = renamedIds(part.values, (id) => to.section(id as SectionId));
    return values.length === 0 ? null : { ...part, values };
  });
}

/**
 * A filter with its parts changed, null for one whose detail, or last section, is gone. Where all must apply, or none, a
 * filter that has lost a part would leave out others than it was made for, so that it goes.
 */
export function withParts(
  filter: LeaveOut,
  change: (part: LeaveOutPart) => LeaveOutPart | null,
): readonly LeaveOut[] {
  const parts = filter.parts.flatMap((part) => change(part) ?? []);
  const whole = parts.length === filter.parts.length;
  return parts.length > 0 && (whole || filter.when === 'any') ? [{ ...filter, parts }] : [];
}

/** A new class with nothing in it; the caller names the moment. */
export function emptyClass(id: ClassId, name: string, createdAt: string): ClassRecord {
  return {
    record: 'class',
    id,
    name,
    term: '',
    courseCode: '',
    sections: [],
    details: [],
    skillLadder: [],
    masteryRule: USUAL_MASTERY,
    periods: [],
    staff: [],
    leaveOuts: [],
    nameOrder: 'givenFirst',
    temporary: false,
    groupNames: [],
    roles: [],
    savedRecipes: [],
    usualRecipe: null,
    openLineupId: null,
    createdAt,
  };
}
