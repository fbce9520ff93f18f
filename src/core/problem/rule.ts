interface Named {
  /** Index of the rule in the request. */
  readonly requestIndex: number;
}

/** A rule about named students; indexes each once, at least two. */
export interface MembersProblemRule extends Named {
  readonly kind: 'apart' | 'together';
  readonly members: Int32Array;
}

/** A rule about the students who are marked: those who have the value of the attribute. */
export interface MarkedProblemRule extends Named {
  readonly kind: 'atLeast' | 'atMost' | 'notAlone';
  /** student → 1 where the rule counts them. */
  readonly marked: Uint8Array;
  readonly attribute: string;
  readonly value: string | number;
  /** 0 for `notAlone`, which needs none. */
  readonly count: number;
}

export interface PinProblemRule extends Named {
  readonly kind: 'pin';
  readonly student: number;
  readonly group: number;
}

export interface SectionProblemRule extends Named {
  readonly kind: 'sameSection';
}

/** A hard rule over dense student indexes. */
export type ProblemRule =
  MembersProblemRule | MarkedProblemRule | PinProblemRule | SectionProblemRule;
