import { actions, frame } from './frame';
import { groupNaming, groupWords } from './groupNames';
import { privacy } from './privacy';

export const es = {
  language: 'es',
  actions,
  frame,
  groupNaming,
  groupWords,
  privacy,
};
