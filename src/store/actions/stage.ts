import { DrawId, LineupId, newId, PlanId, TakeId, type ClassId } from '../../schema/ids';
import type { DrawRecord } from '../../schema/draw';
import { newLineup } from '../../schema/lineup';
import { emptyPlan, type PlanRecord } from '../../schema/plan';
import { PLAIN_RECIPE } from '../../schema/recipe';
import { emptyScene, sceneIdFor, type SceneRecord } from '../../schema/scene';
import type { TakeGroup } from '../../schema/take';
import type { AppStore } from '../appStore';
import { planOf, shownAs, shownTake } from '../queries';

/**
 * Changes what the stage of a class shows. No step of its own to undo, and written at once: other windows show it as
 * soon as it is on the disk.
 */
export function conduct(
  store: AppStore,
  classId: ClassId,
  change: (scene: SceneRecord) => Partial<SceneRecord>,
): void {
  store.records.change('user', ({ get, put }) => {
    const scene = get('scene', sceneIdFor(classId)) ?? emptyScene(classId);
    put({ ...scene, ...change(scene) });
  });
  void store.saver.flush();
}

/** Shows the class a lineup as it stands now, and no change of it until it is asked for again. */
export function showLineup(store: AppStore, lineupId: LineupId, day: string): void {
  const { records } = store;
  const lineup = records.get('lineup', lineupId);
  const take = shownTake(records, lineupId);
  if (!lineup || !take) return;
  const plan = planOf(records, lineupId) ?? null;
  const experts = plan?.expertsId ? (shownTake(records, plan.expertsId)?.groups ?? null) : null;
  const as = shownAs(records, lineupId);
  conduct(store, lineup.classId, ({ reveal }) => ({
    held: { lineupId, on: day, groups: take.groups, plan, experts, as },
    reveal: reveal && { ...reveal, shown: 0 },
  }));
}

/** Changes parts of what a lineup's class does, as one step. */
export function changePlan(
  store: AppStore,
  lineupId: LineupId,
  change: (plan: PlanRecord) => Partial<PlanRecord>,
): void {
  store.history.act('editPlan', ({ get, put }) => {
    const lineup = get('lineup', lineupId);
    if (!lineup) return;
    const plan =
      planOf(store.records, lineupId) ?? emptyPlan(newId(PlanId, 'p'), lineup.classId, lineupId);
    put({ ...plan, ...change(plan) });
  });
}

/** Keeps what was drawn and shows it. */
export function keepDraw(
  store: AppStore,
  classId: ClassId,
  drawn: Pick<DrawRecord, 'of' | 'students' | 'group'>,
): void {
  const id = newId(DrawId, 'dr');
  store.history.act('draw', ({ put }) =>
    put({ record: 'draw', id, classId, at: new Date().toISOString(), ...drawn }),
  );
  conduct(store, classId, () => ({ show: 'pick', drawId: id }));
}

/** Takes back the last draw, as if it had not been; the one before is shown again. */
export function takeBackDraw(
  store: AppStore,
  classId: ClassId,
  draws: readonly DrawRecord[],
): void {
  const last = draws.at(-1);
  if (!last) return;
  store.history.act('undraw', ({ remove }) => remove(last.id));
  conduct(store, classId, () => ({ drawId: null }));
}

/** Keeps expert groups as a lineup of their own, linked with the home groups they were made of; one of before is left. */
export function keepExperts(
  store: AppStore,
  homeId: LineupId,
  name: string,
  seed: number,
  groups: readonly TakeGroup[],
): void {
  store.history.act('jigsaw', ({ get, put }) => {
    const home = get('lineup', homeId);
    if (!home) return;
    const { classId } = home;
    const createdAt = new Date().toISOString();
    const [id, takeId] = [newId(LineupId, 'l'), newId(TakeId, 't')];
    const sizing = { by: 'count' as const, count: groups.length };
    const lineup = newLineup(id, classId, name, createdAt, { ...PLAIN_RECIPE, sizing });
    put({ ...lineup, takeId });
    put({
      ...{ record: 'take', id: takeId, lineupId: id, classId, number: 1, seed, createdAt },
      ...{ groups: [...groups], dealt: null, starred: false, madeBy: null },
    });
    const plan = planOf(store.records, homeId) ?? emptyPlan(newId(PlanId, 'p'), classId, homeId);
    put({ ...plan, expertsId: id });
    const theClass = get('class', classId);
    if (theClass) put({ ...theClass, openLineupId: homeId });
  });
}
