import type { AnyLineup } from '@/formats/out/lineupOut';
import type { Template } from '@/formats/out/handout/types';
import type { WayOutId } from '@/formats/out/list';
import type { Chosen } from './chosen';

/** What the options of a way out are told, and what they tell. */
export interface OptionsProps {
  readonly way: WayOutId;
  readonly chosen: Chosen;
  readonly onChange: (change: Partial<Chosen>) => void;
  readonly ownFile: Template | null;
  /** With the file as base64 where it is to be remembered; null for writing it here. */
  readonly onOwnFile: (file: Template | null, remember: string | null) => void;
  readonly today: string;
  readonly lineup: Pick<AnyLineup, 'groups'>;
}
