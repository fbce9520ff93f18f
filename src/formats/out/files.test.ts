import ICAL from 'ical.js';
import { strFromU8, unzipSync } from 'fflate';
import { outWords } from '../../messages/en/waysOut';
import { doubtsOf } from './checks';
import { numberedNames, safeName } from './fileNames';
import type { AddressedLineup } from './lineupOut';
import { previewTable } from './preview';
import { PLAIN_OPTIONS } from './options';
import { termFile } from './termOut';
import { lineupOf, NOON, writerIn } from './testLineup';
import { basic, zoneLines } from './zones';

const { textOf, bytesOf } = writerIn(outWords);
const HOUR = 3_600_000;
const WALK = Date.UTC(2026, 10, 26, 12);

describe('names of files', () => {
  test.each([
    ['Alder', 'Alder'],
    ['  a   b\tc ', 'a b c'],
    ['..hidden. ', 'hidden'],
    ['a<b>c:d"e/f\\g|h?i*j', 'a b c d e f g h i j'],
    ['a\u0001b\u0085c', 'a b c'],
    ['CON', '_CON'],
    ['aux.txt', '_aux.txt'],
    ['com1', '_com1'],
    ['com10', 'com10'],
    ['Console', 'Console'],
    ['Z\u0065\u0301', 'Z\u00e9'],
    ['half \ud800 of it', 'half \ufffd of it'],
    ['x'.repeat(200), 'x'.repeat(80)],
    ['👩🏽‍🔬'.repeat(100), '👩🏽‍🔬'.repeat(20)],
    ['???', 'group'],
    ['', 'group'],
  ])('%j is called %j', (given, name) => {
    expect(safeName(given, 'group')).toBe(name);
  });

  test('of many are numbered with as many digits, so that they stand in their order', () => {
    expect(numberedNames(['Alder', '/'], 'html', 'group')).toEqual([
      '1 Alder.html',
      '2 group.html',
    ]);
    const many = numberedNames(Array<string>(10).fill('a'), 'pdf', 'group');
    expect(many).toEqual([...many].sort());
    expect([many[0], many[9]]).toEqual(['01 a.pdf', '10 a.pdf']);
  });
});

describe('a calendar', () => {
  const placed = (): AddressedLineup => {
    const lineup = lineupOf('Alder: Ana, Bo', 'Sedge');
    const [alder, sedge] = lineup.groups;
    return { ...lineup, groups: [{ ...alder!, place: 'Boathouse; east' }, sedge!] };
  };
  const eventsOf = (file: string) =>
    new ICAL.Component(ICAL.parse(file) as never)
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));

  test('has one event for all where that is asked, which names each group and those in it', async () => {
    const options = { ...NOON, oneEvent: true, message: 'Bring boots', addresses: true };
    const [event, ...others] = eventsOf(await textOf('icalendar', placed(), options));
    expect(others).toEqual([]);
    expect(event!.summary).toBe('Week 3, bank walk');
    expect(event!.description).toBe('Alder: Ana; Bo\nSedge: \nBring boots');
    expect(event!.attendees.map((one) => one.getFirstValue())).toEqual([
      ...['mailto:ana@example.org', 'mailto:bo@example.org'],
    ]);
  });

  test('tells where a group is, its link once, and what all are told', async () => {
    const options = { ...NOON, message: 'Bring boots' };
    const [alder, sedge] = eventsOf(await textOf('icalendar', placed(), options));
    expect([alder!.location, alder!.description]).toEqual([
      'Boathouse; east',
      'Ana\nBo\nBring boots',
    ]);
    expect([sedge!.location, sedge!.description]).toEqual([null, 'Bring boots']);
    const linkTemplate = 'https://rooms.example.org/{number}';
    const file = await textOf('icalendar', lineupOf('Alder: Ana'), { ...NOON, linkTemplate });
    const [linked] = eventsOf(file);
    expect(linked!.description).toBe('Ana\nhttps://rooms.example.org/1');
    expect(file).toContain('\r\nURL:https://rooms.example.org/1\r\n');
  });

  test('says no zone where the hour floats, and none of its own for UTC', async () => {
    const starts = async (zone: string | null) =>
      (await textOf('icalendar', lineupOf('Alder: Ana'), { ...NOON, zone }))
        .split('\r\n')
        .filter((line) => /^(DTSTART|TZID)/.test(line));
    expect(await starts(null)).toEqual(['DTSTART:20261126T120000']);
    expect(await starts('Etc/UTC')).toEqual(['DTSTART:20261126T120000Z']);
    expect((await starts('Asia/Kolkata'))[0]).toBe('TZID:Asia/Kolkata');
  });
});

test.each([
  'Europe/Berlin',
  'America/New_York',
  'America/St_Johns',
  'Australia/Lord_Howe',
  'Asia/Kolkata',
])('the clock of %s is told as it goes, each hour within half a year of a moment', (id) => {
  const lines = zoneLines(id, WALK);
  const zone = new ICAL.Timezone(new ICAL.Component(ICAL.parse(lines.join('\r\n')) as never));
  const clock = new Intl.DateTimeFormat('en-u-ca-iso8601-nu-latn', {
    ...{ timeZone: id, hourCycle: 'h23', year: 'numeric', month: '2-digit', day: '2-digit' },
    ...{ hour: '2-digit', minute: '2-digit', second: '2-digit' },
  });
  const shownAt = (moment: number) => {
    const part = Object.fromEntries(
      clock.formatToParts(moment).map(({ type, value }) => [type, Number(value)]),
    ) as Record<'year' | 'month' | 'day' | 'hour' | 'minute', number>;
    return { part, local: Date.UTC(part.year, part.month - 1, part.day, part.hour, part.minute) };
  };
  const aheadAt = (moment: number): number => shownAt(moment).local - moment;
  for (let hours = -4_000; hours < 4_000; hours += 7) {
    const moment = WALK + hours * HOUR;
    // An hour that comes twice is told once.
    if (aheadAt(moment - 2 * HOUR) !== aheadAt(moment + 2 * HOUR)) continue;
    const told = ICAL.Time.fromData({ ...shownAt(moment).part, second: 0, isDate: false }, zone);
    expect([basic(moment), zone.utcOffset(told) * 1_000]).toEqual([basic(moment), aheadAt(moment)]);
  }
  const kinds = lines.filter((line) => /^BEGIN:(STANDARD|DAYLIGHT)$/.test(line));
  expect(kinds.some((line) => line.endsWith('DAYLIGHT'))).toBe(id !== 'Asia/Kolkata');
});

test('cards hold family and given names apart, where either is known', async () => {
  const [alder] = lineupOf('Alder: Ana; B, Bo, Caro').groups;
  const names = [
    ['Ana', 'B; C'],
    ['Bo', ''],
    ['', ''],
  ] as const;
  const members = alder!.members.map((one, at) => ({
    ...{ ...one, givenName: names[at]![0], familyName: names[at]![1] },
  }));
  const file = await textOf('vcard', { ...lineupOf(), groups: [{ ...alder!, members }] });
  const named = file.split('\r\n').filter((line) => line.startsWith('N:'));
  expect(named).toEqual(['N:B\\; C;Ana;;;', 'N:;Bo;;;']);
  expect(file.split('\r\n').filter((line) => line === 'BEGIN:VCARD')).toHaveLength(4);
  expect(file).not.toContain('EMAIL');
});

test('a workbook has columns as wide as what is in them, within bounds, and a ground for each group', async () => {
  const long = 'x'.repeat(90);
  const bytes = await bytesOf('xlsx', lineupOf('Alder: Ana, Bo Lindqvist', `Sedge: ${long}`));
  const files = unzipSync(bytes);
  const [first = '', second = ''] = [1, 2].map((sheet) =>
    strFromU8(files[`xl/worksheets/sheet${sheet}.xml`]!),
  );
  const widths = (xml: string): number[] =>
    [...xml.matchAll(/<col [^>]*width="(\d+)/g)].map(([, width]) => Number(width));
  expect(widths(first)).toEqual([8, 60, 8]);
  const name = await bytesOf('xlsx', lineupOf('Alder: Bo Lindqvist'));
  const plain = strFromU8(unzipSync(name)['xl/worksheets/sheet1.xml']!);
  expect(widths(plain)[1]).toBe('Bo Lindqvist'.length + 2);
  expect(first).toMatch(/<pane [^>]*ySplit="1"/);
  const styles = [...first.matchAll(/<c r="A\d+" s="(\d+)"/g)].map(([, style]) => style);
  // The heading, two of one group, one of another.
  expect(new Set(styles).size).toBe(3);
  expect(styles[1]).toBe(styles[2]);
  expect(second).not.toContain(`s="${styles[3] ?? ''}"`);
});

describe('a term as a file', () => {
  const term = {
    byStudent: { name: 'By student', heading: ['Name', 'Met'], rows: [['=Ana', 12.5] as const] },
    byLineup: { name: 'By lineup', heading: ['Lineup'], rows: [['Week 3'] as const] },
    lineups: [
      { id: 'l_1', name: 'Week 3; bank', on: '2026-11-26' },
      { id: 'l_2', name: 'Some day', on: null },
    ],
  };

  test('is a table of students without formulas, or a calendar of days without anybody’s name', async () => {
    const csv = await termFile('csv', term);
    expect(String(csv.content)).toBe("\ufeffName,Met\r\n'=Ana,12.5\r\n");
    const { content, type, end } = await termFile('ics', term);
    expect([type, end]).toEqual(['text/calendar;charset=utf-8', 'ics']);
    const [event, ...others] = new ICAL.Component(ICAL.parse(String(content)) as never)
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));
    expect(others).toEqual([]);
    expect([event!.summary, event!.startDate.isDate]).toEqual(['Week 3; bank', true]);
    expect(event!.startDate.toString()).toBe('2026-11-26');
    expect(String(content)).toContain('\r\nDTSTAMP:20261126T000000Z\r\n');
    expect(String(content)).not.toContain('Ana');
  });

  test('is a workbook whose figures are figures', async () => {
    const { content, end } = await termFile('xlsx', term);
    expect(end).toBe('xlsx');
    const sheet = strFromU8(unzipSync(content as Uint8Array)['xl/worksheets/sheet1.xml']!);
    expect(sheet).toContain('<v>12.5</v>');
    expect(sheet).not.toContain('<f>');
  });
});

test('what is looked at before it goes is what goes', () => {
  const lineup = lineupOf('Alder: Zoë, Bo', 'Sedge: Caro');
  const ask = {
    lineup: { ...lineup, groups: lineup.groups.map((one) => ({ ...one, link: '' })) },
    ...{ options: PLAIN_OPTIONS, words: outWords },
  };
  const { group, name, room } = outWords.headings;
  const byGroup = [
    ['Alder', 'Zoë'],
    ['Alder', 'Bo'],
    ['Sedge', 'Caro'],
  ];
  expect(previewTable('groups-csv', ask)).toMatchObject({ heading: [group, name], rows: byGroup });
  expect(previewTable('rooms-csv', ask)).toMatchObject({ heading: [room, name], rows: byGroup });
  expect(previewTable('names-csv', ask).rows.map(([first]) => first)).toEqual([
    'Bo',
    'Caro',
    'Zoë',
  ]);
  expect(previewTable('html-table', ask)).toEqual({
    heading: null,
    rows: [
      ['Alder', 'Zoë', 'Bo'],
      ['Sedge', 'Caro'],
    ],
  });
  expect(previewTable('merge-csv', ask).rows).toHaveLength(3);
  expect(previewTable('xlsx', ask).rows[0]).toEqual(['Alder', 'Zoë', outWords.role('lead')]);
});

test('a lineup without anything doubtful says nothing; two with no address at all do not share one', () => {
  const { groups } = lineupOf('Alder: Ana, Bo');
  const linked = groups.map((one) => ({ ...one, link: '' }));
  const asked = { addresses: true, leads: true };
  expect(doubtsOf({ groups }, linked, asked)).toEqual([]);
  const bare = groups.map((one) => ({
    ...{ ...one, members: one.members.map((member) => ({ ...member, email: '' })) },
  }));
  expect(doubtsOf({ groups: bare }, linked, asked).map(({ code }) => code)).toEqual(['noAddress']);
  const half = groups.map((one) => ({
    ...{ ...one, members: one.members.map((member) => ({ ...member, email: 'half@' })) },
  }));
  expect(doubtsOf({ groups: half }, linked, asked).map(({ code, ids }) => [code, ids])).toEqual([
    ['malformedAddress', ['s_Ana', 's_Bo']],
  ]);
});
