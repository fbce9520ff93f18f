'use client';

import { useMemo } from 'react';
import {
  publicLineup,
  publicPlan,
  type PublicLineup,
  type PublicPlan,
} from '@/encode/publicLineup';
import type { ClassId, LineupId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { sameData } from '@/schema/merging';
import { emptyScene, sceneIdFor, type SceneRecord } from '@/schema/scene';
import type { TakeGroup } from '@/schema/take';
import { planOf, shownTake } from '@/store/queries';
import { useQuery, useRecord } from '@/store/react';
import { useRolesShown, useStageNames, withRoles } from './names';
import { useRoll } from './students';
import { useOpenLineup } from './useOpenLineup';
import { useToday } from './useToday';

/** What the class sees now, of whatever window it is asked. */
export interface Shown {
  readonly scene: SceneRecord;
  readonly lineup: LineupRecord | undefined;
  /** As they are shown; undefined before the first shuffle. */
  readonly groups: readonly TakeGroup[] | undefined;
  readonly people: PublicLineup;
  readonly plan: PublicPlan;
  readonly expertsId: LineupId | null;
  /** The lineup worked on and its groups, where they are not what is shown. */
  readonly waiting: { readonly lineup: LineupRecord; readonly groups: readonly TakeGroup[] } | null;
}

const NO_LINEUP = '' as LineupId;

/** What the stage of a class shows: what was shown last today, or what the bench has where the stage follows it. */
export function useShown(classId: ClassId): Shown {
  const open = useOpenLineup();
  const today = useToday();
  const kept = useRecord('scene', sceneIdFor(classId));
  const scene = useMemo(() => kept ?? emptyScene(classId), [kept, classId]);
  const heldLineup = useRecord('lineup', scene.held?.lineupId ?? NO_LINEUP);
  const held = !scene.follow && scene.held?.on === today && heldLineup ? scene.held : null;
  const lineup = held ? heldLineup : open;
  const current = useQuery(shownTake, open?.id ?? NO_LINEUP);
  const groups = held ? held.groups : current?.groups;
  const students = useRoll(classId, lineup);
  const nameOf = useStageNames(students, classId);
  const [roles] = useRolesShown(classId);
  const plan = useQuery(planOf, lineup?.id ?? NO_LINEUP);
  const people = useMemo(
    () => withRoles(publicLineup(groups && { groups }, students, nameOf, plan), roles),
    [groups, students, nameOf, plan, roles],
  );
  return useMemo(() => {
    const differs =
      held &&
      open &&
      current &&
      (open.id !== held.lineupId || !sameData(current.groups, held.groups));
    return {
      scene,
      lineup,
      groups,
      people,
      plan: publicPlan(plan),
      expertsId: plan?.expertsId ?? null,
      waiting: differs ? { lineup: open, groups: current.groups } : null,
    };
  }, [scene, lineup, groups, people, plan, held, open, current]);
}
