'use client';

import * as z from 'zod/mini';
import type { Setting } from '@/schema/setting';
import { useSetting } from '../frame/useDraft';
import { useMediaQuery } from '../theme/mediaQuery';

/** Dark on light, or light on dark. */
export type StageLight = 'day' | 'night';

/** A projector may ask for another light than the screen beside it; null follows the screen. */
const LIGHT: Setting<StageLight | null> = {
  name: 'stageLight',
  shape: z.nullable(z.enum(['day', 'night'])),
  usual: null,
};

export function otherLight(light: StageLight): StageLight {
  return light === 'day' ? 'night' : 'day';
}

/** What the stage is shown by, what was chosen for it (null: as the screen), and the way to the other. */
export function useStageLight(): readonly [StageLight, StageLight | null, () => void] {
  const [chosen, choose] = useSetting(LIGHT, null);
  const screen = useMediaQuery('(prefers-color-scheme: dark)') ? 'night' : 'day';
  const light = chosen ?? screen;
  const other = otherLight(light);
  return [light, chosen, () => choose(other === screen ? null : other)];
}
