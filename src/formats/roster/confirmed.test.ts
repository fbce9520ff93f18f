import { asConfirmed } from './confirmed';
import { readRosterFile, readTable } from './readRoster';

const read = async (text: string) => {
  const result = await readRosterFile(new TextEncoder().encode(text));
  if (!result.ok) throw new Error('expected a list, received none');
  return result;
};
const FIRST = 'Name,Score,Swims,Bank\nAda Lind,10,yes,B1\nBo Moss,12,no,B2\nCai Park,15,yes,B1';

test('a confirmed reading holds for the next list of its headings', async () => {
  const { reading: before } = await read(FIRST);
  const confirmed = before.columns.map((column) =>
    column.name === 'Bank' ? { ...column, role: 'section' as const, name: '' } : column,
  );
  const next = await read(FIRST.replaceAll('Lind', 'Lund'));
  expect(asConfirmed(next.table, next.reading, confirmed).columns).toEqual(confirmed);
});

test('a column is of its own kind where the confirmed one would lose its values', async () => {
  const { reading: before } = await read(FIRST);
  const next = await read(
    'Name,Score,Swims,Bank\nDee Hill,good,a little,B3\nEli West,fair,well,B3\nFay Dale,good,well,B4',
  );
  const reading = asConfirmed(next.table, next.reading, before.columns);
  const { students } = readTable(next.table, reading);
  expect(students.map(({ attributes }) => [attributes.Score, attributes.Swims])).toEqual([
    ['good', 'a little'],
    ['fair', 'well'],
    ['good', 'well'],
  ]);
});

test('a column stays of the confirmed kind where it loses nothing by it, or nothing could be had', async () => {
  const { reading: before } = await read(FIRST);
  const confirmed = before.columns.map((column) =>
    column.name === 'Score' ? { ...column, kind: 'skill' as const } : column,
  );
  const next = await read(FIRST.replaceAll('12', 'absent'));
  const reading = asConfirmed(next.table, next.reading, confirmed);
  expect(reading.columns.map(({ kind }) => kind)).toEqual(confirmed.map(({ kind }) => kind));
});
