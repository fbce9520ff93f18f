import type { LineupFile } from './lineupFile';
import { textFile, type WayOut } from './wayOut';

/** The open format `gruppetto.lineup`, version 1. */
export const json = {
  id: 'json',
  needs: 'names',
  takes: ['addresses', 'link', 'moment'],
  write: ({ lineup, options }) => {
    const { date, time, minutes } = options;
    const file: LineupFile = {
      format: 'gruppetto.lineup',
      version: 1,
      lineup: lineup.name,
      class: lineup.className,
      ...(lineup.courseCode === '' ? {} : { code: lineup.courseCode }),
      ...(date === '' ? {} : { date }),
      ...(time === '' ? {} : { time }),
      ...(minutes === '' ? {} : { minutes: Number(minutes) }),
      groups: lineup.groups.map(({ name, sign, place, link, members }) => ({
        name,
        sign,
        ...(place === '' ? {} : { place }),
        ...(link === '' ? {} : { link }),
        members: members.map((member) => ({
          name: member.name,
          ...(member.roles.length === 0 ? {} : { roles: [...member.roles] }),
          ...(member.email ? { email: member.email } : {}),
        })),
      })),
      staff: lineup.staff.map(({ name, role, email }) => ({
        name,
        role,
        ...(email ? { email } : {}),
      })),
    };
    return textFile('json', 'application/json', `${JSON.stringify(file, null, 2)}\n`);
  },
} as const satisfies WayOut;
