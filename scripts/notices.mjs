import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './packages.mjs';

/** Writes NOTICES.md: every package that ships with the application, with its licence. */
const lock = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
const shipped = Object.entries(lock.packages)
  .filter(([path, { dev, optional }]) => path !== '' && !dev && !optional)
  .filter(([path]) => existsSync(join(ROOT, path, 'package.json')))
  .map(([path]) => {
    const { name, version, license } = JSON.parse(
      readFileSync(join(ROOT, path, 'package.json'), 'utf8'),
    );
    return { name, version, license: String(license ?? 'see its text'), text: licenceText(path) };
  })
  .sort((a, b) => (a.name < b.name ? -1 : a.name > b.name ? 1 : 0));

writeFileSync(
  join(ROOT, 'NOTICES.md'),
  [
    '# Licences of what ships with Gruppetto',
    '',
    '`npm run notices` writes this page from the lock file and the installed packages.',
    '',
    '| package | version | licence |',
    '| --- | --- | --- |',
    ...shipped.map(({ name, version, license }) => `| ${name} | ${version} | ${license} |`),
    '',
    ...[...byText(shipped)].flatMap(([text, names]) => [
      `## ${names.join(', ')}`,
      '',
      '```',
      text.replace(/```/g, "'''"),
      '```',
      '',
    ]),
  ].join('\n'),
);

function licenceText(path) {
  const names = readdirSync(join(ROOT, path)).filter((name) => /^licen[cs]e/i.test(name));
  const [first] = names.sort();
  return first === undefined ? '' : readFileSync(join(ROOT, path, first), 'utf8').trim();
}

/** Each text once, with the packages that come under it. */
function byText(packages) {
  const names = new Map();
  for (const { name, text } of packages) {
    if (text !== '') names.set(text, [...(names.get(text) ?? []), name]);
  }
  return names;
}
