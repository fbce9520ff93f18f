import { readFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { rngFromSeed } from '@/core/random/rng';
import { uniformInt } from '@/core/random/uniform';
import { Channels } from '@/standins/channels';
import { LARGEST_BODY, type Ask, type Directory, type Reply } from '@/standins/http';
import { Rooms } from '@/standins/rooms';

export interface StandinSettings {
  /** The token that is accepted. */
  readonly token: string;
  readonly people: Directory;
  /** Before every answer, in milliseconds. */
  readonly delayMs: number;
  /** Parts of a thousand of the requests that fail, and whose answers are lost. */
  readonly failing: number;
  readonly lost: number;
  readonly mostRooms: number;
  readonly mostMembers: number;
}

/** Channels below `/scim/v2` and rooms below `/rooms/v1`, with all they hold in memory. */
export function standins(settings: StandinSettings): Server {
  const { token, people, delayMs, failing, lost } = settings;
  const directoryFor = (given: string) => (given === token ? people : null);
  const services: readonly (readonly [string, { handle: (ask: Ask) => Reply }])[] = [
    ['/scim/v2', new Channels(directoryFor, { members: settings.mostMembers, page: 100 })],
    [
      '/rooms/v1',
      new Rooms(directoryFor, { rooms: settings.mostRooms, people: settings.mostMembers }),
    ],
  ];
  const rng = rngFromSeed(1);
  const answer = async (request: IncomingMessage, response: ServerResponse): Promise<void> => {
    const url = new URL(request.url ?? '/', 'http://localhost');
    const service = services.find(([root]) => url.pathname.includes(`${root}/`));
    const body = await bodyOf(request);
    if (!service || body === null) {
      response.writeHead(service ? 413 : 404).end();
      return;
    }
    const [root, standin] = service;
    const reply = standin.handle({
      method: request.method ?? 'GET',
      path: url.pathname.slice(url.pathname.indexOf(root) + root.length),
      query: url.searchParams,
      headers: Object.fromEntries(
        Object.entries(request.headers).map(([name, value]) => [name, String(value)]),
      ),
      body,
    });
    if (delayMs > 0) await new Promise((resolve) => setTimeout(resolve, delayMs));
    if (uniformInt(rng, 1000) < lost) {
      request.socket.destroy();
      return;
    }
    if (uniformInt(rng, 1000) < failing) {
      response.writeHead(503).end();
      return;
    }
    const type = root === '/scim/v2' ? 'application/scim+json' : 'application/json';
    response.writeHead(reply.status, { 'Content-Type': type, ...reply.headers });
    response.end(reply.body === null ? undefined : JSON.stringify(reply.body));
  };
  return createServer((request, response) => {
    answer(request, response).catch(() => response.destroy());
  });
}

async function bodyOf(request: IncomingMessage): Promise<string | null> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of request) {
    size += (part as Buffer).length;
    if (size > 4 * LARGEST_BODY) return null;
    parts.push(part as Buffer);
  }
  return Buffer.concat(parts).toString('utf8');
}

/** Everybody of a class file as a service knows them; one address of the demo's class is misspelt on purpose. */
export function directoryOf(path: string): StandinSettings['people'] {
  const file = JSON.parse(readFileSync(path, 'utf8')) as {
    readonly class: { readonly staff: readonly { name: string; email: string | null }[] };
    readonly students: readonly { readonly name: string; readonly email: string }[];
  };
  return [...file.class.staff, ...file.students].flatMap(({ name, email }) => {
    if (email === null || email === '') return [];
    return [{ name, email: email.replace('@exmaple.org', '@example.org') }];
  });
}
