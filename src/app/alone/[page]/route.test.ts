import { readFile } from 'node:fs/promises';
import { GET } from './route';

jest.mock('node:fs/promises', () => ({ readFile: jest.fn() }));

const FILES = {
  stage: ['static/css/base.css', 'static/chunks/run.js', 'static/chunks/alone/[x].js'],
};
const POLICY = "script-src 'self' 'nonce-abc+/=' 'strict-dynamic'";

beforeAll(() => {
  jest.mocked(readFile).mockResolvedValue(JSON.stringify(FILES));
});
afterEach(() => {
  delete process.env.GRUPPETTO_DEMO;
});

async function answer(page: string): Promise<{ readonly status: number; readonly text: string }> {
  const request = new Request('http://localhost/alone', {
    headers: { 'content-security-policy': POLICY },
  });
  const response = await GET(request, { params: Promise.resolve({ page }) });
  return { status: response.status, text: await response.text() };
}

test('a page that stands alone is a document of its files, each script with the nonce of the answer', async () => {
  const { status, text } = await answer('stage');
  expect(status).toBe(200);
  expect(
    [...text.matchAll(/<script src="([^"]+)" async nonce="([^"]+)"/g)].map((one) => one.slice(1)),
  ).toEqual([
    ['/_next/static/chunks/run.js', 'abc+/='],
    ['/_next/static/chunks/alone/%5Bx%5D.js', 'abc+/='],
  ]);
  expect(text).toContain('<link rel="stylesheet" href="/_next/static/css/base.css">');
  // Nothing is in it that a policy without inline code would refuse.
  expect(text).not.toMatch(/<style|<script>|\son\w+=|\sstyle=/);
});

test('whether it is the demo is in the document', async () => {
  expect((await answer('stage')).text).toContain('data-demo="false"');
  process.env.GRUPPETTO_DEMO = '1';
  expect((await answer('stage')).text).toContain('data-demo="true"');
});

test.each(['groups', 'constructor', '__proto__', ''])(
  'there is no page called "%s"',
  async (page) => {
    expect(await answer(page)).toEqual({ status: 404, text: '' });
  },
);
