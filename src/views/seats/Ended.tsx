'use client';

import { Fragment, useEffect, useMemo, useState } from 'react';
import type { Bench } from '@/encode/bench';
import { choosingBench, closingPlans } from '@/encode/seats';
import { saySeats } from '@/messages/seats';
import { StudentId } from '@/schema/ids';
import type { SeatSessionRecord } from '@/schema/seatSession';
import { LEAD, newGroup, type TakeGroup } from '@/schema/take';
import { LedSeats } from '@/services/seats/lead';
import { changeSeats, chooseAgain, takeSeats } from '@/store/actions/seats';
import { useStore } from '@/store/react';
import { WorkerError } from '@/worker/client';
import { useArrangeClient } from '../frame/arranging';
import { useTileNames } from '../frame/names';
import { seatedIn } from '../frame/seatedIn';
import { SEATS, seatsKey } from '../frame/seatsService';
import page from '../frame/SidePage.module.css';
import { useStudents } from '../frame/students';
import { useTold } from '../frame/useTold';
import { useAsk } from '../primitives/asking';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { Sign } from '../primitives/Sign';
import styles from './Seats.module.css';
import { Wished } from './Wished';
import { newSeed } from '../frame/newSeed';

interface EndedProps {
  readonly bench: Bench;
  readonly record: SeatSessionRecord;
}

/** What comes of a choosing that is over, shown before it counts. */
export function Ended({ bench, record }: EndedProps) {
  const store = useStore();
  const ask = useAsk();
  const again = (): void =>
    ask({
      title: saySeats.againTitle,
      text: saySeats.againText,
      go: saySeats.again,
      leave: saySeats.againLeave,
      run: () => {
        // Whether or not the seats answer: they forget it by themselves as well.
        void new LedSeats(SEATS, seatsKey(), record.opened?.sessionId ?? '').erase();
        chooseAgain(store, record.id);
      },
    });
  return (
    <>
      <h3 className={page.subtitle}>{saySeats.over}</h3>
      {record.takenAt !== null && <p className={page.text}>{saySeats.isTaken}</p>}
      {record.kind === 'seats' ? (
        // What was taken over stands on the sheet; it is not found anew here.
        record.takenAt === null && <Placing bench={bench} record={record} />
      ) : (
        <Wished bench={bench} record={record} />
      )}
      <div className={page.doings}>
        {record.takenAt !== null && (
          <LinkButton variant="contained" href={`/c/${record.classId}/groups`}>
            {saySeats.toGroups}
          </LinkButton>
        )}
        <Button variant="plain" onClick={again}>
          {saySeats.again}
        </Button>
      </div>
    </>
  );
}

/** Everybody's group: row of the record → students; those who kept a rule or did not. */
interface Placed {
  readonly groups: readonly (readonly StudentId[])[];
  readonly kept: boolean;
  readonly seed: number;
}

type State = Placed | 'working' | 'noRoom';

function Placing({ bench, record }: EndedProps) {
  const store = useStore();
  const told = useTold();
  const nameOf = useTileNames(useStudents(record.classId));
  const seated = useMemo(() => seatedIn(record, record.seats), [record]);
  const state = usePlaced(bench, record, seated);
  const groupName = (row: number): string => record.groups[row]?.name ?? '';
  if (state === 'working') return <p role="status">{saySeats.working}</p>;
  if (state === 'noRoom') {
    const places = record.groups.reduce((sum, { seats }) => sum + seats, 0);
    const all = new Set([
      ...(record.opened?.slips.map((s) => s.studentId) ?? []),
      ...seated.keys(),
    ]);
    const addSeats = (id: string): void =>
      changeSeats(store, record.id, ({ groups }) => ({
        groups: groups.map((one) => (one.id === id ? { ...one, seats: one.seats + 1 } : one)),
      }));
    return (
      <>
        <p role="status">{saySeats.noRoom(all.size - places)}</p>
        <ul className={styles.rows}>
          {record.groups.map((group) => (
            <li key={group.id} className={styles.row}>
              <Sign index={group.sign} size={26} />
              <strong>{group.name}</strong>
              <Button variant="paper" onClick={() => addSeats(group.id)}>
                {saySeats.addSeatIn(group.name)}
              </Button>
            </li>
          ))}
        </ul>
      </>
    );
  }
  const rowOf = new Map(state.groups.flatMap((ids, row) => ids.map((id) => [id, row] as const)));
  const placed = [...rowOf].filter(([id]) => !seated.has(id));
  const moved = [...rowOf].filter(([id, row]) => (seated.get(id) ?? row) !== row);
  const changed = new Set([...placed, ...moved].map(([id]) => id));
  const take = (): void => {
    const groups = record.groups.map((group, row): TakeGroup => {
      const ids = [...(state.groups[row] ?? [])];
      const made = newGroup(group.name, group.sign, ids);
      const lead = record.firstLeads ? firstOf(record, row, ids) : undefined;
      return lead ? { ...made, roles: { [LEAD]: lead } } : made;
    });
    takeSeats(store, record, state.seed, groups);
    const number = store.records
      .all('take')
      .filter((one) => one.lineupId === record.lineupId)
      .reduce((most, one) => Math.max(most, one.number), 0);
    told(saySeats.taken(number));
  };
  return (
    <>
      {!state.kept && (
        <p className={styles.enough} data-short="true">
          {saySeats.rulesBroken}
        </p>
      )}
      <p role="status">{saySeats.placing(placed.length, moved.length)}</p>
      <ul className={styles.changes}>
        {moved.map(([id, row]) => (
          <li key={id}>
            {saySeats.moved(nameOf(id), groupName(seated.get(id) ?? 0), groupName(row))}
          </li>
        ))}
      </ul>
      <ul className={styles.rows} aria-label={saySeats.groups}>
        {record.groups.map((group, row) => (
          <li key={group.id} className={styles.row}>
            <Sign index={group.sign} size={26} />
            <div className={styles.about}>
              <strong>{group.name}</strong>
              {group.topic !== '' && <span>{group.topic}</span>}
              <span>
                {(state.groups[row] ?? []).map((id, at) => (
                  <Fragment key={id}>
                    {at > 0 && ', '}
                    <span data-new={changed.has(id)} className={styles.placed}>
                      {nameOf(id)}
                    </span>
                  </Fragment>
                ))}
              </span>
            </div>
            <span className={styles.count}>
              {saySeats.left(state.groups[row]?.length ?? 0, group.seats)}
            </span>
          </li>
        ))}
      </ul>
      <div className={page.doings}>
        <Button variant="contained" onClick={take}>
          {saySeats.take}
        </Button>
      </div>
    </>
  );
}

/** Of those in a group at the end, the one who sat down first: slips keep no times, so the order of what is kept counts. */
function firstOf(
  record: SeatSessionRecord,
  row: number,
  ids: readonly StudentId[],
): StudentId | undefined {
  const group = record.groups[row]?.id;
  const first = Object.entries(record.seats).find(([, id]) => id === group)?.[0];
  const studentId = record.opened?.slips.find(({ id }) => id === first)?.studentId;
  return studentId && ids.includes(studentId) ? studentId : undefined;
}

function usePlaced(
  bench: Bench,
  record: SeatSessionRecord,
  seated: ReadonlyMap<StudentId, number>,
): State {
  const client = useArrangeClient();
  const [state, setState] = useState<State>('working');
  // What is here now is placed: the groups of a take that was made of it change nothing of it.
  const { groups, opened, sectionsApart } = record;
  const { students, rules, theClass } = bench;
  const { recipe } = bench.lineup;
  useEffect(() => {
    const stop = new AbortController();
    const find = async (): Promise<void> => {
      const seed = newSeed();
      const who = (opened?.slips ?? [])
        .map(({ studentId }) => studentId)
        .filter((id) => students.some((one) => one.id === id && one.left === null));
      const plans = closingPlans(
        choosingBench(bench, { sectionsApart }),
        who,
        groups,
        seated,
        seed,
      );
      if (plans.length === 0) {
        setState('noRoom');
        return;
      }
      let best: (Placed & { readonly moves: number }) | null = null;
      for (const { request, rows } of plans) {
        const outcome = await client.arrange(request, { signal: stop.signal });
        if (!outcome.ok) continue;
        const { rounds, feasible } = outcome.result;
        const placed = groups.map((_, row) =>
          (rounds[0]?.groups[rows.indexOf(row)] ?? []).map((id) => StudentId.parse(id)),
        );
        const moves = placed.flatMap((ids, row) =>
          ids.filter((id) => (seated.get(id) ?? row) !== row),
        ).length;
        // Rules first, then as few moves as any of the sizes takes.
        const better =
          !best || (feasible && !best.kept) || (feasible === best.kept && moves < best.moves);
        if (better) best = { groups: placed, kept: feasible, seed, moves };
        if (best?.kept && best.moves === 0) break;
      }
      if (!stop.signal.aborted) setState(best ?? 'noRoom');
    };
    find().catch((error: unknown) => {
      if (!(error instanceof WorkerError)) throw error;
    });
    return () => stop.abort();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- of the bench only what placing is about
  }, [client, students, rules, theClass, recipe, groups, opened, sectionsApart, seated]);
  return state;
}
