import { arrange, type ArrangeOutcome } from '../core/arrange';
import type { ArrangeAsk } from './arrangeClient';
import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

// The global of a worker is a port, though the page's types call it a window.
const port = globalThis as unknown as Port<FromWorker<ArrangeOutcome>, ToWorker<ArrangeAsk>>;
serve(port, ({ request, effort }) => arrange(request, effort));
