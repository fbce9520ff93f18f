/** What a file system somewhere refuses in a name, or takes for something else. */
// eslint-disable-next-line no-control-regex -- control signs are among them
const REFUSED = /[<>:"/\\|?*\u0000-\u001f\u007f-\u009f]/g;
/** Names of devices on some systems, whatever stands behind a dot. */
const DEVICES = /^(?:con|prn|aux|nul|com[0-9¹²³]|lpt[0-9¹²³]|conin\$|conout\$|clock\$)(?:\.|$)/i;
const LONGEST = 80;

/** The text as the name of a file on every system, without an ending; `fallback` where nothing is left of it. */
export function safeName(text: string, fallback: string): string {
  const cut = Array.from(text.toWellFormed().normalize('NFC').replace(REFUSED, ' ')).slice(
    0,
    LONGEST,
  );
  const name = cut
    .join('')
    .replace(/\s+/g, ' ')
    .replace(/^[. ]+|[. ]+$/g, '');
  if (name === '') return fallback;
  return DEVICES.test(name) ? `_${name}` : name;
}

/** Names of files for a list of texts, in its order: each begins with its number, so no two are alike. */
export function numberedNames(
  texts: readonly string[],
  end: string,
  fallback: string,
): readonly string[] {
  const digits = String(texts.length).length;
  return texts.map(
    (text, i) => `${String(i + 1).padStart(digits, '0')} ${safeName(text, fallback)}.${end}`,
  );
}
