import type { StudentId } from '../../schema/ids';
import type { TakeGroup } from '../../schema/take';
import type { Change } from '../recordStore';

/** Takes a student out of every rule, wish and take; a rule left with fewer than two students goes. */
export function withoutStudent(change: Change, id: StudentId): void {
  replaceEverywhere(change, id, (ids) => ids.filter((one) => one !== id));
}

/** Puts one student in the place of another in every rule, wish and take, each once. */
export function withStudentReplaced(change: Change, from: StudentId, to: StudentId): void {
  replaceEverywhere(change, from, (ids) =>
    ids.includes(to)
      ? ids.filter((one) => one !== from)
      : ids.map((one) => (one === from ? to : one)),
  );
}

type Replace = (ids: readonly StudentId[]) => StudentId[];

function replaceEverywhere({ all, put, remove }: Change, id: StudentId, replace: Replace): void {
  for (const rule of all('rule')) {
    if (!rule.studentIds.includes(id)) continue;
    const studentIds = replace(rule.studentIds);
    if (studentIds.length < 2) remove(rule.id);
    else put({ ...rule, studentIds });
  }
  for (const student of all('student')) {
    if (student.wishes.includes(id)) put({ ...student, wishes: replace(student.wishes) });
  }
  for (const lineup of all('lineup')) {
    if (lineup.pinned.includes(id)) put({ ...lineup, pinned: replace(lineup.pinned) });
  }
  for (const take of all('take')) {
    const lists = [...take.groups, ...(take.dealt ?? [])].map(({ studentIds }) => studentIds);
    if (!lists.some((ids) => ids.includes(id))) continue;
    // One student sits once in a take, so a replacement who has a seat already gets no second one.
    const seated = new Set(take.groups.flatMap(({ studentIds }) => studentIds));
    const inTake: Replace = (ids) => {
      const next = replace(ids);
      const added = next.find((one) => !ids.includes(one));
      return added !== undefined && seated.has(added) ? next.filter((one) => one !== added) : next;
    };
    const inGroup = (group: TakeGroup): TakeGroup => {
      const studentIds = inTake(group.studentIds);
      const roles = Object.entries(group.roles).flatMap(([role, holder]) => {
        const [next] = replace([holder]);
        return next && studentIds.includes(next) ? [[role, next] as const] : [];
      });
      return { ...group, studentIds, roles: Object.fromEntries(roles) };
    };
    put({
      ...take,
      groups: take.groups.map(inGroup),
      dealt: take.dealt?.map(inGroup) ?? null,
    });
  }
}
