import {
  SPACE_REQUESTS,
  type Post,
  type Space,
  type SpaceBrief,
  type SpaceRequest,
} from '../../services/channels/spacesContract';
import { Standin, reply, type Ask, type Directory, type Reply } from '../http';
import { once, problem, read, type Done } from '../problems';
import type { Channels, ChannelState } from './service';
import { writingsOf, type Writing } from './people';

interface SpaceState {
  readonly id: string;
  archived: boolean;
  welcome: string | null;
  meetingLink: string | null;
  readonly announcements: Post[];
  readonly threads: { readonly id: string; readonly title: string; readonly posts: Post[] }[];
  readonly filed: Space['filed'][number][];
  /** Member → what they have yet to write. */
  readonly waiting: Map<string, { readonly since: number; left: readonly Writing[] }>;
}

interface TokenState {
  readonly spaces: Map<string, SpaceState>;
  readonly done: Done;
  next: number;
}

/** Most spaces on a page of a list. */
const PAGE = 100;

/** What each channel has to itself (`docs/handoff.md`); staff see all of it, members their own and nothing else. */
export class Spaces extends Standin<TokenState> {
  constructor(
    directoryFor: (token: string) => Directory | null,
    private readonly channels: Channels,
    now?: () => number,
    /** How many times faster than usual people are. */
    private readonly pace = () => 1,
  ) {
    super(directoryFor, now);
  }

  protected begin(): TokenState {
    return { spaces: new Map(), done: new Map(), next: 1 };
  }

  protected unknownToken(): Reply {
    return problem(401, 'The token is not known.');
  }

  protected answer(ask: Ask, state: TokenState, _: Directory, token: string): Reply {
    const channels = this.channels.state(token);
    this.advance(state, channels);
    const [, spaces, id, part] = ask.path.split('/');
    if (spaces !== 'spaces') return problem(404, 'There is nothing here.');
    const as = ask.query.get('as');
    if (id === undefined) {
      if (ask.method !== 'GET') return problem(405, 'Spaces are made with their channels.');
      return this.list(ask, state, channels, as);
    }
    const key = decodeURIComponent(id);
    const space = state.spaces.get(key);
    if (!space || !channels.groups.has(key) || !sees(channels, key, as)) {
      return problem(404, 'There is no such space.');
    }
    if (part === undefined && ask.method === 'GET') return reply(200, body(channels, space));
    if (as !== null) return problem(403, 'Members write here themselves.');
    if (part === 'archive' && ask.method === 'POST') {
      space.archived = true;
      return reply(204);
    }
    return this.change(ask, state, space, part ?? '');
  }

  private list(ask: Ask, state: TokenState, channels: ChannelState, as: string | null): Reply {
    const prefix = ask.query.get('prefix') ?? '';
    const all = [...state.spaces.values()].filter(
      ({ id }) => channels.groups.get(id)?.externalId.startsWith(prefix) && sees(channels, id, as),
    );
    const start = Number(ask.query.get('after') ?? 0);
    const page = all.slice(start, start + PAGE).map((space) => brief(channels, space));
    const next = start + PAGE < all.length ? String(start + PAGE) : null;
    return reply(200, { spaces: page, next });
  }

  private change(ask: Ask, state: TokenState, space: SpaceState, part: string): Reply {
    const method = part === 'welcome' || part === 'meeting' ? 'PUT' : 'POST';
    if (!Object.hasOwn(SPACE_REQUESTS, part) || ask.method !== method) {
      return problem(404, 'There is nothing here.');
    }
    if (space.archived) return problem(409, 'The space is archived.');
    const at = this.at();
    switch (part as SpaceRequest) {
      case 'welcome':
        space.welcome = read(ask, SPACE_REQUESTS.welcome).text;
        return reply(204);
      case 'meeting':
        space.meetingLink = read(ask, SPACE_REQUESTS.meeting).link;
        return reply(204);
      case 'announcements':
        return once(ask, state.done, () => {
          const { text } = read(ask, SPACE_REQUESTS.announcements);
          space.announcements.push({ ...staffPost(state, text), at });
          return reply(204);
        });
      case 'threads':
        return once(ask, state.done, () => {
          const { title, text } = read(ask, SPACE_REQUESTS.threads);
          const posts = text === '' ? [] : [{ ...staffPost(state, text), at }];
          space.threads.push({ id: `t${state.next++}`, title, posts });
          return reply(204);
        });
      case 'files':
        return once(ask, state.done, () => {
          const file = read(ask, SPACE_REQUESTS.files);
          space.filed.push({ id: `f${state.next++}`, ...file, ...STAFF, at });
          return reply(204);
        });
    }
  }

  private at(): string {
    return new Date(this.now()).toISOString();
  }

  /** Spaces of new channels, and what their members have written by now. */
  private advance(state: TokenState, { groups, users }: ChannelState): void {
    const now = this.now();
    const times = new Map<string, number>();
    for (const { members } of groups.values()) {
      members.forEach((member) => times.set(member, (times.get(member) ?? 0) + 1));
    }
    for (const [id, { members }] of groups) {
      const space = state.spaces.get(id) ?? newSpace(state, id);
      for (const member of members) {
        // Whoever is in several channels leads them, and is no simulated student.
        if ((times.get(member) ?? 0) > 1) continue;
        const waiting = space.waiting.get(member) ?? {
          since: now,
          left: writingsOf(id, member),
        };
        space.waiting.set(member, waiting);
        if (space.archived || waiting.left.length === 0) continue;
        const due = (one: Writing): boolean => waiting.since + one.after / this.pace() <= now;
        const { userName = '', displayName = '' } = users.get(member) ?? {};
        for (const { after, text, file } of waiting.left.filter(due)) {
          const at = new Date(waiting.since + after / this.pace()).toISOString();
          const by = { from: displayName, email: userName, at };
          if (file) {
            const link = `https://channels.example.org/files/${encodeURIComponent(text)}`;
            space.filed.push({ id: `f${state.next++}`, name: text, link, ...by });
          } else space.threads[0]?.posts.push({ id: `p${state.next++}`, text, ...by });
        }
        waiting.left = waiting.left.filter((one) => !due(one));
      }
      space.threads[0]?.posts.sort((a, b) => a.at.localeCompare(b.at));
    }
  }
}

const STAFF = { from: 'Staff', email: null } as const;

function staffPost(state: TokenState, text: string): Omit<Post, 'at'> {
  return { id: `p${state.next++}`, ...STAFF, text };
}

function newSpace(state: TokenState, id: string): SpaceState {
  const space: SpaceState = {
    ...{ id, archived: false, welcome: null, meetingLink: null, announcements: [], filed: [] },
    threads: [{ id: `t${state.next++}`, title: 'General', posts: [] }],
    waiting: new Map(),
  };
  state.spaces.set(id, space);
  return space;
}

function sees({ groups, users }: ChannelState, space: string, as: string | null): boolean {
  if (as === null) return true;
  const members = groups.get(space)?.members ?? new Set<string>();
  return [...members].some((id) => users.get(id)?.userName.toLowerCase() === as.toLowerCase());
}

function brief(channels: ChannelState, space: SpaceState): SpaceBrief {
  const group = channels.groups.get(space.id);
  const posts = space.threads.flatMap((thread) => thread.posts).filter(({ email }) => email);
  const filed = space.filed.filter(({ email }) => email);
  const times = [...posts, ...filed].map(({ at }) => at).sort();
  return {
    id: space.id,
    externalId: group?.externalId ?? null,
    name: group?.displayName ?? '',
    archived: space.archived,
    members: [...(group?.members ?? [])].map((id) => {
      const user = channels.users.get(id);
      return { name: user?.displayName ?? '', email: user?.userName ?? '' };
    }),
    posts: posts.length,
    files: filed.length,
    lastAt: times.at(-1) ?? null,
  };
}

function body(channels: ChannelState, space: SpaceState): Space {
  const { welcome, meetingLink, announcements, threads, filed } = space;
  return { ...brief(channels, space), welcome, meetingLink, announcements, threads, filed };
}
