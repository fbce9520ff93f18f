import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type Server } from 'node:http';
import { Readable } from 'node:stream';
import { LARGEST_BODY, type Directory } from '@/standins/http';
import { Change, StandinHost, type StandinSettings } from '@/standins/host';

/** Channels with their spaces, and rooms, below the server's address, with all they hold in memory. */
export function standins(
  token: string,
  people: Directory,
  settings: Partial<StandinSettings>,
  /** A file in which all they hold outlives a new start; null for memory alone. */
  state: string | null = null,
): Server {
  const host = new StandinHost({
    directoryFor: (given) => (given === token ? people : null),
    settings,
    ...(state === null
      ? {}
      : { onChange: (change) => appendFileSync(state, `${JSON.stringify(change)}\n`) }),
  });
  if (state !== null && existsSync(state)) host.replay(token, changesIn(state));
  return createServer((request, response) => {
    const answer = async (): Promise<void> => {
      const body = await bodyOf(request);
      if (body === null) {
        response.writeHead(413).end();
        return;
      }
      const { method = 'GET', url = '/' } = request;
      const headers = Object.entries(request.headers).map(([name, value]): [string, string] => [
        name,
        String(value),
      ]);
      const answered = await host.answer(
        new Request(new URL(url, 'http://localhost'), {
          ...{ method, headers },
          ...(body === '' || method === 'GET' ? {} : { body }),
        }),
      );
      if (!answered) {
        request.socket.destroy();
        return;
      }
      response.writeHead(answered.status, Object.fromEntries(answered.headers));
      if (!answered.body) response.end();
      else {
        const sent = Readable.fromWeb(answered.body as Parameters<typeof Readable.fromWeb>[0]);
        response.on('close', () => sent.destroy());
        sent.on('error', () => response.destroy());
        sent.pipe(response);
      }
    };
    answer().catch(() => response.destroy());
  });
}

/** What was done before, one request a line; the last line may have been cut off. */
function changesIn(path: string): readonly Change[] {
  return readFileSync(path, 'utf8')
    .split('\n')
    .flatMap((line) => {
      try {
        return [Change.parse(JSON.parse(line))];
      } catch {
        return [];
      }
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
export function directoryOf(path: string): Directory {
  const file = JSON.parse(readFileSync(path, 'utf8')) as {
    readonly class: { readonly staff: readonly { name: string; email: string | null }[] };
    readonly students: readonly { readonly name: string; readonly email: string }[];
  };
  return [...file.class.staff, ...file.students].flatMap(({ name, email }) => {
    if (email === null || email === '') return [];
    return [{ name, email: email.replace('@exmaple.org', '@example.org') }];
  });
}
