import type { Bench } from '@/encode/bench';
import type { Insight } from '@/encode/insight';
import type { TakeRecord } from '@/schema/take';
import type { NameOf } from '../../frame/names';
import type { Shuffle } from '../../frame/useShuffle';
import type { Guard } from '../useGuard';
import type { Selection } from '../useSelection';
import type { Sheet } from '../useSheet';
import type { Targets } from '../useTargets';

export interface DrawerProps {
  readonly bench: Bench;
  readonly take: TakeRecord;
  readonly sheet: Sheet;
  readonly selection: Selection;
  readonly insight: Insight | null;
  readonly targets: Targets;
  readonly nameOf: NameOf;
  readonly shuffle: Shuffle;
  readonly guard: Guard;
}
