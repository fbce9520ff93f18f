'use client';

import { sayBench } from '@/messages/bench';
import { OpenPart } from '../../primitives/OpenPart';
import { RolesEditor } from '../recipe/RolesEditor';

/** The roles of the recipe, beside the groups that have them. */
export function Roles() {
  return (
    <OpenPart label={sayBench.drawer.rolesTitle}>
      <RolesEditor />
    </OpenPart>
  );
}
