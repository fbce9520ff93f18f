'use client';

import { whoIsDealt, type Bench } from '@/encode/bench';
import { sizesForRanks } from '@/encode/seats';
import { saySeats } from '@/messages/seats';
import type { StudentId } from '@/schema/ids';
import type { SeatSessionRecord } from '@/schema/seatSession';
import { takePartners, takeTopics } from '@/store/actions/seats';
import { useStore } from '@/store/react';
import { useTileNames } from '../frame/names';
import page from '../frame/SidePage.module.css';
import { useStudents } from '../frame/students';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';

interface WishedProps {
  readonly bench: Bench;
  readonly record: SeatSessionRecord;
}

/** What students wished for, seen by the teacher alone, and given to the recipe. */
export function Wished({ bench, record }: WishedProps) {
  const store = useStore();
  const told = useTold();
  const nameOf = useTileNames(useStudents(record.classId));
  const slips = record.opened?.slips ?? [];
  const studentOf = new Map(slips.map(({ id, studentId }) => [id, studentId]));
  const partners = record.kind === 'partners';
  const wordOf = (id: string): string => {
    if (!partners) return record.groups.find((group) => group.id === id)?.name ?? '';
    const studentId = studentOf.get(id);
    return studentId ? nameOf(studentId) : '';
  };
  const answered = slips.filter(({ id }) => (record.wishes[id] ?? []).length > 0);
  const take = (): void => {
    if (partners) {
      takePartners(
        store,
        record,
        new Map<StudentId, StudentId[]>(
          answered.map(({ id, studentId }) => [
            studentId,
            (record.wishes[id] ?? []).flatMap((one) => studentOf.get(one) ?? []),
          ]),
        ),
      );
    } else takeTopics(store, record, sizesOf(bench, record));
    told(saySeats.wishesTaken(answered.length));
  };
  return (
    <>
      <p>{saySeats.answered(answered.length, slips.length)}</p>
      <ul className={page.part} aria-label={saySeats.wishes}>
        {slips.map(({ id, studentId }) => (
          <li key={id}>
            {saySeats.wishOf(nameOf(studentId), (record.wishes[id] ?? []).map(wordOf))}
          </li>
        ))}
      </ul>
      {record.takenAt === null && (
        <div className={page.doings}>
          <Button variant="contained" disabled={answered.length === 0} onClick={take}>
            {saySeats.takeWishes}
          </Button>
        </div>
      )}
    </>
  );
}

/** Sizes in which the ranks are given best, of those who are dealt now; null where there are too few seats. */
function sizesOf(bench: Bench, { groups, opened, wishes }: SeatSessionRecord) {
  const rowOf = new Map(groups.map(({ id }, row) => [id, row]));
  const slipOf = new Map(opened?.slips.map(({ id, studentId }) => [studentId, id]));
  const ranks = whoIsDealt(bench).map(({ id }) =>
    (wishes[slipOf.get(id) ?? ''] ?? []).flatMap((group) => rowOf.get(group) ?? []),
  );
  return sizesForRanks(groups, ranks);
}
