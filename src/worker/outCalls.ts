import type { AddressedLineup } from '../formats/out/lineupOut';
import type { WayOutId } from '../formats/out/list';
import type { OutOptions } from '../formats/out/options';
import type { Write } from '../formats/out/wayOut';
import { WorkerCalls, type WorkerLike } from './client';

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
