import type { WayOut } from './wayOut';

/** iCalendar (RFC 5545): an event for each group, or one for all. */
export const icalendar = {
  id: 'icalendar',
  needs: 'names',
  takes: ['moment', 'addresses', 'link'],
  write: async (ask) => (await import('./calendarFile')).calendarFile(ask),
} as const satisfies WayOut;
