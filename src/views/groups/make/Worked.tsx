'use client';

import { Link } from '../../primitives/Link';
import { sayGroups } from '@/messages/groups';
import { sayRecipe } from '@/messages/recipe';
import { activitiesOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useWorkbench } from '../workbench/Workbench';
import styles from './ShuffleTrouble.module.css';

/** The open activities that are worked in these groups: what is changed here is asked about there. */
export function Worked() {
  const { lineup } = useWorkbench('bench');
  const open = useQuery(activitiesOf, lineup.classId).filter(
    ({ lineupId, groups }) => lineupId === lineup.id && groups !== null,
  );
  if (open.length === 0) return null;
  return (
    <p className={styles.again}>
      {sayGroups.workedIn}{' '}
      {sayRecipe.listParts(open).map((part) =>
        typeof part === 'string' ? (
          part
        ) : (
          <Link key={part.id} href={`/c/${part.classId}/activities/${part.id}`}>
            {part.name}
          </Link>
        ),
      )}
      . {sayGroups.workedInNote}
    </p>
  );
}
