import { arabic } from './ar';
import { spanish } from './es';
import type { Catalogue, Parts } from './speaking';
import { stretch, stretchedEnglish } from './stretched';

/** The English of every word, as it stands behind the trial language: what is wanted of any other. */
type Words = Readonly<Record<string, unknown>>;

/** Every part of a language, with its words. */
async function wordsOf(parts: Partial<Parts>): Promise<Words> {
  const entries = Object.entries(parts).map(async ([name, load]) => [name, await load()] as const);
  return Object.fromEntries(await Promise.all(entries));
}
const LANGUAGES = { Spanish: wordsOf(spanish), Arabic: wordsOf(arabic) };

/** What must be kept of a text in every language: its slots, by name. */
function slotsOf(text: string): readonly string[] {
  return [...text.matchAll(/\{\{?\w*\}?\}/g)].map(([slot]) => slot).sort();
}

/** Every text of a catalogue that is no function, by its path. */
function textsOf(words: unknown, path: readonly string[] = []): readonly [string, string][] {
  if (typeof words === 'string') return [[path.join('.'), words]];
  if (typeof words !== 'object' || words === null) return [];
  return Object.entries(words).flatMap(([word, one]) => textsOf(one, [...path, word]));
}

/** Texts that are examples of what a teacher writes, and name no slot to be filled. */
const FREE = /handout|Hint|templateHint|ownFileHint|linkHint|usage/;

const EACH = ['Spanish', 'Arabic'] as const;
test.each(EACH)('%s has in each sentence the slots that the English has', async (language) => {
  const words = await LANGUAGES[language];
  const english = new Map(textsOf(stretchedEnglish));
  const texts = textsOf(words).filter(([path]) => !FREE.test(path));
  expect(texts.length).toBeGreaterThan(40);
  const astray = texts.filter(
    ([path, text]) => slotsOf(text).join() !== slotsOf(english.get(path) ?? '').join(),
  );
  expect(astray).toEqual([]);
});

/** Letters that leave are filled for each group: none may lose a placeholder in translation. */
test.each(EACH)('letters and hand-outs in %s name all that the English ones name', async (of) => {
  const { handout, letter } = (await LANGUAGES[of]).outWords as Catalogue['outWords'];
  const english = stretchedEnglish.outWords;
  expect(slotsOf(handout)).toEqual(slotsOf(english.handout));
  for (const to of ['group', 'lead', 'each'] as const) {
    expect(slotsOf(letter[to])).toEqual(slotsOf(english.letter[to]));
    expect(letter[to]).toMatch(/^Subject: .+\n/);
  }
});

test('no text of Spanish is left in English or empty where the English is not', async () => {
  const words = await LANGUAGES.Spanish;
  const same = new Map(textsOf(stretchedEnglish));
  const untouched = textsOf(words).filter(
    ([path, text]) => stretch(text) === same.get(path) && /\p{L}{4}/u.test(text),
  );
  const empty = textsOf(words).filter(([path, text]) => text === '' && same.get(path) !== '');
  expect(empty).toEqual([]);
  expect(untouched.map(([path]) => path).sort()).toMatchInlineSnapshot(`
    [
      "activities.texts.usualHandout",
      "handoff.handoff.options.linkStart",
      "handoff.handoff.way.markdown.title",
      "main.frame.product",
      "roster.roster.encodings.utf-16le",
      "roster.roster.encodings.utf-8",
      "roster.roster.pasteExample",
    ]
  `);
});
