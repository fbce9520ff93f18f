import { createHash } from 'node:crypto';
import type { Detail } from '@/schema/classRecord';
import { DetailId } from '@/schema/ids';

/** Ids as a browser would draw them, unreadable, but the same each time; the key alone tells them apart. */
export function demoId(letter: string, ...key: readonly (string | number)[]): string {
  const digits = createHash('sha256').update(key.join(' ')).digest('hex');
  return `${letter}_${digits.slice(0, 20)}`;
}

export function detail(name: string, kind: Detail['kind'], levels: string[] = []): Detail {
  return { id: DetailId.parse(demoId('det', name)), name, kind, levels };
}
