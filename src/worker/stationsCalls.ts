import type { Meetings, Rotation, TurnTable } from '../core/stations/types';
import { WorkerCalls, type WorkerLike } from './client';

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
