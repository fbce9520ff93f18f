import * as z from 'zod/mini';
import { ClassId, SettingId } from './ids';
import type { RecordType } from './versions';

/** A choice about how things are shown or read, remembered until it is made otherwise; no step to undo. */
export const SettingRecord = z.object({
  record: z.literal('setting'),
  id: SettingId,
  /** The class it is about; null where it holds everywhere. */
  classId: z.nullable(ClassId),
  /** Plain data, checked by whoever asks for it. */
  value: z.unknown(),
});
export type SettingRecord = z.infer<typeof SettingRecord>;

export const settingType: RecordType<SettingRecord> = {
  record: 'setting',
  validator: SettingRecord,
  migrations: [],
  freshId: null,
  owner: ({ classId }) => classId,
  list: null,
  renamed: (setting, to) => {
    const same = setting.classId === null || to.class(setting.classId) === setting.classId;
    return same && to.setting(setting.id) !== null ? setting : null;
  },
  merging: {},
};

/** One setting: what it is called, its shape, and what holds while nothing was chosen. */
export interface Setting<T> {
  readonly name: string;
  readonly shape: z.ZodMiniType<T>;
  readonly usual: T;
}

/** Where a setting is kept, for one class or, with null, everywhere. */
export function settingIdFor(name: string, classId: ClassId | null): SettingId {
  return SettingId.parse(classId === null ? `setting:${name}` : `setting:${name}:${classId}`);
}

/** What was chosen, or what is usual where nothing readable was. */
export function settingValue<T>({ shape, usual }: Setting<T>, kept: SettingRecord | undefined): T {
  const read = shape.safeParse(kept?.value);
  return kept !== undefined && read.success ? read.data : usual;
}

/**
 * A setting out of the texts among which settings were kept once (`draft:setting:NAME[:CLASS]`, `draft:reading:KEY`), as
 * stored data; null for any other data.
 */
export function settingFromText(data: unknown): object | null {
  if (typeof data !== 'object' || data === null) return null;
  const { record, id, text } = data as Readonly<Record<string, unknown>>;
  if (record !== 'draft' || typeof id !== 'string' || typeof text !== 'string') return null;
  const [, name, about] =
    /^draft:setting:(\w+)(?::(.+))?$/.exec(id) ?? /^draft:(reading:.+)$/s.exec(id) ?? [];
  if (name === undefined) return null;
  const suffix = about === undefined ? '' : `:${about}`;
  return {
    record: 'setting',
    id: `setting:${name}${suffix}`,
    classId: about ?? null,
    value:
      name === 'table' || name === 'columns' || name.startsWith('reading:') ? json(text) : text,
  };
}

function json(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
