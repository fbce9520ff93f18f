import { nothingToCheck, type Outlet } from './outlet';

/** One line for each group: its name, then its students. */
export const text = {
  id: 'text',
  needs: 'names',
  check: nothingToCheck,
  write: ({ groups }) => ({
    to: 'clipboard',
    html: null,
    plain: groups
      .map(({ name, members }) => `${name}: ${members.map((member) => member.name).join(', ')}`)
      .join('\n'),
  }),
} as const satisfies Outlet;
