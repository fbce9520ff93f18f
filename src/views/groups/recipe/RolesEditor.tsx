'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { holdersFor } from '@/encode/roles';
import { sayBench } from '@/messages/bench';
import { sayRecipe } from '@/messages/recipe';
import { ROLE_GIVINGS, type RoleGiving } from '@/schema/recipe';
import { LEAD, type TakeGroup } from '@/schema/take';
import { setRoles } from '@/store/actions/classParts';
import { removeRole, wishRole } from '@/store/actions/lineups';
import { turnsBeside } from '@/store/queries';
import { useStore } from '@/store/react';
import { newSeed } from '../../frame/newSeed';
import { AddNamed } from '../../primitives/AddNamed';
import { Button } from '../../primitives/Button';
import { Choice } from '../../primitives/Choice';
import { IconPress } from '../../primitives/IconPress';
import { useNotices } from '../../primitives/notices';
import styles from './RecipeEditor.module.css';
import { useWorkbench } from '../workbench/Workbench';

const NOBODY = 'none';
const HOW = [NOBODY, ...ROLE_GIVINGS] as const;

/** Which roles every group has: at random, the first, or in turns over the lineups of the class; given at once. */
export function RolesEditor() {
  const store = useStore();
  const { announce } = useNotices();
  const { theClass, lineup, students, take } = useWorkbench('bench');
  const { drawer } = sayBench;
  const wishes = lineup.recipe.roles;
  const roles = [LEAD, ...theClass.roles];
  const word = (role: string): string => (role === LEAD ? sayRecipe.lead : role);
  const here = new Set(students.filter((one) => one.here).map(({ id }) => id));

  const give = (role: string, how: RoleGiving, groups: readonly TakeGroup[]): void => {
    const past = turnsBeside(store.records, theClass.id, lineup.id);
    const holders = holdersFor(role, how, groups, here, past, newSeed());
    wishRole(store, lineup.id, role, how, holders);
    announce(drawer.given(word(role), holders.size));
  };
  const giveNoMore = (role: string): void => {
    const nobody = new Map((take?.groups ?? []).map((_, row) => [row, null]));
    wishRole(store, lineup.id, role, null, nobody);
    announce(drawer.givenNoMore(word(role)));
  };
  const giveAnew = (): void => {
    for (const { role, how } of wishes) {
      // Whoever has just been given one role comes last for the next.
      const shown = lineup.takeId ? store.records.get('take', lineup.takeId) : undefined;
      if (roles.includes(role)) give(role, how, shown?.groups ?? []);
    }
  };
  return (
    <>
      <ul className={styles.list}>
        {roles.map((role) => (
          <li key={role}>
            <Choice
              legend={word(role)}
              value={wishes.find((one) => one.role === role)?.how ?? NOBODY}
              options={HOW.map((value) => ({
                value,
                label: drawer.giveHow[value],
              }))}
              onChange={(how) =>
                how === NOBODY ? giveNoMore(role) : give(role, how, take?.groups ?? [])
              }
            />
            {role !== LEAD && (
              <IconPress
                label={drawer.removeRole(role)}
                onPress={() => {
                  removeRole(store, lineup.id, role);
                  announce(drawer.givenNoMore(role));
                }}
              >
                <CloseRounded fontSize="small" />
              </IconPress>
            )}
          </li>
        ))}
      </ul>
      <p className={styles.hint}>{drawer.rolesHint}</p>
      <div className={styles.line}>
        {take && wishes.length > 0 && (
          <Button size="small" variant="paper" onClick={giveAnew}>
            {drawer.giveAnew}
          </Button>
        )}
        <AddNamed
          action={drawer.addRole}
          label={drawer.roleName}
          className={undefined}
          onAdd={(name) => {
            if (!roles.includes(name)) setRoles(store, theClass.id, [...theClass.roles, name]);
          }}
        />
      </div>
    </>
  );
}
