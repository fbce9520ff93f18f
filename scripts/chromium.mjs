import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const CHROMIUM = '/usr/bin/chromium';
/** The browser, and faces for the scripts in which the demo's names are written. */
const PACKAGES = ['chromium', 'fonts-noto-core'];
const FONT_MARK = '/usr/share/fonts/truetype/noto/NotoSans-Regular.ttf';

/** Installs Debian's Chromium and its fonts where they are missing; ends the process when that fails. */
export function ensureChromium() {
  if (existsSync(CHROMIUM) && existsSync(FONT_MARK)) return;
  console.error('Installing Chromium and fonts (once)...');
  const installed =
    asRoot(['apt-get', 'update']) &&
    asRoot(['apt-get', 'install', '-y', '--no-install-recommends', ...PACKAGES]);
  if (installed && existsSync(CHROMIUM)) return;
  console.error('Chromium could not be installed by apt-get; the end-to-end tests need it.');
  process.exit(1);
}

function asRoot(words) {
  const [command, ...args] = process.getuid?.() === 0 ? words : ['sudo', '-n', ...words];
  const done = spawnSync(command, args, {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
  return done.status === 0;
}
