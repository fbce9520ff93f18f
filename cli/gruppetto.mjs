#!/usr/bin/env node
import { loadCommandLine } from '../scripts/bundle.mjs';

const { main, speakLocale } = await loadCommandLine();
await speakLocale(process.env);
process.exitCode = await main(process.argv.slice(2), (sentence) => console.error(sentence));
