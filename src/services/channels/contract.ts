import * as z from 'zod/mini';

/** What is read of SCIM 2.0 (RFC 7643, RFC 7644); services may tell more. */
export const USER = 'urn:ietf:params:scim:schemas:core:2.0:User';
export const GROUP = 'urn:ietf:params:scim:schemas:core:2.0:Group';
export const PATCH_OP = 'urn:ietf:params:scim:api:messages:2.0:PatchOp';
export const SCIM_TYPE = 'application/scim+json';

const Meta = z.optional(z.object({ version: z.optional(z.string()) }));

export const ScimUser = z.object({
  id: z.string(),
  userName: z.string(),
  displayName: z.optional(z.nullable(z.string())),
  emails: z.optional(z.array(z.object({ value: z.optional(z.string()) }))),
});
export type ScimUser = z.infer<typeof ScimUser>;

export const ScimGroup = z.object({
  id: z.string(),
  displayName: z.string(),
  externalId: z.optional(z.nullable(z.string())),
  members: z.optional(
    z.nullable(
      z.array(z.object({ value: z.string(), display: z.optional(z.nullable(z.string())) })),
    ),
  ),
  meta: Meta,
});
export type ScimGroup = z.infer<typeof ScimGroup>;

/** One page of a list (RFC 7644, 3.4.2). */
export const ScimList = z.object({
  totalResults: z.number(),
  startIndex: z.optional(z.number()),
  itemsPerPage: z.optional(z.number()),
  Resources: z.optional(z.array(z.unknown())),
});

/** RFC 7644, 3.12. */
export const ScimError = z.object({
  detail: z.optional(z.string()),
  scimType: z.optional(z.string()),
});
