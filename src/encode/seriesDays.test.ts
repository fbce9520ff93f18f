import { daysIn, daysMovedOn, daysOf, takenDays } from './seriesDays';

const wish = (every: 'day' | 'week' | 'twoWeeks' | null, rounds: number, notOn: string[] = []) => ({
  ...{ every, rounds, notOn, from: '2026-11-26' },
});

describe('the days of a series', () => {
  test('go by school days, weeks or every two weeks; 26 November 2026 is a Thursday', () => {
    expect(daysOf(wish('day', 4))).toEqual([
      '2026-11-26',
      '2026-11-27',
      '2026-11-30',
      '2026-12-01',
    ]);
    expect(daysOf(wish('week', 3))).toEqual(['2026-11-26', '2026-12-03', '2026-12-10']);
    expect(daysOf(wish('twoWeeks', 2))).toEqual(['2026-11-26', '2026-12-10']);
    expect(daysOf(wish(null, 3))).toEqual([]);
  });

  test('may be on a weekend where a round a week is', () => {
    expect(daysOf({ ...wish('week', 2), from: '2026-11-28' })).toEqual([
      '2026-11-28',
      '2026-12-05',
    ]);
  });

  test('pass over days that are left out, each of which moves the last one on', () => {
    expect(daysOf(wish('week', 3, ['2026-12-03']))).toEqual([
      ...['2026-11-26', '2026-12-10', '2026-12-17'],
    ]);
    expect(daysOf(wish('day', 3, ['2026-11-27', '2026-11-28', '2026-11-30']))).toEqual([
      ...['2026-11-26', '2026-12-01', '2026-12-02'],
    ]);
  });

  test('move on by one where one falls out, and the last comes after it as they were planned', () => {
    const days = ['2026-11-26', '2026-12-03', '2026-12-10'];
    expect(daysMovedOn(days, 1, { every: 'week', notOn: ['2026-12-17'] })).toEqual([
      ...['2026-11-26', '2026-12-10', '2026-12-24'],
    ]);
    expect(daysMovedOn(days, 0, { every: 'twoWeeks', notOn: [] })).toEqual([
      ...['2026-12-03', '2026-12-10', '2026-12-24'],
    ]);
    // Without days of their own: a week later.
    expect(daysMovedOn(days, 2, { every: null, notOn: [] })).toEqual([
      ...['2026-11-26', '2026-12-03', '2026-12-17'],
    ]);
    expect(daysMovedOn([], 0, { every: 'week', notOn: [] })).toEqual([]);
  });
});

describe('days of a series that are taken', () => {
  test('are told, with the first day of the same kind after all that are', () => {
    const taken = ['2027-01-13', '2026-12-03', '2026-11-25', '2026-12-10'];
    expect(takenDays(wish('week', 3), taken)).toEqual({
      ...{ days: ['2026-12-03', '2026-12-10'], after: '2027-01-14' },
    });
    // A day of theirs that is left out is passed over.
    expect(takenDays(wish('week', 3, ['2027-01-14']), taken)?.after).toBe('2027-01-21');
    expect(takenDays(wish('day', 1), ['2026-11-26', '2026-11-27'])).toEqual({
      ...{ days: ['2026-11-26'], after: '2026-11-30' },
    });
  });

  test('are none where all others are on other days, or the series has none of its own', () => {
    expect(takenDays(wish('twoWeeks', 2), ['2026-12-03'])).toBeNull();
    expect(takenDays(wish('week', 2), [])).toBeNull();
    expect(takenDays(wish(null, 2), ['2026-11-26'])).toBeNull();
  });
});

describe('days out of a text', () => {
  test('are days and stretches of days, in order and each once', () => {
    expect(daysIn('2026-12-24\n\n2026-10-26 to 2026-10-28\n2026-10-27 - 2026-10-29')).toEqual({
      days: ['2026-10-26', '2026-10-27', '2026-10-28', '2026-10-29', '2026-12-24'],
      unread: null,
    });
    expect(daysIn('').days).toEqual([]);
  });

  test.each([
    ['no day', 'holidays'],
    ['a day that no month has', '2026-04-31'],
    ['an end before its beginning', '2026-10-28 to 2026-10-26'],
    ['a slip of the year', '2026-10-26 to 2027-10-30'],
    ['half a stretch', '2026-10-26 to tomorrow'],
  ])('leave %s unread, and take the rest', (_, line) => {
    expect(daysIn(`2026-10-01\n${line}\nnonsense\n2026-10-02`)).toEqual({
      days: ['2026-10-01', '2026-10-02'],
      unread: line,
    });
  });

  test('may be as long as the longest holidays, and not a day longer', () => {
    expect(daysIn('2026-06-01 to 2026-09-29').days).toHaveLength(121);
    expect(daysIn('2026-06-01 to 2026-09-30').unread).toBe('2026-06-01 to 2026-09-30');
  });
});
