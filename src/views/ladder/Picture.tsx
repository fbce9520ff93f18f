'use client';

import { useState, type CSSProperties } from 'react';
import { placeOf, type Mastery } from '@/encode/mastery';
import { spokenOrder } from '@/messages/speaking';
import { sayLadder } from '@/messages/ladder';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { StudentRecord } from '@/schema/student';
import type { NameOf } from '../frame/names';
import { LinkButton } from '../primitives/LinkButton';
import { Sign } from '../primitives/Sign';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';
import type { FocusedGroup } from '../frame/useLedGroups';

/** What is looked at more closely. */
export type Looked =
  | { readonly of: 'student'; readonly id: StudentId }
  | { readonly of: 'group'; readonly sign: number; readonly name: string }
  | null;

interface PictureProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly mastery: Mastery;
  readonly students: readonly StudentRecord[];
  readonly nameOf: NameOf;
  readonly groups: readonly FocusedGroup[];
  readonly looked: Looked;
  readonly onLook: (looked: Looked) => void;
}

/** So many names stand at a rung before the others are asked for. */
const MOST_NAMES = 14;

/**
 * The skills along a line, everybody under the one they need next; below, for each group, a line over the stretch where
 * its members stand, with the skills that it works on as diamonds.
 */
export function Picture(props: PictureProps) {
  const { theClass, lineup, mastery, students, nameOf, groups, looked, onLook } = props;
  const { ladder } = mastery;
  const [opened, setOpened] = useState<readonly number[]>([]);
  const placeOfStudent = new Map(students.map((one) => [one.id, placeOf(mastery.of(one))]));
  const unknown = ladder.length + 1;
  const at = (id: StudentId): number => placeOfStudent.get(id) ?? unknown;
  const titles = [
    ...ladder.map(({ name }, place) => sayLadder.rung(place + 1, name)),
    sayLadder.top,
    sayLadder.unknown,
  ];
  const columns = titles
    .map((title, place) => ({
      ...{ title, place },
      here: students
        .filter(({ id }) => at(id) === place)
        .sort((a, b) => spokenOrder(nameOf(a.id), nameOf(b.id))),
    }))
    // Where everybody is known there is no column for those who are not.
    .filter(({ place, here }) => place !== unknown || here.length > 0);
  const group = groups.find(
    ({ sign, name }) => looked?.of === 'group' && looked.sign === sign && looked.name === name,
  );
  const members = new Set(group?.studentIds);
  const stretches = groups
    .map((one) => {
      const places = one.studentIds.flatMap((id) => placeOfStudent.get(id) ?? []);
      // A group of whom nothing is known stands where those without results do.
      const ends = places.length > 0 ? places : [columns.length - 1];
      return { ...one, from: Math.min(...ends), to: Math.max(...ends) };
    })
    .sort((a, b) => a.from - b.from || a.to - b.to);
  return (
    <section aria-label={sayLadder.picture} className={styles.picture}>
      <div
        className={styles.scroll}
        role="region"
        aria-label={sayLadder.picture}
        tabIndex={0}
        style={{ '--columns': columns.length } as CSSProperties}
      >
        <ol className={styles.rungs}>
          {columns.map(({ title, place, here }) => {
            const all = here.length <= MOST_NAMES + 1 || opened.includes(place);
            const shown = all ? here : here.slice(0, MOST_NAMES);
            return (
              <li
                key={place}
                className={styles.rung}
                data-kind={place < ladder.length ? 'skill' : place === unknown ? 'unknown' : 'top'}
                data-lit={group?.focus.includes(ladder[place]?.name ?? '') ? '' : undefined}
              >
                <div className={styles.skill}>
                  <b>{title}</b>
                  <small>{sayLadder.standsAt(here.length)}</small>
                </div>
                <ul className={styles.names}>
                  {shown.map(({ id }) => (
                    <li key={id}>
                      <button
                        type="button"
                        className={styles.mark}
                        data-member={members.has(id) || undefined}
                        aria-pressed={looked?.of === 'student' && looked.id === id}
                        aria-label={sayLadder.studentAt(nameOf(id), title)}
                        onClick={() =>
                          onLook(
                            looked?.of === 'student' && looked.id === id
                              ? null
                              : { of: 'student', id },
                          )
                        }
                      >
                        {nameOf(id)}
                      </button>
                    </li>
                  ))}
                  {!all && (
                    <li>
                      <button
                        type="button"
                        className={styles.mark}
                        onClick={() => setOpened([...opened, place])}
                      >
                        {sayLadder.moreHere(here.length - shown.length)}
                      </button>
                    </li>
                  )}
                </ul>
              </li>
            );
          })}
        </ol>
        {groups.length > 0 && (
          <ul className={styles.brackets} aria-label={sayLadder.groups(lineup.name)}>
            {stretches.map(({ name, sign, focus, from, to }) => {
              const chosen = group?.sign === sign && group.name === name;
              return (
                <li key={`${sign} ${name}`} className={styles.bracket}>
                  <button
                    type="button"
                    className={styles.stretch}
                    style={{ gridColumn: `${from + 1} / ${to + 2}` }}
                    aria-pressed={chosen}
                    aria-label={sayLadder.group(name, titles[from] ?? '', titles[to] ?? '', focus)}
                    onClick={() => onLook(chosen ? null : { of: 'group', sign, name })}
                  >
                    <Sign index={sign} size={15} /> {name}
                  </button>
                  {ladder.map((skill, place) =>
                    focus.includes(skill.name) ? (
                      <i key={skill.id} style={{ gridColumn: place + 1 }} aria-hidden="true" />
                    ) : null,
                  )}
                </li>
              );
            })}
          </ul>
        )}
      </div>
      {groups.length > 0 ? (
        <p className={page.hint}>{sayLadder.groupsKey}</p>
      ) : (
        <p className={page.hint}>
          {sayLadder.noGroups}{' '}
          <LinkButton size="small" variant="line" href={`/c/${theClass.id}/groups`}>
            {sayLadder.toGroups}
          </LinkButton>
        </p>
      )}
    </section>
  );
}
