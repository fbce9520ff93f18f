import { actions, frame } from './frame';
import { groupNaming, groupWords } from './groupNames';
import { groups, measures, takes } from './groups';
import { privacy } from './privacy';
import { recipe } from './recipe';
import { sizingIssueSentence } from './requestIssues';
import { rules } from './rules';
import { lineups } from './shelf';
import { compare } from './words';

export const es = {
  language: 'es',
  actions,
  compare,
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
