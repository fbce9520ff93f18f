import { createServer } from 'node:http';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import sirv from 'sirv';
import { ROOT } from './packages.mjs';

/**
 * Serves the built application at a port of this machine: what a build has made is sent as it was compressed then, once and
 * as well as can be, everything else by the framework.
 */
process.env.NODE_ENV = 'production';
const { default: next } = await import('next');

const { values } = parseArgs({ options: { port: { type: 'string' } } });
const port = Number(values.port);
const hostname = 'localhost';
const YEAR_S = 31_536_000;
/** All that means something for a script, a style or a font; the rest belongs to pages. */
const HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'Cross-Origin-Resource-Policy': 'same-origin',
};
const BUILT = '/_next/static';

const application = next({ dev: false, dir: ROOT, hostname, port });
await application.prepare();
const answer = application.getRequestHandler();
const built = sirv(join(ROOT, '.next', 'static'), {
  brotli: true,
  gzip: true,
  extensions: [],
  maxAge: YEAR_S,
  immutable: true,
  setHeaders: (response) => {
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
    // A connection is kept open without being told so (RFC 9112, 9.3).
    response.removeHeader('Connection');
  },
});

createServer((request, response) => {
  if (!request.url?.startsWith(`${BUILT}/`)) {
    void answer(request, response);
    return;
  }
  const whole = request.url;
  request.url = whole.slice(BUILT.length);
  built(request, response, () => {
    request.url = whole;
    void answer(request, response);
  });
}).listen(port, hostname);
