import { configureGlobal } from 'fast-check';

/** Fuzz tests run for every mutant: they end after a while, and at the first failure without looking for a smaller one. */
configureGlobal({ interruptAfterTimeLimit: 2_000, endOnFailure: true });
