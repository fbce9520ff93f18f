/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useStageOpen, useStagePresence } from './stagePresence';

/** Windows of one browser: what is said is heard by all others at once. */
class Channel {
  static all: Channel[] = [];
  onmessage: ((event: { readonly data: unknown }) => void) | null = null;
  constructor() {
    Channel.all.push(this);
  }
  postMessage(data: unknown): void {
    Channel.all.filter((one) => one !== this).forEach((one) => one.onmessage?.({ data }));
  }
  close(): void {
    Channel.all = Channel.all.filter((one) => one !== this);
  }
}

interface Held {
  /** Lets it go as a browser does when a window is gone. */
  readonly drop: () => void;
  readonly next: (() => void)[];
}

/** Locks as a browser has them: one holds, the others wait for it, one after the other. */
function lockManager() {
  const held = new Map<string, Held>();
  const grant = (name: string, run: () => unknown): void => {
    const next = held.get(name)?.next ?? [];
    const drop = (): void => {
      const first = next.shift();
      if (first) first();
      else held.delete(name);
    };
    held.set(name, { drop, next });
    void Promise.resolve(run()).then(drop);
  };
  const request = (name: string, ...given: unknown[]): Promise<unknown> => {
    const run = given.at(-1) as () => unknown;
    const { signal } = (given.length > 1 ? given[0] : {}) as { readonly signal?: AbortSignal };
    return new Promise((_done, failed) => {
      const start = (): void => grant(name, run);
      const known = held.get(name);
      if (!known) {
        start();
        return;
      }
      known.next.push(start);
      signal?.addEventListener('abort', () => {
        known.next.splice(known.next.indexOf(start), 1);
        failed(new Error('given up'));
      });
    });
  };
  return { held, request };
}

function browser(withLocks: boolean) {
  Channel.all = [];
  Object.assign(globalThis, { BroadcastChannel: Channel });
  Object.assign(globalThis.crypto, { randomUUID: () => `stage-${String(Math.random())}` });
  const locks = lockManager();
  if (withLocks) Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
  else Reflect.deleteProperty(navigator, 'locks');
  return {
    locks,
    bench: () => renderHook(() => useStageOpen('c_1')).result,
    stage: (of = 'c_1') => renderHook(() => useStagePresence(of)),
  };
}

const settled = (): Promise<void> => act(() => Promise.resolve());

describe.each([true, false])('with locks: %s', (withLocks) => {
  test('a bench knows of stages of its class that open and close, whoever came first', async () => {
    const { bench, stage } = browser(withLocks);
    const [early, other] = [bench(), stage('c_2')];
    await settled();
    expect(early.current).toBe(false);
    const first = stage();
    await settled();
    const late = bench();
    await settled();
    expect([early.current, late.current]).toEqual([true, true]);
    const second = stage();
    first.unmount();
    await settled();
    expect([early.current, late.current]).toEqual([true, true]);
    second.unmount();
    other.unmount();
    await settled();
    expect([early.current, late.current]).toEqual([false, false]);
  });
});

test('a stage that is gone without a word is gone for every bench', async () => {
  const { bench, stage, locks } = browser(true);
  const benches = [bench(), bench()];
  stage();
  await settled();
  expect(benches.map(({ current }) => current)).toEqual([true, true]);
  act(() => [...locks.held.values()].forEach(({ drop }) => drop()));
  await settled();
  expect(benches.map(({ current }) => current)).toEqual([false, false]);
});

test('a stage that is closed, even before it held its lock, lets go of it', async () => {
  const { stage, locks } = browser(true);
  const [first, second] = [stage(), stage()];
  first.unmount();
  await settled();
  second.unmount();
  await settled();
  expect(locks.held.size).toBe(0);
});
