'use client';

import type { ReactNode } from 'react';
import { codeOf } from './codeOf';

interface QrCodeProps {
  readonly text: string;
  readonly label: string;
  readonly className?: string | undefined;
  /** What stands in its place where the text is more than a code holds. */
  readonly children?: ReactNode;
}

/** A code for the phone (ISO/IEC 18004), made here: the text is in the code itself. */
export function QrCode({ text, label, className, children = null }: QrCodeProps) {
  const modules = codeOf(text);
  if (!modules) return children;
  const path = modules
    .flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('');
  // Four light modules around it, as the standard asks.
  const size = modules.length + 8;
  return (
    <svg
      className={className}
      viewBox={`-4 -4 ${size} ${size}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
    >
      <path d={path} />
    </svg>
  );
}
