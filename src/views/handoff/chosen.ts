import * as z from 'zod/mini';
import { COLUMNS } from '@/formats/out/table';
import { wayOutOf, type WayOutId } from '@/formats/out/list';
import { PLAIN_OPTIONS, type Column, type OutOptions } from '@/formats/out/options';
import type { Template } from '@/formats/out/handout/types';
import type { Setting } from '@/schema/setting';

/** The places that a lineup can leave for, each with its ways out in the order in which they are offered. */
export const PLACES = {
  paper: [],
  file: ['groups-csv', 'names-csv', 'rooms-csv', 'xlsx', 'icalendar', 'vcard', 'json'],
  pages: ['pack-docx', 'pack-html'],
  message: ['text', 'html-table', 'markdown', 'mailto', 'merge-csv'],
  link: ['links'],
} as const satisfies Readonly<Record<string, readonly WayOutId[]>>;
/** Services that take a lineup live. */
export const SERVICES = ['rooms', 'channels'] as const;
export type Place = keyof typeof PLACES | (typeof SERVICES)[number];
export const PLACE_NAMES: readonly Place[] = [
  ...(Object.keys(PLACES) as (keyof typeof PLACES)[]),
  ...SERVICES,
];

/** The ways out to a place; none on paper and to services. */
export function waysTo(place: Place): readonly WayOutId[] {
  return place === 'rooms' || place === 'channels' ? [] : PLACES[place];
}

const ColumnName = z.enum(COLUMNS as [Column, ...Column[]]);

/** What was chosen on this page, remembered for the class; a template of one's own is a setting of its own. */
const Chosen = z.object({
  place: z.enum(PLACE_NAMES as [Place, ...Place[]]),
  /** place → the way out chosen there last. */
  ways: z.record(z.string(), z.string()),
  addresses: z.boolean(),
  linkTemplate: z.string(),
  message: z.string(),
  date: z.string(),
  time: z.string(),
  minutes: z.string(),
  oneEvent: z.boolean(),
  letterTo: z.enum(['group', 'lead', 'each']),
  /** Texts of the teacher's own; null for those that are shipped. */
  letter: z.nullable(z.string()),
  handout: z.nullable(z.string()),
  /** Placeholders of the teacher's own. */
  fields: z._default(z.array(z.object({ name: z.string(), value: z.string() })), []),
  columns: z.nullable(z.array(ColumnName)),
  headings: z.partialRecord(ColumnName, z.string()),
  separator: z.enum([',', ';', '\t']),
});
export type Chosen = z.infer<typeof Chosen>;

export const CHOSEN: Setting<Chosen> = {
  name: 'handoff',
  shape: Chosen,
  usual: {
    place: 'file',
    ways: {},
    addresses: false,
    linkTemplate: '',
    message: '',
    date: '',
    time: '',
    minutes: '',
    oneEvent: false,
    letterTo: 'group',
    letter: null,
    handout: null,
    fields: [],
    columns: null,
    headings: {},
    separator: ',',
  },
};

/** A document of the teacher's own, as base64. */
const OwnFile = z.object({ name: z.string(), data: z.string() });
export const OWN_FILE: Setting<z.infer<typeof OwnFile> | null> = {
  name: 'handoffFile',
  shape: z.nullable(OwnFile),
  usual: null,
};

/** Bytes of a document that is kept with the class; a larger one holds until the page is left. */
export const LARGEST_KEPT = 3_000_000;

export function asBase64(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

export function fromBase64(data: string): Uint8Array {
  return Uint8Array.from(atob(data), (sign) => sign.charCodeAt(0));
}

/** The way out that is chosen; undefined on paper and for services. */
export function wayOf({ place, ways }: Chosen): WayOutId | undefined {
  const offered = waysTo(place);
  const kept = wayOutOf(ways[place] ?? '')?.id;
  return kept !== undefined && offered.includes(kept) ? kept : offered[0];
}

/** The options that the chosen way out takes; `today` stands where no day was chosen. */
export function optionsOf(
  chosen: Chosen,
  way: WayOutId,
  ownFile: Template | null,
  today: string,
): OutOptions {
  const takes = wayOutOf(way)?.takes ?? [];
  const text = (name: string, own: string | null): Template | null =>
    own === null ? null : { name, bytes: new TextEncoder().encode(own) };
  const moment = takes.includes('moment');
  return {
    ...PLAIN_OPTIONS,
    addresses: chosen.addresses && takes.includes('addresses'),
    linkTemplate: takes.includes('link') ? chosen.linkTemplate : '',
    message: takes.includes('message') ? chosen.message : '',
    date: moment ? chosen.date || today : '',
    time: moment ? chosen.time : '',
    minutes: moment ? chosen.minutes : '',
    zone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
    fields: Object.fromEntries(
      chosen.fields.flatMap(({ name, value }) => (name.trim() === '' ? [] : [[name, value]])),
    ),
    oneEvent: chosen.oneEvent,
    letterTo: chosen.letterTo,
    template: takes.includes('handout')
      ? (ownFile ?? text('handout.md', chosen.handout))
      : takes.includes('letter')
        ? text('letter.txt', chosen.letter)
        : null,
    layout: takes.includes('layout')
      ? { columns: chosen.columns, headings: chosen.headings, separator: chosen.separator }
      : PLAIN_OPTIONS.layout,
  };
}
