import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { jsonSchemas } from './schemas';

test.each(Object.entries(jsonSchemas()))(
  'docs/%s is what the code checks (npm run schemas writes it)',
  (name, schema) => {
    const published: unknown = JSON.parse(readFileSync(join(__dirname, '../docs', name), 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(schema)));
  },
);
