import type { PublicLineup, PublicPlan } from '@/encode/publicLineup';

export type PaperSize = 'a4' | 'letter';

/** What every sheet is given: what the class may know, and how it is wished. */
export interface SheetProps {
  readonly className: string;
  readonly lineup: string;
  readonly people: PublicLineup;
  readonly plan: PublicPlan;
  readonly size: PaperSize;
  readonly columns: 1 | 2;
}
