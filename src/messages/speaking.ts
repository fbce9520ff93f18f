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
import type { term } from './en/term';

/**
 * All that one language says, in parts that are loaded with the views that say them. A second language is a folder with
 * these parts and a line in `languages.ts`; the types demand every word.
 */
export interface Catalogue {
  readonly main: typeof en;
  readonly activities: typeof activities;
  readonly adults: typeof adults;
  readonly bench: typeof benchEn;
  readonly choosing: typeof choosing;
  readonly clash: typeof clashEn;
  readonly handoff: typeof handoffEn;
  readonly keys: typeof keyMap;
  readonly ladder: typeof ladder;
  readonly live: typeof liveEn;
  readonly out: typeof outEn;
  readonly prepare: typeof prepare;
  readonly roster: typeof rosterEn;
  readonly rules: typeof rulesEn;
  readonly seats: typeof seats;
  readonly shelf: typeof shelf;
  readonly term: typeof term;
}

/** A language that can be spoken: its tag (BCP 47), and where its words are; English is at hand always. */
export interface Language {
  readonly tag: string;
  readonly load: () => Promise<Catalogue>;
}

let spoken: Catalogue | null = null;

/** Makes everything speak a language from now on, English again with null; what is on screen must be drawn anew. */
export async function speak(language: Language | null): Promise<void> {
  spoken = language === null ? null : await language.load();
}

/** One part of the language in use; the English of the part is what it says until another one is loaded. */
export function part<P extends keyof Catalogue>(name: P, english: Catalogue[P]): Catalogue[P] {
  return new Proxy(english, {
    get: (_, word) => Reflect.get(spoken?.[name] ?? english, word) as unknown,
  });
}
