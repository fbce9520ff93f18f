'use client';

import { sayOutWords } from '@/messages/outWords';
import { lazily } from '../primitives/lazily';
import { useMemo, useState } from 'react';
import { publicAddresses } from '@/encode/publicLineup';
import { cleanLineup } from '@/formats/out/lineupOut';
import { prepared } from '@/formats/out/list';
import { PLAIN_OPTIONS } from '@/formats/out/options';
import type { Template } from '@/formats/out/handout/types';
import { sayHandoff } from '@/messages/handoff';
import { sayOut } from '@/messages/out';
import type { ClassRecord } from '@/schema/classRecord';
import type { ClassId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { RollStudent } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { adultsOf, classById, planOf, shownTake } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useRealRoll, useRoll } from '../frame/students';
import { useSpokenForClass } from '../frame/InClassLanguage';
import { useClassId } from '../frame/useClassId';
import { useSetting } from '../frame/useDraft';
import { useOpenLineup } from '../frame/useOpenLineup';
import { useToday } from '../frame/useToday';
import { LinkButton } from '../primitives/LinkButton';
import { Choice } from '../primitives/Choice';
import { Invitation } from '../primitives/Invitation';
import { CheckList } from './CheckList';
import { CHOSEN, fromBase64, optionsOf, OWN_FILE, PLACE_NAMES, wayOf, waysTo } from './chosen';
import { Doings } from './Doings';
import styles from './HandOffView.module.css';
import { Options } from './Options';
import { Preview } from './Preview';
import { Receipts } from './Receipts';

/** Out of here without retyping a name: where to, as what, what goes, what to see to before, and what went. */
export function HandOffView() {
  const classId = useClassId();
  const lineup = useOpenLineup();
  const theClass = useQuery(classById, classId);
  const take = useQuery(shownTake, lineup?.id ?? ('' as LineupRecord['id']));
  if (!useSpokenForClass(classId)) return null;
  if (!lineup || !take || !theClass) {
    return (
      <Invitation text={sayHandoff.handoff.empty}>
        <LinkButton variant="contained" href={`/c/${classId}/groups`}>
          {sayHandoff.handoff.toGroups}
        </LinkButton>
      </Invitation>
    );
  }
  return <HandOff classId={classId} theClass={theClass} lineup={lineup} take={take} />;
}

/** A service is told addresses, and nothing else is chosen. */
const SERVICE_OPTIONS = { ...PLAIN_OPTIONS, addresses: true };

/** What speaks to services comes with the first of them. */
const Service = lazily(() => import('./Service').then((module) => module.Service));

interface HandOffProps {
  readonly classId: ClassId;
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly take: TakeRecord;
}

function HandOff({ classId, theClass, lineup, take }: HandOffProps) {
  const words = sayHandoff.handoff;
  const day = useToday();
  // Files carry the real names; what stands on the screen is masked as everywhere.
  const real = useRealRoll(classId, lineup);
  const students = useRoll(classId, lineup);
  const plan = useQuery(planOf, lineup.id);
  const [chosen, setChosen] = useSetting(CHOSEN, classId);
  const [kept, keep] = useSetting(OWN_FILE, classId);
  const [forNow, setForNow] = useState<Template | null>(null);
  const ownFile = useMemo(
    () => forNow ?? (kept && { name: kept.name, bytes: fromBase64(kept.data) }),
    [forNow, kept],
  );
  const way = wayOf(chosen);
  const options = useMemo(
    () => way && optionsOf(chosen, way, ownFile, day),
    [chosen, way, ownFile, day],
  );
  const adults = useQuery(adultsOf, theClass.id);
  const lineups = useMemo(() => {
    const leaving = (roll: readonly RollStudent[]) =>
      cleanLineup(publicAddresses(theClass, lineup, take, roll, plan, adults), sayOutWords.unnamed);
    // An address tells a name, so what goes as the screen shows it has none.
    const shown = students === real ? real : students.map((one) => ({ ...one, email: '' }));
    return { real: leaving(real), shown: leaving(shown) };
  }, [theClass, lineup, take, plan, adults, real, students]);
  const shownName = useMemo(() => {
    const names = new Map(real.map(({ name }, at) => [name, students[at]?.name ?? '…']));
    // Whoever the class does not know is told by nobody's name while names are hidden.
    return (name: string): string => names.get(name) ?? (students === real ? name : '…');
  }, [real, students]);
  const ready = useMemo(
    () => options && prepared(lineups.shown, options, sayOutWords),
    [lineups, options],
  );
  return (
    <div className={styles.handoff}>
      <h2 className={styles.title}>{words.title(lineup.name)}</h2>
      <div className={styles.where}>
        <Choice
          inline
          legend={words.where}
          value={chosen.place}
          options={PLACE_NAMES.map((value) => ({ value, label: words.places[value] }))}
          onChange={(place) => setChosen({ ...chosen, place })}
        />
      </div>
      {chosen.place === 'rooms' || chosen.place === 'channels' ? (
        <Service
          key={chosen.place}
          kind={chosen.place}
          lineup={lineups.real}
          students={real}
          shownName={shownName}
          classId={classId}
          lineupId={lineup.id}
        >
          <CheckList
            way="mailto"
            options={SERVICE_OPTIONS}
            lineup={lineups.real}
            linked={[]}
            take={take}
            students={students}
            classId={classId}
          />
          <Receipts lineupId={lineup.id} take={take} students={students} />
        </Service>
      ) : way && options && ready ? (
        <div className={styles.sides}>
          <div className={styles.side}>
            {waysTo(chosen.place).length > 1 && (
              <Ways
                chosen={way}
                ways={waysTo(chosen.place)}
                onChange={(next) =>
                  setChosen({ ...chosen, ways: { ...chosen.ways, [chosen.place]: next } })
                }
              />
            )}
            <CheckList
              way={way}
              options={options}
              lineup={lineups.real}
              linked={ready.ok ? ready.ask.lineup.groups : []}
              take={take}
              students={students}
              classId={classId}
            />
            <Options
              way={way}
              chosen={chosen}
              onChange={(change) => setChosen({ ...chosen, ...change })}
              ownFile={ownFile}
              onOwnFile={(file, remember) => {
                setForNow(remember ? null : file);
                keep(file && remember ? { name: file.name, data: remember } : null);
              }}
              today={day}
              lineup={lineups.shown}
            />
            <Receipts lineupId={lineup.id} take={take} students={students} />
          </div>
          <section aria-labelledby="preview" className={styles.preview}>
            <div className={styles.head}>
              <h3 id="preview" className={styles.subtitle}>
                {words.preview}
              </h3>
              <Doings
                way={way}
                options={options}
                lineups={lineups}
                lineupId={lineup.id}
                issue={ready.ok ? null : ready.issue}
                fileStem={sayOut.files.stem(theClass.name, lineup.name)}
              />
            </div>
            <div className={styles.sheet} tabIndex={0} role="group" aria-labelledby="preview">
              {ready.ok ? (
                <Preview
                  key={way}
                  way={way}
                  ask={ready.ask}
                  real={lineups.real}
                  lineupId={lineup.id}
                />
              ) : (
                <p className={styles.issue}>{sayHandoff.outIssueSentence(ready.issue)}</p>
              )}
            </div>
          </section>
        </div>
      ) : (
        <div className={styles.sides}>
          <div className={styles.side}>
            <p className={styles.paper}>{words.paper.text}</p>
            <div>
              <LinkButton variant="contained" href={`/c/${classId}/print`}>
                {words.paper.go}
              </LinkButton>
            </div>
            <Receipts lineupId={lineup.id} take={take} students={students} />
          </div>
        </div>
      )}
    </div>
  );
}

interface WaysProps<T extends string> {
  readonly ways: readonly T[];
  readonly chosen: T;
  readonly onChange: (way: T) => void;
}

/** The ways out to one place, one of them chosen. */
function Ways<T extends keyof typeof sayHandoff.handoff.way>({
  ways,
  chosen,
  onChange,
}: WaysProps<T>) {
  return (
    <fieldset className={styles.ways}>
      <legend className={styles.subtitle}>{sayHandoff.handoff.ways}</legend>
      {ways.map((way) => (
        <label key={way} className={styles.way}>
          <input type="radio" name="way" checked={way === chosen} onChange={() => onChange(way)} />
          <span className={styles.what}>{sayHandoff.handoff.way[way].title}</span>
          <span className={styles.how}>{sayHandoff.handoff.way[way].holds}</span>
        </label>
      ))}
    </fieldset>
  );
}
