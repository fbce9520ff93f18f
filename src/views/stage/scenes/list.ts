import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { SceneName } from '@/schema/scene';
import { ByGroup } from './ByGroup';
import type { SceneProps } from './types';

/** Every scene by its name; those but the first are loaded when they are first shown. */
export const SCENE_VIEWS: Readonly<Record<SceneName, ComponentType<SceneProps>>> = {
  byGroup: ByGroup,
  byName: dynamic(() => import('./ByName').then((module) => module.ByName), { ssr: false }),
  instructions: dynamic(() => import('./Instructions').then((module) => module.Instructions), {
    ssr: false,
  }),
  clock: dynamic(() => import('./ClockScene').then((module) => module.ClockScene), { ssr: false }),
  stations: dynamic(() => import('./Stations').then((module) => module.Stations), { ssr: false }),
  jigsaw: dynamic(() => import('./Jigsaw').then((module) => module.Jigsaw), { ssr: false }),
  pick: dynamic(() => import('./Pick').then((module) => module.Pick), { ssr: false }),
};
