/** Stands for an id in the address of a page that is kept for every id, as in /c/_classId_/groups. */
const PLACE = /^_\w+_$/;
/** What our ids are made of; nothing else is ever put into a page. */
const ID = /^[\w-]{1,80}$/;

/** A kept page that serves an address, and what each of its places stands for there. */
export interface KeptPage {
  readonly page: string;
  readonly ids: ReadonlyMap<string, string>;
}

/** The kept page for a path; null where none of them is meant. A page without places comes before one with. */
export function pageFor(path: string, pages: readonly string[]): KeptPage | null {
  const wanted = path.replace(/(?<=.)\/$/, '').split('/');
  const byPlaces = [...pages].sort((one, two) => placesIn(one) - placesIn(two));
  for (const page of byPlaces) {
    const parts = page.split('/');
    if (parts.length !== wanted.length) continue;
    const ids = new Map<string, string>();
    const fits = parts.every((part, at) => {
      const given = wanted[at] ?? '';
      if (!PLACE.test(part)) return part === given;
      ids.set(part, given);
      return ID.test(given);
    });
    if (fits) return { page, ids };
  }
  return null;
}

/** The text of a kept page with ids in its places, and a new nonce in the place of the one it was fetched with. */
export function filled(
  text: string,
  ids: ReadonlyMap<string, string>,
  nonce: { readonly old: string | null; readonly fresh: string },
): string {
  let result = text;
  for (const [place, id] of ids) result = result.replaceAll(place, id);
  return nonce.old === null ? result : result.replaceAll(nonce.old, nonce.fresh);
}

function placesIn(page: string): number {
  return page.split('/').filter((part) => PLACE.test(part)).length;
}
