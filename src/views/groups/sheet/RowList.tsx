'use client';

import { lazily } from '../../primitives/lazily';
import styles from './ScoreSheet.module.css';
import type { RowListProps } from './VirtualRows';

/** From so many groups on only the rows in sight are drawn. */
export const VIRTUAL_FROM = 60;

/** Loaded for the first large course. */
const VirtualRows = lazily(() => import('./VirtualRows').then((module) => module.VirtualRows));

/** The rows of the sheet: all of a class's, of a large course those in sight. */
export function RowList(props: RowListProps) {
  const { groups, row } = props;
  if (groups.length >= VIRTUAL_FROM) return <VirtualRows {...props} />;
  return <ul className={styles.rows}>{groups.map((group) => row(group))}</ul>;
}
