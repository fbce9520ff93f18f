import { wayOutOf, writeOut } from '../formats/out/list';
import type { Write } from '../formats/out/wayOut';
import { sayHandoff } from '../messages/handoff';
import type { OutAsk } from './client';
import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

// The global of a worker is a port, though the page's types call it a window.
const port = globalThis as unknown as Port<FromWorker<Write>, ToWorker<OutAsk>>;
serve(port, ({ wayOut, lineup, options }, report): Promise<Write> => {
  const chosen = wayOutOf(wayOut);
  if (!chosen) throw new Error(`no way out is called ${wayOut}`);
  return writeOut(chosen, lineup, options, sayHandoff.outWords, report);
});
