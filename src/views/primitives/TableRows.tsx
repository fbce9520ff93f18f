'use client';

import { lazily } from './lazily';
import type { WindowedRowsProps } from './WindowedRows';

interface TableRowsProps<T> extends WindowedRowsProps<T> {
  /** All rows are drawn: a table that is whole can be printed and searched. */
  readonly whole: boolean;
}

/** Loaded with the first table that is too long to be whole. */
const WindowedRows = lazily(() => import('./WindowedRows').then((module) => module.WindowedRows));

/** The rows of a table; of very many those that can be seen, and a few around them. */
export function TableRows<T>({ children, whole, ...props }: TableRowsProps<T>) {
  if (whole) return props.rows.map(children);
  return <WindowedRows {...props}>{(row) => children(row as T)}</WindowedRows>;
}
