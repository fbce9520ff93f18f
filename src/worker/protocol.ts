/** What a page needs to know of the engine's answers. */
export type { ArrangeResult, WayOut } from '../core/format';

/** What the page sends. Calls are numbered; a cancel names the call it ends. */
export type ToWorker<Ask> =
  | { readonly type: 'call'; readonly call: number; readonly ask: Ask }
  | { readonly type: 'cancel'; readonly call: number };

/** What the worker answers: any number of progress reports, then exactly one of the others. */
export type FromWorker<Answer> =
  | { readonly type: 'progress'; readonly call: number; readonly done: number }
  | { readonly type: 'finished'; readonly call: number; readonly answer: Answer }
  | { readonly type: 'cancelled'; readonly call: number }
  | { readonly type: 'failed'; readonly call: number; readonly message: string };

/** The part of a Worker that is used, so that tests need none. */
export interface Port<Out, In> {
  postMessage(message: Out): void;
  onmessage: ((event: { readonly data: In }) => void) | null;
}
