export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

export interface Decoded {
  readonly text: string;
  readonly encoding: Encoding;
}

/** Bytes looked at to tell UTF-16 without a byte order mark. */
const SAMPLE_BYTES = 4_000;

/**
 * The text of a file: by its byte order mark, else UTF-16 by its zero bytes, else UTF-8 where the bytes are
 * valid, else Windows-1252 (WHATWG Encoding). A given encoding is taken at its word.
 */
export function decode(bytes: Uint8Array, given?: Encoding): Decoded {
  const encoding = given ?? detect(bytes);
  const text = new TextDecoder(encoding).decode(bytes);
  return { text: text.replace(/^\uFEFF/, ''), encoding };
}

function detect(bytes: Uint8Array): Encoding {
  const [a, b, c] = bytes;
  if (a === 0xef && b === 0xbb && c === 0xbf) return 'utf-8';
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  if (a === 0xfe && b === 0xff) return 'utf-16be';
  const zeros = [0, 0];
  const sample = bytes.subarray(0, SAMPLE_BYTES);
  sample.forEach((byte, i) => {
    if (byte === 0) zeros[i % 2] = (zeros[i % 2] ?? 0) + 1;
  });
  const [even = 0, odd = 0] = zeros;
  // Most text of European languages has a zero in every other byte of UTF-16, and none in any other encoding.
  if (odd > sample.length / 6 && even < odd / 8) return 'utf-16le';
  if (even > sample.length / 6 && odd < even / 8) return 'utf-16be';
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return 'utf-8';
  } catch {
    return 'windows-1252';
  }
}

/** Whether decoded text holds what no text file does: zero characters, or many control characters. */
export function looksBinary(text: string): boolean {
  const sample = text.slice(0, 20_000);
  if (sample.includes('\0')) return true;
  // eslint-disable-next-line no-control-regex -- control characters are just what is sought
  const controls = sample.match(/[\x01-\x08\x0e-\x1a\x1c-\x1f\x7f\x81\x8d\x8f\x90\x9d\ufffd]/g);
  return (controls?.length ?? 0) > Math.max(2, sample.length / 50);
}
