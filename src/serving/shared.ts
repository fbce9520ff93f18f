/** Where a share arrives, and the names of its parts in the manifest (Web Share Target). */
export const SHARED_PATH = '/shared';
export const SHARED_FIELD = 'files';
export const SHARED_TEXT = 'text';
/** How the first page is told that something waits for it. */
export const SHARED_QUERY = 'shared';
/** Holds what was shared with the application until a page takes it. */
const CACHE = 'gruppetto-shared';
const NAME = 'x-name';

/** Keeps what was shared for the page that opens next: each file, and a text as a file of its own. */
export async function keepShared(form: FormData): Promise<void> {
  const files = form.getAll(SHARED_FIELD).filter((one) => one instanceof File);
  const text = form.get(SHARED_TEXT);
  if (typeof text === 'string' && text.trim() !== '') files.push(new File([text], 'list.txt'));
  const cache = await caches.open(CACHE);
  for (const [at, file] of files.entries()) {
    const headers = { [NAME]: encodeURIComponent(file.name), 'content-type': file.type };
    await cache.put(`${SHARED_PATH}/${at}`, new Response(file, { headers }));
  }
}

/** What was shared, each file given once, in its order. */
export async function takeShared(): Promise<readonly File[]> {
  const cache = await caches.open(CACHE);
  const files = await Promise.all(
    (await cache.keys()).map(async (request) => {
      const response = await cache.match(request);
      if (!response) return [];
      const name = decodeURIComponent(response.headers.get(NAME) ?? '');
      const type = response.headers.get('content-type') ?? '';
      return [new File([await response.blob()], name, { type })];
    }),
  );
  await caches.delete(CACHE);
  return files.flat();
}
