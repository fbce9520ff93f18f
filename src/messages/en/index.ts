import { clashSentence, notFound } from './clash';
import { commandLine } from './commandLine';
import { actions, frame, keyMap } from './frame';
import { groupName } from './groupNames';
import { groups, takes } from './groups';
import { recipe } from './recipe';
import { requestIssueSentence, sizingIssueSentence } from './requestIssues';
import { roster } from './roster';
import { rosterErrorSentence, rosterWarningSentence, skipReasons } from './rosterIssues';
import { clash, rules } from './rules';
import { lineups, shelf } from './shelf';
import { handoff, stage } from './stage';

export const en = {
  language: 'en',
  actions,
  clash,
  clashSentence,
  commandLine,
  frame,
  groupName,
  groups,
  handoff,
  keyMap,
  lineups,
  notFound,
  recipe,
  requestIssueSentence,
  roster,
  rosterErrorSentence,
  rosterWarningSentence,
  rules,
  shelf,
  sizingIssueSentence,
  skipReasons,
  stage,
  takes,
};
