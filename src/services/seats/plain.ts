/** Where the seats of a service are, below its address. */
export const SEATS_ROOT = '/seats/v1';
/** Below the root: what students' pages speak with. All else there is the teacher's. */
export const OPEN_ROOT = '/open';

/** Why a choice was not taken; `taken` is said of every place that cannot be had. */
export const CHOICE_REFUSALS = ['taken', 'fixed', 'paused', 'closed', 'unknown', 'wait'] as const;
export type ChoiceRefusal = (typeof CHOICE_REFUSALS)[number];
