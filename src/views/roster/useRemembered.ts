'use client';

import { useMemo } from 'react';
import * as z from 'zod/mini';
import { asConfirmed } from '@/formats/roster/confirmed';
import { plainWords } from '@/formats/roster/text';
import type { ColumnReading, Reading, Table } from '@/formats/roster/types';
import type { Setting } from '@/schema/setting';
import { useSetting } from '../frame/useDraft';

/** The reading that was confirmed for the same headings before, in place of the proposed one. */
export function useRemembered(table: Table | null, proposed: Reading | null) {
  const key = table && proposed ? headingKey(table, proposed) : '';
  const setting = useMemo(() => confirmedReading(key), [key]);
  const [kept, keep] = useSetting(setting, null);
  return useMemo(() => {
    const columns = key === '' ? null : ofWidth(kept, proposed?.columns.length ?? 0);
    return {
      known: columns !== null,
      reading: table && columns && proposed ? asConfirmed(table, proposed, columns) : proposed,
      remember: ({ columns: confirmed }: Reading): void => {
        if (key !== '') keep(confirmed);
      },
    };
  }, [key, kept, keep, table, proposed]);
}

/** The headings of a table as one text; '' where it has none. Ids are bounded, so long headings are folded. */
function headingKey({ rows }: Table, { headingRow }: Reading): string {
  const cells = rows[headingRow]?.cells.map(plainWords) ?? [];
  if (headingRow < 0 || cells.length < 2) return '';
  const text = cells.join('|');
  let fold = 0;
  for (const sign of text) fold = (Math.imul(fold, 31) + (sign.codePointAt(0) ?? 0)) | 0;
  return `${(fold >>> 0).toString(36)}:${cells.length}:${text.slice(0, 60)}`;
}

/** Only this application writes here; what the columns hold is what it once confirmed. */
function confirmedReading(key: string): Setting<readonly ColumnReading[] | null> {
  const columns = z.custom<readonly ColumnReading[]>((value) => Array.isArray(value));
  return { name: `reading:${key}`, shape: z.nullable(columns), usual: null };
}

/** A length that differs is another table after all. */
function ofWidth(kept: readonly ColumnReading[] | null, width: number) {
  return kept?.length === width ? kept : null;
}
