'use client';

import { Button } from '../../primitives/Button';
import { LinkButton } from '../../primitives/LinkButton';
import type { Bench } from '@/encode/bench';
import { sayGroups } from '@/messages/groups';
import { KeyOf } from '../../frame/KeyOf';
import styles from './MakeButton.module.css';
import { useWorkbench } from '../workbench/Workbench';

interface MakeButtonProps {
  /** Rows that alone are dealt anew; empty for all. */
  readonly chosenRows: readonly number[];
  readonly onMake: () => void;
}

/** The one press that deals; while it works for longer, how far it is and the way to stop it. */
export function MakeButton({ chosenRows, onMake }: MakeButtonProps) {
  const bench = useWorkbench('bench');
  const shuffle = useWorkbench('shuffle');
  const { recipe } = bench.lineup;
  const possible = useWorkbench('preview').ok || recipe.dealing.by === 'value';
  if (shuffle.state.state === 'working') {
    const { done } = shuffle.state;
    return (
      <div className={styles.working}>
        <progress className={styles.progress} value={done} aria-label={sayGroups.working} />
        <Button variant="paper" onClick={shuffle.stop}>
          {sayGroups.stop}
        </Button>
      </div>
    );
  }
  return (
    <div className={styles.side}>
      <Button
        variant="contained"
        size="large"
        className={styles.make}
        disabled={!possible}
        onClick={onMake}
      >
        {label(bench, chosenRows)}
        <KeyOf name="make" />
      </Button>
      {recipe.dealing.by === 'choose' && (
        <LinkButton variant="paper" href={`/c/${bench.theClass.id}/groups/seats`}>
          {sayGroups.openSeats}
        </LinkButton>
      )}
      <Staying />
    </div>
  );
}

function label({ take, lineup }: Bench, chosenRows: readonly number[]): string {
  if (['hand', 'choose'].includes(lineup.recipe.dealing.by)) return sayGroups.setOut;
  if (!take || lineup.recipe.dealing.by !== 'shuffle') return sayGroups.make;
  return chosenRows.length > 0 ? sayGroups.reshuffleChosen(chosenRows.length) : sayGroups.reshuffle;
}

/** Who stays where they are through the next reshuffle, and the way to shuffle the pinned all the same. */
function Staying() {
  const { take, lineup } = useWorkbench('bench');
  const shuffle = useWorkbench('shuffle');
  const seated = new Set(take?.groups.flatMap(({ studentIds }) => studentIds));
  const pinned = lineup.pinned.filter((id) => seated.has(id)).length;
  const locked = take?.groups.filter((group) => group.locked).length ?? 0;
  if (pinned + locked === 0 || lineup.recipe.dealing.by !== 'shuffle') return null;
  return (
    <p className={styles.staying}>
      {[
        pinned > 0 ? sayGroups.pinnedStay(pinned) : '',
        locked > 0 ? sayGroups.lockedStay(locked) : '',
      ]
        .filter(Boolean)
        .join(', ')}
      {pinned > 0 && (
        <Button variant="line" onClick={() => void shuffle.make({ rows: null, pins: false })}>
          {sayGroups.evenPinned}
        </Button>
      )}
    </p>
  );
}
