'use client';

import AddRounded from '@mui/icons-material/AddRounded';
import DeleteOutlineRounded from '@mui/icons-material/DeleteOutlineRounded';
import DriveFileRenameOutlineRounded from '@mui/icons-material/DriveFileRenameOutlineRounded';
import EditNoteRounded from '@mui/icons-material/EditNoteRounded';
import EventAvailableRounded from '@mui/icons-material/EventAvailableRounded';
import EventBusyRounded from '@mui/icons-material/EventBusyRounded';
import Inventory2Outlined from '@mui/icons-material/Inventory2Outlined';
import NextPlanOutlined from '@mui/icons-material/NextPlanOutlined';
import TodayRounded from '@mui/icons-material/TodayRounded';
import Divider from '@mui/material/Divider';
import ListItemIcon from '@mui/material/ListItemIcon';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { ReactNode, RefObject } from 'react';
import { sayLineups } from '@/messages/lineups';
import type { LineupRecord } from '@/schema/lineup';
import styles from './LineupChooser.module.css';
import { MuiRoot } from '../theme/MuiRoot';

interface LineupMenuProps {
  readonly anchor: RefObject<HTMLElement | null>;
  readonly open: boolean;
  readonly lineups: readonly LineupRecord[];
  readonly current: LineupRecord | undefined;
  readonly onClose: () => void;
  readonly onOpen: (lineup: LineupRecord) => void;
  readonly onMake: () => void;
  readonly onNext: () => void;
  readonly onState: (state: LineupRecord['state']) => void;
  /** Says whether the class worked in the lineup: only then its groups count as having met. */
  readonly onUsed: (used: boolean) => void;
  /** Counts today as one more day of the same groups; null where it counts already. */
  readonly onAgain: (() => void) | null;
  readonly onRename: () => void;
  readonly onRemove: (lineup: LineupRecord) => void;
}

const STATES: readonly LineupRecord['state'][] = ['draft', 'inUse', 'retired'];
const STATE_ICONS: Readonly<Record<LineupRecord['state'], ReactNode>> = {
  draft: <EditNoteRounded fontSize="small" />,
  inUse: <EventAvailableRounded fontSize="small" />,
  retired: <Inventory2Outlined fontSize="small" />,
};

/** The lineups of the class, the newest first, and what can be done with the current one. */
export function LineupMenu(props: LineupMenuProps) {
  const {
    anchor,
    open,
    lineups,
    current,
    onClose,
    onOpen,
    onMake,
    onNext,
    onState,
    onUsed,
    onAgain,
    onRename,
    onRemove,
  } = props;
  const then = (run: () => void) => (): void => {
    onClose();
    run();
  };
  return (
    <MuiRoot>
      <Menu anchorEl={() => anchor.current} open={open} onClose={onClose}>
        {[...lineups].reverse().map((lineup) => (
          <MenuItem
            key={lineup.id}
            selected={lineup.id === current?.id}
            onClick={then(() => onOpen(lineup))}
          >
            <span className={styles.name}>{lineup.name}</span>
            <span className={styles.state}>
              {sayLineups.state(lineup.state, lineup.used?.on ?? null)}
            </span>
          </MenuItem>
        ))}
        {lineups.length > 0 && <Divider />}
        <MenuItem onClick={then(onMake)}>
          <ListItemIcon>
            <AddRounded fontSize="small" />
          </ListItemIcon>
          {sayLineups.make}
        </MenuItem>
        {current && (
          <MenuItem onClick={then(onNext)}>
            <ListItemIcon>
              <NextPlanOutlined fontSize="small" />
            </ListItemIcon>
            {sayLineups.nextTime}
          </MenuItem>
        )}
        {current && <Divider />}
        {current &&
          STATES.filter((state) => state !== current.state).map((state) => (
            <MenuItem key={state} onClick={then(() => onState(state))}>
              <ListItemIcon>{STATE_ICONS[state]}</ListItemIcon>
              {sayLineups.become[state]}
            </MenuItem>
          ))}
        {current?.takeId && (
          <MenuItem onClick={then(() => onUsed(current.used === null))}>
            <ListItemIcon>
              {current.used ? (
                <EventBusyRounded fontSize="small" />
              ) : (
                <TodayRounded fontSize="small" />
              )}
            </ListItemIcon>
            {current.used ? sayLineups.notUsed(current.used.on) : sayLineups.used}
          </MenuItem>
        )}
        {current?.used && onAgain && (
          <MenuItem onClick={then(onAgain)}>
            <ListItemIcon>
              <TodayRounded fontSize="small" />
            </ListItemIcon>
            {sayLineups.again}
          </MenuItem>
        )}
        {current && <Divider />}
        {current && (
          <MenuItem onClick={then(onRename)}>
            <ListItemIcon>
              <DriveFileRenameOutlineRounded fontSize="small" />
            </ListItemIcon>
            {sayLineups.rename}
          </MenuItem>
        )}
        {current && (
          <MenuItem onClick={then(() => onRemove(current))}>
            <ListItemIcon>
              <DeleteOutlineRounded fontSize="small" />
            </ListItemIcon>
            {sayLineups.remove(current.name)}
          </MenuItem>
        )}
      </Menu>
    </MuiRoot>
  );
}
