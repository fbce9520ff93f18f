import { plainWords } from './roster/text';

/** What work may be told by in the name of a file: how a group or a student is called. */
export interface Called {
  readonly key: string;
  /** Its own names, each of which is enough. */
  readonly names: readonly string[];
}

/** A file with whose work it is: one, several that it may be, or none. */
export interface FiledWork {
  readonly file: string;
  readonly keys: readonly string[];
}

/**
 * Whose work each file is, by its name and the folders above it: the longest of the names that stand in it as whole words.
 * Where two as long ones do, both are told; the last part of a path goes before its folders. O(files · names).
 */
export function whoseFiles(
  files: readonly string[],
  called: readonly Called[],
): readonly FiledWork[] {
  const known = called.flatMap(({ key, names }) =>
    names
      .map((name) => ({ key, words: ` ${wordsIn(name)} ` }))
      .filter(({ words }) => words !== '  '),
  );
  return files.map((file) => {
    for (const part of file.split('/').reverse()) {
      const text = ` ${wordsIn(part.replace(/\.\w{1,5}$/, ''))} `;
      const found = known.filter(({ words }) => text.includes(words));
      const longest = Math.max(0, ...found.map(({ words }) => words.length));
      const keys = found.filter(({ words }) => words.length === longest).map(({ key }) => key);
      if (keys.length > 0) return { file, keys: [...new Set(keys)] };
    }
    return { file, keys: [] };
  });
}

/** Words of letters or figures alone, so that "group3" is group 3 and no group 31. */
function wordsIn(text: string): string {
  return plainWords(
    text.replace(/[_\-.,()+]/g, ' ').replace(/(\p{L})(\d)|(\d)(\p{L})/gu, '$1$3 $2$4'),
  );
}
