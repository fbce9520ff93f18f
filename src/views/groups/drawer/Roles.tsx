'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { Button } from '../../primitives/Button';
import { useState } from 'react';
import { holdersFor, type RoleGiving } from '@/encode/roles';
import { sayBench } from '@/messages/bench';
import { LEAD } from '@/schema/take';
import { setRoles } from '@/store/actions/classParts';
import { giveRole } from '@/store/actions/takes';
import { turnsBeside } from '@/store/queries';
import { useStore } from '@/store/react';
import { AddNamed } from '../../primitives/AddNamed';
import { Choice } from '../../primitives/Choice';
import { IconPress } from '../../primitives/IconPress';
import { OpenPart } from '../../primitives/OpenPart';
import { useNotices } from '../../primitives/notices';
import styles from './Drawer.module.css';
import { useShownTake, useWorkbench } from '../workbench/Workbench';

const GIVINGS: readonly RoleGiving[] = ['random', 'first', 'turns'];

/** Gives a role in every group at once: at random, to the first, or in turns over the lineups of the class. */
export function Roles() {
  const take = useShownTake();
  const store = useStore();
  const { announce } = useNotices();
  const { theClass, lineup, students } = useWorkbench('bench');
  const { drawer } = sayBench;
  const [chosen, setChosen] = useState<string>(LEAD);
  const roles = [LEAD, ...theClass.roles];
  const role = roles.includes(chosen) ? chosen : LEAD;
  const word = (one: string): string => (one === LEAD ? drawer.lead : one);
  const give = (giving: RoleGiving): void => {
    const past = turnsBeside(store.records, theClass.id, lineup.id);
    const here = new Set(students.filter((one) => one.here).map(({ id }) => id));
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
    const holders = holdersFor(role, giving, take.groups, here, past, seed);
    giveRole(store, take.id, role, holders);
    announce(drawer.given(word(role), holders.size));
  };
  return (
    <OpenPart label={drawer.rolesTitle}>
      <Choice
        legend={drawer.roleChoice}
        value={role}
        options={roles.map((value) => ({ value, label: word(value) }))}
        onChange={setChosen}
      />
      <p className={styles.hint}>{drawer.give}</p>
      <div className={styles.doings}>
        {GIVINGS.map((giving) => (
          <Button key={giving} size="small" variant="paper" onClick={() => give(giving)}>
            {drawer.giveHow[giving]}
          </Button>
        ))}
      </div>
      <div className={styles.doings}>
        <AddNamed
          action={drawer.addRole}
          label={drawer.roleName}
          className={undefined}
          onAdd={(name) => {
            if (!roles.includes(name)) setRoles(store, theClass.id, [...theClass.roles, name]);
            setChosen(name);
          }}
        />
        {role !== LEAD && (
          <IconPress
            label={drawer.removeRole(role)}
            onPress={() =>
              setRoles(
                store,
                theClass.id,
                theClass.roles.filter((one) => one !== role),
              )
            }
          >
            <CloseRounded fontSize="small" />
          </IconPress>
        )}
      </div>
    </OpenPart>
  );
}
