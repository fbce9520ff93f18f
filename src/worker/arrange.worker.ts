import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

// The global of a worker is a port, though the page's types call it a window.
serve(globalThis as unknown as Port<FromWorker, ToWorker>);
