import { actions, frame } from './frame';
import { groupNaming, groupWords } from './groupNames';
import { groups, measures, takes } from './groups';
import { privacy } from './privacy';
import { recipe } from './recipe';
import { sizingIssueSentence } from './requestIssues';
import { rules } from './rules';
import { lineups } from './shelf';

export const en = {
  language: 'en',
  actions,
  frame,
  groupNaming,
  groupWords,
  groups,
  lineups,
  measures,
  privacy,
  recipe,
  rules,
  sizingIssueSentence,
  takes,
};
