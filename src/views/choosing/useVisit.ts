'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Transport } from '@/services/client';
import type { Door, SeenByStudent } from '@/services/seats/contract';
import { SEATS_ROOT } from '@/services/seats/plain';
import type { LineState } from '@/services/eventLine';
import { SeatsVisit, type EntryRefusal, type VisitOutcome } from '@/services/seats/visit';
import { whenBack } from '../frame/whenBack';

const MACHINE: Transport = {
  fetch: (url, init) => fetch(url, init),
  sleep: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
  random: Math.random,
  now: Date.now,
};
const DOOR_AGAIN_MS = 3_000;
const ROOT = `/standins${SEATS_ROOT}`;

export interface Visit {
  /** Who may come in; undefined while that is asked, null where nothing answers. */
  readonly door: Door | 'none' | null | undefined;
  readonly seen: SeenByStudent | null;
  /** How far the service's clock is ahead of ours, in ms. */
  readonly ahead: number;
  readonly line: LineState;
  readonly isIn: boolean;
  /** Whether whoever was in has been sent out. */
  readonly sentOut: boolean;
  readonly enter: (person: string, pin: string) => Promise<EntryRefusal | null>;
  readonly goOut: () => void;
  readonly choose: (group: string | null) => Promise<VisitOutcome>;
  readonly wish: (wishes: readonly string[]) => Promise<VisitOutcome>;
}

/** A visit to a session by its code; a personal link, or a visit before a reload, goes straight in. */
export function useVisit(code: string): Visit {
  const visit = useMemo(() => new SeatsVisit(ROOT, code, MACHINE), [code]);
  const [door, setDoor] = useState<Visit['door']>(undefined);
  const [token, setToken] = useState<string | null>(null);
  const [seen, setSeen] = useState<{ seen: SeenByStudent; ahead: number } | null>(null);
  const [line, setLine] = useState<LineState>('connecting');
  const [sentOut, setSentOut] = useState(false);
  const keep = useCallback(
    (next: string | null): void => {
      setToken(next);
      setSeen(null);
      setLine('connecting');
      if (next === null) sessionStorage.removeItem(`seats ${code}`);
      else sessionStorage.setItem(`seats ${code}`, next);
    },
    [code],
  );

  useEffect(() => {
    const linked = /^#t=([\w-]{20,64})$/.exec(location.hash)?.[1];
    // The link is as good as a PIN: it does not stay in the address for others to see.
    if (linked) history.replaceState(null, '', location.pathname);
    const kept = linked ?? sessionStorage.getItem(`seats ${code}`);
    if (kept !== null) keep(kept);
  }, [code, keep]);

  useEffect(() => {
    if (token !== null) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const look = async (): Promise<void> => {
      const told = await visit.door();
      if (over) return;
      setDoor(told);
      if (told === null) timer = setTimeout(() => void look(), DOOR_AGAIN_MS);
    };
    void look();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [visit, token]);

  useEffect(() => {
    if (token === null) return;
    const stop = new AbortController();
    const onLine = (next: LineState): void => {
      setLine(next);
      if (next !== 'token' && next !== 'gone') return;
      keep(null);
      setSentOut(true);
    };
    const onSeen = (next: SeenByStudent): void =>
      setSeen({ seen: next, ahead: Date.parse(next.now) - Date.now() });
    void visit.watch(token, onSeen, onLine, stop.signal, whenBack);
    return () => stop.abort();
  }, [visit, token, keep]);

  // What is asked for again after a lost answer goes under the same key.
  const lastKey = useRef<{ of: string; key: string } | null>(null);
  const keyed = async (of: string, work: (key: string) => Promise<VisitOutcome>) => {
    if (lastKey.current?.of !== of) lastKey.current = { of, key: randomKey() };
    const outcome = await work(lastKey.current.key);
    if (outcome !== 'lost') lastKey.current = null;
    return outcome;
  };

  return {
    ...{ door, line, sentOut, isIn: token !== null },
    ...{ seen: seen?.seen ?? null, ahead: seen?.ahead ?? 0 },
    enter: async (person, pin) => {
      const entered = await visit.enter(person, pin);
      if (typeof entered === 'string' || !('token' in entered)) return entered;
      setSentOut(false);
      keep(entered.token);
      return null;
    },
    goOut: () => keep(null),
    choose: (group) => keyed(`seat ${group}`, (key) => visit.choose(token ?? '', group, key)),
    wish: (wishes) =>
      keyed(`wish ${wishes.join(' ')}`, (key) => visit.wish(token ?? '', wishes, key)),
  };
}

/** Not `randomUUID`: a page from the local network is not a secure one. */
function randomKey(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('');
}
