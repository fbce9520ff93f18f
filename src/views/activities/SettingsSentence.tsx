'use client';

import { useState, type ReactNode } from 'react';
import { mostOf } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import {
  isAlone,
  MEMBER_MARKS,
  type ActivityRecord,
  type Criterion,
  type MemberMarks,
} from '@/schema/activity';
import { LineupId } from '@/schema/ids';
import { editActivity, openActivity } from '@/store/actions/activities';
import type { ActionLabel } from '@/store/history';
import { lineupById, lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { clockMoment } from '../frame/clockMoment';
import { filled } from '../frame/filled';
import { usePutBack } from '../frame/usePutBack';
import page from '../frame/SidePage.module.css';
import { Button } from '../primitives/Button';
import { Choice } from '../primitives/Choice';
import { InPlaceText } from '../primitives/InPlaceText';
import { Opening } from '../primitives/Opening';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';
import { FigureField } from './FigureField';
import { MomentField } from './MomentField';

type Part = keyof typeof sayActivities.part;

const SETTLED: ReadonlySet<ActionLabel> = new Set(['editActivity']);
const ALONE = 'alone';
const STEPS = ['0.01', '0.1', '0.25', '0.5', '1'] as const;
const PERCENT = 100;
const MOST_PERCENT = { least: 0, most: PERCENT };
const MOST_POINTS = 10_000;
const USUAL_LATE = { percent: 10, every: 'day', upTo: 50 } as const;

/** All that is settled about an activity, as one sentence whose parts are changed where they stand. */
export function SettingsSentence({ activity }: { readonly activity: ActivityRecord }) {
  const words = sayActivities;
  const store = useStore();
  const takesBack = usePutBack(SETTLED);
  const lineups = useQuery(lineupsOf, activity.classId);
  const lineup = useQuery(lineupById, activity.lineupId ?? ('' as LineupId));
  const set = (change: Parameters<typeof editActivity>[2]): void =>
    editActivity(store, activity.id, change);
  const { opens, due, last, late, members, criteria, weight, sharing, step } = activity;
  const alone = isAlone(activity);
  const begun = activity.groups !== null || Object.keys(activity.work).length > 0;
  const most = mostOf(activity);
  const part = (name: Part, said: string, editor: ReactNode): ReactNode => (
    <Opening
      key={name}
      flows
      takesBack={takesBack}
      label={words.part[name]}
      button={(props) => (
        <button
          type="button"
          className={page.said}
          aria-label={`${words.part[name]}: ${said}`}
          {...props}
        >
          {said}
        </button>
      )}
    >
      <div className={page.editor}>{editor}</div>
    </Opening>
  );
  const groups = alone ? words.alone : lineup ? words.groupsOf(lineup.name) : words.groupsGone;
  return (
    <p className={styles.sentence}>
      {filled(words.sentence, {
        groups: part(
          'groups',
          groups,
          begun ? (
            <p className={page.hint}>{words.settings.groupsFixed}</p>
          ) : (
            <Select
              label={words.part.groups}
              value={activity.lineupId ?? ALONE}
              options={[
                ...lineups.map(({ id, name }) => ({
                  ...{ value: id, label: words.groupsOf(name) },
                })),
                { value: ALONE, label: words.alone },
              ]}
              onChange={(value) =>
                set({ lineupId: value === ALONE ? null : LineupId.parse(value) })
              }
            />
          ),
        ),
        opens: part(
          'opens',
          // What was marked before its time is open since then, and nobody noted when that was.
          words.opensOf(
            opens !== null && activity.groups !== null && opens > clockMoment() ? null : opens,
            alone ? opens !== null && opens <= clockMoment() : activity.groups !== null,
          ),
          <>
            {activity.groups === null && (
              <div>
                <Button
                  variant="contained"
                  size="small"
                  onClick={() => openActivity(store, activity.id, clockMoment())}
                >
                  {words.settings.openNow}
                </Button>
              </div>
            )}
            <MomentField
              label={words.settings.opensAt}
              value={opens}
              refusal={(next) =>
                due !== null && next > due ? words.bad.opensAfterDue(next, due) : null
              }
              onChange={(next) => set({ opens: next })}
            />
            {!alone && <p className={page.hint}>{words.settings.openNote}</p>}
          </>,
        ),
        due: part(
          'due',
          words.dueOf(due),
          <MomentField
            label={words.settings.at}
            value={due}
            refusal={(next) =>
              opens !== null && next < opens
                ? words.bad.dueBeforeOpening(next, opens)
                : last !== null && last < next
                  ? words.bad.lastBeforeDue(last, next)
                  : null
            }
            onChange={(next) => set({ due: next })}
          />,
        ),
        last: part(
          'last',
          words.lastOf(last),
          <MomentField
            label={words.settings.at}
            value={last}
            refusal={(next) =>
              due !== null && next < due ? words.bad.lastBeforeDue(next, due) : null
            }
            onChange={(next) => set({ last: next })}
          />,
        ),
        most: part(
          'most',
          words.mostOf(most, criteria.length),
          <Criteria activity={activity} onChange={set} />,
        ),
        members: alone
          ? words.membersAlone
          : part(
              'members',
              words.membersOf[members],
              <>
                <Choice<MemberMarks>
                  legend={words.part.members}
                  value={members}
                  options={MEMBER_MARKS.map((value) => ({ value, label: words.membersOf[value] }))}
                  onChange={(next) => set({ members: next })}
                />
                <p className={page.hint}>{words.settings.rule[members]}</p>
                {(members === 'shares' || members === 'answers') && (
                  <>
                    <FigureField
                      label={words.settings.strength}
                      value={sharing.strength * PERCENT}
                      {...MOST_PERCENT}
                      onChange={(value) =>
                        set({ sharing: { ...sharing, strength: value / PERCENT } })
                      }
                    />
                    <FigureField
                      label={words.settings.bound}
                      value={sharing.bound}
                      {...MOST_PERCENT}
                      onChange={(bound) => set({ sharing: { ...sharing, bound } })}
                    />
                  </>
                )}
                <Select
                  label={words.settings.step}
                  value={STEPS.find((one) => Number(one) === step) ?? '0.5'}
                  options={STEPS.map((value) => ({ value, label: value }))}
                  onChange={(value) => set({ step: Number(value) })}
                />
              </>,
            ),
        late: part(
          'late',
          words.lateOf(late),
          <>
            <Choice
              legend={words.part.late}
              value={late ? 'some' : 'none'}
              options={[
                { value: 'none', label: words.settings.lateNone },
                { value: 'some', label: words.settings.lateSome },
              ]}
              onChange={(value) => set({ late: value === 'some' ? USUAL_LATE : null })}
            />
            {late && (
              <>
                <FigureField
                  label={words.settings.percent}
                  value={late.percent}
                  {...MOST_PERCENT}
                  onChange={(percent) => set({ late: { ...late, percent } })}
                />
                <Select
                  label={words.settings.every}
                  value={late.every}
                  options={(['hour', 'day'] as const).map((value) => ({
                    ...{ value, label: words.settings.everyOf[value] },
                  }))}
                  onChange={(every) => set({ late: { ...late, every } })}
                />
                <FigureField
                  label={words.settings.upTo}
                  value={late.upTo}
                  {...MOST_PERCENT}
                  onChange={(upTo) => set({ late: { ...late, upTo } })}
                />
              </>
            )}
          </>,
        ),
        weight: part(
          'weight',
          words.weightOf(weight),
          <FigureField
            label={words.settings.weight}
            value={weight}
            least={0}
            most={PERCENT}
            onChange={(next) => set({ weight: next })}
          />,
        ),
      })}
    </p>
  );
}

interface CriteriaProps {
  readonly activity: ActivityRecord;
  readonly onChange: (change: { readonly most?: number; readonly criteria?: Criterion[] }) => void;
}

/** What a mark is made of: the most points, or criteria with theirs. */
function Criteria({ activity, onChange }: CriteriaProps) {
  const words = sayActivities.settings;
  const { criteria, most } = activity;
  const [made, setMade] = useState(0);
  const change = (id: string, next: Partial<Criterion>): void =>
    onChange({ criteria: criteria.map((one) => (one.id === id ? { ...one, ...next } : one)) });
  const add = (): void => {
    const taken = new Set(criteria.map(({ id }) => id));
    let number = criteria.length + made + 1;
    while (
      taken.has(`c${number}`) ||
      Object.values(activity.work).some((one) => `c${number}` in one.criteria)
    )
      number++;
    setMade(made + 1);
    onChange({
      criteria: [
        ...criteria,
        {
          ...{ id: `c${number}`, name: words.usualCriterion(criteria.length + 1), text: '' },
          most: criteria.length === 0 ? most : (criteria.at(-1)?.most ?? 1),
        },
      ],
    });
  };
  return (
    <>
      {criteria.length === 0 ? (
        <FigureField
          label={words.most}
          value={most}
          least={0}
          most={MOST_POINTS}
          above
          onChange={(next) => onChange({ most: next })}
        />
      ) : (
        <ul className={styles.criteria}>
          {criteria.map(({ id, name, text, most: points }) => (
            <li key={id}>
              <InPlaceText
                value={name}
                label={words.criterion}
                onChange={(next) => change(id, { name: next })}
              />
              <FigureField
                quiet
                label={`${name}: ${words.criterionMost}`}
                value={points}
                least={0}
                most={MOST_POINTS}
                above
                onChange={(next) => change(id, { most: next })}
              />
              <InPlaceText
                mayBeEmpty
                value={text}
                label={`${name}: ${words.criterionText}`}
                placeholder={words.criterionText}
                onChange={(next) => change(id, { text: next })}
              />
              <Button
                size="small"
                variant="plain"
                aria-label={words.removeCriterion(name)}
                onClick={() => onChange({ criteria: criteria.filter((one) => one.id !== id) })}
              >
                ×
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div>
        <Button size="small" variant="paper" onClick={add}>
          {words.addCriterion}
        </Button>
      </div>
      <p className={page.hint}>{words.criteriaHint}</p>
    </>
  );
}
