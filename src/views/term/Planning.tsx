'use client';

import { lazily } from '../primitives/lazily';
import { useMemo, useRef, type ComponentType, type ReactNode } from 'react';
import * as z from 'zod/mini';
import { mixedBy, outlookOf } from '@/encode/outlook';
import { daysIn, daysOf, takenDays } from '@/encode/seriesDays';
import { say } from '@/messages';
import { sameData } from '@/schema/merging';
import { useNotices } from '../primitives/notices';
import { sayRecipe } from '@/messages/recipe';
import { sayTerm } from '@/messages/term';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import { BY_SECTION } from '@/schema/recipe';
import { MOST_PLANNED, SeriesWish } from '@/schema/series';
import type { Setting } from '@/schema/setting';
import { LEAD } from '@/schema/take';
import { dropAhead } from '@/store/actions/series';
import { usedGroupsOf, type InTerm } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { detailName } from '../frame/detailWords';
import { filled } from '../frame/filled';
import type { NameOf } from '../frame/names';
import { useRealRoll } from '../frame/students';
import { useBench } from '../frame/useBench';
import { useSetting } from '../frame/useDraft';
import { useTold } from '../frame/useTold';
import { useToday } from '../frame/useToday';
import { Button } from '../primitives/Button';
import { NumberStepper } from '../primitives/NumberStepper';
import { Opening } from '../primitives/Opening';
import { Select } from '../primitives/Select';
import { Field } from '../primitives/Field';
import { roleWord } from './roleWord';
import { groupsAhead, usePlanner } from './usePlanner';
import styles from './Term.module.css';

/** The editors come with the first part of the sentence that is opened. */
const editor = <P extends object>(
  of: (module: typeof import('./PlanningEditors')) => ComponentType<P>,
): ComponentType<P> => lazily(() => import('./PlanningEditors').then(of));
const Ahead = lazily(() => import('./Ahead').then((module) => module.Ahead));
const InTurn = editor((module) => module.InTurn);
const Mix = editor((module) => module.Mix);
const NotOn = editor((module) => module.NotOn);
const Sizing = editor((module) => module.Sizing);

type Every = SeriesWish['every'];
const EVERY: readonly NonNullable<Every>[] = ['week', 'twoWeeks', 'day'];

/** What is being planned; the days left out are kept as they were typed. */
const PLANNING: Setting<{ readonly wish: SeriesWish; readonly notOnText: string } | null> = {
  name: 'planning',
  shape: z.nullable(z.object({ wish: SeriesWish, notOnText: z.string() })),
  usual: null,
};

interface PlanningProps {
  readonly theClass: ClassRecord;
  /** Whose recipe the rounds are made by. */
  readonly lineup: LineupRecord;
  readonly nameOf: NameOf;
  readonly inTerm: readonly InTerm[];
}

/** Rounds that are planned together, as one sentence, with what they can come to before any is made. */
export function Planning({ theClass, lineup, nameOf, inTerm }: PlanningProps) {
  const words = sayTerm.plan;
  const store = useStore();
  const told = useTold();
  const { notify } = useNotices();
  const today = useToday();
  const [kept, keep] = useSetting(PLANNING, theClass.id);
  const used = useQuery(usedGroupsOf, theClass.id);
  const roll = useRealRoll(theClass.id, undefined);
  // Who is away today may be there on the days that are planned.
  const students = useMemo(
    () =>
      roll.map((student) =>
        student.awayOn === today && student.left === null ? { ...student, here: true } : student,
      ),
    [roll, today],
  );
  const now = useBench(lineup, theClass, students);
  const history = useMemo(() => used.map(({ groups }) => groups), [used]);
  const bench = useMemo(() => ({ ...now, history }), [now, history]);
  const { wish, notOnText } = kept ?? usual(lineup, [LEAD, ...theClass.roles], today);
  const change = (next: Partial<SeriesWish>): void =>
    keep({ wish: { ...wish, ...next }, notOnText });
  const outlook = useMemo(
    () => outlookOf({ ...bench, history: [...history, ...groupsAhead(inTerm)] }, wish),
    [bench, history, inTerm, wish],
  );
  const days = useMemo(() => daysOf(wish), [wish]);
  const taken = useMemo(
    () =>
      takenDays(
        wish,
        inTerm.flatMap(({ on }) => on ?? []),
      ),
    [wish, inTerm],
  );
  const ahead = useMemo(() => lastAhead(inTerm), [inTerm]);
  const planner = usePlanner({ theClass, lineup, bench, inTerm, ahead });
  const { work } = planner;
  const before = useRef(kept);
  const takesBack = {
    opened: (): void => {
      before.current = kept;
    },
    escaped: (): void => {
      if (sameData(before.current, kept)) return;
      keep(before.current);
      notify({
        text: say.frame.putBack,
        action: { label: say.frame.changeAfterAll, run: () => keep(kept) },
      });
    },
  };
  const part = (key: string, text: string, label: string, fields: ReactNode): ReactNode => (
    <Opening
      key={key}
      flows
      takesBack={takesBack}
      label={label}
      button={(props) => (
        <button type="button" className={styles.part} aria-label={`${label}: ${text}`} {...props}>
          {text}
        </button>
      )}
    >
      <div className={styles.editor}>{fields}</div>
    </Opening>
  );
  const { sizing } = wish;
  const mixed = wish.mix ?? mixedBy(lineup.recipe);
  const mixable = [
    ...theClass.details.map(({ id }): string => id),
    ...(theClass.sections.length > 0 ? [BY_SECTION] : []),
  ];
  const lastDay = days.at(-1);
  return (
    <section className={styles.planning} aria-label={words.go(wish.rounds)}>
      <p className={styles.sentence}>
        {filled(wish.every === null ? words.sentenceWithoutDays : words.sentence, {
          rounds: part(
            'rounds',
            words.rounds(wish.rounds),
            words.roundsLabel,
            <NumberStepper
              label={words.roundsLabel}
              lessLabel={words.fewer}
              moreLabel={words.more}
              value={wish.rounds}
              refusal={(rounds) =>
                rounds < 1 || rounds > MOST_PLANNED ? words.tooMany(MOST_PLANNED) : null
              }
              onChange={(rounds) => change({ rounds })}
            />,
          ),
          sizing: part(
            'sizing',
            sayRecipe.sizing(sizing),
            words.sizingLabel,
            <Sizing sizing={sizing} onChange={(next) => change({ sizing: next })} />,
          ),
          every: part(
            'every',
            words.every[wish.every ?? 'none'],
            words.everyLabel,
            <Select
              label={words.everyLabel}
              value={wish.every ?? 'none'}
              options={[...EVERY, 'none' as const].map((value) => ({
                value,
                label: words.every[value],
              }))}
              onChange={(every) => change({ every: every === 'none' ? null : every })}
            />,
          ),
          from: part(
            'from',
            words.from(wish.from),
            words.fromLabel,
            <Field label={words.fromLabel}>
              <input
                type="date"
                value={wish.from}
                onChange={(event) => {
                  if (event.target.value !== '') change({ from: event.target.value });
                }}
              />
            </Field>,
          ),
          mix: part(
            'mix',
            words.mix(mixed.map((detail) => detailName(theClass, detail))),
            words.mixLabel,
            <Mix
              options={mixable.map((detail) => ({
                value: detail,
                label: detailName(theClass, detail),
              }))}
              chosen={mixed}
              onChange={(mix) => change({ mix })}
            />,
          ),
          roles: part(
            'roles',
            words.inTurn(wish.roles.map(roleWord)),
            words.inTurnLabel,
            <InTurn
              roles={[LEAD, ...theClass.roles]}
              chosen={wish.roles}
              wordOf={roleWord}
              onChange={(roles) => change({ roles })}
            />,
          ),
          notOn: part(
            'notOn',
            words.notOn(wish.notOn.length),
            words.notOnLabel,
            <NotOn
              text={notOnText}
              from={wish.from}
              onChange={(text) =>
                keep({ wish: { ...wish, notOn: [...daysIn(text).days] }, notOnText: text })
              }
            />,
          ),
        })}
      </p>
      <p className={styles.outlook} role="status">
        {outlook ? (
          <>
            {words.outlook(
              outlook.sizes.map(({ groups, size }) => words.sizes(groups, size)).join(', '),
              outlook.students,
            )}{' '}
            {days[0] !== undefined && lastDay !== undefined && words.days(days[0], lastDay)}{' '}
            {words.met(outlook.mostMet, outlook.others)}{' '}
            {words.fresh(outlook.mostFresh, wish.rounds)}{' '}
            {outlook.leastRepeats > 0 && words.repeats(outlook.leastRepeats)}
          </>
        ) : (
          words.noGroups
        )}
      </p>
      {taken && work.state !== 'working' && (
        <div className={styles.taken} role="status">
          <p>{words.taken(taken.days, days.length)}</p>
          <Button size="small" variant="paper" onClick={() => change({ from: taken.after })}>
            {words.beginAfter(taken.after)}
          </Button>
        </div>
      )}
      <p className={styles.hint}>{words.recipe(lineup.name)}</p>
      <div className={styles.doings}>
        {work.state === 'working' ? (
          <>
            <span role="status">{words.working(work.done)}</span>
            <Button variant="paper" onClick={planner.stop}>
              {words.stop}
            </Button>
          </>
        ) : (
          <Button
            variant="contained"
            disabled={!outlook}
            onClick={() => void planner.plan(wish, days)}
          >
            {words.go(wish.rounds)}
          </Button>
        )}
        {(work.state === 'clash' || work.state === 'failed') && (
          <p className={styles.issue}>{words[work.state]}</p>
        )}
      </div>
      {ahead.length > 0 && work.state !== 'working' && (
        <Ahead
          ahead={ahead}
          expected={students.filter(({ here }) => here).map(({ id }) => id)}
          nameOf={nameOf}
          changed={planner.changed}
          onReplan={(how) => void planner.replan(how, wish)}
          onDrop={() => {
            const seriesId = ahead[0]?.lineup.planned?.seriesId;
            if (!seriesId) return;
            dropAhead(store, theClass.id, seriesId);
            told(sayTerm.ahead.dropped(ahead.length));
          }}
        />
      )}
    </section>
  );
}

/** What is planned where nothing was chosen yet: a handful of rounds like the groups there are, once a week. */
function usual(
  { recipe }: LineupRecord,
  roles: readonly string[],
  today: string,
): { readonly wish: SeriesWish; readonly notOnText: string } {
  const wish: SeriesWish = {
    ...{
      rounds: 6,
      sizing: recipe.sizing,
      every: 'week',
      from: today,
      notOn: [],
      // What the groups have in turns over the term they have in turns over these rounds.
      roles: recipe.roles.flatMap(({ role, how }) =>
        how === 'turns' && roles.includes(role) ? [role] : [],
      ),
      mix: null,
    },
  };
  return { wish, notOnText: '' };
}

/** The lineups of the newest series that are still ahead, in the order of their rounds; what was put there by hand stays. */
function lastAhead(inTerm: readonly InTerm[]): readonly InTerm[] {
  const ahead = inTerm.filter(
    ({ state, counts, lineup }) => state === 'planned' && counts && lineup.planned?.seriesId,
  );
  const newest = ahead.at(-1)?.lineup.planned?.seriesId;
  return ahead.filter(({ lineup }) => lineup.planned?.seriesId === newest);
}
