import type { ArrangeOutcome } from '../core/arrange';
import type { ArrangeRequest, Effort } from '../core/format';
import type { Meetings, Rotation, TurnTable } from '../core/stations/types';
import type { AddressedLineup } from '../formats/out/lineupOut';
import type { WayOutId } from '../formats/out/list';
import type { Write } from '../formats/out/wayOut';
import type { OutOptions } from '../formats/out/options';
import type { FileText } from '../formats/roster/asText';
import type { ReadOptions, ReadRoster } from '../formats/roster/readRoster';
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

/** What the arranging worker is asked. */
export interface ArrangeAsk {
  readonly request: ArrangeRequest;
  readonly effort: Effort;
}

/** The arranging worker, seen by what it does. */
export class ArrangeClient {
  private readonly calls: WorkerCalls<ArrangeAsk, ArrangeOutcome>;

  constructor(start: () => WorkerLike<ArrangeAsk, ArrangeOutcome>) {
    this.calls = new WorkerCalls(start);
  }

  arrange(
    request: ArrangeRequest,
    { effort = 'normal', ...options }: CallOptions & { readonly effort?: Effort } = {},
  ): Promise<ArrangeOutcome> {
    return this.calls.call({ request, effort }, options);
  }

  close(): void {
    this.calls.close();
  }
}

/** What the roster worker is asked: to read pasted text, or to make text of a file. */
export type RosterAsk =
  | {
      readonly what: 'text';
      readonly text: string;
      readonly options: Pick<ReadOptions, 'columnName' | 'shape'>;
    }
  | { readonly what: 'file'; readonly bytes: Uint8Array; readonly options: ReadOptions };
export type RosterAnswer =
  | { readonly what: 'text'; readonly read: ReadRoster }
  | { readonly what: 'file'; readonly file: FileText };

/** The roster worker, seen by what it does. */
export class RosterClient {
  private readonly calls: WorkerCalls<RosterAsk, RosterAnswer>;

  constructor(start: () => WorkerLike<RosterAsk, RosterAnswer>) {
    this.calls = new WorkerCalls(start);
  }

  async readText(
    text: string,
    options: Pick<ReadOptions, 'columnName' | 'shape'>,
    call?: CallOptions,
  ): Promise<ReadRoster> {
    const answer = await this.calls.call({ what: 'text', text, options }, call);
    if (answer.what !== 'text') throw new WorkerError('failed', 'expected a read text');
    return answer.read;
  }

  async fileAsText(bytes: Uint8Array, options: ReadOptions = {}): Promise<FileText> {
    const answer = await this.calls.call({ what: 'file', bytes, options });
    if (answer.what !== 'file') throw new WorkerError('failed', 'expected the text of a file');
    return answer.file;
  }

  close(): void {
    this.calls.close();
  }
}

/** The client of the real worker; the worker itself starts with the first call. */
export function browserArrangeClient(): ArrangeClient {
  return new ArrangeClient(
    () =>
      new Worker(new URL('./arrange.worker.ts', import.meta.url), {
        type: 'module',
      }) as WorkerLike<ArrangeAsk, ArrangeOutcome>,
  );
}

export function browserRosterClient(): RosterClient {
  return new RosterClient(
    () =>
      new Worker(new URL('./roster.worker.ts', import.meta.url), {
        type: 'module',
      }) as WorkerLike<RosterAsk, RosterAnswer>,
  );
}

/** What the worker of the ways out is asked to write; templates and lineups may be long. */
export interface OutAsk {
  readonly wayOut: WayOutId;
  readonly lineup: AddressedLineup;
  readonly options: OutOptions;
  /** The tag of the language in which what leaves is written. */
  readonly language: string;
}

/** Calls the real worker of the ways out; it starts with the first call. */
export function browserOutCalls(): WorkerCalls<OutAsk, Write> {
  return new WorkerCalls(
    () =>
      new Worker(new URL('./out.worker.ts', import.meta.url), {
        type: 'module',
      }) as WorkerLike<OutAsk, Write>,
  );
}

/** What the stations worker is asked for: a table of turns at stations, or of meetings. */
export type StationsAsk =
  | { readonly kind: 'stations'; readonly rotation: Rotation }
  | { readonly kind: 'meet'; readonly meetings: Meetings };

/** Calls the real stations worker; it starts with the first call. */
export function browserStationsCalls(): WorkerCalls<StationsAsk, TurnTable> {
  return new WorkerCalls(
    () =>
      new Worker(new URL('./stations.worker.ts', import.meta.url), {
        type: 'module',
      }) as WorkerLike<StationsAsk, TurnTable>,
  );
}
