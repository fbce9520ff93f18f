import { newId, RuleId, type ClassId, type StudentId } from '../../schema/ids';
import type { RuleKindName } from '../../schema/rule';
import type { AppStore } from '../appStore';

/** Adds a quiet rule about two or more different students, as the last one of the class. */
export function addRule(
  store: AppStore,
  classId: ClassId,
  kind: RuleKindName,
  studentIds: readonly StudentId[],
): void {
  store.history.act('addRule', ({ all, put }) => {
    const orders = all('rule').flatMap((one) => (one.classId === classId ? [one.order] : []));
    put({
      record: 'rule',
      id: newId(RuleId, 'r'),
      classId,
      kind,
      studentIds: [...new Set(studentIds)],
      reason: '',
      until: null,
      order: Math.max(0, ...orders) + 1,
    });
  });
}

export function setRuleKind(store: AppStore, id: RuleId, kind: RuleKindName): void {
  store.history.act('editRule', ({ get, put }) => {
    const rule = get('rule', id);
    if (rule) put({ ...rule, kind });
  });
}

export function removeRule(store: AppStore, id: RuleId): void {
  store.history.act('removeRule', ({ remove }) => remove(id));
}
