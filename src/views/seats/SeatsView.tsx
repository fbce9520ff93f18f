'use client';

import { useState } from 'react';
import { saySeats } from '@/messages/seats';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import { newGroup } from '@/schema/take';
import { addTake } from '@/store/actions/takes';
import { classById, seatSessionOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { namesFor } from '../frame/groupNaming';
import page from '../frame/SidePage.module.css';
import { useRealRoll } from '../frame/students';
import { useBench } from '../frame/useBench';
import { lazily } from '../primitives/lazily';
import { useClassId } from '../frame/useClassId';
import { useOpenLineup } from '../frame/useOpenLineup';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { Invitation } from '../primitives/Invitation';
import { NumberStepper } from '../primitives/NumberStepper';
import styles from './Seats.module.css';

/** One of these is what there is to see; the others come when it is their turn. */
const Ended = lazily(() => import('./Ended').then((module) => module.Ended));
const Opening = lazily(() => import('./Opening').then((module) => module.Opening));
const Preparing = lazily(() => import('./Preparing').then((module) => module.Preparing));
const Running = lazily(() => import('./Running').then((module) => module.Running));

/** Students choose their group: prepared, while it runs, and what comes of it. */
export function SeatsView() {
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  if (!theClass) return null;
  if (!lineup) {
    return (
      <Invitation text={saySeats.noGroups}>
        <LinkButton variant="contained" href={`/c/${classId}/groups`}>
          {saySeats.toGroups}
        </LinkButton>
      </Invitation>
    );
  }
  return <ForLineup key={lineup.id} theClass={theClass} lineup={lineup} />;
}

interface ForLineupProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
}

function ForLineup({ theClass, lineup }: ForLineupProps) {
  const roll = useRealRoll(theClass.id, lineup);
  const bench = useBench(lineup, theClass, roll);
  const record = useQuery(seatSessionOf, lineup.id);
  const body = (): React.ReactNode => {
    if (record?.opened?.sessionId === '') return <Opening bench={bench} record={record} />;
    if (record?.opened && record.closedAt === null)
      return <Running bench={bench} record={record} />;
    if (record?.opened) return <Ended bench={bench} record={record} />;
    if (!bench.take || bench.take.groups.length === 0)
      return <NoGroups {...{ theClass, lineup }} />;
    return <Preparing bench={bench} record={record} take={bench.take} />;
  };
  return (
    <div className={`${page.view} ${styles.page}`}>
      <div className={page.head}>
        <h2 className={page.title}>{saySeats.title(lineup.name)}</h2>
        <LinkButton size="small" variant="plain" href={`/c/${theClass.id}/groups`}>
          {saySeats.back}
        </LinkButton>
      </div>
      {body()}
    </div>
  );
}

const MOST_GROUPS = 60;
const USUAL_GROUPS = 6;

function NoGroups({ theClass, lineup }: ForLineupProps) {
  const store = useStore();
  const [number, setNumber] = useState(USUAL_GROUPS);
  const make = (): void => {
    const names = namesFor(theClass, lineup, number);
    addTake(
      store,
      lineup.id,
      0,
      names.map((name, sign) => newGroup(name, sign, [])),
    );
  };
  return (
    <section className={page.part}>
      <p className={page.text}>{saySeats.intro}</p>
      <p className={page.text}>{saySeats.noGroups}</p>
      <div className={page.doings}>
        <NumberStepper
          label={saySeats.howMany}
          lessLabel={saySeats.fewer}
          moreLabel={saySeats.more}
          labelled
          value={number}
          refusal={(value) =>
            value < 1 || value > MOST_GROUPS ? saySeats.between(1, MOST_GROUPS) : null
          }
          onChange={setNumber}
        />
        <Button variant="contained" onClick={make}>
          {saySeats.make(number)}
        </Button>
      </div>
    </section>
  );
}
