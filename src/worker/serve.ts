import type { FromWorker, Port, ToWorker } from './protocol';

/** Work in steps: how far it has come, then its answer. */
export type Steps<Answer> = Generator<{ readonly done: number }, Answer, void>;

/** Work runs this long before it looks whether somebody has cancelled. */
const SLICE_MS = 25;

/** Says how far work has come, lets waiting messages in, and ends the work by throwing where it was cancelled. */
export type Report = (done: number) => Promise<void>;

/** Answers calls on the port; several run side by side, a slice each. */
export function serve<Ask, Answer>(
  port: Port<FromWorker<Answer>, ToWorker<Ask>>,
  work: (ask: Ask, report: Report) => Steps<Answer> | Promise<Answer>,
  pause: () => Promise<void> = nextMessage,
  clock: () => number = () => performance.now(),
): void {
  const cancelled = new Set<number>();
  port.onmessage = ({ data }) => {
    if (data.type === 'cancel') cancelled.add(data.call);
    else void answer(data.call, data.ask);
  };

  async function answer(call: number, ask: Ask): Promise<void> {
    try {
      const begun = work(ask, reporter(call));
      const done = begun instanceof Promise ? await begun : await drive(call, begun);
      if (done !== CANCELLED) port.postMessage({ type: 'finished', call, answer: done });
      else port.postMessage({ type: 'cancelled', call });
    } catch (error) {
      if (error === CANCELLED) {
        port.postMessage({ type: 'cancelled', call });
        return;
      }
      const failure = error instanceof Error ? error.message : String(error);
      port.postMessage({ type: 'failed', call, message: failure });
    } finally {
      cancelled.delete(call);
    }
  }

  function reporter(call: number): Report {
    let until = clock() + SLICE_MS;
    return async (done) => {
      if (clock() < until) return;
      port.postMessage({ type: 'progress', call, done });
      await pause();
      // eslint-disable-next-line @typescript-eslint/only-throw-error -- no failure, and nobody else throws it
      if (cancelled.delete(call)) throw CANCELLED;
      until = clock() + SLICE_MS;
    };
  }

  async function drive(call: number, steps: Steps<Answer>): Promise<Answer | typeof CANCELLED> {
    let until = clock() + SLICE_MS;
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (clock() < until) continue;
      port.postMessage({ type: 'progress', call, done: step.value.done });
      await pause();
      if (cancelled.delete(call)) return CANCELLED;
      until = clock() + SLICE_MS;
    }
  }
}

const CANCELLED = Symbol('cancelled');

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
