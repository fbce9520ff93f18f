import { clashSentence, notFound } from './clash';
import { commandLine } from './commandLine';
import { requestIssueSentence, sizingIssueSentence } from './requestIssues';

export const en = {
  clashSentence,
  notFound,
  commandLine,
  requestIssueSentence,
  sizingIssueSentence,
};
