import { spreadsheetFile } from './csv';
import { memberRows, nothingToCheck, type Outlet } from './outlet';

/** One row for each student in the order of their names. */
export const namesCsv = {
  id: 'byName',
  needs: 'names',
  check: nothingToCheck,
  write: (lineup, { headings: { group, name }, compare }) => {
    const rows = memberRows(lineup).sort((one, two) => compare(one.name, two.name));
    return spreadsheetFile([[name, group], ...rows.map((one) => [one.name, one.group])]);
  },
} as const satisfies Outlet;
