'use client';

import { useCallback, useMemo } from 'react';
import { emptyDraft, type DraftField } from '@/schema/draft';
import type { ClassId } from '@/schema/ids';
import { settingIdFor, settingValue, type Setting } from '@/schema/setting';
import { choose } from '@/store/actions/drafts';
import { useRecord, useStore } from '@/store/react';

/** The text kept for a field, kept up to date. */
export function useDraft(field: DraftField): string {
  return useRecord('draft', emptyDraft(field).id)?.text ?? '';
}

/** A remembered choice, for a class or, with null, everywhere, and the way to make it otherwise. */
export function useSetting<T>(
  setting: Setting<T>,
  classId: ClassId | null,
): readonly [T, (value: T) => void] {
  const store = useStore();
  const kept = useRecord('setting', settingIdFor(setting.name, classId));
  const value = useMemo(() => settingValue(setting, kept), [setting, kept]);
  const set = useCallback(
    (next: T): void => choose(store, setting, classId, next),
    [store, setting, classId],
  );
  return [value, set];
}
