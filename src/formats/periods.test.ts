import { readPeriod } from './periods';

test.each([
  ['Mon 8:45-9:25', 1, '08:45', '09:25'],
  ['Thursday 2 pm', 4, '14:00', null],
  ['tue 1.30 – 2.10 pm', 2, '13:30', '14:10'],
  ['Wednesdays 11h15 to 12h00', 3, '11:15', '12:00'],
  ['Tue 3', 2, null, null],
  ['Fri lesson 2-3', 5, null, null],
  ['Lunch', null, null, null],
  ['Sunday walk 10:00-9:00', 0, '10:00', null],
  ['Mon 29:00', 1, null, null],
  ['Monsoon 12:00', null, '12:00', null],
  ['12 am', null, '00:00', null],
])('"%s" is on day %p from %p to %p, and keeps its name', (text, day, from, to) => {
  expect(readPeriod(`  ${text} `)).toEqual({ name: text, day, from, to });
});
