import type { WayOut } from './wayOut';

/** vCard 4 (RFC 6350): a card for each person, and one for each group. */
export const vcard = {
  id: 'vcard',
  needs: 'names',
  takes: ['addresses', 'link'],
  write: async (ask) => (await import('./cardFile')).cardFile(ask),
} as const satisfies WayOut;
