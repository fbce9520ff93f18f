import { expand, parseTemplate, type UriVariable } from './uriTemplate';
import {
  holders,
  LEAD,
  usableAddresses,
  type AnyGroup,
  type AnyLineup,
  type LinkedGroup,
} from './lineupOut';
import type { OutOptions } from './options';

/** Why a template makes no links; `at` counts characters from 0. */
export type LinkIssue =
  | { readonly code: 'malformedTemplate'; readonly at: number }
  | { readonly code: 'notWeb' }
  | { readonly code: 'noLink'; readonly group: string };

/** Most characters that browsers, mail and messages carry through. */
export const LONGEST_LINK = 2_000;

/** The groups with their links; '' for each while there is no template, and a place that is a link stands for one. */
export function linkGroups(
  lineup: AnyLineup,
  options: OutOptions,
):
  | { readonly ok: true; readonly groups: readonly LinkedGroup[] }
  | { readonly ok: false; readonly issue: LinkIssue } {
  const text = options.linkTemplate.trim();
  if (text === '') {
    const groups = lineup.groups.map((group) => ({
      ...group,
      link: isWeb(group.place) ? group.place : '',
    }));
    return { ok: true, groups };
  }
  const template = parseTemplate(text);
  if (!template.ok) return { ok: false, issue: { code: 'malformedTemplate', at: template.at } };
  if (!/^https?:\/\//i.test(text)) return { ok: false, issue: { code: 'notWeb' } };
  const groups: LinkedGroup[] = [];
  for (const [row, group] of lineup.groups.entries()) {
    const link = expand(template.parts, variablesOf(lineup, group, row, options));
    if (!isWeb(link)) return { ok: false, issue: { code: 'noLink', group: group.name } };
    groups.push({ ...group, link });
  }
  return { ok: true, groups };
}

function variablesOf(
  { name, className, courseCode, staff }: AnyLineup,
  group: AnyGroup,
  row: number,
  { date, time, minutes, message }: OutOptions,
): Readonly<Record<string, UriVariable>> {
  return {
    group: group.name,
    number: String(row + 1),
    code: courseCode,
    class: className,
    lineup: name,
    date,
    time,
    minutes,
    members: group.members.map((member) => member.name),
    staff: staff.map((one) => one.name),
    lead: holders(group, LEAD).join(', '),
    message,
    place: group.place,
    addresses: usableAddresses(group.members),
  };
}

/** Whether the text is an address on the web, whole. */
export function isWeb(text: string): boolean {
  if (!/^https?:\/\//i.test(text) || /\s/.test(text)) return false;
  return URL.canParse(text);
}
