'use client';

import type { ReactNode } from 'react';
import { Button } from './Button';
import { Opening } from './Opening';

interface OpenPartProps {
  readonly label: string;
  readonly children: ReactNode;
}

/** A button in words that opens something small beside itself. */
export function OpenPart({ label, children }: OpenPartProps) {
  return (
    <Opening
      label={label}
      button={(props) => (
        <Button size="small" variant="paper" {...props}>
          {label}
        </Button>
      )}
    >
      {children}
    </Opening>
  );
}
