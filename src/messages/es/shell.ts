import { commandLine } from './commandLine';
import { requestIssueSentence } from './requestIssues';

/** What only the command line says. */
export const shellEs = { commandLine, requestIssueSentence };
