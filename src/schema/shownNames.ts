import * as z from 'zod/mini';
import type { Setting } from './setting';

/** How the class knows names: as they are called, with an initial, or whole. */
export const NamesShown = z.enum(['called', 'initial', 'whole']);
export type NamesShown = z.infer<typeof NamesShown>;

/** How names are shown to a class, set once for it. */
export const NAMES_SHOWN: Setting<NamesShown> = {
  name: 'stageNames',
  shape: NamesShown,
  usual: 'called',
};

/** Whether leads and roles stand beside names before a class. */
export const ROLES_SHOWN: Setting<boolean> = {
  name: 'stageRoles',
  shape: z.boolean(),
  usual: true,
};
