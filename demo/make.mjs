import { join } from 'node:path';
import { loadBundle } from '../scripts/bundle.mjs';
import { ROOT } from '../scripts/packages.mjs';

const { writeDemo } = await loadBundle('demo/make.ts');
writeDemo(join(ROOT, 'demo', 'classes'));
