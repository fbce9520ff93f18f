import type { WayOut } from './wayOut';

const TAKES = ['handout', 'link', 'moment', 'message'] as const;

/** A zip with a page for each group, and a list that leads to them. */
export const packHtml = {
  id: 'pack-html',
  needs: 'names',
  takes: TAKES,
  write: async (ask) => (await import('./handout/pack')).pack(ask, 'html'),
} as const satisfies WayOut;

/** A zip with a document for each group. */
export const packDocx = {
  id: 'pack-docx',
  needs: 'names',
  takes: TAKES,
  write: async (ask) => (await import('./handout/pack')).pack(ask, 'docx'),
} as const satisfies WayOut;
