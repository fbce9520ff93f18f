import * as z from 'zod/mini';
import type { Setting } from '@/schema/setting';

/** The class that was opened last, for the menu of the installed application's icon; '' for none. */
export const LAST_CLASS: Setting<string> = {
  name: 'lastClass',
  shape: z.string(),
  usual: '',
};
