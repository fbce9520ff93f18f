'use client';

import { useId } from 'react';
import { hasContent } from '@/formats/roster/delimited';
import type { ColumnRole, DetailKind } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import styles from './ColumnPreview.module.css';
import type { PastedListState } from './usePastedList';

const ROLES: readonly ColumnRole[] = [
  ...(['fullName', 'givenName', 'familyName', 'preferredName', 'email', 'externalId'] as const),
  ...(['section', 'role', 'status', 'detail', 'leftOut'] as const),
];
const KINDS: readonly DetailKind[] = ['number', 'level', 'category', 'yesNo', 'skill'];
const ROWS_SHOWN = 3;
/** Lines that may be chosen as the one with the headings. */
const HEADING_CHOICES = 12;

/** How each column is taken, over the first rows of the teacher's own data; nothing for a plain list of names. */
export function ColumnPreview({ pasted }: { readonly pasted: PastedListState }) {
  const { table, reading } = pasted;
  const headingId = useId();
  if (!table || !reading) return null;
  // A plain list has no columns of its own: its headings stand on no line of the text.
  if (reading.columns.length < 3 && table.rows[0]?.line === 0) return null;
  const heading = table.rows[reading.headingRow]?.cells ?? [];
  const rows = table.rows
    .slice(reading.headingRow + 1)
    .filter(hasContent)
    .slice(0, ROWS_SHOWN);
  return (
    <>
      {table.rows[0]?.line !== 0 && (
        <div className={styles.over}>
          <label htmlFor={headingId}>{sayRoster.roster.headingLabel}</label>
          <select
            id={headingId}
            className={styles.role}
            value={reading.headingRow}
            onChange={(event) => pasted.setHeading(Number(event.target.value))}
          >
            <option value={-1}>{sayRoster.roster.noHeading}</option>
            {table.rows.slice(0, HEADING_CHOICES).map(({ line }, row) => (
              <option key={line} value={row}>
                {sayRoster.roster.headingOnLine(line)}
              </option>
            ))}
          </select>
        </div>
      )}
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
                  <select
                    className={styles.role}
                    value={column.role}
                    aria-label={sayRoster.roster.columnIs(heading[i] ?? '', i + 1)}
                    onChange={(event) => {
                      const role = ROLES.find((one) => one === event.target.value);
                      const name =
                        column.name || (heading[i] ?? '') || sayRoster.roster.columnName(i + 1);
                      if (role) pasted.setColumn(i, { role, name: role === 'detail' ? name : '' });
                    }}
                  >
                    {ROLES.map((role) => (
                      <option key={role} value={role}>
                        {sayRoster.roster.columnRole[role]}
                      </option>
                    ))}
                  </select>
                  {column.role === 'detail' && (
                    <select
                      className={styles.kind}
                      value={column.kind}
                      aria-label={sayRoster.roster.kindOf(column.name)}
                      onChange={(event) => {
                        const kind = KINDS.find((one) => one === event.target.value);
                        if (kind) pasted.setColumn(i, { kind });
                      }}
                    >
                      {KINDS.map((kind) => (
                        <option key={kind} value={kind}>
                          {sayRoster.roster.kind[kind]}
                        </option>
                      ))}
                    </select>
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
