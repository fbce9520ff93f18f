import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Directory } from '@/standins/http';
import { StandinHost } from '@/standins/host';

/** Tokens that the stand-ins accept; each has a service of its own. */
const TOKEN = /^river[\w-]{0,40}$/;

// What they hold outlives a module that is loaded anew.
const held = globalThis as { gruppettoStandins?: Promise<StandinHost> };

/** Channels and rooms to try a hand-off with, by the demo alone: everybody of its classes is known to them. */
async function answer(request: Request): Promise<Response> {
  if (process.env.GRUPPETTO_DEMO !== '1') return new Response(null, { status: 404 });
  const host = await (held.gruppettoStandins ??= made());
  return (await host.answer(request)) ?? lostOnTheWay();
}

/** An answer that breaks off: to whoever waits for it, it is lost. */
function lostOnTheWay(): Response {
  const body = new ReadableStream({ pull: (controller) => controller.error(new Error('lost')) });
  return new Response(body, { headers: { 'Content-Type': 'application/json' } });
}

async function made(): Promise<StandinHost> {
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
  return new StandinHost({
    directoryFor,
    linkOf: (session, room) => `/standins#${session}/${room}`,
  });
}

export const GET = answer;
export const POST = answer;
export const PATCH = answer;
export const PUT = answer;
export const DELETE = answer;
