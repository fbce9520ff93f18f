import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensurePackages, ROOT } from './packages.mjs';

/** The path of a demo class's pages, by the name of its file in demo/classes. */
export function demoPath(name) {
  const file = join(ROOT, 'demo', 'classes', `${name}.json`);
  return `/c/${JSON.parse(readFileSync(file, 'utf8')).class.id}`;
}

/** Runs something on a fresh page of the built application with the demo data, then stops the server; options are of the context. */
export async function withDemoPage(port, run, options = {}) {
  ensurePackages();
  ensureChromium();
  ensureBuild();
  const { chromium } = await import('@playwright/test');
  const address = `http://localhost:${port}`;
  const server = spawn(process.execPath, ['scripts/serve.mjs', '--port', String(port)], {
    cwd: ROOT,
    stdio: 'ignore',
    env: { ...process.env, GRUPPETTO_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1' },
  });
  try {
    await answering(address);
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    });
    // A context of its own, in which more pages can be opened beside the first.
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
      ...options,
    });
    const page = await context.newPage();
    await run(page, address);
    await browser.close();
  } finally {
    server.kill();
  }
}

async function answering(address) {
  for (;;) {
    const ready = await fetch(address).then(
      (response) => response.ok,
      () => false,
    );
    if (ready) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}
