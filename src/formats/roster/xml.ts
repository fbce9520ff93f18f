import type { SaxesTagPlain } from 'saxes';

/** What is told of the parts of an XML text as they go by; names are without their prefixes. */
export interface XmlListener {
  readonly open?: (name: string, get: (attribute: string) => string) => void;
  readonly text?: (text: string) => void;
  readonly close?: (name: string) => void;
}

const local = (name: string): string => name.slice(name.indexOf(':') + 1);

/** Reads XML (1.0, no external entities) and tells of its parts; throws where it is not well formed. */
export async function readXml(bytes: Uint8Array, listener: XmlListener): Promise<void> {
  // Loaded with the first workbook: most lists are text.
  const { SaxesParser } = await import('saxes');
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', ({ name, attributes }: SaxesTagPlain) => {
    const byName = new Map(Object.entries(attributes).map(([key, value]) => [local(key), value]));
    listener.open?.(local(name), (attribute) => byName.get(attribute) ?? '');
  });
  parser.on('text', (text) => listener.text?.(text));
  parser.on('cdata', (text) => listener.text?.(text));
  parser.on('closetag', ({ name }) => listener.close?.(local(name)));
  parser.write(new TextDecoder().decode(bytes)).close();
}
