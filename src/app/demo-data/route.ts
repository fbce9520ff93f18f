import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';

/** The demo's class files as one JSON list; an empty one when the application was not started as the demo. */
export async function GET(): Promise<Response> {
  if (process.env.GRUPPETTO_DEMO !== '1') return Response.json([]);
  const folder = join(process.cwd(), 'demo', 'classes');
  const names = (await readdir(folder)).filter((name) => name.endsWith('.json')).sort();
  const files = await Promise.all(names.map((name) => readFile(join(folder, name), 'utf8')));
  return new Response(`[${files.join(',')}]`, { headers: { 'content-type': 'application/json' } });
}
