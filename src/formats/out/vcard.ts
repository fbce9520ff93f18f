import { contentLines, textValue } from './contentLines';
import type { AnyMember } from './lineupOut';
import { textFile, type WayOut } from './wayOut';

/** vCard 4 (RFC 6350): a card for each person, and one for each group that names its members. */
export const vcard = {
  id: 'vcard',
  needs: 'names',
  takes: ['addresses', 'link'],
  write: async ({ lineup }) => {
    const { uidOf } = await import('./uids');
    const uid = ({ id }: AnyMember): string => `urn:uuid:${uidOf('person', lineup.classId, id)}`;
    const people = lineup.groups.flatMap(({ members }) =>
      members.map((member) => [
        `UID:${uid(member)}`,
        `FN:${cardText(member.name)}`,
        ...nameLine(member),
        ...(member.email ? [`EMAIL:${cardText(member.email)}`] : []),
      ]),
    );
    const groups = lineup.groups.map(({ key, name, link, members }) => [
      `UID:urn:uuid:${uidOf('group', lineup.id, key)}`,
      'KIND:group',
      `FN:${cardText(name)}`,
      ...(link === '' ? [] : [`URL:${link}`]),
      ...members.map((member) => `MEMBER:${uid(member)}`),
    ]);
    const cards = [...people, ...groups].flatMap((lines) => [
      'BEGIN:VCARD',
      'VERSION:4.0',
      ...lines,
      'END:VCARD',
    ]);
    return textFile('vcf', 'text/vcard', contentLines(cards));
  },
} as const satisfies WayOut;

function nameLine({ familyName, givenName }: AnyMember): readonly string[] {
  if (familyName === '' && givenName === '') return [];
  return [`N:${textValue(familyName)};${textValue(givenName)};;;`];
}

/** A value that has no parts needs no escape before a semicolon (RFC 6350, 3.4), and not every reader takes it away. */
function cardText(text: string): string {
  return textValue(text).replaceAll('\\;', ';');
}
