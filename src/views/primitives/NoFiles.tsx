'use client';

import { useEffect, type ReactNode } from 'react';
import { refuseFiles } from './refuseFiles';

/** Around pages that take no files. */
export function NoFiles({ children }: { readonly children: ReactNode }) {
  useEffect(refuseFiles, []);
  return children;
}
