'use client';

import { lazily } from '../primitives/lazily';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import * as z from 'zod/mini';
import { clockUntil } from '@/encode/conducting';
import { countParted, separations } from '@/encode/separations';
import { groupsAsRooms, seatedAlike } from '@/encode/roomsTake';
import { sayLive } from '@/messages/live';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { ReceiptRecord } from '@/schema/receipt';
import type { Setting } from '@/schema/setting';
import type { LivePerson, Room } from '@/services/rooms/contract';
import { conduct } from '@/store/actions/stage';
import { addTake } from '@/store/actions/takes';
import { shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useSetting } from '../frame/useDraft';
import { isKey, KEYS } from '../frame/keyMap';
import { useKeys } from '../frame/useKeys';
import { useNamesByAddress, type NamesByAddress } from '../frame/useNamesByAddress';
import { useStable } from '../frame/useStable';
import { useTold } from '../frame/useTold';
import { useAsk } from '../primitives/asking';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { NameField } from '../primitives/NameField';
import { useNotices } from '../primitives/notices';
import { roveAmong } from '../primitives/roving';
import { Switch } from '../primitives/Switch';
import { TokenField } from '../frame/TokenField';
import { Needs } from './Needs';
import { byVisit, countOf } from './liveFacts';
import { RoomRow } from './RoomRow';
import styles from './Rooms.module.css';
import { Sayings } from './Sayings';
import { TimeBand } from './TimeBand';
import { seatsOf, type PlacedRoom } from './seats';
import { useBoard, type Place } from './useBoard';

/** Asks what the class is judged by, so it comes behind the first painting. */
const Latecomers = lazily(() => import('./Latecomers').then((module) => module.Latecomers));

/** Moments of the teacher's visits to the rooms of a session, in ms. */
const VISITS: Setting<{ readonly session: string; readonly at: Readonly<Record<string, number>> }> =
  {
    name: 'roomVisits',
    shape: z.object({ session: z.string(), at: z.record(z.string(), z.number()) }),
    usual: { session: '', at: {} },
  };
const STAGE_CLOCK: Setting<boolean> = {
  name: 'roomsStageClock',
  shape: z.boolean(),
  usual: false,
};

type KeptRooms = NonNullable<NonNullable<ReceiptRecord['service']>['session']>['rooms'];

interface LiveBoardProps {
  readonly place: Place;
  /** Of the service, as it was entered. */
  readonly address: string;
  /** The rooms that the receipt tells of, with the groups that they were made for. */
  readonly kept: KeptRooms;
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly title: ReactNode;
  /** Another token is to be given. */
  readonly onToken: (token: string) => void;
}

/** Rooms while they run: who is where, what needs the teacher, time, moves and messages. */
export function LiveBoard(props: LiveBoardProps) {
  const { place, address, kept, theClass, lineup, title, onToken } = props;
  const words = sayLive.rooms;
  const { seen, line, act } = useBoard(place);
  const { announce, notify } = useNotices();
  const shown = useNamesByAddress(theClass.id, lineup);
  const [visits, setVisits] = useSetting(VISITS, theClass.id);
  const visitedAt = visits.session === place.sessionId ? visits.at : NO_VISITS;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [writingTo, setWritingTo] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const sheet = useRef<HTMLOListElement>(null);
  const session = seen?.session;
  const rooms = session?.rooms ?? NO_ROOMS;
  const order = useMemo(() => inOrder(rooms, kept), [rooms, kept]);
  const inside = useMemo(() => whereIs(order), [order]);
  const picked = useMemo(
    () => chosen.flatMap((email) => inside.get(email) ?? []),
    [chosen, inside],
  );
  const nameOf = shown.nameOf;

  const toggle = useStable((email: string, more: boolean): void => {
    const has = chosen.includes(email);
    if (more) setChosen(has ? chosen.filter((one) => one !== email) : [...chosen, email]);
    else setChosen(has && chosen.length === 1 ? [] : [email]);
  });
  const move = (moves: readonly { email: string; to: string }[], text: string): void => {
    const back = moves.flatMap(({ email }) => {
      const from = inside.get(email)?.room.id;
      return from === undefined ? [] : [{ email, to: from }];
    });
    setChosen([]);
    act(
      (live) => live.move(moves),
      () =>
        notify({
          text,
          action: { label: words.takeBack, run: () => act((live) => live.move(back)) },
        }),
    );
  };
  const moveTo = useStable((room: Room): void => {
    const going = picked.filter((one) => one.room.id !== room.id);
    if (going.length === 0) return;
    const names = going.map(({ person }) => nameOf(person));
    move(
      going.map(({ person }) => ({ email: person.email, to: room.id })),
      words.moved(names, room.name),
    );
  });
  const swap = (): void => {
    const [one, two] = picked;
    if (!one || !two || picked.length !== 2 || one.room.id === two.room.id) return;
    move(
      [
        { email: one.person.email, to: two.room.id },
        { email: two.person.email, to: one.room.id },
      ],
      words.swapped(nameOf(one.person), nameOf(two.person)),
    );
  };
  const visit = useStable((room: Room): void => {
    const at = { ...visitedAt, [room.id]: Date.now() };
    setVisits({ session: place.sessionId, at });
    // Whether the service cares that a teacher is there is its own matter.
    if (room.asking) act((live) => live.visit(room.id).then(() => null));
    const link = linkOf(room, address);
    if (link !== null) window.open(link, '_blank', 'noopener,noreferrer');
  });
  const write = useStable((room: Room): void => setWritingTo(room.id));
  const remove = useStable((room: Room): void => act((live) => live.removeRoom(room.id)));
  useKeys({
    toRow: ({ key }) => {
      const room = order[Number(key) - 1]?.room;
      if (room) moveTo(room);
    },
    swap,
    done: () => setChosen([]),
    visit: () => {
      const [first] = byVisit(
        order.map(({ room }) => room),
        visitedAt,
      );
      if (!first) return;
      visit(first);
      announce(words.visit(first.name));
    },
  });
  useStageClock(theClass, seen);

  if (line === 'token') {
    return (
      <div className={styles.board}>
        {title}
        <TokenField
          text={`${words.line.token} ${words.address(address)}`}
          label={words.token}
          go={words.look}
          onToken={onToken}
        />
      </div>
    );
  }
  const back = (
    <LinkButton variant="paper" href={`/c/${theClass.id}/handoff`}>
      {words.back}
    </LinkButton>
  );
  if (!session) {
    return (
      <div className={styles.board}>
        {title}
        <p role="status">{words.line[line]}</p>
        <div>{back}</div>
      </div>
    );
  }
  const { here, of } = countOf(rooms);
  const open = session.state === 'open';
  return (
    <div className={styles.board}>
      <div className={styles.head}>
        {title}
        <p className={styles.line} data-line={line} role="status">
          {words.line[line]}
        </p>
        {back}
      </div>
      <TimeBand session={session} ahead={seen.ahead} act={act} count={words.here(here, of)}>
        <StageClockSwitch theClass={theClass} />
      </TimeBand>
      <Needs session={session} ahead={seen.ahead} nameOf={nameOf} onVisit={visit} />
      <div className={styles.sides}>
        <section aria-label={words.headings.room} className={styles.rooms}>
          <Picked
            names={picked.map(({ person }) => nameOf(person))}
            swaps={picked.length === 2 && picked[0]?.room !== picked[1]?.room}
            onSwap={swap}
            onLeave={() => setChosen([])}
          />
          <div className={styles.headings} aria-hidden="true">
            <span>{words.headings.room}</span>
            <span className={styles.who}>
              <span>{words.headings.inside}</span>
              <span>{words.headings.missing}</span>
            </span>
            <span className={styles.number}>{words.headings.here}</span>
            <span>{words.headings.you}</span>
          </div>
          <ol
            ref={sheet}
            className={styles.sheet}
            onKeyDown={(event) => {
              if (!isKey('look', event) || !sheet.current) return;
              if (roveAmong(chipsIn(sheet.current), event.key)) event.preventDefault();
            }}
          >
            {order.map(({ room, sign }, row) => (
              <RoomRow
                key={room.id}
                room={room}
                sign={sign}
                place={row + 1}
                nameOf={nameOf}
                chosen={chosenIn(room, chosen)}
                target={picked.length > 0 && picked.some((one) => one.room.id !== room.id)}
                visitedAt={visitedAt[room.id] ?? null}
                visits={linkOf(room, address) !== null}
                open={session.state === 'open' || session.state === 'closing'}
                onToggle={toggle}
                onMoveHere={moveTo}
                onVisit={visit}
                onWrite={write}
                onRemove={remove}
              />
            ))}
          </ol>
          {adding ? (
            <NameField
              value=""
              label={words.newRoom}
              className={styles.newRoom}
              onDone={(name) => {
                setAdding(false);
                if (name !== null) act((live) => live.addRoom(name));
              }}
            />
          ) : (
            session.state !== 'closed' && (
              <div>
                <Button variant="paper" size="small" onClick={() => setAdding(true)}>
                  {words.add}
                </Button>
              </div>
            )
          )}
          {session.state !== 'closed' && (
            <Latecomers theClass={theClass} lineup={lineup} rooms={order} names={shown} act={act} />
          )}
          <TakeBack lineup={lineup} rooms={order} names={shown} />
        </section>
        <Sayings
          classId={theClass.id}
          session={session}
          ahead={seen.ahead}
          to={writingTo}
          onTo={setWritingTo}
          shownFrom={shown.from}
          act={act}
          open={open}
        />
      </div>
    </div>
  );
}

const NO_ROOMS: readonly Room[] = [];
const NO_VISITS: Readonly<Record<string, number>> = {};

/** Rooms in the order of their groups, those that were added behind them. */
function inOrder(rooms: readonly Room[], kept: KeptRooms): readonly PlacedRoom[] {
  const placeOf = new Map(kept.map(({ id }, at) => [id, at]));
  const keyOf = new Map(kept.map(({ id, key }) => [id, key]));
  const signs = kept.map(({ key }) => Number.parseInt(key ?? '0', 10));
  let next = Math.max(-1, ...signs) + 1;
  return [...rooms]
    .sort((a, b) => (placeOf.get(a.id) ?? Infinity) - (placeOf.get(b.id) ?? Infinity) || 0)
    .map((room) => {
      const key = keyOf.get(room.id) ?? null;
      return { room, key, sign: key === null ? next++ : Number.parseInt(key, 10) };
    });
}

interface Inside {
  readonly person: LivePerson;
  readonly room: Room;
}

function whereIs(rooms: readonly PlacedRoom[]): ReadonlyMap<string, Inside> {
  return new Map(
    rooms.flatMap(({ room }) =>
      (room.people ?? []).map((person) => [person.email, { person, room }] as const),
    ),
  );
}

/** The chosen who are in a room, as one text: a row is drawn anew only when its own have changed. */
function chosenIn({ people = [] }: Room, chosen: readonly string[]): string {
  return people.flatMap(({ email }) => (chosen.includes(email) ? [email] : [])).join(' ');
}

/** Where a room is entered; null for what is no address of the web. */
function linkOf({ link }: Room, address: string): string | null {
  if (!link || !URL.canParse(link, address)) return null;
  const url = new URL(link, address);
  return /^https?:$/.test(url.protocol) ? url.href : null;
}

function chipsIn(sheet: HTMLElement): readonly (readonly HTMLElement[])[] {
  return [...sheet.children].flatMap((row) => {
    const chips = [...row.querySelectorAll<HTMLElement>('[data-chip]')];
    return chips.length === 0 ? [] : [chips];
  });
}

interface PickedProps {
  readonly names: readonly string[];
  readonly swaps: boolean;
  readonly onSwap: () => void;
  readonly onLeave: () => void;
}

/** What may be done with those who are chosen. */
function Picked({ names, swaps, onSwap, onLeave }: PickedProps) {
  const words = sayLive.rooms.select;
  if (names.length === 0) return <p className={styles.hint}>{words.none}</p>;
  return (
    <p className={styles.hint}>
      {words.some(names)}{' '}
      {swaps && (
        <Button size="small" variant="apricot" onClick={onSwap}>
          {words.swap} <kbd aria-hidden="true">{KEYS.swap.shown[0]}</kbd>
        </Button>
      )}{' '}
      <Button size="small" variant="paper" onClick={onLeave}>
        {words.leave}
      </Button>
    </p>
  );
}

interface TakeBackProps {
  readonly lineup: LineupRecord;
  readonly rooms: readonly PlacedRoom[];
  readonly names: NamesByAddress;
}

/** What was changed in the rooms, to be kept as a take of the lineup. */
function TakeBack({ lineup, rooms, names }: TakeBackProps) {
  const store = useStore();
  const told = useTold();
  const ask = useAsk();
  const words = sayLive.rooms.take;
  const take = useQuery(shownTake, lineup.id);
  const groups = useMemo(
    () => take && groupsAsRooms(take.groups, seatsOf(rooms, names)),
    [take, rooms, names],
  );
  if (!take || !groups || seatedAlike(groups, take.groups)) return null;
  const keep = (): void => {
    addTake(store, lineup.id, take.seed, groups);
    told(words.kept);
  };
  const rows = (all: typeof groups) => all.map(({ studentIds }) => studentIds);
  const parted = countParted(separations(rows(take.groups), rows(groups)));
  return (
    <div className={styles.differs}>
      <p>{words.differs}</p>
      <Button
        variant="apricot"
        size="small"
        onClick={() => {
          if (lineup.state === 'draft' || parted === 0) keep();
          else ask({ ...words.inUse, text: words.inUse.text(parted), run: keep });
        }}
      >
        {words.keep}
      </Button>
    </div>
  );
}

function StageClockSwitch({ theClass }: { readonly theClass: ClassRecord }) {
  const [follows, setFollows] = useSetting(STAGE_CLOCK, theClass.id);
  return (
    <Switch checked={follows} onChange={setFollows}>
      {sayLive.rooms.stageClock}
    </Switch>
  );
}

/** While it is asked for, the clock of the stage ends when the time in the rooms does. */
function useStageClock(
  theClass: ClassRecord,
  seen: {
    readonly session: { readonly endsAt?: string | null | undefined };
    readonly ahead: number;
  } | null,
): void {
  const store = useStore();
  const [follows] = useSetting(STAGE_CLOCK, theClass.id);
  const ends = seen?.session.endsAt
    ? Math.round(Date.parse(seen.session.endsAt) - seen.ahead)
    : null;
  useEffect(() => {
    if (!follows || ends === null) return;
    conduct(store, theClass.id, (scene) =>
      scene.clock?.endsAt === ends ? {} : clockUntil(scene, ends, Date.now()),
    );
  }, [follows, ends, store, theClass.id]);
}
