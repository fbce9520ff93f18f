'use client';

import { useState } from 'react';

const key = (address: string): string => `gruppetto-token:${address.trim()}`;

interface Token {
  readonly token: string;
  /** Kept on this machine after the tab is closed; only where that was asked for. */
  readonly remembered: boolean;
  readonly setToken: (token: string, address?: string) => void;
  readonly remember: (remembered: boolean) => void;
}

/**
 * The token of a service, for as long as this tab lives, or until it is forgotten where the teacher asked for that. It is
 * no record: no file, backup or other machine ever has it.
 */
export function useToken(address: string): Token {
  const [, redraw] = useState(0);
  const drawn = (): void => redraw((times) => times + 1);
  if (typeof sessionStorage === 'undefined') {
    return { token: '', remembered: false, setToken: drawn, remember: drawn };
  }
  const kept = localStorage.getItem(key(address));
  const token = sessionStorage.getItem(key(address)) ?? kept ?? '';
  return {
    token,
    remembered: kept !== null,
    setToken: (next, at = address) => {
      sessionStorage.setItem(key(at), next);
      if (localStorage.getItem(key(at)) !== null) localStorage.setItem(key(at), next);
      drawn();
    },
    remember: (remembered) => {
      if (remembered) localStorage.setItem(key(address), token);
      else localStorage.removeItem(key(address));
      drawn();
    },
  };
}
