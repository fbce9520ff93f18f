import type { LineupFile } from './lineupFile';
import type { StaffOut } from './lineupOut';
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
      groups: lineup.groups.map(({ name, sign, place, time: meets, link, led, members }) => ({
        name,
        sign,
        ...(place === '' ? {} : { place }),
        ...(link === '' ? {} : { link }),
        ...(meets === '' ? {} : { meets }),
        ...(led.length === 0 ? {} : { staff: led.map(staffOf) }),
        members: members.map((member) => ({
          name: member.name,
          ...(member.roles.length === 0 ? {} : { roles: [...member.roles] }),
          ...(member.email ? { email: member.email } : {}),
        })),
      })),
      staff: lineup.staff.map(staffOf),
    };
    return textFile('json', 'application/json', `${JSON.stringify(file, null, 2)}\n`);
  },
} as const satisfies WayOut;

function staffOf({ name, role, email }: StaffOut<string | null>) {
  return { name, role, ...(email ? { email } : {}) };
}
