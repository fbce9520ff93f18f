'use client';

import AddRounded from '@mui/icons-material/AddRounded';
import DeleteOutlineRounded from '@mui/icons-material/DeleteOutlineRounded';
import DriveFileRenameOutlineRounded from '@mui/icons-material/DriveFileRenameOutlineRounded';
import Divider from '@mui/material/Divider';
import ListItemIcon from '@mui/material/ListItemIcon';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { RefObject } from 'react';
import { say } from '@/messages';
import type { LineupRecord } from '@/schema/lineup';
import styles from './LineupChooser.module.css';

interface LineupMenuProps {
  readonly anchor: RefObject<HTMLElement | null>;
  readonly open: boolean;
  readonly lineups: readonly LineupRecord[];
  readonly current: LineupRecord | undefined;
  readonly onClose: () => void;
  readonly onOpen: (lineup: LineupRecord) => void;
  readonly onMake: () => void;
  readonly onRename: () => void;
  readonly onRemove: (lineup: LineupRecord) => void;
}

/** The lineups of the class, the newest first, and what can be done with the current one. */
export function LineupMenu(props: LineupMenuProps) {
  const { anchor, open, lineups, current, onClose, onOpen, onMake, onRename, onRemove } = props;
  const then = (run: () => void) => (): void => {
    onClose();
    run();
  };
  return (
    <Menu anchorEl={() => anchor.current} open={open} onClose={onClose}>
      {[...lineups].reverse().map((lineup) => (
        <MenuItem
          key={lineup.id}
          selected={lineup.id === current?.id}
          onClick={then(() => onOpen(lineup))}
        >
          <span className={styles.name}>{lineup.name}</span>
          <span className={styles.state}>{say.lineups.state[lineup.state]}</span>
        </MenuItem>
      ))}
      {lineups.length > 0 && <Divider />}
      <MenuItem onClick={then(onMake)}>
        <ListItemIcon>
          <AddRounded fontSize="small" />
        </ListItemIcon>
        {say.lineups.make}
      </MenuItem>
      {current && (
        <MenuItem onClick={then(onRename)}>
          <ListItemIcon>
            <DriveFileRenameOutlineRounded fontSize="small" />
          </ListItemIcon>
          {say.lineups.rename}
        </MenuItem>
      )}
      {current && (
        <MenuItem onClick={then(() => onRemove(current))}>
          <ListItemIcon>
            <DeleteOutlineRounded fontSize="small" />
          </ListItemIcon>
          {say.lineups.remove(current.name)}
        </MenuItem>
      )}
    </Menu>
  );
}
