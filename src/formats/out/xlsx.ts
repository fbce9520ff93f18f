import type { WayOut } from './wayOut';

/** A workbook (ECMA-376): a sheet by group and one by name. */
export const xlsx = {
  id: 'xlsx',
  needs: 'names',
  takes: ['addresses', 'layout', 'link'],
  write: async (ask) => (await import('./workbook')).workbook(ask),
} as const satisfies WayOut;
