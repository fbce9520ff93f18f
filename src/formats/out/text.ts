import { escapeHtml, linkedName } from './escapeHtml';
import { textFile, type WayOut } from './wayOut';

/** One line for each group: its name, then its students, then its link. */
export const text = {
  id: 'text',
  needs: 'names',
  takes: ['link'],
  write: ({ lineup }) => {
    // Where names have commas of their own, something else stands between them.
    const commas = lineup.groups.some(({ members }) =>
      members.some(({ name }) => name.includes(',')),
    );
    const lines = lineup.groups.map(({ name, link, members }) => {
      const names = members.map((member) => member.name).join(commas ? '; ' : ', ');
      return { name, names, link };
    });
    const plain = lines.map(({ name, names, link }) =>
      [`${name}:`, names, ...(link === '' ? [] : [`– ${link}`])].join(' ').trim(),
    );
    // Rich text has the link behind the name, where a long one disturbs nobody.
    const rich = lines.map(({ name, names, link }) => {
      const head = linkedName({ name, link });
      return `<p><strong>${head}</strong>: ${escapeHtml(names)}</p>`;
    });
    const whole = plain.join('\n');
    return textFile('txt', 'text/plain', `${whole}\n`, { plain: whole, html: rich.join('\n') });
  },
} as const satisfies WayOut;
