import { createParser } from 'eventsource-parser';
import type { Transport } from './client';

export interface LineEvent {
  readonly event: string;
  readonly data: string;
  readonly id: string | undefined;
}

/** How far what is shown can be trusted: told as it happens, lost for now, or over for good. */
export type LineState = 'connecting' | 'live' | 'lost' | 'token' | 'gone';

export interface Following {
  readonly url: string;
  readonly token: string;
  /** Id of the last event that is known; null for none. */
  readonly last: () => string | null;
  readonly onEvent: (event: LineEvent) => void | Promise<void>;
  readonly onLine: (line: LineState) => void;
  /** Ends a wait before the next try, as when the network is back. */
  readonly wake?: (again: () => void) => () => void;
}

/** After so long without a sign a line counts as broken; services send a sign of life before. */
const SILENT_MS = 20_000;
const FIRST_WAIT_MS = 150;
const LONGEST_WAIT_MS = 4_000;

/** Answers after which nothing more is to be had. */
const OVER: ReadonlyMap<number, LineState> = new Map([
  [401, 'token'],
  [403, 'token'],
  [404, 'gone'],
  [410, 'gone'],
]);

/** Follows a stream of events (`text/event-stream`) until it is stopped or over; a broken line is taken up again. */
export async function followEvents(
  { url, token, last, onEvent, onLine, wake }: Following,
  transport: Transport,
  stop: AbortSignal,
): Promise<void> {
  let failures = 0;
  while (!isStopped(stop)) {
    try {
      const since = last();
      const response = await inTime(
        transport.fetch(url, {
          headers: {
            Authorization: `Bearer ${token}`,
            Accept: 'text/event-stream',
            ...(since === null ? {} : { 'Last-Event-ID': since }),
          },
          ...{ signal: stop, cache: 'no-store', redirect: 'manual' },
        }),
        transport,
      );
      const ended = OVER.get(response.status);
      if (ended) {
        onLine(ended);
        return;
      }
      if (!response.ok || !response.body) throw new TypeError('failing');
      failures = 0;
      onLine('live');
      const onEvents = async (events: readonly LineEvent[]): Promise<boolean> => {
        for (const event of events) await onEvent(event);
        return true;
      };
      await readEvents(response.body, onEvents, transport);
    } catch {
      // Whatever broke it, the line is tried again.
    }
    if (isStopped(stop)) return;
    onLine('lost');
    const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** failures++);
    await pause(wait * (0.5 + transport.random()), transport, stop, wake);
  }
}

/** Reads a stream to its end, or until `onEvents` says false; what comes together is told together. */
export async function readEvents(
  body: ReadableStream<Uint8Array>,
  onEvents: (events: readonly LineEvent[]) => boolean | Promise<boolean>,
  transport: Transport,
): Promise<void> {
  const waiting: LineEvent[] = [];
  const parser = createParser({
    onEvent: ({ event = '', data, id }) => waiting.push({ event, data, id }),
  });
  const reader = body
    .pipeThrough(new TextDecoderStream() as never)
    .getReader() as ReadableStreamDefaultReader<string>;
  try {
    for (;;) {
      const { done, value } = await inTime(reader.read(), transport);
      if (done) return;
      parser.feed(value);
      if (!(await onEvents(waiting.splice(0)))) return;
    }
  } finally {
    void reader.cancel().catch(() => undefined);
  }
}

/** What comes of it, or an error where it takes longer than any service is silent. */
export async function inTime<T>(reading: Promise<T>, transport: Transport): Promise<T> {
  const silent = transport.sleep(SILENT_MS).then((): never => {
    throw new TypeError('silent');
  });
  // Whichever comes second is of no interest.
  silent.catch(() => undefined);
  return Promise.race([reading, silent]);
}

/** Waits, until it is woken or stopped at the longest. */
export function pause(
  ms: number,
  transport: Transport,
  stop: AbortSignal,
  wake: Following['wake'],
): Promise<void> {
  return new Promise((resolve) => {
    const done = (): void => {
      still?.();
      stop.removeEventListener('abort', done);
      resolve();
    };
    const still = wake?.(done);
    stop.addEventListener('abort', done);
    void transport.sleep(ms).then(done);
  });
}

/** Told by a function, since a signal changes while it is looked at. */
export function isStopped({ aborted }: AbortSignal): boolean {
  return aborted;
}
