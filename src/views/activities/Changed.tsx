'use client';

import {
  decided,
  maySplit,
  movedSince,
  DECISIONS,
  type Decision,
  type Moved,
} from '@/encode/activityChanges';
import { sayActivities } from '@/messages/activities';
import type { ActivityRecord } from '@/schema/activity';
import { keptGroups } from '@/schema/activity';
import type { LineupRecord } from '@/schema/lineup';
import type { TakeGroup } from '@/schema/takeGroup';
import { editActivity, setActivityGroups } from '@/store/actions/activities';
import { useStore } from '@/store/react';
import type { NameOf } from '../frame/names';
import page from '../frame/SidePage.module.css';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import styles from './Activities.module.css';
import { FigureField } from './FigureField';

interface ChangedProps {
  readonly activity: ActivityRecord;
  readonly lineup: LineupRecord;
  readonly shown: readonly TakeGroup[];
  readonly nameOf: NameOf;
}

/** So many are told one by one; the others go with them. */
const MOST_TOLD = 12;
const PERCENT = 100;

/** Whom a change of the lineup concerns, and what is to become of them in the activity. */
export function Changed({ activity, lineup, shown, nameOf }: ChangedProps) {
  const words = sayActivities.changed;
  const store = useStore();
  const told = useTold();
  const moves = movedSince(activity, shown);
  if (moves.length === 0) return null;
  const names = new Map(
    [...keptGroups(shown), ...(activity.groups ?? [])].map(({ key, name }) => [key, name]),
  );
  const called = (key: string | null): string | null =>
    key === null ? null : (names.get(key) ?? key);
  const decide = (some: readonly Moved[], decision: Decision): void => {
    setActivityGroups(store, activity.id, decided(activity, some, decision, shown));
    told(words.done(some.length));
  };
  return (
    <section className={styles.changed} aria-label={words.title(moves.length, lineup.name)}>
      <h3 className={page.subtitle}>{words.title(moves.length, lineup.name)}</h3>
      <p>{words.text}</p>
      <ul>
        {moves.slice(0, MOST_TOLD).map((move) => {
          const name = nameOf(move.studentId);
          return (
            <li key={move.studentId}>
              <span>{words.move(name, called(move.from), called(move.to))}</span>
              {DECISIONS.filter((one) => one !== 'split' || maySplit(move)).map((one) => (
                <Button
                  key={one}
                  size="small"
                  variant="paper"
                  aria-label={words.of(words.decision[one], name)}
                  onClick={() => decide([move], one)}
                >
                  {words.decision[one]}
                </Button>
              ))}
            </li>
          );
        })}
        {moves.length > MOST_TOLD && (
          <li>{sayActivities.sheet.moreTold(moves.length - MOST_TOLD)}</li>
        )}
      </ul>
      {moves.length > 1 && (
        <div className={page.doings}>
          {(['stay', 'go'] as const).map((one) => (
            <Button key={one} size="small" variant="contained" onClick={() => decide(moves, one)}>
              {words.all[one]}
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}

interface SplitsProps {
  readonly activity: ActivityRecord;
  readonly nameOf: NameOf;
}

/** Those who have a part of two marks, and how much of each. */
export function Splits({ activity, nameOf }: SplitsProps) {
  const store = useStore();
  const all = Object.entries(activity.splits);
  if (all.length === 0) return null;
  const groupOf = (key: string): string =>
    activity.groups?.find((group) => group.key === key)?.name ?? key;
  return (
    <ul className={styles.splits}>
      {all.map(([id, { key, first }]) => {
        const other = activity.groups?.find(
          (group) => group.key !== key && group.studentIds.some((one) => one === id),
        );
        return (
          <li key={id}>
            <FigureField
              label={sayActivities.splitRow(nameOf(id), other?.name ?? '', groupOf(key))}
              value={first * PERCENT}
              least={0}
              most={PERCENT}
              onChange={(value) =>
                editActivity(store, activity.id, {
                  splits: { ...activity.splits, [id]: { key, first: value / PERCENT } },
                })
              }
            />
          </li>
        );
      })}
    </ul>
  );
}
