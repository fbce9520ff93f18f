import type { RosterError } from './types';

/** What a file is that no list can be read from, by its first bytes or the names of its parts; null for other files. */
export function otherKind(bytes: Uint8Array): RosterError | null {
  const begin = String.fromCharCode(...bytes.subarray(0, 64));
  const photo =
    /^(\x89PNG|\xff\xd8\xff|GIF8|BM.{4}\0|II\*\0|MM\0\*)/s.test(begin) ||
    /^RIFF.{4}WEBP/s.test(begin) ||
    /^.{4}ftyp(heic|heix|mif1|msf1|avif|hevc)/s.test(begin);
  if (photo) return { code: 'otherKind', kind: 'photo' };
  if (/^\s*%PDF-/.test(begin)) return { code: 'otherKind', kind: 'pdf' };
  if (begin.startsWith('{\\rtf')) return { code: 'otherKind', kind: 'richText' };
  return null;
}

/** The same of text that has been decoded. */
export function otherText(text: string): RosterError | null {
  const begin = text.slice(0, 2_000).trimStart();
  if (/^<\?xml[^>]*>[\s\S]*<(?:\w+:)?Workbook\b/i.test(begin)) return { code: 'oldWorkbook' };
  if (/^BEGIN:VCALENDAR/i.test(begin)) return { code: 'otherKind', kind: 'calendar' };
  const html =
    /^(?:<\?xml[^>]*>\s*)?(?:<!--[\s\S]*?-->\s*)?<(?:!doctype\s+html|html|head|body|table|tbody|thead|tr|td|meta|div|section|article|main|ul|ol|li|dl|p|span)\b/i;
  if (html.test(begin)) return { code: 'otherKind', kind: 'page' };
  return /^<\?xml\b/i.test(begin) ? { code: 'otherKind', kind: 'markup' } : null;
}

/** What an archive is that holds no list. */
export function otherArchive(names: readonly string[]): RosterError {
  const has = (beginning: string): boolean => names.some((name) => name.startsWith(beginning));
  if (has('xl/') && names.some((name) => name.endsWith('.bin'))) return { code: 'oldWorkbook' };
  if (has('word/') || has('ppt/') || has('Object ') || names.includes('content.xml'))
    return { code: 'otherKind', kind: 'document' };
  if (names.some((name) => name.endsWith('.iwa')))
    return { code: 'otherKind', kind: 'otherSheets' };
  return { code: 'unknownZip' };
}
