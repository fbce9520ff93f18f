/** A lineup as it leaves the application: names and groups, nothing quiet. */
export interface LineupOut {
  readonly groups: readonly GroupOut<MemberOut>[];
}

/** The same with addresses, for the ways out that reach people; asked for by name. */
export interface AddressedLineup {
  readonly groups: readonly GroupOut<AddressedMember>[];
}

export interface GroupOut<Member> {
  readonly name: string;
  readonly members: readonly Member[];
}

export interface MemberOut {
  readonly name: string;
}

export interface AddressedMember extends MemberOut {
  /** '' when there is none. */
  readonly email: string;
}

/** What a way out says in the reader's language. */
export interface OutWords {
  readonly headings: Readonly<Record<'room' | 'group' | 'name' | 'email', string>>;
  /** Puts names in the order of the language. */
  readonly compare: (one: string, two: string) => number;
}

/** What has been written, and where it goes. */
export type Written =
  | {
      readonly to: 'file';
      /** Letters after the dot of the file's name. */
      readonly end: string;
      readonly type: string;
      readonly text: string;
    }
  /** For programs that take plain text, and for those that take more. */
  | { readonly to: 'clipboard'; readonly plain: string; readonly html: string | null };

/** What to see to before a way out is taken, with the names of whom it is about. */
export interface OutDoubt {
  readonly code: 'noAddress' | 'malformedAddress';
  readonly names: readonly string[];
}

interface OutletBase {
  readonly id: string;
  readonly check: (lineup: AddressedLineup) => readonly OutDoubt[];
}

/** One way out; a new one is a file, a line in `list.ts` and its words. */
export type Outlet = OutletBase &
  (
    | {
        readonly needs: 'names';
        readonly write: (lineup: LineupOut, words: OutWords) => Written;
      }
    | {
        readonly needs: 'addresses';
        readonly write: (lineup: AddressedLineup, words: OutWords) => Written;
      }
  );

/** Where names are all that leaves there is nothing to doubt. */
export const nothingToCheck = (): readonly OutDoubt[] => [];

/** One row for each member, group by group. */
export function memberRows<Member extends MemberOut>(lineup: {
  readonly groups: readonly GroupOut<Member>[];
}): (Member & { readonly group: string })[] {
  return lineup.groups.flatMap(({ name: group, members }) =>
    members.map((member) => ({ group, ...member })),
  );
}
