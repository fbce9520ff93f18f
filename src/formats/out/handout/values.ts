import { clean, holders, LEAD, type LinkedGroup } from '../lineupOut';
import type { OutAsk } from '../wayOut';
import { placeholderKey } from './placeholders';
import type { Values } from './types';

/** What every placeholder stands for in the hand-out of one group; `row` counts from 0. */
export function valuesOf(
  { lineup, options, words }: OutAsk,
  group: LinkedGroup,
  row: number,
): Values {
  const own = Object.entries(options.fields).map(([name, value]) => [
    placeholderKey(name),
    cleanLines(value),
  ]);
  return {
    ...(Object.fromEntries(own) as Values),
    group: group.name,
    number: String(row + 1),
    members: group.members.map(({ name }) => name),
    lead: holders(group, LEAD).join(', '),
    roles: group.members.flatMap(({ name, roles }) =>
      roles.map((role) => `${words.role(role)}: ${name}`),
    ),
    staff: [...new Set([...group.led, ...lineup.staff].map(({ name }) => name))],
    place: group.place === group.link ? '' : group.place,
    link: group.link,
    stations: group.stations,
    class: lineup.className,
    lineup: lineup.name,
    code: lineup.courseCode,
    date: options.date,
    day: options.date === '' ? '' : words.day(options.date),
    time: options.time === '' ? group.time : options.time,
    minutes: options.minutes,
    message: cleanLines(options.message),
    instructions: cleanLines(lineup.instructions),
  };
}

/** Line breaks stay, all other control signs go. */
export function cleanLines(text: string): string {
  return text
    .split(/\r\n|\r|\n/)
    .map(clean)
    .join('\n');
}

/** The names of all placeholders that a hand-out may use. */
export const PLACEHOLDERS = [
  ...['group', 'number', 'members', 'lead', 'roles', 'staff', 'place', 'link', 'stations'],
  ...['class', 'lineup', 'code', 'date', 'day', 'time', 'minutes', 'message', 'instructions'],
] as const;

/** The same with those of the teacher's own, which come last. */
export function knownPlaceholders({ options }: Pick<OutAsk, 'options'>): readonly string[] {
  return [...PLACEHOLDERS, ...Object.keys(options.fields).map(placeholderKey)];
}
