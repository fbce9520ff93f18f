import { say } from '@/messages';
import { plainText } from '../primitives/plainText';

/** The same in the language in use. */
export function plainWords(text: string): string {
  return plainText(text, say.language);
}
