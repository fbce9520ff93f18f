import { roleOfColumn } from '../headings';
import { kindOfLine } from '../lineKinds';
import { cleanText, plainWords } from '../text';
import type { Row, Skipped, Table } from '../types';

/** Lines of "Name: …", "E-mail: …" are believed rather than a list of such lines. */
const SURE = 0.3;

/** Text with a line for each fact of a person, as one row a person; null for other text. */
export function cardsTable(text: string): Table | null {
  const lines = text.split(/\r\n|\r|\n/);
  const facts = lines.map(factOf);
  const filled = lines.filter((line) => line.trim() !== '').length;
  const known = facts.flatMap((fact) => (fact && roleOfColumn(fact.label) !== null ? [fact] : []));
  const named = known.filter(({ label }) => NAMES.has(roleOfColumn(label) ?? ''));
  if (named.length === 0 || known.length < filled * 0.5) return null;
  const headings: string[] = [];
  const rows: { line: number; cells: string[] }[] = [];
  const skipped: Skipped[] = [];
  facts.forEach((fact, index) => {
    const line = index + 1;
    if (fact === null) {
      const rest = cleanText(lines[index] ?? '');
      if (rest !== '')
        skipped.push({ row: line, name: rest, reason: kindOfLine(rest)?.kind ?? 'title' });
      return;
    }
    const at = headings.findIndex((heading) => plainWords(heading) === plainWords(fact.label));
    const column = at < 0 ? headings.push(fact.label) - 1 : at;
    const last = rows.at(-1);
    // A fact that is known already begins the next person.
    const person = last && last.cells[column] === undefined ? last : { line, cells: [] };
    if (person !== last) rows.push(person);
    person.cells[column] = fact.value;
  });
  const whole = rows.map(({ line, cells }): Row => ({
    line,
    cells: headings.map((_, i) => cells[i] ?? ''),
  }));
  return {
    name: '',
    rows: [{ line: 0, cells: headings }, ...whole],
    commaIsDecimal: false,
    belief: SURE,
    skipped,
  };
}

const NAMES: ReadonlySet<string> = new Set(['fullName', 'givenName', 'familyName']);

function factOf(line: string): { readonly label: string; readonly value: string } | null {
  const [, label = '', value = ''] = /^\s*(?:[-•*]\s*)?([^:@]{1,30}?)\s*:\s*(.*)$/.exec(line) ?? [];
  return label === '' || kindOfLine(line)?.kind === 'total' ? null : { label, value: value.trim() };
}
