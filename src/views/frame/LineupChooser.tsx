'use client';

import AddRounded from '@mui/icons-material/AddRounded';
import DeleteOutlineRounded from '@mui/icons-material/DeleteOutlineRounded';
import DriveFileRenameOutlineRounded from '@mui/icons-material/DriveFileRenameOutlineRounded';
import ExpandMoreRounded from '@mui/icons-material/ExpandMoreRounded';
import Divider from '@mui/material/Divider';
import ListItemIcon from '@mui/material/ListItemIcon';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useRef, useState } from 'react';
import { say } from '@/messages';
import type { LineupRecord } from '@/schema/lineup';
import { createLineup, deleteLineup, openLineup, renameLineup } from '@/store/actions/lineups';
import { lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useNotices } from '../primitives/notices';
import styles from './LineupChooser.module.css';
import { useClassId } from './useClassId';
import { useOpenLineup } from './useOpenLineup';
import { freshLineupName } from './lineupNames';

/** Which lineup is being worked on, and the ways to make, rename and remove one. */
export function LineupChooser() {
  const store = useStore();
  const classId = useClassId();
  const lineups = useQuery(lineupsOf, classId);
  const current = useOpenLineup();
  const { notify } = useNotices();
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const [renaming, setRenaming] = useState(false);

  const close = (): void => setOpen(false);
  const make = (): void => {
    close();
    const name = freshLineupName(lineups.map((lineup) => lineup.name));
    createLineup(store, classId, name, current?.id ?? null);
    setRenaming(true);
  };
  const remove = (lineup: LineupRecord): void => {
    close();
    deleteLineup(store, lineup.id);
    notify({
      text: say.lineups.deleted(lineup.name),
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
  };

  if (renaming && current) {
    return (
      <RenameField
        lineup={current}
        onDone={() => {
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
        onClick={() => setOpen(true)}
      >
        <span className={styles.name}>{current?.name ?? say.lineups.none}</span>
        {current && <span className={styles.state}>{say.lineups.state[current.state]}</span>}
        <ExpandMoreRounded fontSize="small" />
      </button>
      <Menu anchorEl={() => button.current} open={open} onClose={close}>
        {[...lineups].reverse().map((lineup) => (
          <MenuItem
            key={lineup.id}
            selected={lineup.id === current?.id}
            onClick={() => {
              close();
              openLineup(store, classId, lineup.id);
            }}
          >
            <span className={styles.name}>{lineup.name}</span>
            <span className={styles.state}>{say.lineups.state[lineup.state]}</span>
          </MenuItem>
        ))}
        {lineups.length > 0 && <Divider />}
        <MenuItem onClick={make}>
          <ListItemIcon>
            <AddRounded fontSize="small" />
          </ListItemIcon>
          {say.lineups.make}
        </MenuItem>
        {current && (
          <MenuItem
            onClick={() => {
              close();
              setRenaming(true);
            }}
          >
            <ListItemIcon>
              <DriveFileRenameOutlineRounded fontSize="small" />
            </ListItemIcon>
            {say.lineups.rename}
          </MenuItem>
        )}
        {current && (
          <MenuItem onClick={() => remove(current)}>
            <ListItemIcon>
              <DeleteOutlineRounded fontSize="small" />
            </ListItemIcon>
            {say.lineups.remove(current.name)}
          </MenuItem>
        )}
      </Menu>
    </>
  );
}

function RenameField({
  lineup,
  onDone,
}: {
  readonly lineup: LineupRecord;
  readonly onDone: () => void;
}) {
  const store = useStore();
  const [name, setName] = useState(lineup.name);
  const finish = (keep: boolean): void => {
    if (keep && name.trim() !== '') renameLineup(store, lineup.id, name.trim());
    onDone();
  };
  return (
    <input
      className={styles.field}
      aria-label={say.lineups.nameLabel}
      value={name}
      autoFocus
      onFocus={(event) => event.target.select()}
      onChange={(event) => setName(event.target.value)}
      onBlur={() => finish(true)}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') finish(true);
        if (event.key === 'Escape') finish(false);
      }}
    />
  );
}
