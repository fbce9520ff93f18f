'use client';

import LockOpenRounded from '@mui/icons-material/LockOpenRounded';
import LockRounded from '@mui/icons-material/LockRounded';
import { useMemo, useState } from 'react';
import {
  afterChanges,
  beyondAll,
  giveLeads,
  leadTroubles,
  troublesOf,
  wayOutOf,
  type LeadChange,
  type Leading,
  type Leads,
  type LeadTrouble,
} from '@/encode/leads';
import { sayAdults } from '@/messages/adults';
import type { ClassRecord } from '@/schema/classRecord';
import { AdultId, PeriodId, type StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { Lead } from '@/schema/plan';
import { putAdults, setLeads } from '@/store/actions/adults';
import { changePlan } from '@/store/actions/stage';
import { useStore } from '@/store/react';
import type { NameOf } from '../frame/names';
import type { FocusedGroup } from '../frame/useLedGroups';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { CheckList } from '../primitives/CheckList';
import { OpenPart } from '../primitives/OpenPart';
import { Select } from '../primitives/Select';
import { Sign } from '../primitives/Sign';
import page from '../frame/SidePage.module.css';
import styles from './Adults.module.css';

interface GroupLeadsProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly groups: readonly FocusedGroup[];
  readonly leading: Leading;
  readonly leads: Leads;
  readonly meetAt: readonly PeriodId[] | null;
  readonly nameOf: NameOf;
}

const OPEN: Lead = { adultId: null, periodId: null, locked: false };

/** Who leads each group and when: given to all at once, or by hand with what that would mean. */
export function GroupLeads(props: GroupLeadsProps) {
  const { theClass, lineup, groups, leading, leads, meetAt, nameOf } = props;
  const store = useStore();
  const told = useTold();
  /** Whether it was tried to give every group an adult: what is missing then is said, with the way out. */
  const [tried, setTried] = useState(false);
  const { adults } = leading;
  const troubles = leadTroubles(leading, leads);
  const without = groups.filter(({ key }) => !adults.some(({ id }) => id === leads[key]?.adultId));
  const anyGiven = without.length < groups.length;
  const adultName = (id: AdultId): string => adults.find((one) => one.id === id)?.name ?? '';
  const periodName = (id: PeriodId): string =>
    theClass.periods.find((one) => one.id === id)?.name ?? '';
  const groupName = (key: string): string => groups.find((one) => one.key === key)?.name ?? '';
  const give = (of: Leading): void => {
    const { leads: next, without: missing } = giveLeads(of, leads);
    setLeads(store, lineup.id, () => next);
    setTried(true);
    told(sayAdults.given(groups.length, missing.length));
  };
  const change = (key: string, next: Partial<Lead>): void =>
    setLeads(store, lineup.id, (all) => ({ ...all, [key]: { ...(all[key] ?? OPEN), ...next } }));
  /** Whoever is chosen comes at a time they can, where none was settled before. */
  const choose = (key: string, adultId: AdultId | null): void => {
    const adult = adults.find(({ id }) => id === adultId);
    const settled = leads[key]?.periodId ?? null;
    const free = leading.periods.find((id) => adult?.times.includes(id)) ?? null;
    change(key, { adultId, periodId: settled ?? free });
  };
  const saysOf = (found: readonly LeadTrouble[]): readonly string[] =>
    found.map((trouble) => troubleWords(trouble, nameOf));
  /** What is wrong with a group's lead if it were this one. */
  const effect = (group: FocusedGroup, next: Partial<Lead>): readonly string[] => {
    const lead = { ...(leads[group.key] ?? OPEN), ...next };
    return saysOf(troublesOf(leading, { ...leads, [group.key]: lead }, group));
  };
  return (
    <section className={`${page.part} ${styles.below}`} aria-label={sayAdults.groups(lineup.name)}>
      <h3 className={page.subtitle}>{sayAdults.groups(lineup.name)}</h3>
      <div className={page.doings}>
        <Button
          variant={anyGiven ? 'paper' : 'contained'}
          disabled={adults.length === 0 || leading.periods.length === 0}
          onClick={() => give(leading)}
        >
          {anyGiven ? sayAdults.giveAgain : sayAdults.give}
        </Button>
        {theClass.periods.length > 0 && (
          <OpenPart label={sayAdults.meetAt(meetAt?.map(periodName) ?? null)}>
            <CheckList
              legend={sayAdults.meetAtLabel}
              options={theClass.periods.map(({ id, name }) => ({ value: id, label: name }))}
              chosen={leading.periods}
              onChange={(chosen) =>
                changePlan(store, lineup.id, () => ({
                  meetAt:
                    chosen.length === theClass.periods.length
                      ? null
                      : chosen.map((id) => PeriodId.parse(id)),
                }))
              }
            />
          </OpenPart>
        )}
        {anyGiven && (
          <Button
            size="small"
            variant="plain"
            onClick={() => {
              setTried(false);
              setLeads(store, lineup.id, (all) =>
                Object.fromEntries(Object.entries(all).filter(([, { locked }]) => locked)),
              );
              told(sayAdults.cleared);
            }}
          >
            {sayAdults.clear}
          </Button>
        )}
      </div>
      {tried && without.length > 0 && (
        <Missing
          leading={leading}
          leads={leads}
          groupName={groupName}
          adultName={adultName}
          periodName={periodName}
          nameOf={nameOf}
          onDo={(changes) => {
            const next = afterChanges(adults, changes);
            putAdults(
              store,
              next.filter((one) => !adults.includes(one)),
            );
            give({ ...leading, adults: next });
          }}
        />
      )}
      <div
        className={styles.box}
        role="region"
        aria-label={sayAdults.groups(lineup.name)}
        tabIndex={0}
      >
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">{sayAdults.group}</th>
              {groups.some(({ focus }) => focus.length > 0) && (
                <th scope="col" className={styles.works}>
                  {sayAdults.works}
                </th>
              )}
              <th scope="col">{sayAdults.when}</th>
              <th scope="col">{sayAdults.who}</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {groups.map((group) => {
              const { key, name, sign, focus } = group;
              const lead = leads[key] ?? OPEN;
              const said = saysOf(troubles[key] ?? []);
              return (
                <tr key={key}>
                  <th scope="row">
                    <Sign index={sign} size={16} /> {name}
                  </th>
                  {groups.some((one) => one.focus.length > 0) && (
                    <td className={styles.works}>{focus.join(', ')}</td>
                  )}
                  <td>
                    <Select
                      quiet
                      label={sayAdults.whenOf(name)}
                      value={lead.periodId ?? ''}
                      options={[
                        { value: '', label: sayAdults.noTimeYet },
                        ...theClass.periods.map((period) => ({
                          value: period.id,
                          label: sayAdults.with(
                            period.name,
                            lead.adultId === null || lead.periodId === period.id
                              ? []
                              : effect(group, { periodId: period.id }),
                          ),
                        })),
                      ]}
                      onChange={(id) =>
                        change(key, { periodId: id === '' ? null : PeriodId.parse(id) })
                      }
                    />
                  </td>
                  <td>
                    <Select
                      quiet
                      label={sayAdults.whoOf(name)}
                      value={
                        adults.some(({ id }) => id === lead.adultId) ? (lead.adultId ?? '') : ''
                      }
                      options={[
                        { value: '', label: sayAdults.nobody },
                        ...adults.map((adult) => ({
                          value: adult.id,
                          label: sayAdults.with(
                            adult.name,
                            lead.adultId === adult.id ? [] : effect(group, { adultId: adult.id }),
                          ),
                        })),
                      ]}
                      onChange={(id) => choose(key, id === '' ? null : AdultId.parse(id))}
                    />
                    {said.length > 0 && <small className={styles.issue}>{said.join('; ')}</small>}
                  </td>
                  <td>
                    <label className={styles.hold}>
                      <input
                        type="checkbox"
                        aria-label={sayAdults.hold(name)}
                        title={sayAdults.hold(name)}
                        checked={lead.locked}
                        onChange={({ target }) => change(key, { locked: target.checked })}
                      />
                      {lead.locked ? (
                        <LockRounded fontSize="small" />
                      ) : (
                        <LockOpenRounded fontSize="small" />
                      )}
                    </label>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function troubleWords(trouble: LeadTrouble, nameOf: (id: StudentId) => string): string {
  const words = sayAdults.trouble;
  switch (trouble.code) {
    case 'cannotThen':
      return words.cannotThen;
    case 'tooMany':
      return words.tooMany(trouble.given, trouble.atOnce);
    case 'never':
      return words.never(trouble.studentIds.map(nameOf));
    case 'notTaught':
      return words.notTaught(trouble.skills);
    default:
      return trouble satisfies never;
  }
}

interface MissingProps {
  readonly leading: Leading;
  readonly leads: Leads;
  readonly groupName: (key: string) => string;
  readonly adultName: (id: AdultId) => string;
  readonly periodName: (id: PeriodId) => string;
  readonly nameOf: NameOf;
  readonly onDo: (changes: readonly LeadChange[]) => void;
}

/** Which groups have to do without an adult, why, and the least that would change it. */
function Missing(props: MissingProps) {
  const { leading, leads, groupName, adultName, periodName, nameOf, onDo } = props;
  const { without, short } = useMemo(() => giveLeads(leading, leads), [leading, leads]);
  const wayOut = useMemo(() => wayOutOf(leading, leads), [leading, leads]);
  const impossible = beyondAll(leading, leads);
  if (without.length === 0) return null;
  const said = (change: LeadChange): string => {
    const adult = adultName(change.adultId);
    if (change.what === 'time') return sayAdults.change.time(adult, periodName(change.periodId));
    if (change.what === 'atOnce') return sayAdults.change.atOnce(adult);
    return sayAdults.change.letLead(adult, change.studentIds.map(nameOf));
  };
  const inTheWay = short.keys.filter((key) => !impossible.includes(key));
  return (
    <div role="status" className={styles.missing}>
      {impossible.map((key) => (
        <p key={key}>{sayAdults.impossible(groupName(key))}</p>
      ))}
      {inTheWay.length > 0 && (
        <p>
          {sayAdults.short(
            inTheWay.map(groupName),
            short.adultIds.map(adultName),
            without.length - impossible.length,
          )}
        </p>
      )}
      {wayOut === null ? (
        <p>{sayAdults.noWayOut}</p>
      ) : (
        <>
          <p>
            <b>{sayAdults.wayOut}</b>
          </p>
          <ul>
            {wayOut.map((change, at) => (
              <li key={at}>{said(change)}</li>
            ))}
          </ul>
          <div>
            <Button size="small" variant="contained" onClick={() => onDo(wayOut)}>
              {sayAdults.doThat}
            </Button>
          </div>
        </>
      )}
      <p>{sayAdults.fewer(without.length)}</p>
    </div>
  );
}
