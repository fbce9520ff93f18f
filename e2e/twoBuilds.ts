import { createServer, request, type IncomingHttpHeaders, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A server in front of the application's own that can be stopped, and can go over to a build that is told apart. */
export interface TwoBuilds {
  readonly address: string;
  /** From now on everything is of the second build, which names itself on the root of each page. */
  readonly publishSecond: () => void;
  readonly stop: () => Promise<void>;
}

const SECOND = 'second-build';

/** Whether a page, as it stands in the browser, is of the second build. */
export const isSecond = (): boolean => document.documentElement.dataset.build === 'second';

export async function startTwoBuilds(behind: string): Promise<TwoBuilds> {
  let second = false;
  const server = createServer((asked, answer) => {
    const headers: IncomingHttpHeaders = {
      ...asked.headers,
      host: new URL(behind).host,
      'accept-encoding': 'identity',
    };
    // Nothing is the same as before for one that may have gone over since.
    delete headers['if-none-match'];
    delete headers['if-modified-since'];
    const forwarded = request(
      new URL(asked.url ?? '/', behind),
      { method: asked.method, headers },
      (from) => {
        const chunks: Buffer[] = [];
        from.on('data', (chunk: Buffer) => chunks.push(chunk));
        from.on('end', () => {
          const whole = Buffer.concat(chunks);
          const body = second ? asSecond(asked.url ?? '', whole) : whole;
          const { 'transfer-encoding': _, ...given } = from.headers;
          answer.writeHead(from.statusCode ?? 502, { ...given, 'content-length': body.length });
          answer.end(body);
        });
      },
    );
    forwarded.on('error', () => answer.destroy());
    asked.pipe(forwarded);
  });
  await new Promise<void>((ready) => server.listen(0, 'localhost', ready));
  const { port } = server.address() as AddressInfo;
  return {
    address: `http://localhost:${port}`,
    publishSecond: () => {
      second = true;
    },
    stop: () => stopped(server),
  };
}

function asSecond(url: string, body: Buffer): Buffer {
  const text = body.toString();
  if (url.startsWith('/offline.js')) {
    // The name of the build stands in the names of its stores and at each file that is not called after its content.
    return Buffer.from(text.replace(/(gruppetto-pages-)[\w-]+/, `$1${SECOND}`));
  }
  return text.startsWith('<!DOCTYPE html>')
    ? Buffer.from(text.replace('<html ', '<html data-build="second" '))
    : body;
}

function stopped(server: Server): Promise<void> {
  server.closeAllConnections();
  return new Promise((done) => server.close(() => done()));
}
