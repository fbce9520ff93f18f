import { classFileIssueSentence } from './classFileIssues';
import { commandLine } from './commandLine';
import { requestIssueSentence } from './requestIssues';
import { roster, rosterWords } from './roster';
import {
  classDoubtSentence,
  rosterErrorSentence,
  rosterWarningSentence,
  skipReasons,
} from './rosterIssues';

/** What only the roster, files and the command line say: kept apart, so that the bench does not load it. */
export const rosterEs = {
  classDoubtSentence,
  classFileIssueSentence,
  commandLine,
  requestIssueSentence,
  roster,
  rosterErrorSentence,
  rosterWarningSentence,
  rosterWords,
  skipReasons,
};
