import type { ArrangeOutcome } from '../core/arrange';
import type { ArrangeRequest, Effort } from '../core/format';

/** What a page needs to know of the engine's answers. */
export type { ArrangeResult, WayOut } from '../core/format';

/** What the page sends. Calls are numbered; a cancel names the call it ends. */
export type ToWorker =
  | {
      readonly type: 'arrange';
      readonly call: number;
      readonly request: ArrangeRequest;
      readonly effort: Effort;
    }
  | { readonly type: 'cancel'; readonly call: number };

/** What the worker answers: any number of progress reports, then exactly one of the others. */
export type FromWorker =
  | { readonly type: 'progress'; readonly call: number; readonly done: number }
  | { readonly type: 'finished'; readonly call: number; readonly outcome: ArrangeOutcome }
  | { readonly type: 'cancelled'; readonly call: number }
  | { readonly type: 'failed'; readonly call: number; readonly message: string };

/** The part of a Worker that is used, so that tests need none. */
export interface Port<Out, In> {
  postMessage(message: Out): void;
  onmessage: ((event: { readonly data: In }) => void) | null;
}
