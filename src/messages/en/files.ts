import { roster, rosterWords } from './roster';
import {
  classDoubtSentence,
  rosterErrorSentence,
  rosterWarningSentence,
  skipReasons,
} from './rosterIssues';

/** What only the reading of lists says: kept apart, so that the bench does not load it. */
export const rosterEn = {
  classDoubtSentence,
  roster,
  rosterErrorSentence,
  rosterWarningSentence,
  rosterWords,
  skipReasons,
};
