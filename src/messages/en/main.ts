import { actions, frame } from './frame';
import { groupNaming, groupWords } from './groupNames';
import { privacy } from './privacy';

export const en = {
  language: 'en',
  actions,
  frame,
  groupNaming,
  groupWords,
  privacy,
};
