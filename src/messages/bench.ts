import { benchEn } from './en/bench';

/** The words of what opens on the bench; loaded with it. */
export type BenchCatalogue = typeof benchEn;

export const sayBench: BenchCatalogue = benchEn;
