import { frame } from './frame';
import { groupNaming, groupWords } from './groupNames';
import { privacy } from './privacy';

export const en = {
  language: 'en',
  frame,
  groupNaming,
  groupWords,
  privacy,
};
