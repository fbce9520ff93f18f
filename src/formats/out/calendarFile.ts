import { contentLines, parameterValue, textValue } from './contentLines';
import { usableAddress, type LinkedGroup } from './lineupOut';
import { addressUri } from './letters';
import { momentIn } from './moment';
import { uidOf } from './uids';
import { textFile, type OutAsk, type Write } from './wayOut';
import { basic, isUtc, momentOf, zoneLines } from './zones';

/** A calendar (RFC 5545) with an event for each group, or one for all, at the time by the clock of the zone. */
export function calendarFile(ask: OutAsk): Write {
  const moment = momentIn(ask.options);
  if (!moment) return { ok: false, issue: { code: 'needsMoment' } };
  const uid = (...names: readonly string[]): string =>
    `UID:${uidOf('event', ask.lineup.id, ...names)}@gruppetto.invalid`;
  const { zone, oneEvent } = ask.options;
  const starts = zone === null ? moment.local : momentOf(zone, moment.local);
  const local = basic(moment.local);
  const inUtc = zone !== null && isUtc(zone);
  const start =
    zone === null
      ? `DTSTART:${local}`
      : inUtc
        ? `DTSTART:${local}Z`
        : `DTSTART;TZID=${zone}:${local}`;
  // The stamp of a file without a clock: the same file for the same lineup.
  const common = [`DTSTAMP:${basic(starts)}Z`, start, `DURATION:PT${moment.minutes}M`];
  const events = oneEvent
    ? [[uid(), ...eventForAll(ask)]]
    : ask.lineup.groups.map((group) => [uid(group.key), ...event(ask, group)]);
  const lines = [
    ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Gruppetto//Groups//EN', 'CALSCALE:GREGORIAN'],
    ...(zone === null || inUtc ? [] : zoneLines(zone, starts)),
    ...events.flatMap(([id = '', ...rest]) => [
      'BEGIN:VEVENT',
      id,
      ...common,
      ...rest,
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
  ];
  return textFile('ics', 'text/calendar', contentLines(lines));
}

function event({ lineup, words, options }: OutAsk, group: LinkedGroup): readonly string[] {
  const { name, place, link } = group;
  const told = [
    ...group.members.map((member) => member.name),
    ...group.led.map((one) => one.name),
    ...[link, options.message].filter((line) => line !== ''),
  ];
  return [
    `SUMMARY:${textValue(words.title(name, lineup.name))}`,
    ...(told.length === 0 ? [] : [`DESCRIPTION:${textValue(told.join('\n'))}`]),
    ...(place === '' || place === link ? [] : [`LOCATION:${textValue(place)}`]),
    ...(link === '' ? [] : [`URL:${link}`]),
    ...attendees(group),
  ];
}

function eventForAll({ lineup, options }: OutAsk): readonly string[] {
  const told = lineup.groups.map(
    ({ name, members, link }) =>
      `${name}: ${members.map((member) => member.name).join('; ')}${link === '' ? '' : ` ${link}`}`,
  );
  const text = [...told, ...(options.message === '' ? [] : [options.message])].join('\n');
  return [
    `SUMMARY:${textValue(lineup.name)}`,
    `DESCRIPTION:${textValue(text)}`,
    ...lineup.groups.flatMap(attendees),
  ];
}

/** Members with a usable address, where addresses were asked for. */
function attendees({ members, led }: LinkedGroup): readonly string[] {
  const lines = (
    people: readonly { readonly name: string; readonly email: string | null }[],
    role: 'REQ-PARTICIPANT' | 'CHAIR',
  ): readonly string[] =>
    people.flatMap(({ name, email }) => {
      const address = usableAddress(email);
      return address === null
        ? []
        : [`ATTENDEE;CN=${parameterValue(name)};ROLE=${role}:${addressUri(address)}`];
    });
  return [...lines(members, 'REQ-PARTICIPANT'), ...lines(led, 'CHAIR')];
}
