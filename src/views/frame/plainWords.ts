import { say } from '@/messages';

/** Small letters without marks, so that typing "anahera" finds Ānahera. */
export function plainWords(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLocaleLowerCase(say.language).trim();
}
