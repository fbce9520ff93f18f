'use client';

import VisibilityOffOutlined from '@mui/icons-material/VisibilityOffOutlined';
import ClickAwayListener from '@mui/material/ClickAwayListener';
import { say } from '@/messages';
import { Choice } from '../primitives/Choice';
import { useOpenPart } from '../primitives/useOpenPart';
import { useNameMask } from './masking';
import styles from './MaskSwitch.module.css';

const MASKS = ['names', 'initials', 'aliases'] as const;

/** Initials or made-up names in place of the real ones, on every view; while it is so, that is said here. */
export function MaskSwitch() {
  const [mask, setMask] = useNameMask();
  const { open, toggle, close, partId, anchor, onKeyDown } = useOpenPart();
  return (
    <ClickAwayListener onClickAway={close}>
      <div ref={anchor} className={styles.anchor} onKeyDown={onKeyDown}>
        <button
          type="button"
          className={styles.press}
          data-on={mask !== 'names'}
          aria-expanded={open}
          aria-controls={partId}
          aria-label={say.privacy.title}
          title={say.privacy.title}
          onClick={toggle}
        >
          <VisibilityOffOutlined />
          {mask !== 'names' && <span>{say.privacy.on[mask]}</span>}
        </button>
        {open && (
          <div id={partId} className={styles.part} role="group" aria-label={say.privacy.title}>
            <Choice
              legend={say.privacy.title}
              value={mask}
              options={MASKS.map((value) => ({ value, label: say.privacy.mask[value] }))}
              onChange={setMask}
            />
            <p className={styles.hint}>{say.privacy.explained}</p>
          </div>
        )}
      </div>
    </ClickAwayListener>
  );
}
