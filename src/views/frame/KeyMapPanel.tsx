'use client';

import Popover from '@mui/material/Popover';
import { type RefObject } from 'react';
import { sayKeys } from '@/messages/keys';
import { KeyHint } from '../primitives/KeyHint';
import { Spoken } from '../primitives/Spoken';
import { Switch } from '../primitives/Switch';
import { MuiRoot } from '../theme/MuiRoot';
import { KEY_LINES, shownOn } from './keyMap';
import styles from './KeyMapPanel.module.css';
import { useLetterKeys } from './useKeys';

interface KeyMapPanelProps {
  readonly id: string;
  readonly anchor: RefObject<HTMLElement | null>;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Every key and what it does, and the switch for single-letter keys. */
export function KeyMapPanel({ id, anchor, open, onClose }: KeyMapPanelProps) {
  const [letters, setLetters] = useLetterKeys();
  return (
    <MuiRoot>
      <Popover
        id={id}
        open={open}
        anchorEl={() => anchor.current}
        onClose={onClose}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      >
        <div className={styles.panel}>
          <h2>{sayKeys.title}</h2>
          <dl className={styles.keys}>
            {KEY_LINES.map((line) => (
              <div key={line} className={styles.line}>
                <dt>
                  {shownOn(line).map((key) => (
                    <KeyHint key={key}>{key}</KeyHint>
                  ))}
                  <Spoken>{shownOn(line).join(' ')}</Spoken>
                </dt>
                <dd>{sayKeys.lines[line]}</dd>
              </div>
            ))}
          </dl>
          <Switch checked={letters} onChange={setLetters}>
            {sayKeys.letters}
          </Switch>
        </div>
      </Popover>
    </MuiRoot>
  );
}
