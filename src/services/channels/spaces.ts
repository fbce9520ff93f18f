import { isOk, refusal } from '../answers';
import { eachOf, ServiceGone, type Answer, type ServiceClient } from '../client';
import type { GroupPlan, ServiceLineup, Why } from '../types';
import { channelPrefix } from './handOff';
import { Space, SpaceList, type SpaceBrief, type SpaceRequest } from './spacesContract';

/** What is said to one group: put in place of what was there, or posted beside it. */
export interface Saying {
  readonly space: string;
  readonly part: SpaceRequest;
  readonly body: Readonly<Record<string, unknown>>;
}

/** What came of a saying; null where it was done. */
export type Said = Why | null;

/** What somebody who leaves a channel would not see any more. */
export interface LostSight {
  readonly name: string;
  /** The group's name. */
  readonly group: string;
  /** Titles of the threads that they wrote in. */
  readonly threads: readonly string[];
  /** Files that they put there. */
  readonly files: number;
}

const AT_ONCE = 8;
const REPLACED: readonly SpaceRequest[] = ['welcome', 'meeting'];

/** The spaces of channels, for staff, or as one of their members sees them. */
export class SpacesClient {
  constructor(private readonly client: ServiceClient) {}

  /** The spaces of a lineup; null where the service has none. */
  async of(lineup: Pick<ServiceLineup, 'id'>): Promise<readonly SpaceBrief[] | null> {
    return this.list({ prefix: channelPrefix(lineup) });
  }

  /** The spaces that somebody sees, by their address, whatever lineup they are of. */
  async seenBy(email: string): Promise<readonly SpaceBrief[] | null> {
    return this.list({ as: email });
  }

  /** The whole of a space; null where there is none, or whoever asks does not see it. */
  async read(id: string, as: string | null = null): Promise<Space | null> {
    const query = as === null ? '' : `?${new URLSearchParams({ as })}`;
    const answer = await this.client.send('GET', `/spaces/${encodeURIComponent(id)}${query}`);
    return answer.status === 404 || answer.status === 403 ? null : Space.parse(ok(answer));
  }

  /**
   * When students last filed something in the spaces of a lineup, by the key of their group (RFC 3339); null where the
   * service has none of it.
   */
  async filed(lineup: Pick<ServiceLineup, 'id'>): Promise<ReadonlyMap<string, string> | null> {
    const spaces = await this.of(lineup);
    if (spaces === null) return null;
    const filed = new Map<string, string>();
    const prefix = channelPrefix(lineup);
    await eachOf(
      spaces.filter(({ files }) => files > 0),
      AT_ONCE,
      async ({ id, externalId }) => {
        const times = (await this.read(id))?.filed.flatMap(({ email, at }) =>
          email === null ? [] : [at],
        );
        const newest = times?.sort((a, b) => Date.parse(a) - Date.parse(b)).at(-1);
        if (newest && externalId?.startsWith(prefix))
          filed.set(externalId.slice(prefix.length), newest);
      },
    );
    return filed;
  }

  /** Says it in every space, each once however often it is tried with this key; what came of each, in their order. */
  async say(
    sayings: readonly Saying[],
    key: string,
    onDone?: (done: number) => void,
  ): Promise<readonly Said[]> {
    const said = new Map<Saying, Said>();
    await eachOf(sayings, AT_ONCE, async (saying) => {
      const { space, part, body } = saying;
      const replaces = REPLACED.includes(part);
      said.set(
        saying,
        await this.done(replaces ? 'PUT' : 'POST', `/spaces/${encodeURIComponent(space)}/${part}`, {
          body,
          ...(replaces ? {} : { headers: { 'Idempotency-Key': `${key} ${part} ${space}` } }),
        }),
      );
      onDone?.(said.size);
    });
    return sayings.map((saying) => said.get(saying) ?? null);
  }

  /** Closes spaces for writing; they stay to be read. */
  async archive(spaces: readonly string[]): Promise<readonly Said[]> {
    const said = new Map<string, Said>();
    await eachOf(spaces, AT_ONCE, async (space) => {
      const path = `/spaces/${encodeURIComponent(space)}/archive`;
      said.set(space, await this.done('POST', path, {}));
    });
    return spaces.map((space) => said.get(space) ?? null);
  }

  private async done(
    method: string,
    path: string,
    given: Parameters<ServiceClient['send']>[2],
  ): Promise<Said> {
    try {
      const answer = await this.client.send(method, path, given);
      return isOk(answer) ? null : refusal(answer);
    } catch (error) {
      if (!(error instanceof ServiceGone)) throw error;
      return { code: 'gone', reason: error.reason };
    }
  }

  private async list(query: Readonly<Record<string, string>>): Promise<SpaceBrief[] | null> {
    const found: SpaceBrief[] = [];
    for (let after: string | null = null; ;) {
      const asked = new URLSearchParams({ ...query, ...(after === null ? {} : { after }) });
      const answer = await this.client.send('GET', `/spaces?${asked}`);
      if (answer.status === 404) return null;
      const page = SpaceList.parse(ok(answer));
      found.push(...page.spaces);
      after = page.next ?? null;
      if (after === null) return found;
    }
  }
}

/** Who of those who leave wrote or filed something in the channel that they leave; nobody where there are no spaces. */
export async function lostSights(
  spaces: SpacesClient,
  plan: readonly GroupPlan[],
): Promise<readonly LostSight[]> {
  const lost: LostSight[] = [];
  const leaving = plan.filter(({ channel, leaves }) => channel !== undefined && leaves.length > 0);
  await eachOf(leaving, AT_ONCE, async ({ channel = '', name: group, leaves }) => {
    const space = await spaces.read(channel).catch((error: unknown) => {
      if (error instanceof ServiceGone) throw error;
      return null;
    });
    if (!space) return;
    for (const { name, email = '' } of leaves) {
      const theirs = (by: string | null): boolean =>
        by !== null && by.toLowerCase() === email.toLowerCase();
      const threads = space.threads.flatMap(({ title, posts }) =>
        posts.some((post) => theirs(post.email)) ? [title] : [],
      );
      const files = space.filed.filter((file) => theirs(file.email)).length;
      if (threads.length + files > 0) lost.push({ name, group, threads, files });
    }
  });
  return lost;
}

/** The body of an answer that says yes; an error in the service's own words otherwise. */
function ok(answer: Answer): unknown {
  if (isOk(answer)) return answer.body;
  throw new Error(refusal(answer).detail);
}
