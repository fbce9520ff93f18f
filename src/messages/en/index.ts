import { clashSentence, notFound } from './clash';
import { commandLine } from './commandLine';
import { groupName } from './groupNames';
import { requestIssueSentence, sizingIssueSentence } from './requestIssues';

export const en = {
  clashSentence,
  notFound,
  groupName,
  commandLine,
  requestIssueSentence,
  sizingIssueSentence,
};
