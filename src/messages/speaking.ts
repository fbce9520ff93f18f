import type { activities } from './en/activities';
import type { adults } from './en/adults';
import type { benchEn } from './en/bench';
import type { en } from './en/main';
import type { choosing } from './en/choosing';
import type { classFilesEn } from './en/classFiles';
import type { clashEn } from './en/clash';
import type { handoffEn } from './en/handoff';
import type { groupsEn } from './en/groups';
import type { keyMap } from './en/keys';
import type { lineups } from './en/lineups';
import type { recipeEn } from './en/recipe';
import type { ladder } from './en/ladder';
import type { liveEn } from './en/live';
import type { outEn } from './en/stage';
import type { prepare } from './en/prepare';
import type { rosterEn } from './en/files';
import type { rulesEn } from './en/ruleTools';
import type { seats } from './en/seats';
import type { shelf } from './en/shelf';
import type { shellEn } from './en/shell';
import type { shown } from './en/shown';
import type { term } from './en/term';
import type { picturesEn } from './en/pictures';
import type { undoing } from './en/undoing';
import type { outWords } from './en/waysOut';
import { localeWords, type LocaleWords } from './localeWords';

/** A function for things of any type: its type says all that is needed. */
type ForAnything = <X>(things: readonly X[]) => readonly (X | string)[];

/** What another language says in the place of some English: the same names and slots, any words. */
export type Said<T> = T extends string
  ? string
  : T extends ForAnything
    ? T
    : T extends (...given: infer A) => infer R
      ? (...given: A) => Said<R>
      : T extends readonly (infer E)[]
        ? readonly Said<E>[]
        : T extends object
          ? { readonly [K in keyof T]: Said<T[K]> }
          : T;

/**
 * All that one language says, in parts that are loaded with the views that say them. A second language is a folder with
 * these parts and a line in `languages.ts`; the types demand every word.
 */
export interface Catalogue {
  readonly main: Said<typeof en>;
  readonly activities: Said<typeof activities>;
  readonly adults: Said<typeof adults>;
  readonly bench: Said<typeof benchEn>;
  readonly choosing: Said<typeof choosing>;
  readonly classFiles: Said<typeof classFilesEn>;
  readonly clash: Said<typeof clashEn>;
  readonly groups: Said<typeof groupsEn>;
  readonly handoff: Said<typeof handoffEn>;
  readonly keys: Said<typeof keyMap>;
  readonly ladder: Said<typeof ladder>;
  readonly lineups: Said<typeof lineups>;
  readonly live: Said<typeof liveEn>;
  readonly out: Said<typeof outEn>;
  readonly outWords: Said<typeof outWords>;
  readonly prepare: Said<typeof prepare>;
  readonly recipe: Said<typeof recipeEn>;
  readonly roster: Said<typeof rosterEn>;
  readonly rules: Said<typeof rulesEn>;
  readonly seats: Said<typeof seats>;
  readonly shelf: Said<typeof shelf>;
  readonly shell: Said<typeof shellEn>;
  readonly shown: Said<typeof shown>;
  readonly term: Said<typeof term>;
  readonly pictures: Said<typeof picturesEn>;
  readonly undoing: Said<typeof undoing>;
}

/** The words of a language with `never` at whatever the English has not. */
type NoMore<T, Shape> = {
  readonly [K in keyof T]: K extends keyof Shape
    ? T[K] extends (...given: never[]) => unknown
      ? T[K]
      : T[K] extends readonly unknown[] | string
        ? T[K]
        : NoMore<T[K], Shape[K]>
    : never;
};

/** Where the words of each part are; each comes by itself, with the first view that says it. */
export type Parts = { readonly [P in keyof Catalogue]: () => Promise<Catalogue[P]> };

/** Where a part is, with all its words and nothing besides: a word that is no longer said does not compile. */
export function exactly<P extends keyof Catalogue, Words extends Catalogue[P]>(
  _part: P,
  load: () => Promise<Words & NoMore<Words, Catalogue[P]>>,
): () => Promise<Catalogue[P]> {
  return load;
}

/** The parts that a class reads; a language may have these alone. */
type ShownPart = 'choosing' | 'outWords' | 'shown';
export type ShownParts = Pick<Parts, ShownPart>;

/** A language, and where its words are. */
export interface Language {
  /** BCP 47. */
  readonly tag: string;
  /** What it calls itself. */
  readonly name: string;
  readonly direction: 'ltr' | 'rtl';
  /** All its words; null for one that only classes read. */
  readonly whole: Parts | null;
  /** What a class reads. */
  readonly shown: ShownParts;
}

/** Somebody who reads: in which language, the words that are here by now, and what became of the others. */
interface Reader {
  /** BCP 47; '' before anybody reads. */
  tag: string;
  parts: Partial<Parts> | null;
  words: Partial<Catalogue>;
  readonly coming: Map<keyof Catalogue, Promise<void>>;
  readonly failed: Map<keyof Catalogue, Error>;
  /** Words may arrive in another order than they were wished for: the latest wish holds. */
  wish: number;
}

const reader = (): Reader => ({
  ...{ tag: '', parts: null, words: {}, coming: new Map(), failed: new Map(), wish: 0 },
});
const teacher = reader();
/** What the class reads, where that is not as the teacher reads. */
const theClass = reader();

/** The parts that what is loaded so far says, with their English where that is at hand. */
const needed = new Map<keyof Catalogue, object | null>();

let begin: () => void;
/** Until somebody reads in some language, no words are on their way. */
const beginning = new Promise<void>((resolve) => (begin = resolve));

/** Makes everything speak a language from now on; what is on screen must be drawn anew. */
export async function speak({ tag, whole }: Language): Promise<void> {
  await read(teacher, tag, whole);
}

/** Shows a class everything in a language from now on, in the teacher's again with null. */
export async function showIn(language: Language | null): Promise<void> {
  if (!language) return read(theClass, '', null);
  const { choosing, outWords, shown } = language.shown;
  await read(theClass, language.tag, { choosing, outWords, shown });
}

/** Changes the language all at once, when every part that is in use has come; as before where one does not come. */
async function read(who: Reader, tag: string, parts: Partial<Parts> | null): Promise<void> {
  const wish = ++who.wish;
  const words: Partial<Catalogue> = {};
  const wanted = [...needed.keys()].filter((name) => parts?.[name] !== undefined);
  await Promise.all(wanted.map(async (name) => take(words, name, await parts?.[name]?.())));
  if (wish !== who.wish) return;
  Object.assign(who, { tag, parts, words });
  who.coming.clear();
  who.failed.clear();
  begin();
  await wordsHere();
}

let order: { readonly tag: string; readonly words: LocaleWords } | null = null;

/** Puts words in the order of the language that the teacher reads, figures in them by what they are worth. */
export function spokenOrder(one: string, two: string): number {
  const tag = teacher.tag || 'en';
  if (order?.tag !== tag) order = { tag, words: localeWords(tag) };
  return order.words.compare(one, two);
}

function take(words: Partial<Catalogue>, name: keyof Catalogue, said: object | undefined): void {
  Object.assign(words, { [name]: said });
}

/** Resolves when all words of what is loaded so far are here; rejects where some do not come. */
export async function wordsHere(): Promise<void> {
  for (;;) {
    const missing = stillMissing();
    if (missing.length === 0) return;
    await Promise.all(missing.map(([who, name]) => (who ? arrival(who, name) : beginning)));
  }
}

/** Resolves to a part of the application when the words that it says are here as well. */
export async function withWords<T>(loading: Promise<T>): Promise<T> {
  const loaded = await loading;
  await wordsHere();
  return loaded;
}

/** Lets a view wait (React Suspense) for all words of what is loaded so far; throws where some did not come. */
export function untilWords(): void {
  if (stillMissing().length > 0) stillComing();
}

function stillComing(): never {
  const [failed] = [teacher, theClass].filter((who) => who.failed.size > 0);
  const [failure] = failed?.failed.values() ?? [];
  failed?.failed.clear();
  // eslint-disable-next-line @typescript-eslint/only-throw-error -- a promise is what a view waits for
  throw failure ?? wordsHere();
}

type Missing = readonly [Reader | null, keyof Catalogue];

/** The parts that have still to come, for everybody who reads them; for nobody yet before somebody reads. */
function stillMissing(): readonly Missing[] {
  return [...needed].flatMap(([name, english]): readonly Missing[] => {
    const readers = [teacher, theClass].filter(({ parts }) => parts?.[name] !== undefined);
    if (readers.length === 0) return english ? [] : [[null, name]];
    return readers.filter(({ words }) => !words[name]).map((who) => [who, name]);
  });
}

function arrival(who: Reader, name: keyof Catalogue): Promise<void> {
  const { coming, failed, parts, words } = who;
  const known = coming.get(name);
  if (known) return known;
  const fetching = Promise.resolve(parts?.[name]?.()).then(
    (said) => take(words, name, said),
    (reason: unknown) => {
      const error = reason instanceof Error ? reason : new Error(String(reason));
      // The next one who asks tries again.
      coming.delete(name);
      failed.set(name, error);
      throw error;
    },
  );
  coming.set(name, fetching);
  return fetching;
}

/**
 * One part of the language in use. Where the English is given it is what is said until another language is; where it is
 * not, as in a browser, a view that says a word too early waits for it (React Suspense).
 */
export function part<P extends keyof Catalogue>(
  name: P,
  english: Catalogue[P] | null,
): Catalogue[P] {
  needed.set(name, english);
  // On their way before the first word is said.
  if (teacher.parts ?? theClass.parts) void wordsHere().catch(() => undefined);
  const words = (): Catalogue[P] => {
    const who = theClass.parts?.[name] ? theClass : teacher;
    const said = who.words[name] ?? english;
    if (said) return said;
    return stillComing();
  };
  return new Proxy((english ?? {}) as Catalogue[P], {
    get: (_, word) => Reflect.get(words(), word) as unknown,
  });
}
