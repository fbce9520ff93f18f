import { isParticle } from '../names';
import { plainWords } from '../text';
import { words } from '../words';
import type { Line } from './lines';

/** "Amira Bram Chipo Dov Eva" and nothing else: more words than one name has, on one line or each of several. */
const MANY_WORDS = /^(?:\p{Lu}[\p{L}\p{M}'’-]+\s+){4,}\p{Lu}[\p{L}\p{M}'’-]+$/u;
const MANY_SMALL_WORDS = /^(?:\p{Ll}[\p{Ll}\p{M}'’-]+\s+){4,}\p{Ll}[\p{Ll}\p{M}'’-]+$/u;

/** Words that sentences have and nobody is called by, as `plainWords` gives them. */
const OF_SENTENCES = new Set(
  words(`
  the|and|or|of|for|with|is|are|was|were|be|has|have|had|not|this|that|these|those|please|we|you|they|them|our|your|
  their|who|what|when|where|from|at|by|if|all|everybody|everyone|nobody|today|list|names|students|class|und|oder|der|die|das|
  nicht|ist|sind|wir|sie|bitte|mit|fur|von|zu|auf|heute|liste|klasse|y|los|las|que|con|para|por|es|son|hoy|lista|clase|et|les|
  des|dans|avec|pour|est|sont|nous|vous|classe|il|gli|che|di|della|sono|oggi|os|uma|nao|sao|hoje|het|een|niet|wij|zijn|
  vandaag|lijst`),
);

/** Whether a word in small letters is one that sentences have. */
export const isOfSentences = (word: string): boolean => OF_SENTENCES.has(plainWords(word));

/** Whether a text is of small words alone, one of them as sentences have it. */
export function isSentence(text: string): boolean {
  const all = text.split(/\s+/);
  return (
    all.length > 2 &&
    all.every((word) => /^\p{Ll}/u.test(word)) &&
    all.some((word) => isOfSentences(word) && !isParticle(word))
  );
}

/** Lines of nothing but first names with blanks between, as names with commas; others as they are. */
export function withCommas(filled: readonly Line[]): readonly Line[] {
  const texts = filled.map(({ text }) => text.trim());
  const all = texts.flatMap((text) => plainWords(text).split(' '));
  const small = texts.length === 1 && texts.every((text) => MANY_SMALL_WORDS.test(text));
  const fits =
    texts.every((text) => MANY_WORDS.test(text)) ||
    (small && !all.some((word) => OF_SENTENCES.has(word)));
  if (!fits || new Set(all).size < all.length) return filled;
  return filled.map((one, at) => ({ ...one, text: (texts[at] ?? '').replace(/\s+/g, ', ') }));
}
