'use client';

import ExpandMoreRounded from '@mui/icons-material/ExpandMoreRounded';
import { lazily } from '../primitives/lazily';
import { useRef, useState } from 'react';
import { sayLineups } from '@/messages/lineups';
import { withWords } from '@/messages/speaking';
import { usesOf, type LineupRecord } from '@/schema/lineup';
import {
  countAgain,
  createLineup,
  createNextLineup,
  deleteLineup,
  openLineup,
  renameLineup,
  setLineupState,
  setUsed,
} from '@/store/actions/lineups';
import { lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { today } from './today';
import { useToday } from './useToday';
import { useTold } from './useTold';
import { useAsk } from '../primitives/asking';
import { NameField } from '../primitives/NameField';
import styles from './LineupChooser.module.css';
import { useClassId } from './useClassId';
import { useOpenLineup } from './useOpenLineup';
import { freshLineupName } from './lineupNames';

const LineupMenu = lazily(() => import('./LineupMenu').then((module) => module.LineupMenu));

/** Which lineup is being worked on, and the ways to make, rename and remove one. */
export function LineupChooser() {
  const store = useStore();
  const classId = useClassId();
  const lineups = useQuery(lineupsOf, classId);
  const current = useOpenLineup();
  const told = useTold();
  const day = useToday();
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  /** The menu is loaded when it is first opened. */
  const [wanted, setWanted] = useState(false);
  const [renaming, setRenaming] = useState(false);

  const close = (): void => setOpen(false);
  const make = (): void => {
    const name = freshLineupName(lineups.map((lineup) => lineup.name));
    createLineup(store, classId, name, current?.id ?? null);
    setRenaming(true);
  };
  const next = (): void => {
    if (!current) return;
    createNextLineup(
      store,
      current,
      freshLineupName(lineups.map((lineup) => lineup.name)),
      today(),
    );
    setRenaming(true);
  };
  const ask = useAsk();
  const remove = async (lineup: LineupRecord): Promise<void> => {
    const { hangingOn } = await withWords(import('./useDependents'));
    const run = (): void => {
      deleteLineup(store, lineup.id);
      told(sayLineups.deleted(lineup.name));
    };
    const hanging = hangingOn(store.records, lineup);
    const inUse = lineup.state === 'inUse';
    if (!inUse && hanging.length === 0) run();
    else ask({ ...sayLineups.askDelete(lineup.name, inUse, hanging), run });
  };

  if (renaming && current) {
    return (
      <NameField
        value={current.name}
        label={sayLineups.nameLabel}
        className={styles.field}
        onDone={(name) => {
          if (name !== null) renameLineup(store, current.id, name);
          setRenaming(false);
          requestAnimationFrame(() => button.current?.focus());
        }}
      />
    );
  }
  return (
    <>
      <button
        ref={button}
        type="button"
        className={styles.button}
        aria-haspopup="menu"
        aria-expanded={open}
        onClick={() => {
          setWanted(true);
          setOpen(true);
        }}
      >
        <span className={styles.name}>{current?.name ?? sayLineups.none}</span>
        {current && (
          <span className={styles.state}>
            {sayLineups.state(current.state, current.used?.on ?? null)}
          </span>
        )}
        <ExpandMoreRounded fontSize="small" />
      </button>
      {wanted && (
        <LineupMenu
          anchor={button}
          open={open}
          lineups={lineups}
          current={current}
          onClose={close}
          onOpen={(lineup) => openLineup(store, classId, lineup.id)}
          onMake={make}
          onNext={next}
          onState={(state) => current && setLineupState(store, current.id, state, today())}
          onUsed={(used) => current && setUsed(store, current.id, used ? today() : null)}
          onAgain={
            current && usesOf(current).every(({ on }) => on !== day)
              ? () => countAgain(store, current.id, day)
              : null
          }
          onRename={() => setRenaming(true)}
          onRemove={(lineup) => void remove(lineup)}
        />
      )}
    </>
  );
}
