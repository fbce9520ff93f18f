import { lazily } from '../../primitives/lazily';
import type { ComponentType } from 'react';
import { Badges } from './Badges';
import { Door } from './Door';
import { Slips } from './Slips';
import { TableSigns } from './TableSigns';
import { TurnsPages } from './TurnsPages';
import type { SheetProps } from './types';
import { Whole } from './Whole';

/** Those that bring more along; a sheet stands there whole or not at all, for it may be printed at once. */
const Codes = lazily<SheetProps>(() => import('./Codes').then((module) => module.Codes));
const GroupPages = lazily<SheetProps>(() =>
  import('./GroupPages').then((module) => module.GroupPages),
);

/** Every sheet by its name, in the order in which they are offered; a new one is a file, a line and its words. */
export const SHEETS = {
  door: Door,
  whole: Whole,
  groups: GroupPages,
  signs: TableSigns,
  badges: Badges,
  stations: TurnsPages,
  slips: Slips,
  code: Codes,
} as const satisfies Readonly<Record<string, ComponentType<SheetProps>>>;

export type SheetName = keyof typeof SHEETS;
export const SHEET_NAMES = Object.keys(SHEETS) as readonly SheetName[];
