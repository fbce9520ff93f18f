import * as z from 'zod/mini';
import { DraftId } from './ids';
import type { RecordType } from './versions';

/** Text being typed and not yet taken in, kept so that closing the lid loses none of it. */
export const DraftRecord = z.object({
  record: z.literal('draft'),
  id: DraftId,
  text: z.string(),
});
export type DraftRecord = z.infer<typeof DraftRecord>;

export const draftType: RecordType<DraftRecord> = {
  record: 'draft',
  validator: DraftRecord,
  migrations: [],
};

/** The draft of one field: `paste:` and a class id, say. */
export function draftIdFor(field: string): DraftId {
  return DraftId.parse(`draft:${field}`);
}
