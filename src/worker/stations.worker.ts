import { meetingTable } from '../core/stations/meetings';
import { stationTable } from '../core/stations/rotation';
import type { TurnTable } from '../core/stations/types';
import type { StationsAsk } from './stationsCalls';
import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

// The global of a worker is a port, though the page's types call it a window.
const port = globalThis as unknown as Port<FromWorker<TurnTable>, ToWorker<StationsAsk>>;
serve(port, (ask): Promise<TurnTable> => {
  const table = ask.kind === 'meet' ? meetingTable(ask.meetings) : stationTable(ask.rotation);
  return Promise.resolve(table);
});
