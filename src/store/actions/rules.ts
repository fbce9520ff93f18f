import { newId, RuleId, type ClassId, type StudentId } from '../../schema/ids';
import type { RuleKindName, RuleRecord } from '../../schema/rule';
import type { AppStore } from '../appStore';

/** Adds a quiet rule about two or more different students, as the last one of the class; about one there is none. */
export function addRule(
  store: AppStore,
  classId: ClassId,
  kind: RuleKindName,
  studentIds: readonly StudentId[],
): void {
  if (new Set(studentIds).size < 2) return;
  store.history.act('addRule', ({ all, put }) => {
    const orders = all('rule').flatMap((one) => (one.classId === classId ? [one.order] : []));
    put(newRule(classId, kind, studentIds, Math.max(0, ...orders) + 1));
  });
}

export type RuleEdit = Partial<Pick<RuleRecord, 'kind' | 'reason' | 'until'>>;

export function editRule(store: AppStore, id: RuleId, edit: RuleEdit): void {
  store.history.act('editRule', ({ get, put }) => {
    const rule = get('rule', id);
    if (rule) put({ ...rule, ...edit });
  });
}

/**
 * Says how two students stand to each other: apart, together, or neither. A rule about just these two is changed or
 * removed; out of one about more students than these, nothing is taken.
 */
export function setPairRule(
  store: AppStore,
  classId: ClassId,
  one: StudentId,
  two: StudentId,
  kind: RuleKindName | null,
): void {
  store.history.act(kind === null ? 'removeRule' : 'editRule', ({ all, put, remove }) => {
    const rules = all('rule').filter((rule) => rule.classId === classId);
    const pair = rules.filter(
      ({ studentIds }) =>
        studentIds.length === 2 && studentIds.includes(one) && studentIds.includes(two),
    );
    const [first, ...others] = pair;
    others.forEach(({ id }) => remove(id));
    if (kind === null) {
      if (first) remove(first.id);
    } else if (first) put({ ...first, kind });
    else {
      const order = Math.max(0, ...rules.map((rule) => rule.order)) + 1;
      put(newRule(classId, kind, [one, two], order));
    }
  });
}

function newRule(
  classId: ClassId,
  kind: RuleKindName,
  studentIds: readonly StudentId[],
  order: number,
): RuleRecord {
  return {
    record: 'rule',
    id: newId(RuleId, 'r'),
    classId,
    kind,
    studentIds: [...new Set(studentIds)],
    reason: '',
    until: null,
    order,
  };
}

export function removeRule(store: AppStore, id: RuleId): void {
  store.history.act('removeRule', ({ remove }) => remove(id));
}
