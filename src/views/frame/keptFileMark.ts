/** Says to a page, before anything of it is loaded, that there is a file that keeps itself. */
const MARK = 'gruppetto-kept-file';

/** Whether such a file was chosen in this browser. */
export function hasKeptFile(): boolean {
  try {
    return localStorage.getItem(MARK) !== null;
  } catch {
    return false;
  }
}

export function markKeptFile(kept: boolean): void {
  try {
    if (kept) localStorage.setItem(MARK, '1');
    else localStorage.removeItem(MARK);
  } catch {
    // A browser that keeps nothing forgets the file too.
  }
}
