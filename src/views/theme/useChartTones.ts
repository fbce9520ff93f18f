'use client';

import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Tones } from './tones';

export interface ChartTones {
  readonly tones: Tones;
  readonly font: { readonly family: string; readonly size: number };
  /** Whether nothing on the page should move. */
  readonly still: boolean;
}

/** The colours and type of the page as a canvas needs them: as values, not as variables. */
export function useChartTones(): ChartTones {
  const theme = useTheme();
  const dark = useMediaQuery('(prefers-color-scheme: dark)');
  const still = useMediaQuery('(prefers-reduced-motion: reduce)');
  const { tones } = theme.colorSchemes[dark ? 'dark' : 'light']?.palette ?? theme.palette;
  return { tones, font: { family: String(theme.typography.fontFamily), size: 13 }, still };
}
