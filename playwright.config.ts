import { defineConfig } from '@playwright/test';

/** Its own port, so that a running demo is left in peace. */
const PORT = Number(process.env.GRUPPETTO_E2E_PORT ?? 4690);
const address = `http://localhost:${PORT}`;

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  forbidOnly: true,
  workers: 2,
  // A machine that stands still for seconds fails a test that nothing is wrong with; the summary tells of each.
  timeout: 120_000,
  retries: 1,
  expect: { timeout: 20_000 },
  reporter: process.env.GRUPPETTO_E2E_REPORT
    ? [['list'], ['json', { outputFile: process.env.GRUPPETTO_E2E_REPORT }]]
    : 'list',
  use: {
    baseURL: address,
    viewport: { width: 1280, height: 800 },
    // Nothing is half faded in or out when it is looked at.
    contextOptions: { reducedMotion: 'reduce' },
    permissions: ['clipboard-read', 'clipboard-write'],
    // Each test has a browser of its own: holding the whole application for offline again for each takes half of the time.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
        ...['--disable-background-networking', '--disable-component-update', '--disable-sync'],
      ],
    },
  },
  webServer: {
    command: `node scripts/serve.mjs --port ${PORT}`,
    url: address,
    env: { GRUPPETTO_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1' },
  },
});
