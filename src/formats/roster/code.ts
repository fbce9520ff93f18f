const WORDS: Readonly<Record<string, string>> = {
  True: 'true',
  true: 'true',
  False: 'false',
  false: 'false',
  None: 'null',
  null: 'null',
  nil: 'null',
};

const SIGNS: Readonly<Record<string, string>> = { '(': '[', ')': ']', ';': ',' };

/** Whether text begins as a list, a tuple or an object does in code, with or without a name for it. */
export function beginsAsCode(text: string): boolean {
  return /^(?:(?:(?:const|let|var)\s+)?[\w.]+\s*=\s*)?(?:\{|\[\s*[[{(\]"'`]|\(\s*["'`])/.test(text);
}

export interface Code {
  /** JSON (RFC 8259). */
  readonly json: string;
  /** What it is called there; '' for nothing. */
  readonly called: string;
}

const CALLED = /^((?:(?:const|let|var)\s+)?[\w.]+)\s*=\s*/;

/** Lists and tuples of strings and numbers as code writes them; null for what is none. */
export function asCode(text: string): Code | null {
  const TOKEN =
    /(["'`])((?:\\.|(?!\1)[^\\])*)\1|([\p{L}_$][\p{L}\p{N}_$]*)|([-+]?\d[\d.]*)|([[\](){},:;])|(\s+)/suy;
  const parts: string[] = [];
  const called = CALLED.exec(text.trim())?.[1] ?? '';
  const body = text.trim().replace(CALLED, '');
  while (TOKEN.lastIndex < body.length) {
    const at = TOKEN.lastIndex;
    const found = TOKEN.exec(body);
    if (!found) return null;
    const [, quote, said = '', word, number, sign] = found;
    if (quote !== undefined) parts.push(JSON.stringify(said.replace(/\\(.)/gs, '$1')));
    else if (word !== undefined) {
      const isKey = /^\s*:/.test(body.slice(at + word.length));
      const known = WORDS[word];
      if (!isKey && known === undefined) return null;
      parts.push(isKey ? JSON.stringify(word) : (known ?? ''));
    } else if (number !== undefined) parts.push(String(Number(number)));
    else if (sign !== undefined) {
      const next = SIGNS[sign] ?? sign;
      // One object on each line.
      if (/[[{]/.test(next) && /[\]}]/.test(parts.at(-1) ?? '')) parts.push(',');
      parts.push(next);
    }
  }
  const whole = parts.join('').replace(/,+(?=[\]}]|$)/g, '');
  const several = `[${whole}]`;
  for (const json of [whole, several]) {
    try {
      if (Array.isArray(JSON.parse(json))) return { json, called };
    } catch {
      // The other way is tried.
    }
  }
  return null;
}
