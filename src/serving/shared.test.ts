import { keepShared, takeShared } from './shared';

/** As much of the browser's cache as a share needs. */
class FakeCaches {
  private readonly kept = new Map<string, Map<string, Response>>();

  open(name: string) {
    const entries = this.kept.get(name) ?? new Map<string, Response>();
    this.kept.set(name, entries);
    return Promise.resolve({
      put: (key: string, response: Response) => Promise.resolve(void entries.set(key, response)),
      keys: () => Promise.resolve([...entries.keys()]),
      match: (key: string) => Promise.resolve(entries.get(key)),
    });
  }

  delete(name: string) {
    return Promise.resolve(this.kept.delete(name));
  }
}

beforeEach(() => Object.assign(globalThis, { caches: new FakeCaches() }));

test('what was shared is given once, in its order, with names and kinds as they were', async () => {
  const form = new FormData();
  form.append('files', new File(['{}'], 'Prüfung, 7B.json', { type: 'application/json' }));
  form.append('files', new File(['a,b'], 'list.csv', { type: 'text/csv' }));
  form.append('text', 'Ana Ruiz\nBo Lee');
  await keepShared(form);
  const files = await takeShared();
  expect(files.map(({ name, type }) => [name, type])).toEqual([
    ['Prüfung, 7B.json', 'application/json'],
    ['list.csv', 'text/csv'],
    ['list.txt', expect.anything()],
  ]);
  expect(await files[2]!.text()).toBe('Ana Ruiz\nBo Lee');
  expect(await takeShared()).toEqual([]);
});

test('a share without anything in it leaves nothing', async () => {
  const form = new FormData();
  form.append('text', '  ');
  await keepShared(form);
  expect(await takeShared()).toEqual([]);
});
