import type { SeatState } from './state';

/** A line without news says so often that it still stands. */
const SIGN_MS = 10_000;

/** What lines are open to, and the ends of those that are. */
export interface Told {
  readonly state: SeatState;
  readonly lines: Set<() => void>;
}

/**
 * A line of server-sent events: after each change of the session what `next` has to tell ('' for nothing), `gatherMs` later,
 * so that what comes together goes out together.
 */
export function streaming(
  { state, lines }: Told,
  gone: AbortSignal,
  gatherMs: number,
  next: () => string,
): Response {
  const encoder = new TextEncoder();
  let end = (): void => undefined;
  const body = new ReadableStream<Uint8Array>({
    start: (controller) => {
      let waiting: ReturnType<typeof setTimeout> | null = null;
      const send = (): void => {
        waiting = null;
        const text = next();
        if (text !== '') controller.enqueue(encoder.encode(text));
      };
      const stopListening = state.listen(() => {
        waiting ??= setTimeout(send, gatherMs);
      });
      const sign = setInterval(() => controller.enqueue(encoder.encode(': here\n\n')), SIGN_MS);
      end = () => {
        stopListening();
        lines.delete(close);
        clearInterval(sign);
        if (waiting !== null) clearTimeout(waiting);
        gone.removeEventListener('abort', close);
      };
      const close = (): void => {
        end();
        controller.close();
      };
      lines.add(close);
      gone.addEventListener('abort', close);
      controller.enqueue(encoder.encode(': here\n\n'));
      send();
    },
    cancel: () => end(),
  });
  return new Response(body, {
    headers: {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'X-Accel-Buffering': 'no',
    },
  });
}
