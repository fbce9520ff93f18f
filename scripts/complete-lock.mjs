import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './packages.mjs';

/**
 * npm leaves optional packages for other platforms out of the lock where a registry does not serve them, and
 * `npm ci` then refuses the lock. This adds their entries, as the parents name them. Run after each change of packages.
 */
const path = join(ROOT, 'package-lock.json');
const lock = JSON.parse(readFileSync(path, 'utf8'));
let added = 0;
for (const [place, entry] of Object.entries(lock.packages)) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    const inner = `${place}/node_modules/${name}`;
    const outer = `node_modules/${name}`;
    if (lock.packages[inner] || lock.packages[outer] || !/^\d/.test(version)) continue;
    lock.packages[outer] = { version, optional: true, ...platformOf(name) };
    added++;
  }
}
lock.packages = Object.fromEntries(
  Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0)),
);
writeFileSync(path, `${JSON.stringify(lock, null, 2)}\n`);
console.log(`${added} optional entries added`);

/** The platform that such a package's name tells. */
function platformOf(name) {
  const os = [
    'darwin',
    'linux',
    'win32',
    'android',
    'freebsd',
    'openbsd',
    'netbsd',
    'sunos',
    'aix',
  ].find((one) => name.includes(one));
  const cpu = [
    'arm64',
    'x64',
    'ia32',
    'riscv64',
    's390x',
    'ppc64',
    'loong64',
    'mips64el',
    'arm',
  ].find((one) => name.includes(one));
  return { ...(os ? { os: [os] } : {}), ...(cpu ? { cpu: [cpu] } : {}) };
}
