import {
  holders,
  LEAD,
  memberRows,
  usableAddress,
  type AddressedLineup,
  type LinkedGroup,
} from './lineupOut';
import { usualDomain, withoutSlip } from '../slips';
import { LONGEST_LINK } from './links';

/** What to see to before a lineup goes, with whom it is about. */
export interface OutDoubt {
  readonly code:
    | 'noAddress'
    | 'malformedAddress'
    | 'doubtfulAddress'
    | 'sameAddress'
    | 'sameName'
    | 'emptyGroups'
    | 'noLead'
    | 'longLinks';
  /** Names of students, or of groups. */
  readonly names: readonly string[];
  /** The students, by their ids; none where it is about groups. */
  readonly ids: readonly string[];
  /** Student → what their address was probably meant to be. */
  readonly likely: Readonly<Record<string, string>>;
}

/** What is doubtful about a lineup that is about to go; about addresses only where they go too. */
export function doubtsOf(
  lineup: Pick<AddressedLineup, 'groups'>,
  linked: readonly LinkedGroup[],
  { addresses, leads }: { readonly addresses: boolean; readonly leads: boolean },
): readonly OutDoubt[] {
  const members = memberRows(lineup).map(({ member }) => member);
  const people = (code: OutDoubt['code'], of: typeof members): OutDoubt => ({
    code,
    names: of.map(({ name }) => name),
    ids: of.map(({ id }) => id),
    likely: {},
  });
  const groups = (code: OutDoubt['code'], of: readonly { readonly name: string }[]): OutDoubt => ({
    code,
    names: of.map(({ name }) => name),
    ids: [],
    likely: {},
  });
  const usual = usualDomain(members.map(({ email }) => email ?? ''));
  const likelyOf = ({ email }: (typeof members)[number]): string => withoutSlip(email ?? '', usual);
  const slipped = members.filter((member) => likelyOf(member) !== '');
  const withAddress = members.filter(({ email }) => usableAddress(email) !== null);
  const doubts = [
    ...(addresses
      ? [
          people(
            'noAddress',
            members.filter(({ email }) => email === ''),
          ),
          people(
            'malformedAddress',
            members.filter(({ email }) => email !== '' && usableAddress(email) === null),
          ),
          {
            ...people('doubtfulAddress', slipped),
            likely: Object.fromEntries(slipped.map((member) => [member.id, likelyOf(member)])),
          },
          people(
            'sameAddress',
            doubled(withAddress, ({ email }) => (email ?? '').toLowerCase()),
          ),
        ]
      : []),
    people(
      'sameName',
      doubled(members, ({ name }) => name.toLowerCase()),
    ),
    groups(
      'emptyGroups',
      lineup.groups.filter((group) => group.members.length === 0),
    ),
    groups(
      'noLead',
      leads
        ? lineup.groups.filter(
            (group) => group.members.length > 0 && holders(group, LEAD).length === 0,
          )
        : [],
    ),
    groups(
      'longLinks',
      linked.filter(({ link }) => link.length > LONGEST_LINK),
    ),
  ];
  return doubts.filter(({ names }) => names.length > 0);
}

/** Those of whom something is the same as of another. */
function doubled<T>(all: readonly T[], of: (one: T) => string): T[] {
  const counts = new Map<string, number>();
  all.forEach((one) => counts.set(of(one), (counts.get(of(one)) ?? 0) + 1));
  return all.filter((one) => (counts.get(of(one)) ?? 0) > 1);
}
