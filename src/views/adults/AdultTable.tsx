'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { lazily } from '../primitives/lazily';
import type { Bench } from '@/encode/bench';
import { readPeriod } from '@/formats/periods';
import { sayAdults } from '@/messages/adults';
import { MOST_AT_ONCE, type AdultRecord } from '@/schema/adult';
import type { ClassRecord, Period } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import {
  addAdult,
  addAdults,
  addPeriod,
  editAdult,
  editPeriod,
  removeAdult,
  removePeriod,
} from '@/store/actions/adults';
import type { ActionLabel } from '@/store/history';
import { useStore } from '@/store/react';
import { usePutBack } from '../frame/usePutBack';
import { useTold } from '../frame/useTold';
import { AddNamed } from '../primitives/AddNamed';
import { Button } from '../primitives/Button';
import { CheckList } from '../primitives/CheckList';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import { Opening } from '../primitives/Opening';
import { Select } from '../primitives/Select';
import page from '../frame/SidePage.module.css';
import styles from './Adults.module.css';

/** Loaded with the first student that is named. */
const StudentEntry = lazily(() =>
  import('../frame/StudentEntry').then((module) => module.StudentEntry),
);

const OF_ADULTS: ReadonlySet<ActionLabel> = new Set(['editAdults']);

interface AdultTableProps {
  readonly theClass: ClassRecord;
  readonly adults: readonly AdultRecord[];
  /** Under the names that are shown. */
  readonly students: readonly StudentRecord[];
  readonly bench: Bench;
}

/** A row for each adult: when they can, how many groups at once, what they teach, whom they do not lead, and where. */
export function AdultTable({ theClass, adults, students, bench }: AdultTableProps) {
  const store = useStore();
  const told = useTold();
  const { periods, staff } = theClass;
  const missing = staff.filter(({ name }) => !adults.some((one) => one.name === name));
  return (
    <section className={`${page.part} ${styles.below}`} aria-label={sayAdults.adults}>
      <h3 className={page.subtitle}>{sayAdults.adults}</h3>
      {(adults.length > 0 || periods.length > 0) && (
        <div className={styles.box} role="region" aria-label={sayAdults.adults} tabIndex={0}>
          <table className={styles.table}>
            <thead>
              <tr>
                <th scope="col">{sayAdults.who}</th>
                {periods.map((period) => (
                  <th key={period.id} scope="col">
                    <PeriodHead classId={theClass.id} period={period} />
                  </th>
                ))}
                <th scope="col">{sayAdults.atOnce}</th>
                <th scope="col">{sayAdults.teaches}</th>
                <th scope="col">{sayAdults.never}</th>
                <th scope="col">{sayAdults.room}</th>
                <td />
              </tr>
            </thead>
            <tbody>
              {adults.map((adult) => (
                <tr key={adult.id}>
                  <th scope="row">
                    <InPlaceText
                      value={adult.name}
                      label={sayAdults.name}
                      onChange={(name) => editAdult(store, adult.id, { name })}
                    />
                    <small>
                      <InPlaceText
                        value={adult.email}
                        label={sayAdults.email(adult.name)}
                        placeholder={sayAdults.noAddress}
                        mayBeEmpty
                        inputMode="email"
                        onChange={(email) => editAdult(store, adult.id, { email })}
                      />
                      {adult.times.length === 0 && (
                        <span className={styles.issue}>{sayAdults.noTime}</span>
                      )}
                    </small>
                  </th>
                  {periods.map(({ id, name }) => (
                    <td key={id} className={styles.can}>
                      <label>
                        <input
                          type="checkbox"
                          aria-label={sayAdults.can(adult.name, name)}
                          checked={adult.times.includes(id)}
                          onChange={({ target }) =>
                            editAdult(store, adult.id, {
                              times: target.checked
                                ? [...adult.times, id]
                                : adult.times.filter((one) => one !== id),
                            })
                          }
                        />
                      </label>
                    </td>
                  ))}
                  <td>
                    <Select
                      quiet
                      label={sayAdults.atOnceOf(adult.name)}
                      value={String(adult.atOnce)}
                      options={Array.from({ length: MOST_AT_ONCE }, (_, at) => ({
                        ...{ value: String(at + 1), label: String(at + 1) },
                      }))}
                      onChange={(atOnce) => editAdult(store, adult.id, { atOnce: Number(atOnce) })}
                    />
                  </td>
                  <td>
                    <Teaches adult={adult} skills={bench.mastery.ladder.map(({ name }) => name)} />
                  </td>
                  <td>
                    <Never adult={adult} students={students} />
                  </td>
                  <td>
                    <InPlaceText
                      value={adult.room}
                      label={sayAdults.roomOf(adult.name)}
                      placeholder={sayAdults.noRoom}
                      mayBeEmpty
                      onChange={(room) => editAdult(store, adult.id, { room })}
                    />
                  </td>
                  <td>
                    <IconPress
                      label={sayAdults.remove(adult.name)}
                      onPress={() => {
                        removeAdult(store, adult.id);
                        told(sayAdults.removed(adult.name));
                      }}
                    >
                      <CloseRounded fontSize="small" />
                    </IconPress>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <div className={page.doings}>
        <AddNamed
          action={sayAdults.add}
          label={sayAdults.name}
          className={page.field}
          onAdd={(name) => addAdult(store, theClass.id, { name })}
        />
        <AddNamed
          action={sayAdults.addTime}
          label={sayAdults.time}
          className={page.field}
          onAdd={(text) => addPeriod(store, theClass.id, readPeriod(text))}
        />
        {missing.length > 0 && (
          <Button
            size="small"
            variant="paper"
            onClick={() =>
              addAdults(
                store,
                theClass.id,
                missing.map(({ name, email }) => ({ name, email: email ?? '' })),
              )
            }
          >
            {sayAdults.fromStaff(missing.map(({ name }) => name))}
          </Button>
        )}
      </div>
    </section>
  );
}

interface PeriodHeadProps {
  readonly classId: ClassRecord['id'];
  readonly period: Period;
}

/** A time of the week: its name, which says its day and hours as well, and the way to be rid of it. */
function PeriodHead({ classId, period }: PeriodHeadProps) {
  const store = useStore();
  const told = useTold();
  const { id, name, day, from, to } = period;
  const known = readPeriod(name);
  const hours = sayAdults.hours(day === null ? null : (sayAdults.days[day] ?? null), from, to);
  return (
    <>
      <InPlaceText
        value={name}
        label={sayAdults.renameTime}
        onChange={(text) => {
          const next = readPeriod(text);
          // A name that says nothing of day or hours leaves those that were known.
          const says = next.day !== null || next.from !== null;
          editPeriod(store, classId, id, says ? next : { name: next.name });
        }}
      />
      <IconPress
        label={sayAdults.removeTime(name)}
        onPress={() => {
          removePeriod(store, classId, id);
          told(sayAdults.removedTime(name));
        }}
      >
        <CloseRounded fontSize="inherit" />
      </IconPress>
      {known.from !== from || known.day !== day ? <small>{hours}</small> : null}
    </>
  );
}

interface TeachesProps {
  readonly adult: AdultRecord;
  readonly skills: readonly string[];
}

function Teaches({ adult, skills }: TeachesProps) {
  const store = useStore();
  const takesBack = usePutBack(OF_ADULTS);
  const label = sayAdults.teachesOf(adult.name, adult.skills);
  return (
    <Opening
      takesBack={takesBack}
      label={label}
      button={(props) => (
        <button type="button" className={page.said} aria-label={label} {...props}>
          {sayAdults.teachesShort(adult.skills.length)}
        </button>
      )}
    >
      {skills.length === 0 ? (
        <p>{sayAdults.noSkills}</p>
      ) : (
        <CheckList
          legend={sayAdults.teachesHint}
          options={skills.map((value) => ({ value, label: value }))}
          chosen={adult.skills}
          onChange={(chosen) => editAdult(store, adult.id, { skills: [...chosen] })}
        />
      )}
    </Opening>
  );
}

interface NeverProps {
  readonly adult: AdultRecord;
  readonly students: readonly StudentRecord[];
}

function Never({ adult, students }: NeverProps) {
  const store = useStore();
  const takesBack = usePutBack(OF_ADULTS);
  const named = students.filter(({ id }) => adult.never.includes(id));
  const label = sayAdults.neverOf(
    adult.name,
    named.map(({ name }) => name),
  );
  return (
    <Opening
      takesBack={takesBack}
      label={label}
      button={(props) => (
        <button type="button" className={page.said} aria-label={label} {...props}>
          {sayAdults.neverShort(named.length)}
        </button>
      )}
    >
      <div className={page.editor}>
        <p className={page.hint}>{sayAdults.neverHint}</p>
        {named.length > 0 && (
          <ul className={page.doings}>
            {named.map(({ id, name }) => (
              <li key={id}>
                <Button
                  size="small"
                  variant="paper"
                  aria-label={sayAdults.neverDrop(name)}
                  onClick={() =>
                    editAdult(store, adult.id, { never: adult.never.filter((one) => one !== id) })
                  }
                >
                  {name} ✕
                </Button>
              </li>
            ))}
          </ul>
        )}
        <StudentEntry
          key={named.length}
          label={sayAdults.neverAdd}
          students={students.filter(({ id, left }) => left === null && !adult.never.includes(id))}
          focused={false}
          onPick={({ id }) => editAdult(store, adult.id, { never: [...adult.never, id] })}
        />
      </div>
    </Opening>
  );
}
