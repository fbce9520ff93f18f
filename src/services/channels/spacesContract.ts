import * as z from 'zod/mini';

/** Where the spaces of channels are, below the address that a teacher enters. */
export const SPACES_ROOT = '/spaces/v1';

const Member = z.object({ name: z.string(), email: z.string() });

/** A space as a list tells it; its id is that of its SCIM group. */
export const SpaceBrief = z.object({
  id: z.string(),
  externalId: z.optional(z.nullable(z.string())),
  name: z.string(),
  archived: z.boolean(),
  members: z.array(Member),
  /** Written by students. */
  posts: z.int().check(z.gte(0)),
  files: z.int().check(z.gte(0)),
  /** When a student last wrote or filed something. */
  lastAt: z.nullable(z.iso.datetime()),
});
export type SpaceBrief = z.infer<typeof SpaceBrief>;

/** `GET /spaces?prefix=…&as=…&after=…`: those whose externalId begins so; `next` is the `after` of the next page. */
export const SpaceList = z.object({
  spaces: z.array(SpaceBrief),
  next: z.optional(z.nullable(z.string())),
});

export const Post = z.object({
  id: z.string(),
  /** Name of whoever wrote it. */
  from: z.string(),
  /** Their address; null for staff. */
  email: z.nullable(z.string()),
  text: z.string(),
  at: z.iso.datetime(),
});
export type Post = z.infer<typeof Post>;

export const SpaceFile = z.object({
  id: z.string(),
  name: z.string(),
  link: z.string(),
  from: z.string(),
  email: z.nullable(z.string()),
  at: z.iso.datetime(),
});

/** What a group has to itself: `GET /spaces/ID`, whole for staff and members, 404 to everybody else. */
export const Space = z.extend(SpaceBrief, {
  welcome: z.nullable(z.string()),
  meetingLink: z.nullable(z.string()),
  announcements: z.array(Post),
  threads: z.array(z.object({ id: z.string(), title: z.string(), posts: z.array(Post) })),
  filed: z.array(SpaceFile),
});
export type Space = z.infer<typeof Space>;

/** What is put or posted below `/spaces/ID`, by the last part of its path. */
export const SPACE_REQUESTS = {
  welcome: z.object({ text: z.string().check(z.maxLength(20_000)) }),
  meeting: z.object({ link: z.nullable(z.string().check(z.maxLength(2_000))) }),
  announcements: z.object({ text: z.string().check(z.minLength(1), z.maxLength(20_000)) }),
  threads: z.object({
    title: z.string().check(z.minLength(1), z.maxLength(200)),
    text: z.string().check(z.maxLength(20_000)),
  }),
  files: z.object({
    name: z.string().check(z.minLength(1), z.maxLength(200)),
    link: z.string().check(z.minLength(1), z.maxLength(2_000)),
  }),
} as const;
export type SpaceRequest = keyof typeof SPACE_REQUESTS;
