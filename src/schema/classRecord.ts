import * as z from 'zod/mini';
import { ClassId, DetailId, LeaveOutId, LineupId, newId, SectionId } from './ids';
import { BY_SECTION, Recipe, renamedRecipe } from './recipe';
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

/** Students left out of groups by what is known of them; one may be let in anyway. */
export const LeaveOut = z.object({
  id: LeaveOutId,
  /** A detail's id, or `section`. */
  by: z.string().check(z.minLength(1)),
  /** Values of the detail, or ids of sections, whose students are left out. */
  values: z.array(z.string()),
  /** A filter that is off is kept for another day. */
  on: z.boolean(),
});
export type LeaveOut = z.infer<typeof LeaveOut>;

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
  skillLadder: z.array(z.string()),
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
    staff: { list: ({ name }: { readonly name: string }) => name, item: { fields: {} } },
    leaveOuts: { list: ({ id }: LeaveOut) => id, item: { fields: {} } },
    roles: 'set',
    savedRecipes: { list: ({ name }: SavedRecipe) => name, item: 'whole' },
  },
};

function withId<T>(part: T, id: string | null): readonly T[] {
  return id === null ? [] : [{ ...part, id }];
}

/** A filter whose detail, or last section, is gone has nobody to leave out. */
function renamedFilter(filter: LeaveOut, to: Renaming): readonly LeaveOut[] {
  if (filter.by !== BY_SECTION) {
    const by = to.detail(filter.by as DetailId);
    return by === null ? [] : [{ ...filter, by }];
  }
  const values = renamedIds(filter.values, (id) => to.section(id as SectionId));
  return values.length === 0 ? [] : [{ ...filter, values }];
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
