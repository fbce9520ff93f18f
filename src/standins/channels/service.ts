import * as z from 'zod/mini';
import { GROUP, PATCH_OP, USER } from '../../services/channels/contract';
import {
  isOfType,
  jsonOf,
  LARGEST_BODY,
  Refused,
  reply,
  Standin,
  type Ask,
  type Directory,
  type Reply,
} from '../http';

interface User {
  readonly id: string;
  readonly userName: string;
  readonly displayName: string;
}
interface Group {
  readonly id: string;
  displayName: string;
  readonly externalId: string;
  readonly members: Set<string>;
  version: number;
}

/** What one token sees of the service. */
export interface ChannelState {
  readonly users: Map<string, User>;
  readonly groups: Map<string, Group>;
  next: number;
}

export interface ChannelLimits {
  /** Most members of a group. */
  readonly members: number;
  /** Most resources on a page. */
  readonly page: number;
}

/** A stand-in for a service of channels: SCIM 2.0 (RFC 7643, RFC 7644), as strict as the standard. */
export class Channels extends Standin<ChannelState> {
  constructor(
    directoryFor: (token: string) => Directory | null,
    private readonly limits: ChannelLimits = { members: 250, page: 50 },
  ) {
    super(directoryFor);
  }

  protected begin(directory: Directory): ChannelState {
    const state: ChannelState = { users: new Map(), groups: new Map(), next: 1 };
    for (const { name, email } of directory) {
      const id = `u${state.next++}`;
      state.users.set(id, { id, userName: email, displayName: name });
    }
    return state;
  }

  protected unknownToken(): Reply {
    return reply(401, error(401, 'The token is not known.'), { 'WWW-Authenticate': 'Bearer' });
  }

  protected answer(ask: Ask, state: ChannelState): Reply {
    const [, kind = '', id] = ask.path.split('/');
    const at = `${ask.method} ${kind}${id === undefined ? '' : '/ID'}`;
    const key = decodeURIComponent(id ?? '');
    switch (at) {
      case 'GET Users':
        return this.list(ask, [...state.users.values()], userValues, userBody);
      case 'GET Users/ID':
        return found(state.users.get(key), userBody);
      case 'POST Users':
        return createUser(state, body(ask));
      case 'GET Groups':
        return this.list(ask, [...state.groups.values()], groupValues, (group) =>
          groupBody(state, group),
        );
      case 'GET Groups/ID':
        return found(state.groups.get(key), (group) => groupBody(state, group));
      case 'POST Groups':
        return this.createGroup(state, body(ask));
      case 'PATCH Groups/ID':
        return this.patch(ask, state, state.groups.get(key));
      default:
        return reply(404, error(404, 'There is nothing here.'));
    }
  }

  private list<T>(
    { query }: Ask,
    all: readonly T[],
    valuesAt: (one: T, path: string) => readonly string[],
    bodyOf: (one: T) => Body,
  ): Reply {
    const filter = query.get('filter');
    const passing = filter === null ? () => true : filterOf(filter, valuesAt);
    const chosen = all.filter(passing);
    const start = Math.max(1, Number(query.get('startIndex') ?? 1));
    const count = Math.min(this.limits.page, Number(query.get('count') ?? this.limits.page));
    const page = chosen.slice(start - 1, start - 1 + count).map(bodyOf);
    return reply(200, {
      schemas: ['urn:ietf:params:scim:api:messages:2.0:ListResponse'],
      totalResults: chosen.length,
      startIndex: start,
      itemsPerPage: page.length,
      ...(page.length === 0 ? {} : { Resources: page }),
    });
  }

  private createGroup(state: ChannelState, given: unknown): Reply {
    const read = NewGroup.safeParse(given);
    if (!read.success) refuse(400, 'invalidValue', 'A group needs schemas and a displayName.');
    const { displayName, externalId = '', members = [] } = read.data;
    if (
      [...state.groups.values()].some((one) => externalId !== '' && one.externalId === externalId)
    ) {
      refuse(409, 'uniqueness', 'There is a group with this externalId.');
    }
    const group: Group = {
      id: `g${state.next++}`,
      displayName,
      externalId,
      members: new Set(),
      version: 1,
    };
    this.add(
      state,
      group.members,
      members.map(({ value }) => value),
    );
    state.groups.set(group.id, group);
    return reply(201, groupBody(state, group), { ETag: tag(group) });
  }

  private add(state: ChannelState, members: Set<string>, ids: readonly string[]): void {
    for (const id of ids) {
      if (!state.users.has(id)) refuse(400, 'invalidValue', `There is no user ${id}.`);
      members.add(id);
    }
    if (members.size > this.limits.members) {
      refuse(400, 'tooMany', `A channel holds ${this.limits.members} people at most.`);
    }
  }

  private patch(ask: Ask, state: ChannelState, group: Group | undefined): Reply {
    if (!group) refuse(404, '', 'There is no such group.');
    const wanted = ask.headers['if-match'];
    if (wanted === undefined || wanted === '*') refuse(428, '', 'If-Match with a tag is needed.');
    if (wanted !== tag(group)) refuse(412, '', 'The group has changed since.');
    const read = Patch.safeParse(body(ask));
    if (!read.success) refuse(400, 'invalidSyntax', 'This is no PatchOp.');
    const members = new Set(group.members);
    let { displayName } = group;
    for (const operation of read.data.Operations) {
      if (operation.op === 'replace') displayName = operation.value;
      else if (operation.op === 'add')
        this.add(
          state,
          members,
          operation.value.map(({ value }) => value),
        );
      else {
        const [, quoted] = /^members\[value eq ("(?:[^"\\]|\\.)*")\]$/.exec(operation.path) ?? [];
        if (quoted === undefined) refuse(400, 'invalidPath', 'Members are removed one by one.');
        members.delete(JSON.parse(quoted) as string);
      }
    }
    Object.assign(group, { displayName, version: group.version + 1 });
    group.members.clear();
    members.forEach((id) => group.members.add(id));
    return reply(204, null, { ETag: tag(group) });
  }
}

const Member = z.object({ value: z.string() });
const NewUser = z.object({
  schemas: z.array(z.string()).check(z.refine((all) => all.includes(USER))),
  userName: z.string().check(z.minLength(1)),
  displayName: z.optional(z.string()),
});
const NewGroup = z.object({
  schemas: z.array(z.string()).check(z.refine((all) => all.includes(GROUP))),
  displayName: z.string().check(z.minLength(1)),
  externalId: z.optional(z.string()),
  members: z.optional(z.array(Member)),
});
const Patch = z.object({
  schemas: z.array(z.string()).check(z.refine((all) => all.includes(PATCH_OP))),
  Operations: z
    .array(
      z.discriminatedUnion('op', [
        z.object({ op: z.literal('add'), path: z.literal('members'), value: z.array(Member) }),
        z.object({ op: z.literal('remove'), path: z.string(), value: z.optional(z.undefined()) }),
        z.object({ op: z.literal('replace'), path: z.literal('displayName'), value: z.string() }),
      ]),
    )
    .check(z.minLength(1)),
});

type Body = Readonly<Record<string, unknown>>;

function userBody({ id, userName, displayName }: User): Body {
  return {
    ...{ schemas: [USER], id, userName, displayName },
    emails: [{ value: userName, primary: true }],
    meta: { resourceType: 'User' },
  };
}

function groupBody(state: ChannelState, group: Group): Body {
  return {
    ...{ schemas: [GROUP], id: group.id, displayName: group.displayName },
    externalId: group.externalId,
    members: [...group.members].map((value) => ({
      value,
      display: state.users.get(value)?.displayName,
    })),
    meta: { resourceType: 'Group', version: tag(group) },
  };
}

function tag({ version }: Group): string {
  return `W/"${version}"`;
}

function found<T>(one: T | undefined, shown: (one: T) => Body): Reply {
  if (one === undefined) return reply(404, error(404, 'There is no such resource.'));
  const made = shown(one);
  const { version } = made.meta as { readonly version?: string };
  return reply(200, made, version === undefined ? {} : { ETag: version });
}

function createUser(state: ChannelState, given: unknown): Reply {
  const read = NewUser.safeParse(given);
  if (!read.success) refuse(400, 'invalidValue', 'A user needs schemas and a userName.');
  const { userName, displayName = userName } = read.data;
  const lower = userName.toLowerCase();
  if ([...state.users.values()].some((one) => one.userName.toLowerCase() === lower)) {
    refuse(409, 'uniqueness', 'There is a user of this name.');
  }
  const user: User = { id: `u${state.next++}`, userName, displayName };
  state.users.set(user.id, user);
  return reply(201, userBody(user));
}

function body(ask: Ask): unknown {
  if (!isOfType(ask, ['application/scim+json', 'application/json'])) {
    refuse(415, '', 'SCIM is sent as application/scim+json.');
  }
  if (ask.body.length > LARGEST_BODY) refuse(413, '', 'This is too large.');
  const given = jsonOf(ask);
  if (given === undefined) refuse(400, 'invalidSyntax', 'This is no JSON.');
  return given;
}

/** Filters of one or more comparisons joined by `or` (RFC 7644, 3.4.2.2); others are refused. */
function filterOf<T>(
  filter: string,
  valuesAt: (one: T, path: string) => readonly string[],
): (one: T) => boolean {
  const parts = filter.split(/\s+or\s+(?=(?:[^"]*"[^"]*")*[^"]*$)/i).map((part) => {
    const [, path = '', op = '', quoted = ''] =
      /^\s*([\w.]+)\s+(eq|sw)\s+("(?:[^"\\]|\\.)*")\s*$/i.exec(part) ?? [];
    if (!['userName', 'emails.value', 'externalId', 'displayName'].includes(path)) {
      refuse(400, 'invalidFilter', 'This filter is not understood.');
    }
    const exact = path === 'externalId';
    const fold = (text: string): string => (exact ? text : text.toLowerCase());
    const value = fold(JSON.parse(quoted) as string);
    return (one: T): boolean =>
      valuesAt(one, path).some((text) =>
        op.toLowerCase() === 'eq' ? fold(text) === value : fold(text).startsWith(value),
      );
  });
  return (one) => parts.some((part) => part(one));
}

/** What of a user a filter may ask for; an address is the name of its user. */
function userValues({ userName, displayName }: User, path: string): readonly string[] {
  if (path === 'userName' || path === 'emails.value') return [userName];
  return path === 'displayName' ? [displayName] : [];
}

function groupValues({ externalId, displayName }: Group, path: string): readonly string[] {
  if (path === 'externalId') return [externalId];
  return path === 'displayName' ? [displayName] : [];
}

function error(status: number, detail: string, scimType = ''): Body {
  return {
    schemas: ['urn:ietf:params:scim:api:messages:2.0:Error'],
    status: String(status),
    detail,
    ...(scimType === '' ? {} : { scimType }),
  };
}

function refuse(status: number, scimType: string, detail: string): never {
  throw new Refused(reply(status, error(status, detail, scimType)));
}
