import type { ArrangeOutcome } from '../core/arrange';
import type { ArrangeRequest, Effort } from '../core/format';
import type { FromWorker, Port, ToWorker } from './protocol';

/** Why a call brought no outcome. */
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
  readonly effort?: Effort;
  /** Called with the part done, 0 to 1. */
  readonly onProgress?: (done: number) => void;
  readonly signal?: AbortSignal;
}

/** A worker as seen from the page. */
export interface WorkerLike extends Port<ToWorker, FromWorker> {
  onerror: ((event: { readonly message?: string }) => void) | null;
  onmessageerror: (() => void) | null;
  terminate(): void;
}

interface Pending {
  readonly resolve: (outcome: ArrangeOutcome) => void;
  readonly reject: (error: WorkerError) => void;
  readonly onProgress: ((done: number) => void) | undefined;
}

/**
 * Calls the arranging worker. Every call settles: with its outcome, or with a WorkerError when it fails, is
 * cancelled, or the worker dies; after a death the next call starts a fresh worker.
 */
export class ArrangeClient {
  private worker: WorkerLike | null = null;
  private readonly pending = new Map<number, Pending>();
  private lastCall = 0;

  constructor(private readonly start: () => WorkerLike) {}

  arrange(request: ArrangeRequest, options: CallOptions = {}): Promise<ArrangeOutcome> {
    const { signal, onProgress, effort = 'normal' } = options;
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
        resolve: (outcome) => {
          ended();
          resolve(outcome);
        },
        reject: (error) => {
          ended();
          reject(error);
        },
        onProgress,
      });
      signal?.addEventListener('abort', cancel);
      try {
        this.running().postMessage({ type: 'arrange', call, request, effort });
      } catch (error) {
        this.die(error instanceof Error ? error.message : String(error));
      }
    });
  }

  /** Ends the worker; calls under way are rejected. */
  close(): void {
    this.die('closed');
  }

  private running(): WorkerLike {
    if (this.worker) return this.worker;
    const worker = this.start();
    worker.onmessage = ({ data }) => this.receive(data);
    worker.onerror = ({ message }) => this.die(message ?? 'the worker stopped');
    worker.onmessageerror = () => this.die('a message could not be read');
    this.worker = worker;
    return worker;
  }

  private receive(message: FromWorker): void {
    switch (message.type) {
      case 'progress':
        this.pending.get(message.call)?.onProgress?.(message.done);
        return;
      case 'finished':
        this.settle(message.call)?.resolve(message.outcome);
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

  private settle(call: number): Pending | undefined {
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

/** The client of the real worker; the worker itself starts with the first call. */
export function browserArrangeClient(): ArrangeClient {
  return new ArrangeClient(
    () =>
      new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' }) as WorkerLike,
  );
}
