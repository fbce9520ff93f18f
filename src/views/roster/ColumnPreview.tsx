'use client';

import { hasContent } from '@/formats/roster/delimited';
import { wholeOf } from '@/formats/roster/mastery';
import type { ColumnRole, DetailKind, Reading, Table } from '@/formats/roster/types';
import { guessKind } from '@/formats/roster/values';
import { sayRoster } from '@/messages/roster';
import styles from './ColumnPreview.module.css';
import type { PastedListState } from './usePastedList';
import { Select } from '../primitives/Select';

const ROLES: readonly ColumnRole[] = [
  ...(['fullName', 'givenName', 'familyName', 'preferredName', 'email', 'externalId'] as const),
  ...(['section', 'role', 'status', 'detail', 'leftOut'] as const),
];
const KINDS: readonly DetailKind[] = ['number', 'level', 'category', 'yesNo', 'skill'];
const ROWS_SHOWN = 3;
/** Lines that may be chosen as the one with the headings. */
const HEADING_CHOICES = 12;

/** How the text is laid out, where it could be read in several ways. */
function ReadAs({ pasted }: { readonly pasted: PastedListState }) {
  const { shape, shapes } = pasted;
  if (shape === null || shapes.length < 2) return null;
  return (
    <Select
      label={sayRoster.roster.shapeLabel}
      value={shape}
      options={shapes.map((value) => ({ value, label: sayRoster.roster.shape[value] }))}
      onChange={pasted.readIn}
    />
  );
}

/** What a column of a skill counts up to, as the reader takes it. */
function wholeIn({ rows, commaIsDecimal }: Table, { headingRow, columns }: Reading, at: number) {
  const heading = rows[headingRow]?.cells[at] ?? columns[at]?.name ?? '';
  const cells = rows.slice(headingRow + 1).map((row) => row.cells[at] ?? '');
  return wholeOf(heading, cells, guessKind(heading, cells, commaIsDecimal).decimal);
}

/** How each column is taken, over the first rows of the teacher's own data; nothing for a plain list of names. */
export function ColumnPreview({ pasted }: { readonly pasted: PastedListState }) {
  const { table, reading } = pasted;
  if (!table || !reading) return null;
  // A plain list has no columns of its own: its headings stand on no line of the text.
  if (table.rows[0]?.line === 0) {
    return (
      <div className={styles.over}>
        <ReadAs pasted={pasted} />
      </div>
    );
  }
  const heading = table.rows[reading.headingRow]?.cells ?? [];
  const rows = table.rows
    .slice(reading.headingRow + 1)
    .filter(hasContent)
    .slice(0, ROWS_SHOWN);
  return (
    <>
      <div className={styles.over}>
        <ReadAs pasted={pasted} />
        <Select
          label={sayRoster.roster.headingLabel}
          value={String(reading.headingRow)}
          options={[
            { value: '-1', label: sayRoster.roster.noHeading },
            ...table.rows.slice(0, HEADING_CHOICES).map(({ line }, row) => ({
              value: String(row),
              label: sayRoster.roster.headingOnLine(line),
            })),
          ]}
          onChange={(row) => pasted.setHeading(Number(row))}
        />
      </div>
      {pasted.remembered && (
        <p className={styles.remembered}>{sayRoster.roster.rememberedReading}</p>
      )}
      <div
        className={styles.scroll}
        tabIndex={0}
        role="region"
        aria-label={sayRoster.roster.columns}
      >
        <table className={styles.table}>
          <thead>
            <tr>
              {reading.columns.map((column, i) => (
                <th key={i} scope="col">
                  <span className={styles.heading}>{heading[i] ?? ''}</span>
                  <Select
                    quiet
                    label={sayRoster.roster.columnIs(heading[i] ?? '', i + 1)}
                    value={column.role}
                    options={ROLES.map((value) => ({
                      value,
                      label: sayRoster.roster.columnRole[value],
                    }))}
                    onChange={(role) => {
                      const name =
                        column.name || (heading[i] ?? '') || sayRoster.roster.columnName(i + 1);
                      pasted.setColumn(i, { role, name: role === 'detail' ? name : '' });
                    }}
                  />
                  {column.role === 'detail' && (
                    <Select
                      quiet
                      pale
                      label={sayRoster.roster.kindOf(column.name)}
                      value={column.kind}
                      options={KINDS.map((value) => ({
                        value,
                        label: sayRoster.roster.kind[value],
                      }))}
                      onChange={(kind) => pasted.setColumn(i, { kind })}
                    />
                  )}
                  {column.role === 'detail' && column.kind === 'skill' && (
                    <small>{sayRoster.roster.countsTo(wholeIn(table, reading, i))}</small>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ line, cells }) => (
              <tr key={line}>
                {reading.columns.map(({ role }, i) => (
                  <td key={i} data-left-out={role === 'leftOut'}>
                    {cells[i]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
