import { frame } from './frame';
import { groupNaming, groupWords } from './groupNames';
import { privacy } from './privacy';

export const es = {
  language: 'es',
  frame,
  groupNaming,
  groupWords,
  privacy,
};
