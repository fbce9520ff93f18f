import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { say } from '@/messages';
import { PRODUCT } from '@/messages/product';
import { nonceOf } from '@/serving/contentPolicy';
import { ALONE_FILES } from '../pages';

/** The files of each page that stands alone, as the build has left them. */
let files: Promise<Readonly<Record<string, readonly string[]>>> | null = null;

/** The document of a page that stands alone: its files, with the nonce of this answer. */
export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly page: string }> },
): Promise<Response> {
  files ??= readFile(join(process.cwd(), '.next', ALONE_FILES), 'utf8').then(
    (text) => JSON.parse(text) as Record<string, string[]>,
  );
  const { page } = await params;
  const own = new Map(Object.entries(await files)).get(page);
  if (!own) return new Response(null, { status: 404 });
  const nonce = nonceOf(request.headers.get('content-security-policy') ?? '') ?? '';
  const styles = own.filter((file) => file.endsWith('.css'));
  const scripts = own.filter((file) => file.endsWith('.js'));
  const head = [
    '<meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    '<meta name="color-scheme" content="light dark">',
    `<meta name="description" content="${say.frame.tagline}">`,
    ...styles.map((file) => `<link rel="stylesheet" href="${addressOf(file)}">`),
    '<link rel="manifest" href="/manifest.webmanifest">',
    '<link rel="icon" href="/icon.svg" type="image/svg+xml">',
    ...scripts.map((file) => `<script src="${addressOf(file)}" async nonce="${nonce}"></script>`),
    `<title>${PRODUCT}</title>`,
  ];
  const demo = process.env.GRUPPETTO_DEMO === '1';
  return new Response(
    `<!doctype html><html lang="${say.language}" data-demo="${String(demo)}"><head>${head.join('')}</head><body></body></html>`,
    { headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' } },
  );
}

function addressOf(file: string): string {
  return `/_next/${file.split('/').map(encodeURIComponent).join('/')}`;
}
