import { groupsCsv } from './groupsCsv';
import { unknownIn } from './handout/template';
import { htmlTable } from './htmlTable';
import { icalendar } from './icalendar';
import { json } from './json';
import { templateOf } from './letters';
import { cleanLineup, withoutAddresses, type AddressedLineup, type AnyLineup } from './lineupOut';
import { linkGroups } from './links';
import { linksCsv } from './linksCsv';
import { mailto } from './mailto';
import { markdown } from './markdown';
import { mergeCsv } from './mergeCsv';
import { momentIssue } from './moment';
import { namesCsv } from './namesCsv';
import { packDocx, packHtml } from './packs';
import { roomsCsv } from './roomsCsv';
import { text } from './text';
import { vcard } from './vcard';
import type { OutAsk, OutIssue, WayOut, Write } from './wayOut';
import type { OutOptions } from './options';
import type { OutWords } from './words';
import { xlsx } from './xlsx';

/** Every way out, in the order in which they are told. */
const LIST = [
  roomsCsv,
  groupsCsv,
  namesCsv,
  xlsx,
  json,
  markdown,
  text,
  htmlTable,
  vcard,
  icalendar,
  linksCsv,
  mailto,
  mergeCsv,
  packHtml,
  packDocx,
] as const;

export type WayOutId = (typeof LIST)[number]['id'];
export const WAYS_OUT: readonly (WayOut & { readonly id: WayOutId })[] = LIST;

export function wayOutOf(id: string): (WayOut & { readonly id: WayOutId }) | undefined {
  return WAYS_OUT.find((one) => one.id === id);
}

export type Prepared<Lineup extends AnyLineup = AnyLineup> =
  | { readonly ok: true; readonly ask: OutAsk<Lineup> }
  | { readonly ok: false; readonly issue: OutIssue };

/** The lineup with clean texts and its links, checked for what no way out can do without. */
export function prepared<Lineup extends AnyLineup>(
  lineup: Lineup,
  options: OutOptions,
  words: OutWords,
): Prepared<Lineup> {
  if (lineup.groups.length === 0) return { ok: false, issue: { code: 'noGroups' } };
  const wrong = momentIssue(options);
  if (wrong) return { ok: false, issue: wrong };
  const linked = linkGroups(lineup, options);
  if (!linked.ok) return linked;
  // Links are put to the groups as they are, with or without addresses.
  return {
    ok: true,
    ask: { lineup: { ...lineup, groups: linked.groups }, options, words },
  };
}

/**
 * Writes a way out. Addresses reach only a way out that is made of them, and those where they are asked for. The same
 * lineup, options and words give the same bytes.
 */
export async function writeOut(
  wayOut: WayOut,
  given: AddressedLineup,
  options: OutOptions,
  words: OutWords,
  onPage?: OutAsk['onPage'],
): Promise<Write> {
  const lineup = cleanLineup(given, words.unnamed);
  if (wayOut.needs === 'addresses') {
    const ready = prepared(lineup, options, words);
    if (!ready.ok) return ready;
    const issue = unknownIn(templateOf(ready.ask), ready.ask, ['name']);
    return issue ? { ok: false, issue } : wayOut.write(ready.ask);
  }
  const ready = prepared<AnyLineup>(
    options.addresses ? lineup : withoutAddresses(lineup),
    options,
    words,
  );
  if (!ready.ok) return ready;
  return wayOut.write({ ...ready.ask, ...(onPage ? { onPage } : {}) });
}
