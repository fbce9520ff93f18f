/** Most octets of a line without its line break (RFC 5545, 3.1; RFC 6350, 3.2). */
const LONGEST_LINE = 75;

/**
 * Lines of a vCard or a calendar: folded at 75 octets with characters whole, each ended by CRLF. Our own since the
 * packages at hand fold by characters, leave out the last line break, or write the clock into the file.
 */
export function contentLines(lines: readonly string[]): string {
  return lines.map((line) => `${folded(line)}\r\n`).join('');
}

function folded(line: string): string {
  const encoder = new TextEncoder();
  let out = '';
  let octets = 0;
  for (const character of line) {
    const size = encoder.encode(character).length;
    if (octets + size > LONGEST_LINE) {
      out += '\r\n ';
      octets = 1;
    }
    out += character;
    octets += size;
  }
  return out;
}

/** A text value: backslashes, commas, semicolons and line breaks escaped. */
export function textValue(text: string): string {
  return text.replace(/[\\,;]/g, '\\$&').replace(/\r\n|\r|\n/g, '\\n');
}

/** A parameter's value: quoted where it must be, with quotes, carets and line breaks as RFC 6868 writes them. */
export function parameterValue(text: string): string {
  const safe = text
    .replaceAll('^', '^^')
    .replaceAll('"', "^'")
    .replace(/\r\n|\r|\n/g, '^n');
  return /[:;,]/.test(safe) ? `"${safe}"` : safe;
}
