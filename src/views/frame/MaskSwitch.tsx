'use client';

import VisibilityOffOutlined from '@mui/icons-material/VisibilityOffOutlined';
import VisibilityOutlined from '@mui/icons-material/VisibilityOutlined';
import { say } from '@/messages';
import { Choice } from '../primitives/Choice';
import { Opening } from '../primitives/Opening';
import { useNameMask } from './masking';
import styles from './MaskSwitch.module.css';

const MASKS = ['names', 'initials', 'aliases'] as const;

/** Initials or made-up names in place of the real ones, on every view; while it is so, that is said here. */
export function MaskSwitch() {
  const [mask, setMask] = useNameMask();
  return (
    <Opening
      label={say.privacy.title}
      button={(props) => (
        <button
          type="button"
          className={styles.press}
          data-on={mask !== 'names'}
          aria-label={say.privacy.title}
          title={say.privacy.title}
          {...props}
        >
          {/* The eye shows what is, not what a press would do. */}
          {mask === 'names' ? <VisibilityOutlined /> : <VisibilityOffOutlined />}
          {mask !== 'names' && <span>{say.privacy.on[mask]}</span>}
        </button>
      )}
    >
      <div className={styles.masks}>
        <Choice
          legend={say.privacy.title}
          value={mask}
          options={MASKS.map((value) => ({ value, label: say.privacy.mask[value] }))}
          onChange={setMask}
        />
        <p className={styles.hint}>{say.privacy.explained}</p>
      </div>
    </Opening>
  );
}
