import { clashSentence, notFound } from './clash';
import { actions, frame, keyMap } from './frame';
import { groupName } from './groupNames';
import { groups, takes } from './groups';
import { privacy } from './privacy';
import { recipe } from './recipe';
import { sizingIssueSentence } from './requestIssues';
import { clash, rules } from './rules';
import { lineups, shelf } from './shelf';
import { handoff, stage } from './stage';

export const en = {
  language: 'en',
  actions,
  clash,
  clashSentence,
  frame,
  groupName,
  groups,
  handoff,
  keyMap,
  lineups,
  notFound,
  privacy,
  recipe,
  rules,
  shelf,
  sizingIssueSentence,
  stage,
  takes,
};
