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
  return /^(?:(?:(?:const|let|var)\s+)?[\w.]+\s*=\s*)?(?:\{(?!\|)|\[\s*[[{(\]"'`]|\(\s*["'`])/.test(
    text,
  );
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
  /** Of each bracket that is open, the words in it that have a value behind them. */
  const keys: Set<string>[] = [];
  const called = CALLED.exec(text.trim())?.[1] ?? '';
  const body = text.trim().replace(CALLED, '');
  while (TOKEN.lastIndex < body.length) {
    const found = TOKEN.exec(body);
    if (!found) return null;
    const [, quote, said = '', word, number, sign] = found;
    const isKey = (quote ?? word) !== undefined && /^\s*:/.test(body.slice(TOKEN.lastIndex));
    if (isKey) {
      const key = word ?? said;
      // Of two values under one word one would be lost.
      if (keys.at(-1)?.has(key) === true) return null;
      keys.at(-1)?.add(key);
    }
    if (quote !== undefined) parts.push(JSON.stringify(said.replace(/\\(.)/gs, '$1')));
    else if (word !== undefined) {
      const known = WORDS[word];
      if (!isKey && known === undefined) return null;
      parts.push(isKey ? JSON.stringify(word) : (known ?? ''));
    } else if (number !== undefined) parts.push(String(Number(number)));
    else if (sign !== undefined) {
      const next = SIGNS[sign] ?? sign;
      if (/[[{]/.test(next)) keys.push(new Set());
      if (/[\]}]/.test(next)) keys.pop();
      // One object on each line.
      if (/[[{]/.test(next) && /[\]}]/.test(parts.at(-1) ?? '')) parts.push(',');
      parts.push(next);
    }
  }
  const whole = parts.join('').replace(/,+(?=[\]}]|$)/g, '');
  const several = `[${whole}]`;
  for (const json of [whole, several]) {
    try {
      if (isEven(JSON.parse(json))) return { json, called };
    } catch {
      // The other way is tried.
    }
  }
  return null;
}

/** Whether a value is a list of one kind of things: of several kinds some would be read and others not. */
function isEven(value: unknown): boolean {
  if (!Array.isArray(value)) return false;
  const kinds = value.map((one) => (Array.isArray(one) ? 'list' : typeof one));
  return !kinds.includes('list') || new Set(kinds).size === 1;
}

/** Whether text begins as YAML (YAML 1.2) that lists records: "- name: …", under a word for them or not. */
export function beginsAsYaml(text: string): boolean {
  return /^(?:---\s*\n)?(?:[\w-]+:\s*\n\s*)?- +[\w -]+: +\S/.test(text);
}

const YAML_LINE = /^(\s*(?:- +)?)([\w -]+?):(?: +(.*?))?\s*$/;

/** Records of plain values as YAML lists them; null for what is more than that. */
export function fromYaml(text: string): Code | null {
  const records: Record<string, string>[] = [];
  let called = '';
  for (const line of text.split(/\r?\n/)) {
    if (line.trim() === '' || /^(?:---|\.\.\.)\s*$/.test(line)) continue;
    const [, before = '', key = '', value] = YAML_LINE.exec(line) ?? [];
    if (key === '') return null;
    if (before.includes('-')) records.push({});
    const record = records.at(-1);
    // A word with nothing behind it heads the records, or a part of one that is no plain value.
    if (value === undefined) {
      if (record) return null;
      called = key;
    } else if (record) {
      // One of the two would be lost.
      if (Object.hasOwn(record, key.trim())) return null;
      // Words, as a cell has them: 0041 is no 41.
      record[key.trim()] = value.replace(/^(["'])(.*)\1$/, '$2');
    } else return null;
  }
  // "- Amira: likes maps" and "- Bram: has boots" are people and what is told of them.
  const keys = new Set(records.flatMap(Object.keys));
  const ofOneWord = records.every((record) => Object.keys(record).length === 1);
  if (ofOneWord && keys.size === records.length && keys.size > 1) return null;
  return records.length > 1 ? { json: JSON.stringify(records), called } : null;
}
