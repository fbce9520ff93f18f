import { arrange } from '../core/arrange';
import type { FromWorker, Port, ToWorker } from './protocol';

/** The search runs this long before it looks whether somebody has cancelled. */
const SLICE_MS = 25;

/** Answers calls on the port; several run side by side, a slice each. */
export function serve(
  port: Port<FromWorker, ToWorker>,
  pause: () => Promise<void> = nextMessage,
  clock: () => number = () => performance.now(),
): void {
  const cancelled = new Set<number>();
  port.onmessage = ({ data }) => {
    if (data.type === 'cancel') cancelled.add(data.call);
    else void answer(data);
  };

  async function answer(message: Extract<ToWorker, { type: 'arrange' }>): Promise<void> {
    const { call } = message;
    try {
      const search = arrange(message.request, message.effort);
      let until = clock() + SLICE_MS;
      for (;;) {
        const step = search.next();
        if (step.done) {
          port.postMessage({ type: 'finished', call, outcome: step.value });
          return;
        }
        if (clock() < until) continue;
        port.postMessage({ type: 'progress', call, done: step.value.done });
        await pause();
        if (cancelled.delete(call)) {
          port.postMessage({ type: 'cancelled', call });
          return;
        }
        until = clock() + SLICE_MS;
      }
    } catch (error) {
      const failure = error instanceof Error ? error.message : String(error);
      port.postMessage({ type: 'failed', call, message: failure });
    } finally {
      cancelled.delete(call);
    }
  }
}

/** Lets waiting messages in; a channel's message comes at once where a timer would wait 4 ms. */
function nextMessage(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}
