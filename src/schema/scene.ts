import * as z from 'zod/mini';
import { Period } from './classRecord';
import { AdultId, ClassId, DrawId, LineupId, SceneId, StudentId } from './ids';
import { PlanRecord, planType } from './plan';
import { NamesShown } from './shownNames';
import type { RecordType } from './versions';
import { TakeGroup } from './takeGroup';
import { renamedGroups } from './renamedGroups';
import type { Renaming } from './renaming';

/** The ways in which the stage shows something, in the order of its keys. */
export const SCENES = [
  ...(['byGroup', 'byName', 'instructions', 'clock'] as const),
  ...(['stations', 'jigsaw', 'pick'] as const),
] as const;
export type SceneName = (typeof SCENES)[number];

/** A countdown; it runs by the clock of the machine, so that closing a window stops nothing. */
export const Clock = z.object({
  /** What it was set to, and what is left of it while it stands still. */
  lengthMs: z.number(),
  leftMs: z.number(),
  /** The moment at which a running clock ends, in ms since 1970; null while it stands still. */
  endsAt: z.nullable(z.number()),
  /** How long before the end it warns. */
  warnMs: z.number(),
  sound: z.boolean(),
});
export type Clock = z.infer<typeof Clock>;

/** What everything on a stage that holds was called when it was shown. */
export const ShownAs = z.object({
  className: z.string(),
  lineup: z.string(),
  names: NamesShown,
  roles: z.boolean(),
  /** Those in the groups. */
  students: z.array(
    z.object({
      ...{ id: StudentId, name: z.string(), givenName: z.string(), familyName: z.string() },
      preferredName: z.string(),
    }),
  ),
  /** Those who lead a group. */
  adults: z.array(z.object({ id: AdultId, name: z.string(), room: z.string() })),
  periods: z.array(Period),
});
export type ShownAs = z.infer<typeof ShownAs>;

/** What the stage of a class shows now, and what of it waits: the same for every window and after a reload. */
export const SceneRecord = z.object({
  record: z.literal('scene'),
  id: SceneId,
  classId: ClassId,
  show: z.enum(SCENES),
  /** Instructions stand beside the groups too. */
  beside: z.boolean(),
  /** Whatever changes on the bench is shown at once; otherwise what was shown last stays. */
  follow: z.boolean(),
  /** What the class was last shown. */
  held: z.nullable(
    z.object({
      lineupId: LineupId,
      /** The day on which it was shown, YYYY-MM-DD; the next day starts with what is there then. */
      on: z.string(),
      groups: z.array(TakeGroup),
      /** What they were to do, and the expert groups they are sent to, as shown; null where there were none. */
      plan: z.nullable(PlanRecord),
      experts: z.nullable(z.array(TakeGroup)),
      /** Null in what was shown before this was kept: everything is called as it is called now. */
      as: z.nullable(ShownAs),
    }),
  ),
  /** How the groups are revealed, and how many steps of it are done; null where all stands there. */
  reveal: z.nullable(z.object({ by: z.enum(['group', 'name']), shown: z.int().check(z.gte(0)) })),
  clock: z.nullable(Clock),
  /** The turn at the stations, from 0. */
  turn: z.int().check(z.gte(0)),
  /** Whether students of a jigsaw are sent to their experts or are at home. */
  side: z.enum(['home', 'experts']),
  /** The draw that is shown. */
  drawId: z.nullable(DrawId),
});
export type SceneRecord = z.infer<typeof SceneRecord>;

export const sceneType: RecordType<SceneRecord> = {
  record: 'scene',
  validator: SceneRecord,
  migrations: [
    {
      name: 'scene/1 give groups an adult and a time',
      up: (data) => {
        const held = data.held as { readonly plan?: object | null } | null;
        if (!held?.plan) return data;
        return { ...data, held: { ...held, plan: { ...held.plan, leads: {}, meetAt: null } } };
      },
    },
    {
      name: 'scene/2 keep what everything was called when it was shown',
      up: (data) => {
        const held = data.held as object | null;
        return held ? { ...data, held: { ...held, as: null } } : data;
      },
    },
    {
      name: 'scene/3 say in words and a picture what a group is about',
      up: (data) => {
        const held = data.held as { readonly plan?: object | null } | null;
        return held?.plan
          ? { ...data, held: { ...held, plan: { ...held.plan, cards: {} } } }
          : data;
      },
    },
  ],
  freshId: null,
  owner: ({ classId }) => classId,
  list: null,
  renamed: (scene, to) => {
    // The id names the class, so that another class starts with a stage of its own.
    if (to.class(scene.classId) !== scene.classId || to.scene(scene.id) === null) return null;
    const lineupId = scene.held && to.lineup(scene.held.lineupId);
    const held =
      scene.held && lineupId
        ? {
            ...scene.held,
            lineupId,
            groups: renamedGroups(scene.held.groups, to),
            plan: scene.held.plan && planType.renamed(scene.held.plan, to),
            experts: scene.held.experts && renamedGroups(scene.held.experts, to),
            as: scene.held.as && renamedAs(scene.held.as, to),
          }
        : null;
    return { ...scene, held, drawId: scene.drawId && to.draw(scene.drawId) };
  },
  merging: {},
};

function renamedAs(as: ShownAs, to: Renaming): ShownAs {
  const kept = <Id, T extends { readonly id: Id }>(
    all: readonly T[],
    renamed: (id: Id) => Id | null,
  ): T[] =>
    all.flatMap((one) => {
      const id = renamed(one.id);
      return id === null ? [] : [{ ...one, id }];
    });
  return {
    ...as,
    students: kept(as.students, to.student),
    adults: kept(as.adults, to.adult),
  };
}

export function sceneIdFor(classId: ClassId): SceneId {
  return SceneId.parse(`scene:${classId}`);
}

/** The stage of a class to which nothing has been shown. */
export function emptyScene(classId: ClassId): SceneRecord {
  return {
    record: 'scene',
    id: sceneIdFor(classId),
    classId,
    show: 'byGroup',
    beside: false,
    follow: false,
    held: null,
    reveal: null,
    clock: null,
    turn: 0,
    side: 'home',
    drawId: null,
  };
}
