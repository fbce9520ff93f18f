import type { ComponentType } from 'react';
import { Badges } from './Badges';
import { Codes } from './Codes';
import { Door } from './Door';
import { GroupPages } from './GroupPages';
import { Slips } from './Slips';
import { TableSigns } from './TableSigns';
import { TurnsPages } from './TurnsPages';
import type { SheetProps } from './types';
import { Whole } from './Whole';

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
