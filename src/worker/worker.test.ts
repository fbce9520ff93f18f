import type { ArrangeRequest } from '../core/format';
import { arrange, type ArrangeOutcome } from '../core/arrange';
import { ArrangeClient, type ArrangeAsk } from './arrangeClient';
import { WorkerError, type WorkerLike } from './client';
import type { FromWorker, Port, ToWorker } from './protocol';
import { serve } from './serve';

const request = (n: number, groups = 2): ArrangeRequest => ({
  format: 'gruppetto.request',
  version: 1,
  seed: 1,
  students: Array.from({ length: n }, (_, i) => ({ id: `s${i}` })),
  sizing: { by: 'count', count: groups },
  rules: [],
});

/** A long search: many students with numbers that cannot be spread evenly. */
function longRequest(): ArrangeRequest {
  const students = Array.from({ length: 300 }, (_, i) => ({
    id: `s${i}`,
    attributes: { gauge: (i * i * 7919) % 1009, reach: (i * i * i * 31) % 997 },
  }));
  const goals = ['gauge', 'reach'].map((attribute) => ({
    kind: 'spread' as const,
    attribute,
    weight: 1,
  }));
  return { ...request(0, 60), students, goals };
}

/** The real serving code on a port of this process; `silent` never answers. */
type Fake = WorkerLike<ArrangeAsk, ArrangeOutcome> & { terminated: boolean };

function fakeWorker(silent = false): Fake {
  const inner: Port<FromWorker<ArrangeOutcome>, ToWorker<ArrangeAsk>> = {
    onmessage: null,
    postMessage: () => undefined,
  };
  const worker: Fake = {
    terminated: false,
    onmessage: null,
    onerror: null,
    onmessageerror: null,
    postMessage: (data) => {
      if (!silent) queueMicrotask(() => inner.onmessage?.({ data: structuredClone(data) }));
    },
    terminate: () => {
      worker.terminated = true;
    },
  };
  inner.postMessage = (data) => worker.onmessage?.({ data: structuredClone(data) });
  let clock = 0;
  // Every look at the clock finds a slice used up, so that each step of a search lets messages in.
  serve(
    inner,
    ({ request: asked, effort }: ArrangeAsk) => arrange(asked, effort),
    () => new Promise((resolve) => setImmediate(resolve)),
    () => (clock += 1_000),
  );
  return worker;
}

describe('every call to the worker settles', () => {
  test('with its outcome, each call its own', async () => {
    const client = new ArrangeClient(() => fakeWorker());
    const [four, nine, none] = await Promise.all([
      client.arrange(request(4)),
      client.arrange(request(9, 3)),
      client.arrange(request(0)),
    ]);
    expect(four.ok && four.result.rounds[0]!.groups.map((group) => group.length)).toEqual([2, 2]);
    expect(nine.ok && nine.result.rounds[0]!.groups.map((group) => group.length)).toEqual([
      3, 3, 3,
    ]);
    expect(none).toEqual({ ok: false, issue: { code: 'noStudents' } });
  });

  test('as cancelled, before it begins and half way, and the worker serves on', async () => {
    const client = new ArrangeClient(() => fakeWorker());
    const early = AbortSignal.abort();
    await expect(client.arrange(request(4), { signal: early })).rejects.toMatchObject({
      code: 'cancelled',
    });
    const controller = new AbortController();
    const seen: number[] = [];
    const long = client.arrange(longRequest(), {
      effort: 'thorough',
      signal: controller.signal,
      onProgress: (done) => {
        seen.push(done);
        controller.abort();
      },
    });
    await expect(long).rejects.toMatchObject({ code: 'cancelled' });
    expect(seen).toHaveLength(1);
    await expect(client.arrange(request(4))).resolves.toMatchObject({ ok: true });
  });

  test('when the worker dies, and the next call has a fresh worker', async () => {
    const workers = [fakeWorker(true), fakeWorker()];
    let started = 0;
    const client = new ArrangeClient(() => workers[started++]!);
    const calls = [client.arrange(request(4)), client.arrange(request(6))];
    workers[0]!.onerror?.({ message: 'out of memory' });
    for (const call of calls) {
      await expect(call).rejects.toEqual(new WorkerError('workerDied', 'out of memory'));
    }
    expect(workers[0]!.terminated).toBe(true);
    await expect(client.arrange(request(4))).resolves.toMatchObject({ ok: true });
  });

  test('when the search fails, with what it said', async () => {
    const client = new ArrangeClient(() => fakeWorker());
    const broken = { ...request(4), rules: null } as unknown as ArrangeRequest;
    await expect(client.arrange(broken)).rejects.toMatchObject({ code: 'failed' });
  });

  test('when it is closed while a call waits', async () => {
    const client = new ArrangeClient(() => fakeWorker(true));
    const call = client.arrange(request(4));
    client.close();
    await expect(call).rejects.toMatchObject({ code: 'workerDied' });
  });
});
