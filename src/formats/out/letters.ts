import { textOf } from './handout/template';
import { fill, saysNothing } from './handout/placeholders';
import type { Values } from './handout/types';
import { valuesOf } from './handout/values';
import {
  LEAD,
  usableAddress,
  usableAddresses,
  type AnyMember,
  type LinkedGroup,
  type AddressedLineup,
} from './lineupOut';
import type { OutAsk } from './wayOut';

/** One letter: to whom, about what. */
export interface Letter {
  readonly group: string;
  /** Whose it is, where it is one student's. */
  readonly name: string;
  readonly to: readonly string[];
  readonly subject: string;
  readonly text: string;
}

/** The longest link that mail programs take from a browser. */
export const LONGEST_LETTER = 2_000;

/** The letters of a lineup, to its groups, their leads or each student; those of nobody who can be reached too. */
export function lettersOf(ask: OutAsk<AddressedLineup>): readonly Letter[] {
  const { lineup, options, words } = ask;
  const template = templateOf(ask);
  const letter = (group: LinkedGroup, row: number, to: readonly AnyMember[], name = ''): Letter => {
    const values = { ...valuesOf(ask, group, row), name };
    const [subject, text] = subjectAndText(template, words.title(group.name, lineup.name));
    return {
      group: group.name,
      name,
      to: usableAddresses(to),
      subject: fill(subject, values).trim(),
      text: filledLines(text, values),
    };
  };
  return lineup.groups.flatMap((group, row) => {
    switch (options.letterTo) {
      case 'group':
        return [letter(group, row, group.members)];
      case 'lead':
        return [
          letter(
            group,
            row,
            group.members.filter(({ roles }) => roles.includes(LEAD)),
          ),
        ];
      case 'each':
        return group.members.map((member) => letter(group, row, [member], member.name));
    }
  });
}

/** The text filled, without the lines of which nothing is known. */
function filledLines(text: string, values: Values): string {
  return text
    .split('\n')
    .flatMap((line) => (saysNothing(line, values) ? [] : [fill(line, values)]))
    .join('\n');
}

/** The template of the letters: the teacher's own, or the shipped one. */
export function templateOf({ options, words }: OutAsk): string {
  if (options.template) return textOf(options.template.bytes);
  return words.letter[options.letterTo];
}

/** A first line `Subject: …` is the subject. */
function subjectAndText(template: string, usual: string): readonly [string, string] {
  const found = /^subject:[ \t]*(.*)\n*/i.exec(template);
  return found ? [found[1] ?? usual, template.slice(found[0].length)] : [usual, template];
}

/** Names of members whom no letter reaches. */
export function unreached({ groups }: Pick<AddressedLineup, 'groups'>): readonly string[] {
  return groups.flatMap(({ members }) =>
    members.flatMap(({ name, email }) => (usableAddress(email) === null ? [name] : [])),
  );
}

/** The letter as links (RFC 6068), each short enough where its recipients can be parted; none where nobody is reached. */
export function letterLinks(letter: Letter, longest: number): readonly string[] {
  const tail = `?subject=${encodeURIComponent(letter.subject)}&body=${encodeURIComponent(
    letter.text.replace(/\r\n?|\n/g, '\r\n'),
  )}`;
  const links: string[] = [];
  let to = '';
  for (const address of letter.to.map(encodedAddress)) {
    const longer = to === '' ? address : `${to},${address}`;
    if (to !== '' && `mailto:${longer}${tail}`.length > longest) {
      links.push(`mailto:${to}${tail}`);
      to = address;
    } else {
      to = longer;
    }
  }
  return to === '' ? links : [...links, `mailto:${to}${tail}`];
}

/** One address as a link to it (RFC 6068, 2). */
export function addressUri(address: string): string {
  return `mailto:${encodedAddress(address)}`;
}

function encodedAddress(address: string): string {
  return address.split('@').map(encodeURIComponent).join('@');
}
