'use client';

import { lazily } from '../primitives/lazily';
import { Link } from '../primitives/Link';
import { usePathname } from 'next/navigation';
import { useId, useRef, useState } from 'react';
import { say } from '@/messages';
import { Logo } from './Logo';
import styles from './Rail.module.css';
import { useKeys } from './useKeys';
import { StepIcon, type Step } from './StepIcon';

/** The steps of the work, in their order. */
export const STEPS: readonly Step[] = [
  'roster',
  'rules',
  'groups',
  'term',
  'show',
  'handoff',
  'activities',
];

/** Loaded when it is first opened. */
const KeyMapPanel = lazily(() => import('./KeyMapPanel').then((module) => module.KeyMapPanel));

/** The slim rail at the side (at the foot on a phone): home, the steps, the keys. */
export function Rail({ classId }: { readonly classId: string }) {
  const pathname = usePathname();
  const keys = useRef<HTMLButtonElement>(null);
  const [keysOpen, setKeysOpen] = useState<boolean | null>(null);
  const toggle = (): void => setKeysOpen(keysOpen !== true);
  useKeys({ keys: toggle });
  const keysId = useId();
  return (
    <nav className={styles.rail} aria-label={say.frame.steps}>
      <Link
        href="/"
        className={styles.home}
        aria-label={say.frame.toShelf}
        title={say.frame.toShelf}
      >
        <Logo />
      </Link>
      <ul className={styles.steps}>
        {STEPS.map((step) => {
          // Pages below a step belong to it.
          const here = pathname.split('/')[3] === step;
          return (
            <li key={step}>
              <Link
                href={`/c/${classId}/${step}`}
                className={styles.step}
                aria-current={here ? 'page' : undefined}
              >
                <StepIcon step={step} />
                {say.frame.step[step]}
              </Link>
            </li>
          );
        })}
      </ul>
      <button
        ref={keys}
        type="button"
        className={styles.keys}
        aria-expanded={keysOpen === true}
        aria-controls={keysId}
        onClick={toggle}
      >
        {say.frame.keys}
      </button>
      {keysOpen !== null && (
        <KeyMapPanel id={keysId} anchor={keys} open={keysOpen} onClose={() => setKeysOpen(false)} />
      )}
    </nav>
  );
}
