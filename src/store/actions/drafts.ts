import type { ClassId } from '../../schema/ids';
import { emptyDraft, type DraftField } from '../../schema/draft';
import { settingIdFor, settingValue, type Setting } from '../../schema/setting';
import type { AppStore } from '../appStore';

/** Keeps text being typed, so that it is there again after a crash; no step to undo. */
export function keepDraft(store: AppStore, field: DraftField, text: string): void {
  store.records.change('user', ({ put, remove }) => {
    const draft = emptyDraft(field);
    if (text === '') remove(draft.id);
    else put({ ...draft, text });
  });
}

/** The text kept for a field; '' when there is none. */
export function draftText({ records }: AppStore, field: DraftField): string {
  return records.get('draft', emptyDraft(field).id)?.text ?? '';
}

/** Remembers a choice, for a class or, with null, everywhere; no step to undo. */
export function choose<T>(
  store: AppStore,
  { name }: Setting<T>,
  classId: ClassId | null,
  value: T,
): void {
  const id = settingIdFor(name, classId);
  store.records.change('user', ({ put }) => put({ record: 'setting', id, classId, value }));
}

/** What was chosen, or what is usual. */
export function chosen<T>({ records }: AppStore, setting: Setting<T>, classId: ClassId | null): T {
  return settingValue(setting, records.get('setting', settingIdFor(setting.name, classId)));
}
