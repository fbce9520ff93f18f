'use client';

import { lazily } from '../primitives/lazily';
import { useMemo, useState } from 'react';
import * as z from 'zod/mini';
import { TERM_ORDERS, termOf, termRank, type TermOrder } from '@/encode/term';
import { spokenOrder } from '@/messages/speaking';
import { sayTerm } from '@/messages/term';
import type { StudentId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { classById, termOfClass } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useNameMask } from '../frame/masking';
import { useTileNames } from '../frame/names';
import { useStudents } from '../frame/students';
import { useClassId } from '../frame/useClassId';
import { useSetting } from '../frame/useDraft';
import { useOpenLineup } from '../frame/useOpenLineup';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { Invitation } from '../primitives/Invitation';
import { OpenPart } from '../primitives/OpenPart';
import { Select } from '../primitives/Select';
import { Out } from './Out';
import { Planning } from './Planning';
import { Shared } from './Shared';
import { TermTable } from './TermTable';
import styles from './Term.module.css';

const ORDER: Setting<TermOrder> = {
  name: 'termOrder',
  shape: z.enum(TERM_ORDERS),
  usual: 'name',
};

/** What is done now and then is loaded when it is asked for. */
const Days = lazily(() => import('./Days').then((module) => module.Days));
const PastGroups = lazily(() => import('./PastGroups').then((module) => module.PastGroups));

/** A picture of what the table tells, loaded when it is asked for. */
const MetChart = lazily(() => import('./MetChart').then((module) => module.MetChart));

/** The term along each student's line, and rounds planned together. */
export function TermView() {
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  const inTerm = useQuery(termOfClass, classId);
  const everybody = useStudents(classId);
  const students = useMemo(() => everybody.filter(({ left }) => left === null), [everybody]);
  const nameOf = useTileNames(everybody);
  const [order, setOrder] = useSetting(ORDER, classId);
  const [chart, setChart] = useState(false);
  const [bringing, setBringing] = useState(false);
  // A list says all names: while they are hidden none is brought in, as on the roster.
  const [mask] = useNameMask();
  const mayBring = mask === 'names';
  const [chosen, setChosen] = useState<readonly StudentId[]>([]);
  const term = useMemo(
    () =>
      termOf(
        inTerm,
        students.map(({ id }) => id),
      ),
    [inTerm, students],
  );
  const rows = useMemo(() => {
    const studentOf = new Map(students.map((student) => [student.id, student]));
    const sectionOf = (id: StudentId): string =>
      theClass?.sections.find((one) => one.id === studentOf.get(id)?.sectionId)?.name ?? '~';
    return [...term.rows].sort(
      (a, b) =>
        termRank(a, order) - termRank(b, order) ||
        (order === 'section' ? spokenOrder(sectionOf(a.studentId), sectionOf(b.studentId)) : 0) ||
        spokenOrder(nameOf(a.studentId), nameOf(b.studentId)),
    );
  }, [term, students, theClass, order, nameOf]);
  if (!theClass) return null;
  const toggle = (id: StudentId, more: boolean): void => {
    if (chosen.includes(id)) setChosen(chosen.filter((one) => one !== id));
    else setChosen(more ? [...chosen.slice(-1), id] : [id]);
  };
  const more = (
    <>
      <OpenPart label={sayTerm.days.title}>
        <Days classId={classId} inTerm={inTerm} />
      </OpenPart>
      {mayBring && (
        <Button size="small" variant="paper" disabled={bringing} onClick={() => setBringing(true)}>
          {sayTerm.past.title}
        </Button>
      )}
    </>
  );
  return (
    <div className={styles.view}>
      <h2 className={styles.title}>{sayTerm.title}</h2>
      {lineup && <Planning theClass={theClass} lineup={lineup} nameOf={nameOf} inTerm={inTerm} />}
      {bringing && mayBring && <PastGroups theClass={theClass} onDone={() => setBringing(false)} />}
      {term.lineups.length === 0 ? (
        <Invitation text={sayTerm.none}>
          <LinkButton variant={lineup ? 'paper' : 'contained'} href={`/c/${classId}/groups`}>
            {sayTerm.toGroups}
          </LinkButton>
          {more}
        </Invitation>
      ) : (
        <div className={styles.sides}>
          <div className={styles.main}>
            <div className={styles.tools}>
              <Select
                label={sayTerm.order}
                value={order}
                options={TERM_ORDERS.filter(
                  (value) => value !== 'section' || theClass.sections.length > 0,
                ).map((value) => ({ value, label: sayTerm.orders[value] }))}
                onChange={setOrder}
              />
              {more}
            </div>
            <TermTable
              classId={classId}
              term={term}
              rows={rows}
              nameOf={nameOf}
              chosen={chosen}
              onToggle={toggle}
            />
            <Out term={term} rows={rows} nameOf={nameOf} className={theClass.name} />
          </div>
          <aside className={styles.aside}>
            <Shared term={term} rows={rows} nameOf={nameOf} chosen={chosen} />
            <p className={styles.hint}>{sayTerm.dot}</p>
            {chart ? (
              <MetChart term={term} />
            ) : (
              <div>
                <Button size="small" variant="paper" onClick={() => setChart(true)}>
                  {sayTerm.showChart}
                </Button>
              </div>
            )}
          </aside>
        </div>
      )}
    </div>
  );
}
