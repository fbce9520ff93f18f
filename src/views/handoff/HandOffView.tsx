'use client';

import { LinkButton } from '../primitives/Button';
import { publicAddresses } from '@/encode/publicLineup';
import { sayOut } from '@/messages/out';
import { classById, shownTake } from '@/store/queries';
import { noteUse } from '@/store/actions/lineups';
import { useQuery, useStore } from '@/store/react';
import { today } from '../frame/today';
import type { LineupRecord } from '@/schema/lineup';
import type { RollStudent } from '@/schema/student';
import { useClassId } from '../frame/useClassId';
import { useRealRoll, useRoll } from '../frame/students';
import { useOpenLineup } from '../frame/useOpenLineup';
import { Sign } from '../primitives/Sign';
import { CheckList } from './CheckList';
import { Invitation } from '../primitives/Invitation';
import styles from './HandOffView.module.css';
import { Outlets } from './Outlets';

/** Out of here without retyping a name: files and copies of the lineup, and what to mend before. */
export function HandOffView() {
  const store = useStore();
  const classId = useClassId();
  const lineup = useOpenLineup();
  const theClass = useQuery(classById, classId);
  // Files carry the real names; what stands on the screen is masked as everywhere.
  const real = useRealRoll(classId, lineup);
  const students = useRoll(classId, lineup);
  const take = useQuery(shownTake, lineup?.id ?? ('' as LineupRecord['id']));
  if (!lineup || !take || !theClass) {
    return (
      <Invitation text={sayOut.handoff.empty}>
        <LinkButton variant="contained" href={`/c/${classId}/groups`}>
          {sayOut.handoff.toGroups}
        </LinkButton>
      </Invitation>
    );
  }
  const shown = publicAddresses(take, addressed(students, real));
  return (
    <div className={styles.handoff}>
      <h2 className={styles.title}>{sayOut.handoff.title(lineup.name)}</h2>
      <Outlets
        real={publicAddresses(take, real)}
        shown={publicAddresses(take, withoutAddresses(students))}
        onLeft={() => noteUse(store, lineup.id, today())}
        fileStem={sayOut.handoff.fileStem(theClass.name, lineup.name)}
      />
      <div className={styles.lower}>
        <CheckList take={take} out={shown} students={students} classId={classId} />
        <section aria-labelledby="leaves">
          <h3 id="leaves" className={styles.subtitle}>
            {sayOut.handoff.leaves}
          </h3>
          <ul className={styles.groups}>
            {shown.groups.map(({ name, members }, index) => (
              <li key={index} className={styles.group}>
                <span className={styles.name}>
                  <Sign index={take.groups[index]?.sign ?? index} size={24} />
                  {name}
                </span>
                <ul className={styles.members}>
                  {members.map((member, place) => (
                    <li key={place}>{member.name}</li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

/** Students under the names that are shown with the addresses that would leave: those are checked, and not shown. */
function addressed(
  shown: readonly RollStudent[],
  real: readonly RollStudent[],
): readonly RollStudent[] {
  const emailOf = new Map(real.map(({ id, email }) => [id, email]));
  return shown.map((student) => ({ ...student, email: emailOf.get(student.id) ?? '' }));
}

/** An address tells a name, so what goes as the screen shows it has none. */
function withoutAddresses(students: readonly RollStudent[]): readonly RollStudent[] {
  return students.map((student) => ({ ...student, email: '' }));
}
