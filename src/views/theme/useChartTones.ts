'use client';

import { useMediaQuery } from './mediaQuery';
import { DARK, LIGHT, TEXT_FACE, type Tones } from './tones';

export interface ChartTones {
  readonly tones: Tones;
  readonly font: { readonly family: string; readonly size: number };
  /** Whether nothing on the page should move. */
  readonly still: boolean;
}

/** The colours and type of the page as a canvas needs them: as values, not as variables. */
export function useChartTones(): ChartTones {
  const dark = useMediaQuery('(prefers-color-scheme: dark)');
  const still = useMediaQuery('(prefers-reduced-motion: reduce)');
  return { tones: dark ? DARK : LIGHT, font: { family: TEXT_FACE, size: 13 }, still };
}
