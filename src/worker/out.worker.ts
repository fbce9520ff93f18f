import { ENGLISH, languageCalled } from '../messages/languages';
import { sayOutWords } from '../messages/outWords';
import { wayOutOf, writeOut } from '../formats/out/list';
import type { Write } from '../formats/out/wayOut';
import { showIn } from '../messages/speaking';
import type { OutAsk } from './outCalls';
import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

// The global of a worker is a port, though the page's types call it a window.
const port = globalThis as unknown as Port<FromWorker<Write>, ToWorker<OutAsk>>;
serve(port, async ({ wayOut, lineup, options, language }, report): Promise<Write> => {
  const chosen = wayOutOf(wayOut);
  if (!chosen) throw new Error(`no way out is called ${wayOut}`);
  await showIn(languageCalled(language) ?? ENGLISH);
  return writeOut(chosen, lineup, options, sayOutWords, report);
});
