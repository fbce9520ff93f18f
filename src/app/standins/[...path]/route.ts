import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Channels } from '@/standins/channels';
import { LARGEST_BODY, type Ask, type Directory, type Reply } from '@/standins/http';
import { Rooms } from '@/standins/rooms';

/** Tokens that the stand-ins accept; each has a service of its own. */
const TOKEN = /^river[\w-]{0,40}$/;

interface Standins {
  readonly scim: Channels;
  readonly rooms: Rooms;
}

// What they hold outlives a module that is loaded anew.
const held = globalThis as { gruppettoStandins?: Promise<Standins> };

/** Channels and rooms to try a hand-off with, by the demo alone: everybody of its classes is known to them. */
async function answer(request: Request): Promise<Response> {
  if (process.env.GRUPPETTO_DEMO !== '1') return new Response(null, { status: 404 });
  const { pathname, searchParams } = new URL(request.url);
  const [, service = '', rest = ''] =
    /^\/standins\/(scim\/v2|rooms\/v1)(\/.*)$/.exec(pathname) ?? [];
  if (service === '') return new Response(null, { status: 404 });
  const body = await request.text();
  if (body.length > 4 * LARGEST_BODY) return new Response(null, { status: 413 });
  const { scim, rooms } = await (held.gruppettoStandins ??= made());
  const ask: Ask = {
    method: request.method,
    path: rest,
    query: searchParams,
    headers: Object.fromEntries(request.headers),
    body,
  };
  const reply: Reply = service === 'scim/v2' ? scim.handle(ask) : rooms.handle(ask);
  const type = service === 'scim/v2' ? 'application/scim+json' : 'application/json';
  return new Response(reply.body === null ? null : JSON.stringify(reply.body), {
    status: reply.status,
    headers: { 'Content-Type': type, 'Cache-Control': 'no-store', ...reply.headers },
  });
}

async function made(): Promise<Standins> {
  const folder = join(process.cwd(), 'demo', 'classes');
  const names = (await readdir(folder)).filter((name) => name.endsWith('.json')).sort();
  const files = await Promise.all(names.map((name) => readFile(join(folder, name), 'utf8')));
  const people = new Map<string, Directory[number]>();
  for (const file of files) {
    const { students, class: theClass } = JSON.parse(file) as {
      readonly class: { readonly staff: readonly { name: string; email: string | null }[] };
      readonly students: Directory;
    };
    for (const { name, email } of [...theClass.staff, ...students]) {
      // One address of the demo is misspelt on purpose: the service knows the right one.
      const right = (email ?? '').replace('@exmaple.org', '@example.org');
      if (right !== '') people.set(right.toLowerCase(), { name, email: right });
    }
  }
  const directory = [...people.values()];
  const directoryFor = (token: string): Directory | null => (TOKEN.test(token) ? directory : null);
  return {
    scim: new Channels(directoryFor, { members: 250, page: 100 }),
    rooms: new Rooms(directoryFor, { rooms: 300, people: 50 }),
  };
}

export const GET = answer;
export const POST = answer;
export const PATCH = answer;
export const DELETE = answer;
