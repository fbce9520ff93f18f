'use client';

import CheckRounded from '@mui/icons-material/CheckRounded';
import PriorityHighRounded from '@mui/icons-material/PriorityHighRounded';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { doubtsOf } from '@/formats/out/list';
import type { AddressedLineup } from '@/formats/out/outlet';
import { sayOut } from '@/messages/out';
import type { ClassId } from '@/schema/ids';
import type { RollStudent, StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { Spoken } from '../primitives/Spoken';
import styles from './HandOffView.module.css';

interface CheckListProps {
  readonly take: TakeRecord;
  /** What would leave, under the names that are shown. */
  readonly out: AddressedLineup;
  readonly students: readonly RollStudent[];
  readonly classId: ClassId;
}

/** What is in order and what is not, before anything goes. */
export function CheckList({ take, out, students, classId }: CheckListProps) {
  const placed = new Set(take.groups.flatMap(({ studentIds }) => studentIds));
  const here = students.filter((student) => student.here);
  const going = here.filter(({ id }) => placed.has(id));
  const aside = here.filter(({ id }) => !placed.has(id));
  const away = students.filter((student) => !student.here && placed.has(student.id));
  const doubts = doubtsOf(out);
  const names = (list: readonly StudentRecord[]): string[] => list.map(({ name }) => name);
  const roster = <Link href={`/c/${classId}/roster`}>{sayOut.handoff.mend}</Link>;
  return (
    <section aria-labelledby="before">
      <h3 id="before" className={styles.subtitle}>
        {sayOut.handoff.before}
      </h3>
      <ul className={styles.checks}>
        <Check good>{sayOut.handoff.going(going.length, take.groups.length)}</Check>
        {aside.length > 0 && <Check>{sayOut.handoff.aside(names(aside))}</Check>}
        {away.length > 0 && <Check>{sayOut.handoff.away(names(away))}</Check>}
        {doubts.map(({ code, names: about }) => (
          <Check key={code}>
            {sayOut.handoff.doubt[code](about)} {roster}
          </Check>
        ))}
        {doubts.length === 0 && <Check good>{sayOut.handoff.allAddresses}</Check>}
        <Check good>{sayOut.handoff.nothingQuiet}</Check>
      </ul>
    </section>
  );
}

function Check({
  good = false,
  children,
}: {
  readonly good?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <li className={styles.point} data-good={good}>
      {good ? <CheckRounded aria-hidden="true" /> : <PriorityHighRounded aria-hidden="true" />}
      <p>
        {!good && <Spoken>{sayOut.handoff.attention}</Spoken>}
        {children}
      </p>
    </li>
  );
}
