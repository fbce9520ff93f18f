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
import type { RollStudent } from '@/schema/student';
import { classById, planOf, shownAs, shownTake } from '@/store/queries';
import { useQuery, useRecord } from '@/store/react';
import { useRolesShown, useStageNames, withRoles, type NameOf } from './names';
import { useRollAs } from './students';
import { useLed } from './useLed';
import { useOpenLineup } from './useOpenLineup';
import { useToday } from './useToday';

/** What the class sees now, of whatever window it is asked. */
export interface Shown {
  readonly scene: SceneRecord;
  readonly lineup: LineupRecord | undefined;
  /** What it is called there; null where there is none. */
  readonly title: string | null;
  readonly className: string;
  /** Everybody on the list as they are called there, and the names the class knows them by. */
  readonly students: readonly RollStudent[];
  readonly nameOf: NameOf;
  /** As they are shown; undefined before the first shuffle. */
  readonly groups: readonly TakeGroup[] | undefined;
  readonly people: PublicLineup;
  readonly plan: PublicPlan;
  /** The expert groups of a jigsaw, as they are shown, and their lineup. */
  readonly experts: readonly TakeGroup[] | null;
  readonly expertsId: LineupId | null;
  /** The lineup worked on, where it is not what is shown; null where there is nothing newer to show. */
  readonly waiting: LineupId | null;
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
  const as = held?.as ?? null;
  const students = useRollAs(classId, lineup, as?.students);
  const nameOf = useStageNames(students, classId, as?.names);
  const [rolesNow] = useRolesShown(classId);
  const roles = as?.roles ?? rolesNow;
  const theClass = useQuery(classById, classId);
  const openAs = useQuery(shownAs, open?.id ?? NO_LINEUP);
  const openPlan = useQuery(planOf, open?.id ?? NO_LINEUP) ?? null;
  const openExperts = useQuery(shownTake, openPlan?.expertsId ?? NO_LINEUP)?.groups ?? null;
  const plan = held ? held.plan : openPlan;
  const experts = held ? held.experts : openExperts;
  const ledNow = useLed(classId);
  const led = as ?? ledNow;
  const people = useMemo(
    () =>
      withRoles(
        publicLineup(groups && { groups }, students, nameOf, plan ?? undefined, led),
        roles,
      ),
    [groups, students, nameOf, plan, roles, led],
  );
  return useMemo(() => {
    const differs =
      held &&
      current &&
      !(
        open?.id === held.lineupId &&
        sameData(
          [current.groups, openPlan, openExperts, held.as && openAs],
          [held.groups, held.plan, held.experts, held.as],
        )
      );
    return {
      scene,
      lineup,
      className: as?.className ?? theClass?.name ?? '',
      title: as?.lineup ?? lineup?.name ?? null,
      students,
      nameOf,
      groups,
      people,
      plan: publicPlan(plan ?? undefined),
      experts,
      expertsId: plan?.expertsId ?? null,
      waiting: differs && open ? open.id : null,
    };
  }, [
    ...[scene, theClass, lineup, as, students, nameOf, groups, people, plan, experts, held],
    ...[open, current, openPlan, openExperts, openAs],
  ]);
}
