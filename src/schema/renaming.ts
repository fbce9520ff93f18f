import type {
  ActivityId,
  AdultId,
  ClassId,
  DetailId,
  DraftId,
  DrawId,
  LineupId,
  PlanId,
  ReceiptId,
  ResultsId,
  RuleId,
  SceneId,
  SeatSessionId,
  SectionId,
  SeriesId,
  SettingId,
  StudentId,
  TakeId,
} from './ids';

/** Everything that records name by an id: the kinds of records, and parts of a class. */
export interface NamedIds {
  readonly class: ClassId;
  readonly student: StudentId;
  readonly rule: RuleId;
  readonly lineup: LineupId;
  readonly take: TakeId;
  readonly plan: PlanId;
  readonly draw: DrawId;
  readonly receipt: ReceiptId;
  readonly series: SeriesId;
  readonly results: ResultsId;
  readonly adult: AdultId;
  readonly seatSession: SeatSessionId;
  readonly activity: ActivityId;
  readonly scene: SceneId;
  readonly draft: DraftId;
  readonly setting: SettingId;
  readonly detail: DetailId;
  readonly section: SectionId;
}

/** What becomes of each id: the same, another, or null for what is gone. */
export type Renaming = { readonly [K in keyof NamedIds]: (id: NamedIds[K]) => NamedIds[K] | null };

/** A renaming that changes what is given for some kinds and leaves all others. */
export function renaming(given: Partial<Renaming>): Renaming {
  const same = <T>(id: T): T => id;
  const none: Renaming = {
    class: same,
    student: same,
    rule: same,
    lineup: same,
    take: same,
    plan: same,
    draw: same,
    receipt: same,
    series: same,
    results: same,
    adult: same,
    seatSession: same,
    activity: same,
    scene: same,
    draft: same,
    setting: same,
    detail: same,
    section: same,
  };
  return { ...none, ...given };
}

/** Ids of a list after a renaming, each once; those that are gone are left out. */
export function renamedIds<T>(ids: readonly T[], to: (id: T) => T | null): T[] {
  return [...new Set(ids.flatMap((id) => to(id) ?? []))];
}
