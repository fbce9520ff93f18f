import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { loadBundle } from './bundle.mjs';
import { ROOT } from './packages.mjs';

const { jsonSchemas } = await loadBundle('cli/schemas.ts');
for (const [name, schema] of Object.entries(jsonSchemas())) {
  writeFileSync(join(ROOT, 'docs', name), `${JSON.stringify(schema, null, 2)}\n`);
}
