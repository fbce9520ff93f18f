import { clashSentence, notFound } from './clash';
import { commandLine } from './commandLine';
import { actions, frame, keyMap } from './frame';
import { groupName } from './groupNames';
import { groups, takes } from './groups';
import { privacy } from './privacy';
import { recipe } from './recipe';
import { requestIssueSentence, sizingIssueSentence } from './requestIssues';
import { roster, rosterWords } from './roster';
import {
  classDoubtSentence,
  rosterErrorSentence,
  rosterWarningSentence,
  skipReasons,
} from './rosterIssues';
import { clash, rules } from './rules';
import { classFileIssueSentence, lineups, shelf } from './shelf';
import { handoff, stage } from './stage';

export const en = {
  language: 'en',
  actions,
  clash,
  clashSentence,
  classDoubtSentence,
  classFileIssueSentence,
  commandLine,
  frame,
  groupName,
  groups,
  handoff,
  keyMap,
  lineups,
  notFound,
  privacy,
  recipe,
  requestIssueSentence,
  roster,
  rosterErrorSentence,
  rosterWarningSentence,
  rosterWords,
  rules,
  shelf,
  sizingIssueSentence,
  skipReasons,
  stage,
  takes,
};
