import { createServer, request as ask } from 'node:http';
import { networkInterfaces } from 'node:os';

/** All that other machines may ask for: the students' page, what it is made of, and the students' side of the seats. */
const MAY = [
  [/^\/seats\/[a-z0-9]{1,16}$/i, ['GET', 'HEAD']],
  [/^\/_next\/static\/[\w./@~+()[\]-]+$/, ['GET', 'HEAD']],
  [/^\/icon\.svg$/, ['GET', 'HEAD']],
  [/^\/standins\/seats\/v1\/open\/[a-z0-9]{1,16}(?:\/[\w-]+){0,2}$/i, ['GET', 'POST', 'PUT']],
];
/** Sent on; whatever else a request carries stays behind. */
const HEADERS = [
  ...[
    'accept',
    'accept-encoding',
    'accept-language',
    'authorization',
    'content-length',
    'content-type',
  ],
  ...['idempotency-key', 'last-event-id', 'rsc', 'next-router-state-tree', 'next-url'],
  ...['next-router-prefetch', 'if-none-match', 'user-agent'],
];

/** Whether other machines may ask for this; a path is looked at as it will be sent on. */
export function mayReach(method, pathname) {
  // Scripts are named after their folders, such as `[code]`.
  const plain = pathname.replaceAll(/%5b/gi, '[').replaceAll(/%5d/gi, ']');
  if (plain.includes('..') || /%|\\|\/\//.test(plain)) return false;
  return MAY.some(([path, methods]) => path.test(plain) && methods.includes(method));
}

/** Opens the students' pages, and nothing else, of a Gruppetto on this machine to the local network. */
export function openToLan(targetPort, port, host = '0.0.0.0') {
  const server = createServer((incoming, outgoing) => {
    const { pathname, search } = new URL(incoming.url ?? '/', 'http://lan');
    const method = incoming.method ?? 'GET';
    if (!mayReach(method, pathname)) {
      outgoing.writeHead(404, { 'Content-Type': 'text/plain' }).end('Not found');
      return;
    }
    const headers = Object.fromEntries(
      HEADERS.flatMap((name) =>
        incoming.headers[name] === undefined ? [] : [[name, incoming.headers[name]]],
      ),
    );
    const onward = ask(
      { host: 'localhost', port: targetPort, method, path: pathname + search, headers },
      (answer) => {
        const back = Object.entries(answer.headers).filter(
          ([name]) => name !== 'set-cookie' && name !== 'connection',
        );
        outgoing.writeHead(answer.statusCode ?? 502, Object.fromEntries(back));
        answer.pipe(outgoing);
      },
    );
    onward.on('error', () => {
      if (outgoing.headersSent) outgoing.destroy();
      else outgoing.writeHead(502).end();
    });
    outgoing.on('close', () => onward.destroy());
    incoming.pipe(onward);
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}

/** The addresses of this machine in its local networks, version 4. */
export function lanAddresses() {
  return Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
}
