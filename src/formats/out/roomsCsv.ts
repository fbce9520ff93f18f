import { isAddress } from '../address';
import { csv, csvFile } from './csv';
import { memberRows, type Outlet } from './outlet';

/** One row for each student: room, name, e-mail. Without a byte order mark: machines read this one. */
export const roomsCsv = {
  id: 'rooms',
  needs: 'addresses',
  check: (lineup) => {
    const all = memberRows(lineup);
    const names = (of: typeof all): string[] => of.map(({ name }) => name);
    return [
      {
        code: 'malformedAddress',
        names: names(all.filter(({ email }) => email !== '' && !isAddress(email))),
      },
      { code: 'noAddress', names: names(all.filter(({ email }) => email === '')) },
    ];
  },
  write: (lineup, { headings: { room, name, email } }) =>
    csvFile(
      csv([
        [room, name, email],
        ...memberRows(lineup).map((one) => [one.group, one.name, one.email]),
      ]),
    ),
} as const satisfies Outlet;
