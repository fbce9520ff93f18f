import { student } from '../encode/testBench';
import type { OnDisk, Write } from './database';
import type { Diff } from './diff';
import type { Mark } from './history';
import { Saver, type Timers } from './saver';

const NOW: OnDisk = new Map();
const added = (id: string): Diff => ({ added: { [id]: student(id, 1) }, updated: {}, removed: {} });
const mark = (id: string): Mark => ({ id, label: 'pin', diff: added(id), undone: false });

/** Timers that are let run by hand, one at a time as in the browser, with the waits that were asked for. */
function handTimers() {
  const waits: number[] = [];
  const cleared: unknown[] = [];
  let pending: { readonly key: number; readonly run: () => void } | null = null;
  const timers: Timers = {
    set: (run, ms) => {
      pending = { key: waits.push(ms), run };
      return pending.key;
    },
    clear: (timer) => {
      cleared.push(timer);
      if (pending?.key === timer) pending = null;
    },
  };
  const fire = async (): Promise<void> => {
    const due = pending;
    pending = null;
    due?.run();
    for (let turn = 0; turn < 8; turn += 1) await Promise.resolve();
  };
  return { timers, waits, fire, idle: () => pending === null };
}

function saverOn(write: (write: Write) => Promise<OnDisk>) {
  const hand = handTimers();
  const seen: OnDisk[] = [];
  const saver = new Saver(write, (now) => seen.push(now), hand.timers);
  return { ...hand, saver, seen };
}

describe('the saver', () => {
  test('gathers what comes within a moment into one write, in its order', async () => {
    const writes: Write[] = [];
    const { saver, waits, fire, seen } = saverOn((one) => {
      writes.push(one);
      return Promise.resolve(NOW);
    });
    saver.putDiff(added('a'));
    saver.putDiff(added('b'));
    saver.putMark('m', mark('m'));
    saver.putMark('m', null);
    expect(waits).toEqual([60]);
    expect(saver.status.state).toBe('saving');
    await fire();
    expect(writes).toHaveLength(1);
    expect(writes[0]?.diffs.map((diff) => Object.keys(diff.added))).toEqual([['a'], ['b']]);
    expect([...writes[0]!.marks]).toEqual([['m', null]]);
    expect(saver.status.state).toBe('saved');
    expect(seen).toEqual([NOW]);
  });

  test('waits twice as long after each failure, up to a quarter of a minute, and forgets that with a success', async () => {
    let broken = true;
    const { saver, waits, fire } = saverOn(() =>
      broken ? Promise.reject(new Error('full')) : Promise.resolve(NOW),
    );
    saver.putDiff(added('a'));
    for (let turn = 0; turn < 7; turn += 1) await fire();
    expect(waits).toEqual([60, 1000, 2000, 4000, 8000, 15000, 15000, 15000]);
    expect(saver.status).toEqual({ state: 'failed', attempts: 7 });
    broken = false;
    await fire();
    expect(saver.status).toEqual({ state: 'saved' });
    broken = true;
    saver.putDiff(added('b'));
    await fire();
    expect(saver.status).toEqual({ state: 'failed', attempts: 1 });
    expect(waits.at(-1)).toBe(1000);
  });

  test('writes a mark as it is newest, also after the write with an older one failed', async () => {
    const writes: Write[] = [];
    let fail = (): void => undefined;
    const { saver, fire } = saverOn((one) => {
      writes.push(one);
      if (writes.length > 1) return Promise.resolve(NOW);
      return new Promise((_, no) => (fail = () => no(new Error('full'))));
    });
    saver.putMark('m', mark('older'));
    await fire();
    saver.putMark('m', mark('newer'));
    fail();
    await fire();
    await fire();
    expect(writes.at(-1)?.marks.get('m')?.id).toBe('newer');
  });

  test('knows what waits, what is being written, and nothing once it has stopped', async () => {
    const { saver, fire, idle } = saverOn(() => new Promise(() => undefined));
    expect(saver.waiting()).toBeNull();
    saver.putDiff(added('a'));
    await fire();
    saver.putDiff(added('b'));
    saver.putMark('m', null);
    expect(saver.waiting()?.diffs.flatMap((diff) => Object.keys(diff.added))).toEqual(['a', 'b']);
    expect([...(saver.waiting()?.marks.keys() ?? [])]).toEqual(['m']);
    expect([saver.isWriting(['a', 'z']), saver.isWriting(['b'])]).toEqual([true, false]);
    saver.stop();
    expect(saver.waiting()).toBeNull();
    expect(idle()).toBe(true);
  });

  test('that has stopped writes nothing, whatever comes', async () => {
    const writes: Write[] = [];
    const { saver, idle } = saverOn((one) => {
      writes.push(one);
      return Promise.resolve(NOW);
    });
    saver.putDiff(added('a'));
    saver.stop();
    saver.putDiff(added('b'));
    await saver.flush();
    expect([writes.length, idle()]).toEqual([0, true]);
  });

  test('asked to write at once writes all that waits, after the write under way', async () => {
    const answers: (() => void)[] = [];
    const writes: Write[] = [];
    const { saver, fire } = saverOn((one) => {
      writes.push(one);
      return new Promise((done) => answers.push(() => done(NOW)));
    });
    await saver.flush();
    expect(writes).toHaveLength(0);
    saver.putDiff(added('a'));
    await fire();
    saver.putDiff(added('b'));
    const flushed = saver.flush();
    expect(writes).toHaveLength(1);
    answers.shift()?.();
    for (let turn = 0; turn < 8; turn += 1) await Promise.resolve();
    expect(writes).toHaveLength(2);
    answers.shift()?.();
    await flushed;
    expect(saver.status.state).toBe('saved');
  });
});
