import type { ClassId } from '@/schema/ids';
import type { Shown } from '../../frame/useShown';

/** What every scene is given. */
export interface SceneProps {
  readonly classId: ClassId;
  readonly shown: Shown;
}
