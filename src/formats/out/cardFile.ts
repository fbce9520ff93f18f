import { contentLines, textValue } from './contentLines';
import type { AnyMember } from './lineupOut';
import { uidOf } from './uids';
import { textFile, type OutAsk, type Write } from './wayOut';

/** Cards (RFC 6350) for each person, and one for each group that names its members. */
export function cardFile({ lineup }: OutAsk): Write {
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
}

function nameLine({ familyName, givenName }: AnyMember): readonly string[] {
  if (familyName === '' && givenName === '') return [];
  return [`N:${textValue(familyName)};${textValue(givenName)};;;`];
}

/** A value that has no parts needs no escape before a semicolon (RFC 6350, 3.4), and not every reader takes it away. */
function cardText(text: string): string {
  return textValue(text).replaceAll('\\;', ';');
}
