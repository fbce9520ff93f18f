import { fileAsText } from '../formats/roster/asText';
import { readRosterText } from '../formats/roster/readRoster';
import type { RosterAnswer, RosterAsk } from './rosterClient';
import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

// The global of a worker is a port, though the page's types call it a window.
const port = globalThis as unknown as Port<FromWorker<RosterAnswer>, ToWorker<RosterAsk>>;
serve(port, async (ask): Promise<RosterAnswer> => {
  if (ask.what === 'text') return { what: 'text', read: readRosterText(ask.text, ask.options) };
  return { what: 'file', file: await fileAsText(ask.bytes, ask.options) };
});
