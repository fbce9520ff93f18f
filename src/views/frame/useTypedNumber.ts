'use client';

import { useEffect, useRef, useState } from 'react';

/** How long a number may still go on after its last figure. */
export const FIGURE_WAIT_MS = 800;

export interface TypedNumber {
  /** What has been typed so far, '' for nothing. */
  readonly typed: string;
  /** Whether a number has been begun, so that the next figure belongs to it, a 0 too. */
  readonly begun: () => boolean;
  /**
   * Takes one more figure. `act` is called with the number, 1 to `most`: at once where no further figure can belong to
   * it, else after a moment; of several figures that of the first is called. A number over `most` is dropped.
   */
  readonly type: (figure: string, most: number, act: (number: number) => void) => void;
  /** Takes what was typed as it is, without waiting. */
  readonly finish: () => void;
  readonly drop: () => void;
}

/** A number typed figure by figure, for what is reached by its number. */
export function useTypedNumber(): TypedNumber {
  const [typed, setTyped] = useState('');
  const pending = useRef<{
    readonly figures: string;
    readonly act: (number: number) => void;
    readonly timer: ReturnType<typeof setTimeout>;
  } | null>(null);
  const drop = (): void => {
    if (!pending.current) return;
    clearTimeout(pending.current.timer);
    pending.current = null;
    setTyped('');
  };
  const finish = (): void => {
    const done = pending.current;
    drop();
    done?.act(Number(done.figures));
  };
  const type: TypedNumber['type'] = (figure, most, first) => {
    const figures = (pending.current?.figures ?? '') + figure;
    const act = pending.current?.act ?? first;
    drop();
    const number = Number(figures);
    if (number < 1 || number > most) return;
    if (number * 10 > most) {
      act(number);
      return;
    }
    pending.current = { figures, act, timer: setTimeout(finish, FIGURE_WAIT_MS) };
    setTyped(figures);
  };
  useEffect(() => () => clearTimeout(pending.current?.timer), []);
  return { typed, begun: () => pending.current !== null, type, finish, drop };
}
