import { lazily } from '../../primitives/lazily';
import type { ComponentType } from 'react';
import type { SceneName } from '@/schema/scene';
import { ByGroup } from './ByGroup';
import type { SceneProps } from './types';

/** Every scene by its name; those but the first are loaded when they are first shown. */
export const SCENE_VIEWS: Readonly<Record<SceneName, ComponentType<SceneProps>>> = {
  byGroup: ByGroup,
  byName: lazily(() => import('./ByName').then((module) => module.ByName)),
  instructions: lazily(() => import('./Instructions').then((module) => module.Instructions)),
  clock: lazily(() => import('./ClockScene').then((module) => module.ClockScene)),
  stations: lazily(() => import('./Stations').then((module) => module.Stations)),
  jigsaw: lazily(() => import('./Jigsaw').then((module) => module.Jigsaw)),
  pick: lazily(() => import('./Pick').then((module) => module.Pick)),
};
