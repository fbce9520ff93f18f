/** A lineup as it is handed to a service; structurally what `encode/publicLineup` makes for the ways out. */
export interface ServiceLineup {
  /** Opaque and lasting: services keep it to know the lineup again. */
  readonly id: string;
  readonly name: string;
  readonly groups: readonly ServiceGroup[];
  readonly staff: readonly { readonly name: string; readonly email: string }[];
}

export interface ServiceGroup {
  /** What it stays when it is renamed. */
  readonly key: string;
  readonly name: string;
  readonly members: readonly ServicePerson[];
  /** Staff of this group and of no other. */
  readonly led: ServiceLineup['staff'];
}

export interface ServicePerson {
  readonly id: string;
  readonly name: string;
  /** '' when there is none. */
  readonly email: string;
  readonly roles: readonly string[];
}

/** Why somebody did not arrive. */
export type Why =
  | { readonly code: 'noAddress' | 'unknownUser' | 'severalUsers' | 'notThere' }
  | { readonly code: 'badAddress' | 'addressElsewhere'; readonly about: string }
  /** In the service's own words. */
  | { readonly code: 'refused'; readonly detail: string }
  | {
      readonly code: 'gone';
      readonly reason: 'silent' | 'failing' | 'busy' | 'token' | 'stopped';
    };

export interface Arrived {
  readonly name: string;
  readonly email: string;
  /** The group's name. */
  readonly group: string;
}

export interface Refused {
  /** The student's. */
  readonly id: string;
  readonly name: string;
  readonly email: string | null;
  readonly group: string;
  readonly why: Why;
}

/** Who would come and go, in a group by its name. */
export interface GroupPlan {
  readonly name: string;
  readonly joins: readonly { readonly name: string }[];
  /** With the address by which the service knows them, where it was told. */
  readonly leaves: readonly { readonly name: string; readonly email?: string }[];
  /** Id of the channel, where there is one already. */
  readonly channel?: string;
}

/** What a hand-off did, or with a dry run would do. */
export interface HandedOff {
  readonly arrived: readonly Arrived[];
  readonly refused: readonly Refused[];
  readonly plan: readonly GroupPlan[];
  /** Why the run ended before its time; null where it did not. */
  readonly ended: Extract<Why, { code: 'gone' }>['reason'] | null;
  /** What the service says to the teacher as a whole. */
  readonly told: readonly string[];
}

export interface HandOffOptions {
  /** Only reads. */
  readonly dryRun: boolean;
  /** Told after each group how many are done. */
  readonly onGroup?: (done: number) => void;
}
