import { newLineup } from '@/schema/lineup';
import { ClassId, LineupId } from '@/schema/ids';
import { sameDistance } from './sameDistance';

const lineup = (planned: string | null, used: string | null = null) => ({
  ...newLineup(LineupId.parse('l'), ClassId.parse('c'), 'Week', '2026-10-15T09:00:00.000Z'),
  planned: planned === null ? null : { seriesId: null, on: planned, also: [] },
  used: used === null ? null : { on: used, here: null, again: [] },
});

test.each([
  // Due two days after its lineup's day, over the end of a month and of summer time.
  ['2026-10-17T16:30', lineup('2026-10-15'), lineup('2026-10-29'), '2026-10-31T16:30'],
  ['2026-10-24T09:00', lineup('2026-10-22'), lineup('2026-10-24'), '2026-10-26T09:00'],
  ['2026-10-14T16:30', lineup('2026-10-15'), lineup('2026-11-01'), '2026-10-31T16:30'],
  ['2026-10-17T16:30', lineup(null), lineup('2026-10-29'), '2026-10-29T16:30'],
  ['2026-10-17T16:30', undefined, lineup(null, '2026-10-20'), '2026-10-20T16:30'],
  ['2026-10-17T16:30', lineup('2026-10-15'), lineup(null), null],
  [null, lineup('2026-10-15'), lineup('2026-10-29'), null],
])('%s of one lineup is as far after the day of another', (moment, from, to, becomes) => {
  expect(sameDistance(moment, from, to)).toBe(becomes);
});
