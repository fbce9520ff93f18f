import { csvFile } from './csv';
import { linkedName } from './escapeHtml';
import type { WayOut } from './wayOut';

/** A row for each group with the link that the template makes of it. */
export const linksCsv = {
  id: 'links',
  needs: 'names',
  takes: ['link', 'moment', 'message', 'addresses'],
  write: async ({ lineup, options, words }) => {
    if (options.linkTemplate.trim() === '') {
      return { ok: false, issue: { code: 'needsLinkTemplate' } };
    }
    const { group, link } = words.headings;
    const rows = lineup.groups.map((one) => [one.name, one.link]);
    return {
      ...(await csvFile([[group, link], ...rows], { for: 'machine' })),
      // Where rich text is taken, a long link stands behind the name of its group.
      clip: {
        plain: lineup.groups.map((one) => `${one.name}: ${one.link}`).join('\n'),
        html: `<ul>${lineup.groups.map((one) => `<li>${linkedName(one)}</li>`).join('')}</ul>`,
      },
    };
  },
} as const satisfies WayOut;
