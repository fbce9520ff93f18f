/** What a page says to its worker. */
export type ToWorker =
  /** Asks to be served from now on, naming the scripts the page was made of. */
  | { readonly type: 'serveMe'; readonly scripts: readonly string[] }
  /** Lets a newer build that waits take over; the name is that of the package. */
  | { readonly type: 'SKIP_WAITING' };
