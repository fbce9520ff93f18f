import { isRevealing } from '@/encode/conducting';
import { sayOut } from '@/messages/out';
import type { Shown } from './useShown';

/** What the next step of the scene is called: a name or group, a turn, the other side; null where there is none. */
export function nextStep({ scene, plan, experts }: Shown): string | null {
  if (isRevealing(scene)) return sayOut.stage.next;
  if (scene.show === 'stations' && plan.turns) return sayOut.stage.nextTurn;
  if (scene.show === 'jigsaw' && experts) return sayOut.stage.otherSide[scene.side];
  return null;
}
