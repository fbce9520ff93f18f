import type { ArrangeOutcome } from '../core/arrange';
import type { ArrangeRequest, Effort } from '../core/format';
import { WorkerCalls, type CallOptions, type WorkerLike } from './client';

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

/** The client of the real worker; the worker itself starts with the first call. */
export function browserArrangeClient(): ArrangeClient {
  return new ArrangeClient(
    () =>
      new Worker(new URL('./arrange.worker.ts', import.meta.url), {
        type: 'module',
      }) as WorkerLike<ArrangeAsk, ArrangeOutcome>,
  );
}
