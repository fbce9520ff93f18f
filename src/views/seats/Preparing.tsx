'use client';

import { useState } from 'react';
import type { Bench } from '@/encode/bench';
import { recipeRules } from '@/encode/request';
import { choosingBench, whoChooses } from '@/encode/seats';
import { saySeats } from '@/messages/seats';
import { SectionId } from '@/schema/ids';
import {
  newSeatSession,
  SEAT_KINDS,
  type SeatGroup,
  type SeatSessionRecord,
} from '@/schema/seatSession';
import type { TakeRecord } from '@/schema/take';
import { beginSeats, changeSeats, prepareSeats } from '@/store/actions/seats';
import { useStore } from '@/store/react';
import { useTileNames } from '../frame/names';
import { randomPin, randomText } from '../frame/seatsService';
import page from '../frame/SidePage.module.css';
import { useStudents } from '../frame/students';
import { Button } from '../primitives/Button';
import { Choice } from '../primitives/Choice';
import { InPlaceText } from '../primitives/InPlaceText';
import { NumberStepper } from '../primitives/NumberStepper';
import { Select } from '../primitives/Select';
import { Sign } from '../primitives/Sign';
import { Switch } from '../primitives/Switch';
import styles from './Seats.module.css';

interface PreparingProps {
  readonly bench: Bench;
  readonly record: SeatSessionRecord | undefined;
  readonly take: TakeRecord;
}

const MINUTES = [2, 3, 5, 10, 15, 30, 60] as const;
const MOST_SEATS = 200;
const MOST_WISHES = 20;
const SECRET_LENGTH = 24;

/** Everything that is settled before the seats are opened. */
export function Preparing({ bench, record, take }: PreparingProps) {
  const store = useStore();
  const [busy, setBusy] = useState(false);
  const nameOf = useTileNames(useStudents(bench.theClass.id));
  const { theClass, lineup } = bench;
  const settings = record ?? newSeatSession(theClass.id, lineup.id, []);
  const choosers = whoChooses(bench, settings.who);
  const groups = groupsFor(take, settings, choosers);
  const places = groups.reduce(
    (sum, { seats, staying }) => sum + Math.max(0, seats - staying.length),
    0,
  );
  const inIt = new Set(bench.students.map(({ id }) => id));
  const guarded =
    settings.kind === 'seats' && recipeRules(choosingBench(bench, settings), inIt).length > 0;

  const change = (next: Partial<SeatSessionRecord>): void => {
    const id = prepareSeats(store, lineup.id, groups);
    if (id) changeSeats(store, id, () => ({ groups: [...groups], ...next }));
  };
  const changeGroup = (row: number, next: Partial<SeatGroup>): void =>
    change({ groups: groups.map((group, at) => (at === row ? { ...group, ...next } : group)) });
  const changeAll = (next: Partial<SeatGroup>): void =>
    change({ groups: groups.map((group) => ({ ...group, ...next })) });

  const open = async (): Promise<void> => {
    setBusy(true);
    const slips = choosers.map(({ id: studentId }, at) => ({
      ...{ id: `p${at + 1}`, studentId, pin: randomPin(), secret: randomText(SECRET_LENGTH) },
    }));
    const at = new Date().toISOString();
    const id = prepareSeats(store, lineup.id, groups);
    if (!id) return;
    await beginSeats(store, id, {
      opened: {
        ...{ key: randomText(SECRET_LENGTH), sessionId: '', code: '', at },
        slips,
        guarded,
      },
      groups: [...groups],
    });
  };

  const whoOptions: readonly { readonly value: string; readonly label: string }[] = [
    ...(['here', 'unplaced'] as const).map((value) => ({ value, label: saySeats.whoOf[value] })),
    ...theClass.sections.map(({ id, name }) => ({ value: id, label: saySeats.whoSection(name) })),
  ];
  const stepper = {
    ...{ lessLabel: saySeats.fewer, moreLabel: saySeats.more },
    refusal: (value: number) =>
      value < 1 || value > MOST_SEATS ? saySeats.between(1, MOST_SEATS) : null,
  };
  const same = groups[0];
  const alike = (of: 'seats' | 'least'): boolean => groups.every((one) => one[of] === same?.[of]);
  const seats = settings.kind === 'seats';
  return (
    <>
      <p className={page.text}>{saySeats.intro}</p>
      <section className={page.part}>
        <Choice
          legend={saySeats.kind}
          value={settings.kind}
          options={SEAT_KINDS.map((value) => ({ value, label: saySeats.kinds[value] }))}
          onChange={(kind) => change({ kind })}
        />
        <div className={styles.settings}>
          <Select
            label={saySeats.who}
            value={settings.who.of === 'section' ? settings.who.sectionId : settings.who.of}
            options={whoOptions}
            onChange={(value) =>
              change({
                who:
                  value === 'here' || value === 'unplaced'
                    ? { of: value }
                    : { of: 'section', sectionId: SectionId.parse(value) },
              })
            }
          />
          <Select
            label={saySeats.minutes}
            value={String(settings.minutes ?? '')}
            options={[
              ...MINUTES.map((value) => ({
                ...{ value: String(value), label: saySeats.minutesOf(value) },
              })),
              { value: '', label: saySeats.noEnd },
            ]}
            onChange={(value) => change({ minutes: value === '' ? null : Number(value) })}
          />
          {settings.kind !== 'seats' && (
            <NumberStepper
              label={saySeats.most[settings.kind]}
              labelled
              {...stepper}
              value={settings.most}
              refusal={(value) =>
                value < 1 || value > MOST_WISHES ? saySeats.between(1, MOST_WISHES) : null
              }
              onChange={(most) => change({ most })}
            />
          )}
        </div>
        {seats && (
          <div className={styles.settings}>
            <Switch checked={settings.mayChange} onChange={(on) => change({ mayChange: on })}>
              {saySeats.mayChange}
            </Switch>
            <Switch checked={settings.namesSeen} onChange={(on) => change({ namesSeen: on })}>
              {saySeats.namesSeen}
            </Switch>
            <Switch checked={settings.firstLeads} onChange={(on) => change({ firstLeads: on })}>
              {saySeats.firstLeads}
            </Switch>
            {theClass.sections.length > 1 && (
              <Switch
                checked={settings.sectionsApart}
                onChange={(on) => change({ sectionsApart: on })}
              >
                {saySeats.sectionsApart}
              </Switch>
            )}
          </div>
        )}
      </section>
      <section className={styles.go}>
        <p role="status" className={styles.enough} data-short={seats && places < choosers.length}>
          {choosers.length === 0
            ? saySeats.nobody
            : seats && places < choosers.length
              ? saySeats.short(choosers.length, places)
              : saySeats.enough(choosers.length, places)}
        </p>
        {guarded && <p className={page.hint}>{saySeats.guarded}</p>}
        <div className={page.doings}>
          <Button
            variant="contained"
            disabled={busy || choosers.length === 0}
            onClick={() => void open()}
          >
            {busy ? saySeats.opening : saySeats.open[settings.kind]}
          </Button>
        </div>
      </section>
      {settings.kind !== 'partners' && (
        <section className={page.part} aria-label={saySeats.groups}>
          <h3 className={page.subtitle}>{saySeats.groups}</h3>
          {groups.length > 1 && (
            <div className={styles.settings}>
              <span>{saySeats.all}:</span>
              <span>{saySeats.seats}</span>
              <NumberStepper
                label={saySeats.seats}
                {...stepper}
                value={
                  alike('seats') ? (same?.seats ?? 1) : Math.max(...groups.map((g) => g.seats))
                }
                onChange={(value) => changeAll({ seats: value })}
              />
              <span>{saySeats.least}</span>
              <NumberStepper
                label={saySeats.least}
                {...stepper}
                refusal={(value) =>
                  value < 0 || value > MOST_SEATS ? saySeats.between(0, MOST_SEATS) : null
                }
                value={
                  alike('least') ? (same?.least ?? 0) : Math.max(...groups.map((g) => g.least))
                }
                onChange={(value) => changeAll({ least: value })}
              />
            </div>
          )}
          <ul className={styles.rows}>
            {groups.map((group, row) => (
              <li key={group.id} className={styles.row}>
                <Sign index={group.sign} size={26} />
                <div className={styles.about}>
                  <strong>{group.name}</strong>
                  <InPlaceText
                    label={saySeats.topicOf(group.name)}
                    value={group.topic}
                    placeholder={saySeats.addTopic}
                    mayBeEmpty
                    onChange={(topic) => changeGroup(row, { topic })}
                  />
                  {group.staying.length > 0 && (
                    <small>{saySeats.already(group.staying.map((id) => nameOf(id)))}</small>
                  )}
                </div>
                <div className={styles.figures}>
                  <small>{saySeats.least}</small>
                  <NumberStepper
                    label={saySeats.leastIn(group.name)}
                    {...stepper}
                    refusal={(value) =>
                      value < 0 || value > group.seats ? saySeats.between(0, group.seats) : null
                    }
                    value={group.least}
                    onChange={(value) => changeGroup(row, { least: value })}
                  />
                  <small>{saySeats.seats}</small>
                  <NumberStepper
                    label={saySeats.seatsIn(group.name)}
                    {...stepper}
                    value={group.seats}
                    onChange={(value) => changeGroup(row, { seats: value })}
                  />
                </div>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** The groups of the take, with what was settled for each by its sign; who does not choose stays where they are. */
function groupsFor(
  { groups }: TakeRecord,
  { groups: settled }: SeatSessionRecord,
  choosers: readonly { readonly id: string }[],
): readonly SeatGroup[] {
  const choose = new Set<string>(choosers.map(({ id }) => id));
  const staying = groups.map(({ studentIds }) => studentIds.filter((id) => !choose.has(id)));
  const all = choosers.length + staying.flat().length;
  const usual = Math.max(1, Math.ceil(all / Math.max(1, groups.length)));
  return groups.map(({ name, sign }, row) => {
    const before = settled.find((one) => one.sign === sign);
    return {
      ...{ id: `g${row + 1}`, sign, name, staying: staying[row] ?? [] },
      ...{ topic: before?.topic ?? '', seats: before?.seats ?? usual, least: before?.least ?? 0 },
    };
  });
}
