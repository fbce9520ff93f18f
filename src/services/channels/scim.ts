import type { z } from 'zod/mini';
import { ServiceClient, type Answer } from '../client';
import {
  GROUP,
  PATCH_OP,
  SCIM_TYPE,
  ScimError,
  ScimGroup,
  ScimList,
  ScimUser,
  USER,
} from './contract';

/** The service said no, in its own words. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly scimType: string,
  ) {
    super(detail);
    this.name = 'Refusal';
  }
}

/** A group as it was read, with the tag that a change of it has to name. */
export interface ReadGroup {
  readonly group: ScimGroup;
  readonly etag: string | null;
}

/** One operation of a PATCH (RFC 7644, 3.5.2). */
export type Operation =
  | {
      readonly op: 'add';
      readonly path: 'members';
      readonly value: readonly { readonly value: string }[];
    }
  | { readonly op: 'remove'; readonly path: string }
  | { readonly op: 'replace'; readonly path: 'displayName'; readonly value: string };

const PAGE = 100;

/** The part of SCIM 2.0 that channels need. */
export class Scim {
  constructor(private readonly client: ServiceClient) {}

  /** Users for whom the attribute has the value, whatever its letter case. */
  usersWhere(attribute: 'userName' | 'emails.value', value: string): Promise<readonly ScimUser[]> {
    return this.list('/Users', `${attribute} eq ${JSON.stringify(value)}`, ScimUser);
  }

  /** Users of these names, as many as are found, asked for together; a service may understand one name at a time only. */
  usersNamed(names: readonly string[]): Promise<readonly ScimUser[]> {
    const filter = names.map((name) => `userName eq ${JSON.stringify(name)}`).join(' or ');
    return this.list('/Users', filter, ScimUser);
  }

  async user(id: string): Promise<ScimUser | null> {
    const answer = await this.client.send('GET', `/Users/${encodeURIComponent(id)}`);
    if (answer.status === 404) return null;
    return ScimUser.parse(ok(answer));
  }

  /** A new user called by their address; the one that is there where somebody was quicker. */
  async createUser(address: string, name: string): Promise<ScimUser> {
    const there = async (): Promise<Answer | null> => {
      const [found] = await this.usersWhere('userName', address);
      return found ? { status: 200, etag: null, body: found } : null;
    };
    const answer = await this.client.send('POST', '/Users', {
      contentType: SCIM_TYPE,
      body: {
        schemas: [USER],
        userName: address,
        displayName: name,
        name: { formatted: name },
        emails: [{ value: address, primary: true }],
        active: true,
      },
      lookFirst: there,
    });
    if (answer.status === 409) {
      const found = await there();
      if (found) return ScimUser.parse(found.body);
    }
    return ScimUser.parse(ok(answer));
  }

  /** Groups whose externalId begins with a text. */
  groupsOf(prefix: string): Promise<readonly ScimGroup[]> {
    return this.list('/Groups', `externalId sw ${JSON.stringify(prefix)}`, ScimGroup);
  }

  async groupCalled(externalId: string): Promise<ScimGroup | null> {
    const found = await this.list(
      '/Groups',
      `externalId eq ${JSON.stringify(externalId)}`,
      ScimGroup,
    );
    return found.find((group) => group.externalId === externalId) ?? null;
  }

  /** Null where it is no more. */
  async group(id: string): Promise<ReadGroup | null> {
    const answer = await this.client.send('GET', `/Groups/${encodeURIComponent(id)}`);
    return answer.status === 404 ? null : readGroup(answer);
  }

  /** A new group; the one of this externalId where it is there already. */
  async createGroup(
    externalId: string,
    displayName: string,
    members: readonly string[],
  ): Promise<ScimGroup> {
    const there = async (): Promise<Answer | null> => {
      const found = await this.groupCalled(externalId);
      return found && { status: 200, etag: null, body: found };
    };
    const answer = await this.client.send('POST', '/Groups', {
      contentType: SCIM_TYPE,
      body: {
        schemas: [GROUP],
        displayName,
        externalId,
        members: members.map((value) => ({ value })),
      },
      lookFirst: there,
    });
    if (answer.status === 409) {
      const found = await there();
      if (found) return ScimGroup.parse(found.body);
    }
    return ScimGroup.parse(ok(answer));
  }

  /** Changes a group as it was read; false where it has changed since, or no tag is known to change it by. */
  async patch({ group, etag }: ReadGroup, operations: readonly Operation[]): Promise<boolean> {
    const tag = etag ?? group.meta?.version ?? null;
    const answer = await this.client.send('PATCH', `/Groups/${encodeURIComponent(group.id)}`, {
      contentType: SCIM_TYPE,
      body: { schemas: [PATCH_OP], Operations: operations },
      ...(tag === null ? {} : { headers: { 'If-Match': tag } }),
    });
    if (answer.status === 412 || answer.status === 404) return false;
    ok(answer);
    return true;
  }

  private async list<T>(
    path: string,
    filter: string,
    shape: z.ZodMiniType<T>,
  ): Promise<readonly T[]> {
    const found: T[] = [];
    for (;;) {
      const query = new URLSearchParams({
        filter,
        startIndex: String(found.length + 1),
        count: String(PAGE),
      });
      const answer = await this.client.send(
        'GET',
        `${path}?${query.toString().replaceAll('+', '%20')}`,
      );
      const page = ScimList.parse(ok(answer));
      const resources = page.Resources ?? [];
      found.push(...resources.map((one) => shape.parse(one)));
      if (resources.length === 0 || found.length >= page.totalResults) return found;
    }
  }
}

/** The body of an answer that says yes; a Refusal otherwise. */
function ok(answer: Answer): unknown {
  if (answer.status >= 200 && answer.status < 300) return answer.body;
  const read = ScimError.safeParse(answer.body);
  const { detail = '', scimType = '' } = read.success ? read.data : {};
  throw new Refusal(answer.status, detail, scimType);
}

function readGroup(answer: Answer): ReadGroup {
  return { group: ScimGroup.parse(ok(answer)), etag: answer.etag };
}
