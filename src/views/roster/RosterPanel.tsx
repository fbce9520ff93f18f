'use client';

import type { ReactNode } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { setNameOrder } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { LinkButton } from '../primitives/LinkButton';
import { Choice } from '../primitives/Choice';
import { Details } from './Details';
import { LeaveOuts } from './LeaveOuts';
import { RosterFiles } from './RosterFiles';
import styles from './RosterPanel.module.css';
import { Sections } from './Sections';
import { Staff } from './Staff';
import type { RosterTable } from './useRosterTable';

interface RosterPanelProps {
  readonly theClass: ClassRecord;
  /** Students in the class, under the names shown. */
  readonly students: readonly StudentRecord[];
  /** Everybody, under their real names: what files hold. */
  readonly real: readonly StudentRecord[];
  readonly table: RosterTable;
}

/** What concerns the class as a whole: who is left out, details at a glance, sections, staff, files. */
export function RosterPanel({ theClass, students, real, table }: RosterPanelProps) {
  const store = useStore();
  return (
    <>
      <Details theClass={theClass} students={students} table={table} />
      <div className={styles.remedies}>
        <LinkButton size="small" variant="paper" href={`/c/${theClass.id}/roster/ladder`}>
          {sayRoster.roster.toLadder}
        </LinkButton>
        <LinkButton size="small" variant="paper" href={`/c/${theClass.id}/groups/adults`}>
          {sayRoster.roster.toAdults}
        </LinkButton>
      </div>
      <Block title={sayRoster.roster.leftOutTitle} open={theClass.leaveOuts.length > 0}>
        <LeaveOuts theClass={theClass} students={students} />
      </Block>
      <Block title={sayRoster.roster.sectionsTitle(theClass.sections.length)}>
        <Sections theClass={theClass} students={students} />
      </Block>
      <Block title={sayRoster.roster.staffTitle(theClass.staff.length)}>
        <Staff theClass={theClass} />
      </Block>
      <Block title={sayRoster.roster.filesTitle}>
        <RosterFiles theClass={theClass} students={real} />
        <Choice
          legend={sayRoster.roster.nameOrderLegend}
          value={theClass.nameOrder}
          options={(['givenFirst', 'familyFirst', 'familyComma'] as const).map((value) => ({
            value,
            label: sayRoster.roster.nameOrder[value],
          }))}
          onChange={(order) => setNameOrder(store, theClass.id, order)}
        />
      </Block>
    </>
  );
}

interface BlockProps {
  readonly title: string;
  readonly open?: boolean;
  readonly children: ReactNode;
}

function Block({ title, open = false, children }: BlockProps) {
  return (
    <details className={styles.fold} open={open}>
      <summary className={styles.title}>{title}</summary>
      <div className={styles.inside}>{children}</div>
    </details>
  );
}
