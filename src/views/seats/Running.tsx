'use client';

import { useMemo } from 'react';
import type { Bench } from '@/encode/bench';
import { choosingBench, closedGroups } from '@/encode/seats';
import { saySeats } from '@/messages/seats';
import type { StudentId } from '@/schema/ids';
import type { SeatSessionRecord, SeatSlip } from '@/schema/seatSession';
import type { SeatPerson, SeatsSession } from '@/services/seats/contract';
import { LedSeats, type SeatsOutcome } from '@/services/seats/lead';
import { keepSeats } from '@/store/actions/seats';
import { useStore } from '@/store/react';
import { useLiveSeats } from '../frame/liveSeats';
import { useClassLanguage } from '../frame/InClassLanguage';
import { useTileNames } from '../frame/names';
import { randomPin, randomText, SEATS, seatsAddress, seatsKey } from '../frame/seatsService';
import { seatedIn } from '../frame/seatedIn';
import page from '../frame/SidePage.module.css';
import { useStudents } from '../frame/students';
import { useNow } from '../frame/useNow';
import { useAsk } from '../primitives/asking';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { useNotices } from '../primitives/notices';
import { OpenPart } from '../primitives/OpenPart';
import { QrCode } from '../primitives/QrCode';
import { Sign } from '../primitives/Sign';
import { Log } from './Log';
import styles from './Seats.module.css';
import { useReach } from '../frame/useReach';

interface RunningProps {
  readonly bench: Bench;
  readonly record: SeatSessionRecord;
}

const MINUTE_MS = 60_000;
/** A class of simulated students is through in about a minute. */
const VISITORS_PACE = 2;

/** A choosing while it runs: who sits where, who has not been, what happened, and everything a teacher does in it. */
export function Running({ bench, record }: RunningProps) {
  const store = useStore();
  const ask = useAsk();
  const { notify } = useNotices();
  const live = useLiveSeats(record.id);
  const reach = useReach();
  const nameOfStudent = useTileNames(useStudents(record.classId));
  const { opened } = record;
  const slips = useMemo(() => new Map(opened?.slips.map((slip) => [slip.id, slip])), [opened]);
  const led = useMemo(
    () => new LedSeats(SEATS, seatsKey(), opened?.sessionId ?? ''),
    [opened?.sessionId],
  );
  const nameOf = (person: string): string => {
    const slip = slips.get(person);
    return slip ? nameOfStudent(slip.studentId) : '';
  };
  const session = live.session ?? lastSeen(record);
  const act = (work: Promise<SeatsOutcome>, then?: () => void): void => {
    void work.then((outcome) => {
      if (outcome.ok) then?.();
      else notify({ text: saySeats.failed });
    });
  };
  const withoutPlace = session.people.filter(({ group }) => group === null);
  const seats = record.kind === 'seats';
  const unanswered = session.people.filter(({ wishes }) => wishes.length === 0);
  const waiting = seats ? withoutPlace : unanswered;
  const close = (): void =>
    ask({
      title: saySeats.closeTitle,
      text: saySeats.closeText(seats ? withoutPlace.length : 0),
      go: saySeats.close,
      leave: saySeats.closeLeave,
      run: () => act(led.patch({ state: 'closed' })),
    });
  const extend = (): void => {
    const now = Date.now() + live.ahead;
    const ends = session.endsAt === null ? now : Math.max(now, Date.parse(session.endsAt));
    act(led.patch({ endsAt: new Date(ends + MINUTE_MS).toISOString() }));
  };
  const renew = (slip: SeatSlip): void => {
    const next = { ...slip, pin: randomPin(), secret: randomText(24) };
    act(led.renewSlip(slip.id, next.pin, next.secret), () => {
      keepSeats(store, record.id, {
        opened: opened && {
          ...opened,
          slips: opened.slips.map((one) => (one.id === slip.id ? next : one)),
        },
      });
      notify({ text: saySeats.slipIs(nameOfStudent(slip.studentId), next.pin) });
    });
  };
  const addSeat = (id: string): void => {
    const now = session.groups.find((group) => group.id === id)?.seats ?? 0;
    act(led.setSeats(id, now + 1), () =>
      keepSeats(store, record.id, {
        groups: record.groups.map((group) =>
          group.id === id ? { ...group, seats: group.seats + 1 } : group,
        ),
      }),
    );
  };
  const person = (one: SeatPerson) => (
    <Person
      key={one.id}
      one={one}
      name={nameOf(one.id)}
      slip={slips.get(one.id)}
      {...{ bench, record, session, act, led, renew }}
    />
  );
  const [tag] = useClassLanguage(record.classId);
  const address = seatsAddress(reach?.base ?? '', opened?.code ?? '', tag);
  return (
    <>
      <section className={styles.top}>
        <div className={page.part}>
          <Time session={session} ahead={live.ahead} />
          <p
            className={styles.line}
            role="status"
            data-bad={live.line !== 'live' && live.line !== 'connecting'}
          >
            {saySeats.line[live.line]}
          </p>
          <div className={page.doings}>
            <Button variant="paper" onClick={extend}>
              {saySeats.addMinute}
            </Button>
            {session.state === 'paused' ? (
              <Button variant="paper" onClick={() => act(led.patch({ state: 'open' }))}>
                {saySeats.resume}
              </Button>
            ) : (
              <Button variant="paper" onClick={() => act(led.patch({ state: 'paused' }))}>
                {saySeats.pause}
              </Button>
            )}
            <Button variant="contained" onClick={close}>
              {saySeats.close}
            </Button>
            {live.line === 'gone' && (
              <Button
                variant="paper"
                onClick={() => keepSeats(store, record.id, { closedAt: new Date().toISOString() })}
              >
                {saySeats.over}
              </Button>
            )}
          </div>
          <p className={page.text}>{saySeats.address(address)}</p>
          {reach?.isLocal && <p className={page.hint}>{saySeats.loopback}</p>}
          <div className={page.doings}>
            <LinkButton variant="paper" href={`/c/${record.classId}/choosing`}>
              {saySeats.show}
            </LinkButton>
            <LinkButton variant="paper" href={`/c/${record.classId}/slips`}>
              {saySeats.slips}
            </LinkButton>
            <Button
              variant="plain"
              onClick={() => {
                void navigator.clipboard.writeText(address).then(() => {
                  notify({ text: saySeats.copied });
                });
              }}
            >
              {saySeats.copy}
            </Button>
            {reach?.visitors && (
              <Button variant="plain" onClick={() => act(led.invite(VISITORS_PACE))}>
                {saySeats.visitors}
              </Button>
            )}
          </div>
        </div>
        {reach && <QrCode className={styles.code} text={address} label={saySeats.addressLabel} />}
      </section>
      {seats && (
        <ul className={styles.rows} aria-label={saySeats.groups}>
          {record.groups.map((group) => {
            const inside = session.people
              .filter((one) => one.group === group.id)
              .sort((a, b) => ((a.since ?? '') < (b.since ?? '') ? -1 : 1));
            const open = session.groups.find(({ id }) => id === group.id)?.seats ?? 0;
            const taken = inside.length + group.staying.length;
            return (
              <li key={group.id} className={styles.row}>
                <Sign index={group.sign} size={26} />
                <div className={styles.about}>
                  <strong>{group.name}</strong>
                  {group.topic !== '' && <span>{group.topic}</span>}
                  <div className={styles.people}>
                    {group.staying.map((id) => (
                      <span key={id}>{nameOfStudent(id)}</span>
                    ))}
                    {inside.map(person)}
                    {taken === 0 && <small>{saySeats.nobodyYet}</small>}
                    {record.firstLeads && inside[0] && (
                      <small>
                        {nameOf(inside[0].id)} {saySeats.leads}
                      </small>
                    )}
                  </div>
                </div>
                <div className={styles.count}>
                  <span>{saySeats.left(taken, open + group.staying.length)}</span>
                  <Button
                    size="small"
                    variant="plain"
                    aria-label={saySeats.addSeatIn(group.name)}
                    onClick={() => addSeat(group.id)}
                  >
                    {saySeats.addSeat}
                  </Button>
                </div>
              </li>
            );
          })}
        </ul>
      )}
      {!seats && (
        <p>{saySeats.answered(session.people.length - unanswered.length, session.people.length)}</p>
      )}
      <Waiting
        title={seats ? saySeats.without : saySeats.unanswered}
        people={waiting.filter(({ came }) => came)}
        draw={person}
      />
      <Waiting
        title={saySeats.notCome}
        people={waiting.filter(({ came }) => !came)}
        draw={person}
      />
      {waiting.length === 0 && seats && <p>{saySeats.everybody}</p>}
      <Log session={session} nameOf={nameOf} groups={record.groups} />
    </>
  );
}

interface WaitingProps {
  readonly title: (number: number) => string;
  readonly people: readonly SeatPerson[];
  readonly draw: (one: SeatPerson) => React.ReactNode;
}

function Waiting({ title, people, draw }: WaitingProps) {
  if (people.length === 0) return null;
  return (
    <section className={page.part}>
      <h3 className={page.subtitle}>{title(people.length)}</h3>
      <div className={styles.people}>{people.map(draw)}</div>
    </section>
  );
}

interface PersonProps extends RunningProps {
  readonly one: SeatPerson;
  readonly name: string;
  readonly slip: SeatSlip | undefined;
  readonly session: SeatsSession;
  readonly led: LedSeats;
  readonly act: (work: Promise<SeatsOutcome>) => void;
  readonly renew: (slip: SeatSlip) => void;
}

/** Somebody's name, which opens what can be done with them. */
function Person(props: PersonProps) {
  const { one, name, slip, session, record, act, led, renew } = props;
  return (
    <OpenPart label={one.locked ? `${name} · ${saySeats.locked}` : name}>
      <div className={page.editor} role="group" aria-label={saySeats.ofPerson(name)}>
        {record.kind === 'seats' && session.state !== 'closed' && <Moves {...props} />}
        {one.group !== null && (
          <Button variant="paper" onClick={() => act(led.move(one.id, null))}>
            {saySeats.takeOut}
          </Button>
        )}
        {slip && (
          <Button variant="plain" onClick={() => renew(slip)}>
            {saySeats.newSlip}
          </Button>
        )}
      </div>
    </OpenPart>
  );
}

function Moves({ one, slip, session, record, bench, act, led }: PersonProps) {
  const closed = useMemo(() => {
    const seats = Object.fromEntries(
      session.people.flatMap(({ id, group }) => (group === null ? [] : [[id, group] as const])),
    );
    const who: StudentId[] = slip ? [slip.studentId] : [];
    const all = closedGroups(
      choosingBench(bench, record),
      who,
      record.groups,
      seatedIn(record, seats),
    );
    return slip ? all.get(slip.studentId) : undefined;
  }, [session.people, record, bench, slip]);
  return record.groups.flatMap((group, row) => {
    const seats = session.groups.find(({ id }) => id === group.id)?.seats ?? 0;
    const left = seats - session.people.filter((other) => other.group === group.id).length;
    if (left < 1 || one.group === group.id) return [];
    return [
      <Button key={group.id} variant="paper" onClick={() => act(led.move(one.id, group.id))}>
        {saySeats.moveTo(group.name, left)}
        {closed?.has(row) ? ` · ${saySeats.breaks}` : ''}
      </Button>,
    ];
  });
}

function Time({ session, ahead }: { readonly session: SeatsSession; readonly ahead: number }) {
  const { state, endsAt } = session;
  const now = useNow(endsAt === null ? null : Date.parse(endsAt) - ahead) + ahead;
  const words = (): string => {
    if (state === 'closed') return saySeats.isClosed;
    if (state === 'paused') return saySeats.isPaused;
    if (endsAt === null) return saySeats.isOpen;
    const left = Math.max(0, Math.round((Date.parse(endsAt) - now) / 1000));
    return saySeats.until(
      saySeats.clock(Date.parse(endsAt) - ahead),
      left > 90 ? saySeats.minutesLeft(Math.ceil(left / 60)) : saySeats.secondsLeft(left),
    );
  };
  return (
    <p className={styles.time} data-state={state}>
      {words()}
    </p>
  );
}

/** What was last seen, until the seats tell how it is now. */
function lastSeen({ opened, seats, wishes, groups }: SeatSessionRecord): SeatsSession {
  return {
    ...{ id: opened?.sessionId ?? '', code: opened?.code ?? '', state: 'open', endsAt: null },
    ...{ revision: 0, log: [], now: '', lastEvent: '' },
    groups: groups.map(({ id, seats: most, staying }) => ({ id, seats: most - staying.length })),
    people: (opened?.slips ?? []).map(({ id }) => ({
      ...{ id, group: seats[id] ?? null, since: null, came: false, locked: false },
      wishes: wishes[id] ?? [],
    })),
  };
}
