import type { activities } from './en/activities';
import type { adults } from './en/adults';
import type { benchEn } from './en/bench';
import type { en } from './en';
import type { choosing } from './en/choosing';
import type { clashEn } from './en/clash';
import type { handoffEn } from './en/handoff';
import type { keyMap } from './en/frame';
import type { ladder } from './en/ladder';
import type { liveEn } from './en/live';
import type { outEn } from './en/stage';
import type { prepare } from './en/prepare';
import type { rosterEn } from './en/files';
import type { rulesEn } from './en/ruleTools';
import type { seats } from './en/seats';
import type { shelf } from './en/shelf';
import type { shown } from './en/shown';
import type { term } from './en/term';
import type { outWords } from './en/waysOut';

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
  readonly clash: Said<typeof clashEn>;
  readonly handoff: Said<typeof handoffEn>;
  readonly keys: Said<typeof keyMap>;
  readonly ladder: Said<typeof ladder>;
  readonly live: Said<typeof liveEn>;
  readonly out: Said<typeof outEn>;
  readonly outWords: Said<typeof outWords>;
  readonly prepare: Said<typeof prepare>;
  readonly roster: Said<typeof rosterEn>;
  readonly rules: Said<typeof rulesEn>;
  readonly seats: Said<typeof seats>;
  readonly shelf: Said<typeof shelf>;
  readonly shown: Said<typeof shown>;
  readonly term: Said<typeof term>;
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

/** Words for the whole catalogue and nothing besides: a word that is no longer said does not compile. */
export function exactly<T extends Partial<Catalogue>>(words: T & NoMore<T, Catalogue>): T {
  return words;
}

/** The parts that a class reads; a language may have these alone. */
const SHOWN = ['choosing', 'outWords', 'shown'] as const;
type ShownPart = (typeof SHOWN)[number];
export type ShownCatalogue = Pick<Catalogue, ShownPart>;

/** A language, and where its words are; English is at hand always. */
export interface Language {
  /** BCP 47. */
  readonly tag: string;
  /** What it calls itself. */
  readonly name: string;
  readonly direction: 'ltr' | 'rtl';
  /** All its words; null for one that only classes read. */
  readonly load: (() => Promise<Catalogue>) | null;
  /** What a class reads; the English for what it has not. */
  readonly loadShown: () => Promise<Partial<ShownCatalogue>>;
}

let spoken: Partial<Catalogue> = {};
/** What the class reads, where that is not as the teacher reads. */
let shownTo: Partial<ShownCatalogue> | null = null;
/** Words may arrive in another order than they were wished for: the latest wish holds. */
const wishes = { speak: 0, show: 0 };

/** Makes everything speak a language from now on, English again with null; what is on screen must be drawn anew. */
export async function speak(language: Language | null): Promise<void> {
  const wish = ++wishes.speak;
  const words = (await language?.load?.()) ?? {};
  if (wish === wishes.speak) spoken = words;
}

/** Shows a class everything in a language from now on, in the teacher's again with null. */
export async function showIn(language: Language | null): Promise<void> {
  const wish = ++wishes.show;
  const words = (await language?.loadShown()) ?? null;
  if (wish === wishes.show) shownTo = words;
}

/** One part of the language in use; the English of the part is what it says until another one is loaded. */
export function part<P extends keyof Catalogue>(name: P, english: Catalogue[P]): Catalogue[P] {
  const words = (): Catalogue[P] => {
    const all: Partial<Catalogue> = shownTo !== null && isShown(name) ? shownTo : spoken;
    return all[name] ?? english;
  };
  return new Proxy(english, { get: (_, word) => Reflect.get(words(), word) as unknown });
}

function isShown(name: keyof Catalogue): name is ShownPart {
  return (SHOWN as readonly string[]).includes(name);
}
