import * as z from 'zod/mini';
import { ClassId, LineupId, newId, SeatSessionId, SectionId, StudentId } from './ids';
import { renamedIds } from './renaming';
import type { RecordType } from './versions';

export const SEAT_KINDS = ['seats', 'partners', 'topics'] as const;

/** A group that can be chosen; its name and sign are those of the take's row of this sign. */
export const SeatGroup = z.object({
  /** What the service calls it. */
  id: z.string(),
  sign: z.int().check(z.gte(0)),
  name: z.string(),
  topic: z.string(),
  /** At most so many in it, those who are there already included. */
  seats: z.int().check(z.gte(1)),
  /** At least so many, where it comes about. */
  least: z.int().check(z.gte(0)),
  /** Who is in it already and does not choose. */
  staying: z.array(StudentId),
});
export type SeatGroup = z.infer<typeof SeatGroup>;

/** Somebody who chooses, as the service knows them, with what their slip says. */
export const SeatSlip = z.object({
  id: z.string(),
  studentId: StudentId,
  pin: z.string(),
  secret: z.string(),
});
export type SeatSlip = z.infer<typeof SeatSlip>;

/** Who may choose. */
export const Choosers = z.discriminatedUnion('of', [
  z.object({ of: z.literal('here') }),
  z.object({ of: z.literal('section'), sectionId: SectionId }),
  /** Those who are in no group of the lineup yet. */
  z.object({ of: z.literal('unplaced') }),
]);
export type Choosers = z.infer<typeof Choosers>;

/** A time in which the students of a lineup choose, from its first settings to what came of it; never leaves this browser. */
export const SeatSessionRecord = z.object({
  record: z.literal('seatSession'),
  id: SeatSessionId,
  classId: ClassId,
  lineupId: LineupId,
  kind: z.enum(SEAT_KINDS),
  who: Choosers,
  minutes: z.nullable(z.int().check(z.gte(1))),
  mayChange: z.boolean(),
  namesSeen: z.boolean(),
  firstLeads: z.boolean(),
  /** Students of different sections never in one group. */
  sectionsApart: z.boolean(),
  /** Most partners named, or topics ranked. */
  most: z.int().check(z.gte(1), z.lte(50)),
  groups: z.array(SeatGroup),
  /** Null before it is opened. */
  opened: z.nullable(
    z.object({
      /** Under which the service was asked for the session: asked again, it is the same one. */
      key: z.string(),
      /** Of the service; '' until it has answered. */
      sessionId: z.string(),
      code: z.string(),
      at: z.iso.datetime(),
      slips: z.array(SeatSlip),
      /** Whether quiet rules were in force, so that each choice waited for them. */
      guarded: z.boolean(),
    }),
  ),
  /** Where everybody was when it was last seen: chooser's id at the service → group's. */
  seats: z.record(z.string(), z.string()),
  /** Chooser's id → persons named, or groups in their order. */
  wishes: z.record(z.string(), z.array(z.string())),
  /** When it was closed, and when its groups or wishes were taken over. */
  closedAt: z.nullable(z.iso.datetime()),
  takenAt: z.nullable(z.iso.datetime()),
});
export type SeatSessionRecord = z.infer<typeof SeatSessionRecord>;

export const seatSessionType: RecordType<SeatSessionRecord> = {
  record: 'seatSession',
  validator: SeatSessionRecord,
  migrations: [],
  // A session lives in a service: there is one of it.
  freshId: null,
  owner: ({ classId }) => classId,
  // Its slips open the students' pages.
  list: null,
  renamed: (session, to) => {
    const [id, classId] = [to.seatSession(session.id), to.class(session.classId)];
    const lineupId = to.lineup(session.lineupId);
    if (id === null || classId === null || lineupId === null) return null;
    const { who, opened } = session;
    const sectionId = who.of === 'section' ? to.section(who.sectionId) : null;
    const renamedWho: Choosers =
      who.of !== 'section' ? who : sectionId === null ? { of: 'here' } : { ...who, sectionId };
    return {
      ...session,
      ...{ id, classId, lineupId, who: renamedWho },
      groups: session.groups.map((group) => ({
        ...group,
        staying: renamedIds(group.staying, to.student),
      })),
      opened: opened && {
        ...opened,
        slips: opened.slips.flatMap((slip) => {
          const studentId = to.student(slip.studentId);
          return studentId === null ? [] : [{ ...slip, studentId }];
        }),
      },
    };
  },
  merging: { groups: { list: ({ id }: SeatGroup) => id, item: { fields: {} } } },
};

/** Choosing for a lineup with usual settings: seats for those who are here. */
export function newSeatSession(
  classId: ClassId,
  lineupId: LineupId,
  groups: readonly SeatGroup[],
): SeatSessionRecord {
  return {
    record: 'seatSession',
    id: newId(SeatSessionId, 'ss'),
    ...{ classId, lineupId, kind: 'seats', who: { of: 'here' }, minutes: 5, mayChange: true },
    ...{ namesSeen: false, firstLeads: false, sectionsApart: false, most: 3 },
    groups: [...groups],
    ...{ opened: null, seats: {}, wishes: {}, closedAt: null, takenAt: null },
  };
}
