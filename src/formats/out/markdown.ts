import { escapeHtml, linkedName } from './escapeHtml';
import { textFile, type WayOut } from './wayOut';

/** A heading for each group with a list of its students below. */
export const markdown = {
  id: 'markdown',
  needs: 'names',
  takes: ['link'],
  write: ({ lineup }) => {
    const parts = lineup.groups.map(({ name, link, members }) => {
      const label = escapeMarkdown(name);
      const heading = link === '' ? label : `[${label}](<${link}>)`;
      const list = members.map((member) => `- ${escapeMarkdown(member.name)}`).join('\n');
      return { text: `## ${heading}\n${list === '' ? '' : `\n${list}\n`}`, name, link, members };
    });
    const rich = parts.map(({ name, link, members }) => {
      const head = linkedName({ name, link });
      const items = members.map((member) => `<li>${escapeHtml(member.name)}</li>`).join('');
      return `<h2>${head}</h2><ul>${items}</ul>`;
    });
    const content = parts.map((part) => part.text).join('\n');
    return textFile('md', 'text/markdown', content, { plain: content, html: rich.join('\n') });
  },
} as const satisfies WayOut;

/** Signs that mean something to a reader of Markdown wherever they stand (CommonMark 0.31, 2.4; GFM's ~, | and links). */
const ALWAYS = /[\\`*_{}[\]<>#&~|^$=!@:]/g;

/** The text so that a reader of Markdown shows just it. */
export function escapeMarkdown(text: string): string {
  return (
    text
      // Blanks around a text are shown by no reader, and four of them would make code of it.
      .trim()
      .replace(ALWAYS, '\\$&')
      // Lists and rules begin a line; a full stop between letters may make a link of what is none.
      .replace(/^([+-])/, '\\$1')
      .replace(/^(\d+)([.)])/, '$1\\$2')
      .replace(/(\S)\.(?=\S)/g, '$1\\.')
  );
}
