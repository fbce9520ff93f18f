import { Spare, type SpareCaches } from './spare';

/** Caches of a site on a disk with room for so many bytes. */
function cachesWith(room: number): SpareCaches & { readonly kept: Set<string> } {
  const kept = new Set<string>();
  const cache = {
    put: async (_key: string, response: Response) => {
      // Chromium says so of a full disk, whatever the entry.
      if ((await response.arrayBuffer()).byteLength > room)
        throw new DOMException('Entry already exists.', 'InvalidAccessError');
    },
  } as unknown as Cache;
  return {
    kept,
    open: (name) => {
      kept.add(name);
      return Promise.resolve(cache);
    },
    keys: () => Promise.resolve([...kept]),
    delete: (name) => Promise.resolve(kept.delete(name)),
  };
}

test.each([
  ['a disk with room', 1e9, true],
  ['a full one', 0, false],
  ['one with room for a little: a storage needs more', 2 ** 20, false],
])('%s is told by trying, and nothing is left of the trial', async (_what, room, expected) => {
  const caches = cachesWith(room);
  expect(await new Spare(caches, 'x').hasRoom()).toBe(expected);
  expect([...caches.kept]).toEqual([]);
});

test('where a site is given no caches, nothing stands in the way', async () => {
  const none = { ...cachesWith(0), open: () => Promise.reject(new Error('private')) };
  expect(await new Spare(undefined, 'x').hasRoom()).toBe(true);
  expect(await new Spare(none, 'x').hasRoom()).toBe(true);
});

test('while a copy is being made, what comes is in the one after it, and once only', async () => {
  const written: string[] = [];
  const cache = {
    put: async (_key: string, response: Response) => void written.push(await response.text()),
  } as unknown as Cache;
  const spare = new Spare({ ...cachesWith(0), open: () => Promise.resolve(cache) }, 'x');
  const stored = (data: number) => () => [{ version: 1, data }];
  await Promise.all([1, 2, 3].map((data) => spare.keep(stored(data), 5)));
  expect(written.map((text) => JSON.parse(text) as object)).toEqual(
    [1, 3].map((data) => ({
      since: 5,
      all: { format: 'gruppetto.rescue', version: 1, records: [{ version: 1, data }] },
    })),
  );
});

test('a copy for which there is no room leaves the one before it', async () => {
  let room = true;
  const texts = new Map<string, string>();
  const caches: SpareCaches = {
    open: (name) => {
      texts.set(name, texts.get(name) ?? '');
      const put = async (_key: string, response: Response): Promise<void> => {
        if (!room) throw new DOMException('full', 'UnknownError');
        texts.set(name, await response.text());
      };
      const match = () => Promise.resolve(new Response(texts.get(name)));
      return Promise.resolve({ put, match } as unknown as Cache);
    },
    keys: () => Promise.resolve([...texts.keys()]),
    delete: (name) => Promise.resolve(texts.delete(name)),
  };
  const spare = new Spare(caches, 'x');
  await spare.keep(() => [{ version: 1, data: 'first' }], 5);
  room = false;
  await spare.keep(() => [{ version: 1, data: 'second' }], 5);
  expect(texts.size).toBe(1);
  const later = new Spare(caches, 'x');
  expect(await later.find(6)).toMatchObject({ records: [{ version: 1, data: 'first' }] });
  expect([later.isUsed, new Spare(caches, 'y').isUsed]).toEqual([true, false]);
  expect(await new Spare(caches, 'y').find(6)).toBeNull();
});
