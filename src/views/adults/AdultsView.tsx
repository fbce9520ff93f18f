'use client';

import { useMemo } from 'react';
import { lastAdults, type Leading } from '@/encode/leads';
import { groupKeys } from '@/schema/takeGroup';
import { sayAdults } from '@/messages/adults';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import { adultsOf, classById, planOf, plansBefore } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useTileNames } from '../frame/names';
import { useRealRoll, useStudents } from '../frame/students';
import { useBench } from '../frame/useBench';
import { noLineup } from '../frame/noLineup';
import { useClassId } from '../frame/useClassId';
import { useLedGroups } from '../frame/useLedGroups';
import { useOpenLineup } from '../frame/useOpenLineup';
import { LinkButton } from '../primitives/LinkButton';
import { Invitation } from '../primitives/Invitation';
import page from '../frame/SidePage.module.css';
import styles from './Adults.module.css';
import { AdultTable } from './AdultTable';
import { GroupLeads } from './GroupLeads';
import { Timetable } from './Timetable';

/** The adults of a class with their times, who leads which group of the open lineup, and the timetable of it. */
export function AdultsView() {
  const theClass = useQuery(classById, useClassId());
  const lineup = useOpenLineup();
  if (!theClass) return null;
  // A class may have no lineup at all: then there are adults, and no groups yet.
  return <Leaders theClass={theClass} lineup={lineup ?? noLineup(theClass)} />;
}

interface LeadersProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
}

function Leaders({ theClass, lineup }: LeadersProps) {
  const adults = useQuery(adultsOf, theClass.id);
  const plan = useQuery(planOf, lineup.id);
  const before = useQuery(plansBefore, theClass.id, lineup.id);
  const students = useStudents(theClass.id);
  const nameOf = useTileNames(students);
  const bench = useBench(lineup, theClass, useRealRoll(theClass.id, lineup));
  const groups = useLedGroups(bench);
  const leading = useMemo((): Leading => {
    const allowed = plan?.meetAt ?? null;
    return {
      ...{ groups, adults },
      periods: theClass.periods.flatMap(({ id }) =>
        allowed === null || allowed.includes(id) ? [id] : [],
      ),
      last: lastAdults(
        before.map(({ plan: { leads }, groups: past }) => {
          const keys = groupKeys(past);
          return {
            leads,
            groups: past.map(({ studentIds }, row) => ({ key: keys[row] ?? '', studentIds })),
          };
        }),
      ),
    };
  }, [groups, adults, theClass.periods, plan?.meetAt, before]);
  const leads = plan?.leads ?? NONE;
  const table = (
    <AdultTable theClass={theClass} adults={adults} students={students} bench={bench} />
  );
  // Once somebody has a time, giving them groups is what one comes for.
  const ready = groups.length > 0 && adults.some(({ times }) => times.length > 0);
  return (
    <div className={`${page.view} ${styles.page}`}>
      <div className={page.head}>
        <h2 className={page.title}>{sayAdults.title}</h2>
        <LinkButton size="small" variant="plain" href={`/c/${theClass.id}/groups`}>
          {sayAdults.back}
        </LinkButton>
      </div>
      {adults.length === 0 && <p className={page.text}>{sayAdults.none}</p>}
      {!ready && table}
      {groups.length === 0 ? (
        <Invitation text={sayAdults.noGroups}>
          <LinkButton variant="paper" href={`/c/${theClass.id}/groups`}>
            {sayAdults.toGroups}
          </LinkButton>
        </Invitation>
      ) : (
        <>
          <GroupLeads
            theClass={theClass}
            lineup={lineup}
            groups={groups}
            leading={leading}
            leads={leads}
            meetAt={plan?.meetAt ?? null}
            nameOf={nameOf}
          />
          <Timetable
            theClass={theClass}
            lineup={lineup}
            groups={groups}
            adults={adults}
            leads={leads}
            nameOf={nameOf}
          />
        </>
      )}
      {ready && table}
    </div>
  );
}

const NONE = {};
