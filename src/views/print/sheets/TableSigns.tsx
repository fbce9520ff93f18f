import { sayShown } from '@/messages/shown';
import type { PublicGroup } from '@/encode/publicLineup';
import { Sign } from '../../primitives/Sign';
import { fitting } from '../paging';
import styles from '../print.module.css';
import { Page } from './Page';
import type { SheetProps } from './types';

/** A sign for each table, folded in the middle so that it stands and is read from both sides. */
export function TableSigns(props: SheetProps) {
  return props.people.groups.map((group, row) => (
    <Page key={row} {...props} bare>
      <div className={styles.fold}>
        <Half group={group} upsideDown />
        <p>{sayShown.paper.fold}</p>
        <Half group={group} />
      </div>
    </Page>
  ));
}

interface HalfProps {
  readonly group: PublicGroup;
  readonly upsideDown?: boolean;
}

function Half({ group, upsideDown = false }: HalfProps) {
  return (
    <div
      className={styles.half}
      data-turned={upsideDown || undefined}
      aria-hidden={upsideDown || undefined}
    >
      <Sign index={group.sign} size="34mm" />
      <p className={styles.halfName} data-fit={fitting(group.name, 12)}>
        {group.name}
      </p>
      <p className={styles.halfPeople}>{group.members.map(({ name }) => name).join(' · ')}</p>
    </div>
  );
}
