import type { AddressedLineup, AnyLineup } from './lineupOut';
import type { LinkIssue } from './links';
import type { HandoutIssue } from './handout/types';
import type { OutOptions } from './options';
import type { OutWords } from './words';

/** What a writer is given: the lineup with the links of its groups, what was chosen, and the words. */
export interface OutAsk<Lineup extends AnyLineup = AnyLineup> {
  readonly lineup: Omit<Lineup, 'groups'> & {
    readonly groups: readonly (Lineup['groups'][number] & { readonly link: string })[];
  };
  readonly options: OutOptions;
  readonly words: OutWords;
  /** Told the part done after each page of many, 0 to 1; stops the writing by throwing. */
  readonly onPage?: (done: number) => void | Promise<void>;
}

/** Why a way out cannot be written. */
export type OutIssue =
  | LinkIssue
  | HandoutIssue
  | { readonly code: 'noGroups' | 'needsLinkTemplate' | 'needsMoment' }
  | { readonly code: 'badDate' | 'badTime' | 'badMinutes'; readonly given: string };

export interface Written {
  readonly ok: true;
  /** Letters after the dot of the file's name. */
  readonly end: string;
  /** Media type. */
  readonly type: string;
  readonly content: string | Uint8Array;
  /** The same for the clipboard: for programs that know more than plain text, and for those that do not. */
  readonly clip?: { readonly html: string; readonly plain: string };
}
export type Write = Written | { readonly ok: false; readonly issue: OutIssue };

interface WayOutBase {
  readonly id: string;
  /** What it asks for beside the lineup, in the order in which that is offered. */
  readonly takes: readonly Taken[];
}

/** Options that a way out makes use of. */
export type Taken =
  'addresses' | 'layout' | 'link' | 'moment' | 'letter' | 'handout' | 'message' | 'letterTo';

/** One way out: pure, from a lineup to a text or bytes. A new one is a file, a line in `list.ts` and its words. */
export type WayOut = WayOutBase &
  (
    | {
        /** Names alone, or addresses where they are asked for. */
        readonly needs: 'names';
        readonly write: (ask: OutAsk) => Write | Promise<Write>;
      }
    | {
        readonly needs: 'addresses';
        readonly write: (ask: OutAsk<AddressedLineup>) => Write | Promise<Write>;
      }
  );

/** A text that has been written. */
export function textFile(
  end: string,
  type: string,
  content: string,
  clip?: Written['clip'],
): Written {
  return {
    ok: true,
    end,
    type: `${type};charset=utf-8`,
    content,
    ...(clip ? { clip } : {}),
  };
}
