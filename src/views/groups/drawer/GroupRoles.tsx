'use client';

import MailOutlineRounded from '@mui/icons-material/MailOutlineRounded';
import { turnReason } from '@/encode/roles';
import { sayBench } from '@/messages/bench';
import { sayRecipe } from '@/messages/recipe';
import type { StudentId } from '@/schema/ids';
import { LEAD } from '@/schema/take';
import { giveRole } from '@/store/actions/takes';
import { turnsBeside } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { InPlaceChoice } from '../../primitives/InPlaceChoice';
import styles from './Drawer.module.css';
import type { SheetGroup } from '../workbench/useSheet';
import { useShownTake, useWorkbench } from '../workbench/Workbench';
import { mailto } from '../../frame/mailto';

const NOBODY = '';

interface GroupRolesProps {
  readonly group: SheetGroup;
}

/** Who leads the group and who has its other roles; the lead's address is one press away. */
export function GroupRoles({ group }: GroupRolesProps) {
  const take = useShownTake();
  const bench = useWorkbench('bench');
  const nameOf = useWorkbench('nameOf');
  const store = useStore();
  const { drawer } = sayBench;
  const past = useQuery(turnsBeside, bench.theClass.id, bench.lineup.id);
  const why = (role: string, holder: StudentId): string => {
    const members = group.students.map(({ id }) => id);
    return drawer.turnWhy(turnReason(role, holder, members, past));
  };
  const give = (role: string, holder: string): void =>
    giveRole(
      store,
      take.id,
      role,
      new Map([[group.index, holder === NOBODY ? null : (holder as StudentId)]]),
    );
  const lead = bench.students.find(({ id }) => id === group.roles[LEAD]);
  return (
    <section className={styles.part}>
      <h3 className={styles.subtitle}>{drawer.rolesTitle}</h3>
      <dl className={styles.roles}>
        {[LEAD, ...bench.theClass.roles].map((role) => {
          const holder = group.roles[role];
          const shown = role === LEAD ? sayRecipe.lead : role;
          return (
            <div key={role}>
              <dt>{shown}</dt>
              <dd>
                <InPlaceChoice
                  value={holder ?? NOBODY}
                  label={drawer.roleOf(shown, group.name)}
                  shown={holder ? nameOf(holder) : drawer.roleNobody}
                  options={[
                    { value: NOBODY, label: drawer.roleNobody },
                    ...group.students.map(({ id }) => ({ value: id, label: nameOf(id) })),
                  ]}
                  onChange={(next) => give(role, next)}
                />
                {holder && <small className={styles.hint}>{why(role, holder)}</small>}
              </dd>
            </div>
          );
        })}
      </dl>
      {lead &&
        (lead.email === '' ? (
          <p className={styles.hint}>{drawer.noAddress(nameOf(lead.id))}</p>
        ) : (
          <a className={styles.write} href={mailto(lead.email)}>
            <MailOutlineRounded fontSize="small" aria-hidden="true" />
            {drawer.writeTo(nameOf(lead.id))}
          </a>
        ))}
    </section>
  );
}
