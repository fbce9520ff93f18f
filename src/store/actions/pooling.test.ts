import { newAdult, type AdultRecord } from '../../schema/adult';
import { AdultId, ClassId, PeriodId, ResultsId, StudentId } from '../../schema/ids';
import type { ResultsRecord } from '../../schema/results';
import { joinedAdults, joinedResults } from './pooling';

const times = (...names: string[]): PeriodId[] => names.map((name) => PeriodId.parse(name));
const adult = (name: string, known: Partial<AdultRecord> = {}): AdultRecord => ({
  ...newAdult(AdultId.parse(`a ${name}`), ClassId.parse('c'), 7, { name, email: '' }),
  ...known,
});

test('adults of one name are one, whatever their capitals: what either says holds, and nothing is lost', () => {
  const joined = joinedAdults([
    adult('Maren', { times: times('mon'), skills: ['maps'], never: [StudentId.parse('Ana')] }),
    adult('Teodor', { room: 'Lab' }),
    adult('MAREN', {
      ...{ times: times('mon', 'tue'), skills: ['flow'], atOnce: 3, room: 'Hall' },
      ...{ email: 'maren@example.org', never: [StudentId.parse('Bo')] },
    }),
  ]);
  expect(joined.map(({ name, order }) => [name, order])).toEqual([
    ['Maren', 1],
    ['Teodor', 2],
  ]);
  expect(joined[0]).toMatchObject({
    ...{ times: ['mon', 'tue'], skills: ['maps', 'flow'], never: ['Ana', 'Bo'] },
    ...{ atOnce: 3, room: 'Hall', email: 'maren@example.org' },
  });
});

test('whoever teaches everything in one class teaches everything in the pool', () => {
  const [one] = joinedAdults([adult('Maren', { skills: ['maps'] }), adult('Maren')]);
  expect(one?.skills).toEqual([]);
});

test('a test of one name, day and questions is one test; another day or other points are another', () => {
  const walk = (id: string, known: Partial<ResultsRecord> = {}): ResultsRecord => ({
    ...{ record: 'results', id: ResultsId.parse(id), classId: ClassId.parse('c') },
    ...{ name: 'First walk', on: '2026-10-01', createdAt: '2026-10-01T09:00:00.000Z' },
    items: [{ name: 'q1', skill: 'maps', whole: 2 }],
    answers: { [id]: [1] },
    ...known,
  });
  const joined = joinedResults([
    walk('one'),
    walk('two'),
    walk('later', { on: '2026-10-08' }),
    walk('more', { items: [{ name: 'q1', skill: 'maps', whole: 3 }] }),
  ]);
  expect(joined.map(({ answers }) => Object.keys(answers))).toEqual([
    ['one', 'two'],
    ['later'],
    ['more'],
  ]);
});
