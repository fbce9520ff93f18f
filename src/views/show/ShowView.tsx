'use client';

import { useState } from 'react';
import { sayOut } from '@/messages/out';
import { ENGLISH, LANGUAGES } from '@/messages/languages';
import { sayPrepare } from '@/messages/prepare';
import { LEAD } from '@/schema/take';
import type { LineupId } from '@/schema/ids';
import { changePlan, showLineup } from '@/store/actions/stage';
import { classById, planOf, shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useNamesShown, useRolesShown } from '../frame/names';
import { openSecondWindow } from '../frame/secondWindow';
import { today } from '../frame/today';
import { useClassLanguage } from '../frame/InClassLanguage';
import { useClassId } from '../frame/useClassId';
import { useConductor } from '../frame/useConductor';
import { useOpenLineup } from '../frame/useOpenLineup';
import { useShown } from '../frame/useShown';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { InPlaceText } from '../primitives/InPlaceText';
import { Select } from '../primitives/Select';
import { Sign } from '../primitives/Sign';
import { ClockSetting } from './ClockSetting';
import { InstructionsEditor } from './InstructionsEditor';
import { JigsawPart } from './JigsawPart';
import { TurnsPart } from './TurnsPart';
import { Invitation } from '../primitives/Invitation';
import styles from './ShowView.module.css';

/** What the class will see and do in this lineup, prepared where nobody looks. */
export function ShowView() {
  const store = useStore();
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const lineup = useOpenLineup();
  const take = useQuery(shownTake, lineup?.id ?? ('' as LineupId));
  const plan = useQuery(planOf, lineup?.id ?? ('' as LineupId));
  const shown = useShown(classId);
  const conductor = useConductor(classId, shown);
  const [language, setLanguage] = useClassLanguage(classId);
  const [names, setNames] = useNamesShown(classId);
  const [roles, setRoles] = useRolesShown(classId);
  const [refused, setRefused] = useState(false);
  if (!lineup || !take || !theClass) {
    return (
      <Invitation text={sayPrepare.nothing}>
        <LinkButton variant="contained" href={`/c/${classId}/groups`}>
          {sayPrepare.toGroups}
        </LinkButton>
      </Invitation>
    );
  }
  const present = (): void => showLineup(store, lineup.id, today());
  const second = async (): Promise<void> => {
    present();
    setRefused(!(await openSecondWindow(`/c/${classId}/stage`)));
  };
  return (
    <div className={styles.show}>
      <h2 className={styles.title}>{sayPrepare.title(lineup.name)}</h2>
      <div className={styles.doings}>
        <LinkButton variant="contained" href={`/c/${classId}/stage`} onClick={present}>
          {sayPrepare.show}
        </LinkButton>
        <Button variant="paper" onClick={() => void second()}>
          {sayPrepare.second}
        </Button>
        <LinkButton variant="paper" href={`/c/${classId}/print`}>
          {sayPrepare.print}
        </LinkButton>
        <Select
          label={sayPrepare.names}
          value={names}
          options={(['called', 'initial', 'whole'] as const).map((value) => ({
            value,
            label: sayPrepare.namesShown[value],
          }))}
          onChange={setNames}
        />
        <Select
          label={sayPrepare.classLanguage}
          value={language}
          options={[
            { value: '', label: sayPrepare.languageOfMine },
            ...[ENGLISH, ...LANGUAGES].map(({ tag, name }) => ({ value: tag, label: name })),
          ]}
          onChange={setLanguage}
        />
        <label className={styles.check}>
          <input
            type="checkbox"
            checked={roles}
            onChange={(event) => setRoles(event.target.checked)}
          />
          {sayPrepare.roles}
        </label>
        <ClockSetting scene={shown.scene} conductor={conductor} />
        {refused && (
          <p role="alert" className={styles.refused}>
            {sayPrepare.secondRefused}
          </p>
        )}
      </div>
      <div className={styles.parts}>
        <InstructionsEditor key={lineup.id} lineupId={lineup.id} kept={plan?.instructions ?? ''} />
        <section aria-labelledby="places">
          <h3 id="places" className={styles.subtitle}>
            {sayPrepare.places.title}
          </h3>
          <p className={styles.hint}>{sayPrepare.places.hint}</p>
          <ul className={styles.places}>
            {take.groups.map(({ name, sign, roles }) => (
              <li key={sign}>
                <span className={styles.name}>
                  <Sign index={sign} size={22} />
                  {name}
                  {LEAD in roles && <small>{sayOut.stage.withLead}</small>}
                </span>
                <InPlaceText
                  value={plan?.places[String(sign)] ?? ''}
                  label={sayPrepare.places.of(name)}
                  placeholder={sayPrepare.places.none}
                  mayBeEmpty
                  onChange={(place) =>
                    changePlan(store, lineup.id, ({ places }) => ({
                      places: { ...places, [String(sign)]: place },
                    }))
                  }
                />
              </li>
            ))}
          </ul>
        </section>
        <TurnsPart lineupId={lineup.id} groups={take.groups} turns={plan?.turns ?? null} />
        <JigsawPart
          lineup={lineup}
          theClass={theClass}
          groups={take.groups}
          expertsId={plan?.expertsId ?? null}
        />
      </div>
    </div>
  );
}
