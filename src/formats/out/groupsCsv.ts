import { spreadsheetFile } from './csv';
import { memberRows, nothingToCheck, type Outlet } from './outlet';

/** One row for each student, group by group. */
export const groupsCsv = {
  id: 'byGroup',
  needs: 'names',
  check: nothingToCheck,
  write: (lineup, { headings: { group, name } }) =>
    spreadsheetFile([[group, name], ...memberRows(lineup).map((one) => [one.group, one.name])]),
} as const satisfies Outlet;
