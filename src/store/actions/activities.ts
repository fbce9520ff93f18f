import {
  isAlone,
  keptGroups,
  newActivity,
  NO_OWN,
  NO_WORK,
  type ActivityRecord,
  type OwnMark,
  type Work,
} from '../../schema/activity';
import { emptyDraft } from '../../schema/draft';
import { ActivityId, newId, type ClassId, type LineupId, type StudentId } from '../../schema/ids';
import type { AppStore } from '../appStore';
import type { ActionLabel } from '../history';
import { activitiesOf, shownTake } from '../queries';
import type { RecordStore } from '../recordStore';

type Settings = Partial<Omit<ActivityRecord, 'record' | 'id' | 'classId' | 'createdAt'>>;

/** A new activity of a lineup, or (null) of everybody alone. */
export function createActivity(
  store: AppStore,
  classId: ClassId,
  lineupId: LineupId | null,
  settings: Settings & { readonly name: string },
): ActivityId {
  const id = newId(ActivityId, 'ac');
  store.history.act('createActivity', ({ put }) => put(fresh(id, classId, lineupId, settings)));
  return id;
}

function fresh(
  id: ActivityId,
  classId: ClassId,
  lineupId: LineupId | null,
  settings: Settings & { readonly name: string },
): ActivityRecord {
  const begun = newActivity(id, classId, lineupId, settings.name, new Date().toISOString());
  return { ...begun, ...settings };
}

/** The same activity once more, with nothing in it that came of it; one step for all that are made. */
export function repeatActivity(
  store: AppStore,
  of: ActivityRecord,
  copies: readonly (Settings & {
    readonly name: string;
    readonly classId: ClassId;
    readonly lineupId: LineupId | null;
  })[],
): void {
  const { instructions, picture, handout, due, last, most, criteria, weight } = of;
  const { members, sharing, late, step } = of;
  store.history.act('createActivity', ({ put }) => {
    for (const { classId, lineupId, ...change } of copies) {
      const id = newId(ActivityId, 'ac');
      put(
        fresh(id, classId, lineupId, {
          ...{ instructions, picture, handout, due, last, most, criteria, weight },
          ...{ members, sharing, late, step, ...change },
        }),
      );
    }
  });
}

/** Changes what an activity is; its groups and marks stay. */
export function editActivity(store: AppStore, id: ActivityId, change: Settings): void {
  edit(store, 'editActivity', id, () => change);
}

export function removeActivity(store: AppStore, id: ActivityId): void {
  store.history.act('removeActivity', ({ get, remove }) => {
    const activity = get('activity', id);
    if (!activity) return;
    remove(id);
    // What was being pasted is of nothing any more.
    for (const box of ['marks', 'answers'] as const)
      remove(emptyDraft({ of: box, classId: activity.classId, activityId: id }).id);
  });
}

/** Opens an activity at a moment: from then on it has the groups that its lineup has now. */
export function openActivity(store: AppStore, id: ActivityId, opens: string): void {
  edit(store, 'activityGroups', id, (activity) => ({
    opens,
    groups: groupsToKeep(store.records, activity),
  }));
}

/**
 * Keeps the groups of those activities whose time to open has come. No step to undo: it is so whether or not somebody
 * looks.
 */
export function keepOpened(store: AppStore, classId: ClassId, now: string): void {
  const due = activitiesOf(store.records, classId).filter(
    (activity) =>
      activity.groups === null &&
      !isAlone(activity) &&
      activity.opens !== null &&
      activity.opens <= now &&
      groupsToKeep(store.records, activity) !== null,
  );
  if (due.length === 0) return;
  store.records.change('user', ({ put }) => {
    for (const activity of due) put({ ...activity, groups: groupsToKeep(store.records, activity) });
  });
}

/** Decides about groups: who stays, goes, or has a part of two marks. */
export function setActivityGroups(
  store: AppStore,
  id: ActivityId,
  kept: Pick<ActivityRecord, 'groups' | 'splits' | 'settled'>,
): void {
  edit(store, 'activityGroups', id, () => kept);
}

/** Notes what came of the work of some groups, or of those who work alone. */
export function setWork(
  store: AppStore,
  id: ActivityId,
  keys: readonly string[],
  label: 'mark' | 'cameIn',
  change: (work: Work, key: string) => Partial<Work>,
): void {
  edit(store, label, id, (activity) => {
    const work = { ...activity.work };
    for (const key of keys) {
      const before = work[key] ?? NO_WORK;
      work[key] = { ...before, ...change(before, key) };
    }
    // What is worked or marked is open: it keeps its groups.
    return { work, groups: groupsToKeep(store.records, activity) };
  });
}

/** Notes what is said of one member beside their group. */
export function setOwn(
  store: AppStore,
  id: ActivityId,
  student: StudentId,
  change: Partial<OwnMark>,
): void {
  edit(store, 'mark', id, (activity) => ({
    own: { ...activity.own, [student]: { ...(activity.own[student] ?? NO_OWN), ...change } },
    groups: groupsToKeep(store.records, activity),
  }));
}

/** Takes in how members divided points among one another; what others said before stays. */
export function takeInAnswers(
  store: AppStore,
  id: ActivityId,
  answers: ActivityRecord['answers'],
): void {
  edit(store, 'mark', id, (activity) => ({
    answers: { ...activity.answers, ...answers },
    groups: groupsToKeep(store.records, activity),
  }));
}

/** Lets somebody's answer about the others count, or not. */
export function setAnswerAside(
  store: AppStore,
  id: ActivityId,
  student: StudentId,
  aside: boolean,
): void {
  edit(store, 'mark', id, ({ setAside }) => ({
    setAside: aside
      ? [...new Set([...setAside, student])]
      : setAside.filter((one) => one !== student),
  }));
}

/** Takes in marks of a sheet, as one step. */
export function takeMarks(
  store: AppStore,
  id: ActivityId,
  after: Pick<ActivityRecord, 'work' | 'own' | 'members'>,
): void {
  edit(store, 'takeInMarks', id, (activity) => ({
    ...after,
    groups: groupsToKeep(store.records, activity),
  }));
}

function groupsToKeep(
  records: RecordStore,
  { lineupId, groups }: ActivityRecord,
): ActivityRecord['groups'] {
  if (groups !== null || lineupId === null) return groups;
  const take = shownTake(records, lineupId);
  return take ? [...keptGroups(take.groups)] : null;
}

function edit(
  store: AppStore,
  label: ActionLabel,
  id: ActivityId,
  change: (activity: ActivityRecord) => Settings,
): void {
  store.history.act(label, ({ get, put }) => {
    const activity = get('activity', id);
    if (activity) put({ ...activity, ...change(activity) });
  });
}
