import type { FromWorker, Port, ToWorker } from './protocol';

/** Why a call brought no answer. */
export class WorkerError extends Error {
  constructor(
    readonly code: 'cancelled' | 'failed' | 'workerDied',
    message: string,
  ) {
    super(message);
    this.name = 'WorkerError';
  }
}

export interface CallOptions {
  /** Called with the part done, 0 to 1. */
  readonly onProgress?: ((done: number) => void) | undefined;
  readonly signal?: AbortSignal | undefined;
}

/** A worker as seen from the page. */
export interface WorkerLike<Ask, Answer> extends Port<ToWorker<Ask>, FromWorker<Answer>> {
  onerror: ((event: { readonly message?: string }) => void) | null;
  onmessageerror: (() => void) | null;
  terminate(): void;
}

interface Pending<Answer> {
  readonly resolve: (answer: Answer) => void;
  readonly reject: (error: WorkerError) => void;
  readonly onProgress: ((done: number) => void) | undefined;
}

/**
 * Calls one worker. Every call settles: with its answer, or with a WorkerError when it fails, is cancelled, or the
 * worker dies; after a death the next call starts a fresh worker.
 */
export class WorkerCalls<Ask, Answer> {
  private worker: WorkerLike<Ask, Answer> | null = null;
  private readonly pending = new Map<number, Pending<Answer>>();
  private lastCall = 0;

  constructor(private readonly start: () => WorkerLike<Ask, Answer>) {}

  call(ask: Ask, options: CallOptions = {}): Promise<Answer> {
    const { signal, onProgress } = options;
    const call = ++this.lastCall;
    return new Promise((resolve, reject) => {
      if (signal?.aborted) {
        reject(new WorkerError('cancelled', 'cancelled before it began'));
        return;
      }
      const cancel = (): void => {
        this.worker?.postMessage({ type: 'cancel', call });
        this.settle(call)?.reject(new WorkerError('cancelled', 'cancelled'));
      };
      const ended = (): void => signal?.removeEventListener('abort', cancel);
      this.pending.set(call, {
        resolve: (answer) => {
          ended();
          resolve(answer);
        },
        reject: (error) => {
          ended();
          reject(error);
        },
        onProgress,
      });
      signal?.addEventListener('abort', cancel);
      try {
        this.running().postMessage({ type: 'call', call, ask });
      } catch (error) {
        this.die(error instanceof Error ? error.message : String(error));
      }
    });
  }

  /** Ends the worker; calls under way are rejected. */
  close(): void {
    this.die('closed');
  }

  private running(): WorkerLike<Ask, Answer> {
    if (this.worker) return this.worker;
    const worker = this.start();
    worker.onmessage = ({ data }) => this.receive(data);
    worker.onerror = ({ message }) => this.die(message ?? 'the worker stopped');
    worker.onmessageerror = () => this.die('a message could not be read');
    this.worker = worker;
    return worker;
  }

  private receive(message: FromWorker<Answer>): void {
    switch (message.type) {
      case 'progress':
        this.pending.get(message.call)?.onProgress?.(message.done);
        return;
      case 'finished':
        this.settle(message.call)?.resolve(message.answer);
        return;
      case 'cancelled':
        this.settle(message.call)?.reject(new WorkerError('cancelled', 'cancelled'));
        return;
      case 'failed':
        this.settle(message.call)?.reject(new WorkerError('failed', message.message));
        return;
      default:
        message satisfies never;
    }
  }

  private settle(call: number): Pending<Answer> | undefined {
    const pending = this.pending.get(call);
    this.pending.delete(call);
    return pending;
  }

  private die(message: string): void {
    this.worker?.terminate();
    this.worker = null;
    const waiting = [...this.pending.values()];
    this.pending.clear();
    waiting.forEach(({ reject }) => reject(new WorkerError('workerDied', message)));
  }
}
