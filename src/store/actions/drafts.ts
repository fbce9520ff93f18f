import { draftIdFor } from '../../schema/draft';
import type { AppStore } from '../appStore';

/** Keeps text being typed, so that it is there again after a crash; no step to undo. */
export function keepDraft(store: AppStore, field: string, text: string): void {
  store.records.change('user', ({ put, remove }) => {
    const id = draftIdFor(field);
    if (text === '') remove(id);
    else put({ record: 'draft', id, text });
  });
}

/** The text kept for a field; '' when there is none. */
export function draftText(store: AppStore, field: string): string {
  return store.records.get('draft', draftIdFor(field))?.text ?? '';
}
