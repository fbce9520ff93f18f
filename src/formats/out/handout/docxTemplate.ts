import Docxtemplater from 'docxtemplater';
import PizZip from 'pizzip';
import { unpack } from '../../archiveIn';
import { archive, type FileIn } from '../archive';
import { asText, placeholderKey, valueOf } from './placeholders';
import type { HandoutIssue, Values } from './types';

/** A teacher's document, made harmless: its parts by name. */
export type DocxParts = Readonly<Record<string, Uint8Array>>;

export type ParsedDocx =
  | { readonly ok: true; readonly parts: DocxParts; readonly placeholders: readonly string[] }
  | { readonly ok: false; readonly issue: HandoutIssue };

/** Reads a document (ECMA-376) with placeholders, which may be split over runs, and cuts what leads out of it. */
export function parseDocx(bytes: Uint8Array): ParsedDocx {
  const unpacked = unpack(bytes, (name) => !name.endsWith('/'));
  if (!unpacked.ok) {
    const code = unpacked.error.code === 'unpacksTooLarge' ? 'templateTooLarge' : 'unreadableDocx';
    return { ok: false, issue: { code } };
  }
  const types = textOf(unpacked.parts['[Content_Types].xml']);
  if (!types.includes('wordprocessingml.document.main+xml')) {
    return { ok: false, issue: { code: 'unreadableDocx' } };
  }
  const parts = withoutOutside(unpacked.parts);
  const seen = new Set<string>();
  try {
    filler(parts, (name) => seen.add(name));
  } catch (error) {
    return {
      ok: false,
      issue: { code: brokenTag(error) ? 'brokenPlaceholder' : 'unreadableDocx' },
    };
  }
  return { ok: true, parts, placeholders: [...seen] };
}

/** The document of one group; a value is text, whatever it holds. */
export function filledDocx(parts: DocxParts, values: Values): Uint8Array {
  const doc = filler(parts, () => undefined, values);
  doc.render({});
  const { files } = doc.getZip() as PizZip;
  return archive(
    Object.values(files).flatMap((file): FileIn[] =>
      file.dir ? [] : [[file.name, file.asUint8Array()]],
    ),
  );
}

/** What a document says, paragraph by paragraph, without its looks. */
export function linesOf(document: Uint8Array): readonly string[] {
  const unpacked = unpack(document, (name) => name === 'word/document.xml');
  const xml = unpacked.ok ? textOf(unpacked.parts['word/document.xml']) : '';
  return xml.split('</w:p>').flatMap((paragraph) => {
    const texts = [...paragraph.matchAll(/<w:t(?:\s[^>]*)?>([^<]*)<\/w:t>/g)].map(
      ([, text]) => text,
    );
    return texts.length === 0 ? [] : [plain(texts.join(''))];
  });
}

const ENTITIES: Readonly<Record<string, string>> = {
  ...{ '&lt;': '<', '&gt;': '>', '&quot;': '"', '&apos;': "'", '&amp;': '&' },
};

function plain(xml: string): string {
  return xml.replace(/&(?:lt|gt|quot|apos|amp);/g, (entity) => ENTITIES[entity] ?? entity);
}

function filler(parts: DocxParts, see: (name: string) => void, values: Values = {}): Docxtemplater {
  const zip = new PizZip();
  Object.entries(parts).forEach(([name, bytes]) => zip.file(name, bytes));
  return new Docxtemplater(zip, {
    delimiters: { start: '{{', end: '}}' },
    paragraphLoop: true,
    linebreaks: true,
    errorLogging: false,
    parser: (tag) => {
      if (tag !== '.') see(placeholderKey(tag));
      return {
        get: (scope: unknown, context) => {
          if (tag === '.') return typeof scope === 'string' ? scope : '';
          const value = valueOf(values, tag) ?? '';
          return isLoop(context.meta.part) ? value : asText(value);
        },
      };
    },
  });
}

function isLoop(part: unknown): boolean {
  return typeof part === 'object' && part !== null && 'module' in part && part.module === 'loop';
}

/** Whether a placeholder was at fault, and not the document. */
function brokenTag(error: unknown): boolean {
  return error instanceof Error && error.name === 'TemplateError';
}

function textOf(bytes: Uint8Array | undefined): string {
  return bytes ? new TextDecoder().decode(bytes) : '';
}

/** Parts that run or hold other programs' data. */
const REFUSED = /(?:vbaProject|vbaData|\/activeX\/|\/embeddings\/)/i;

/** The parts without what leads outside: linked templates, pictures and pages would be fetched when it is opened. */
function withoutOutside(parts: DocxParts): DocxParts {
  const next: Record<string, Uint8Array> = {};
  const encoder = new TextEncoder();
  const kept = Object.entries(parts).filter(([name]) => !REFUSED.test(name));
  for (const [name, bytes] of kept) {
    if (!name.endsWith('.rels')) continue;
    const text = textOf(bytes);
    const lost: string[] = [];
    const cut = text.replace(/<Relationship\b[^>]*?(?:\/>|>\s*<\/Relationship>)/g, (whole) => {
      const target = /\bTarget\s*=\s*["']([^"']*)/.exec(whole)?.[1] ?? '';
      if (!/\bTargetMode\s*=\s*["']External["']/i.test(whole) && !REFUSED.test(`/${target}`))
        return whole;
      lost.push(/\bId\s*=\s*["']([^"']+)/.exec(whole)?.[1] ?? '');
      return '';
    });
    if (lost.length === 0) continue;
    next[name] = encoder.encode(cut);
    const owner = name.replace(/(^|\/)_rels\/([^/]+)\.rels$/, '$1$2');
    const part = next[owner] ?? parts[owner];
    if (part) next[owner] = encoder.encode(withoutReferences(textOf(part), lost));
  }
  return Object.fromEntries(kept.map(([name, bytes]) => [name, next[name] ?? bytes]));
}

/** The part without its references to relationships that are gone. */
function withoutReferences(xml: string, ids: readonly string[]): string {
  return ids.reduce(
    (text, id) =>
      text
        .replace(new RegExp(`<w:attachedTemplate\\b[^>]*"${escaped(id)}"[^>]*/>`, 'g'), '')
        .replace(
          new RegExp(`\\s[\\w.]+:(?:id|link|embed|pict|href)\\s*=\\s*"${escaped(id)}"`, 'g'),
          '',
        ),
    xml,
  );
}

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
