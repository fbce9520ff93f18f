import { sayShown } from '@/messages/shown';
import { Markdown } from '../../frame/Markdown';
import { GroupPicture } from '../../frame/GroupPicture';
import { fitting } from '../paging';
import styles from '../print.module.css';
import { Names } from './GroupBlock';
import { Page } from './Page';
import type { SheetProps } from './types';

/** A page for each group: who is in it, where, what there is to do, and lines for notes. */
export function GroupPages(props: SheetProps) {
  const { people, plan } = props;
  return people.groups.map((group, row) => (
    <Page key={row} {...props}>
      <h3 className={styles.groupTitle}>
        <GroupPicture
          sign={group.sign}
          picture={group.picture}
          size={group.picture ? '30mm' : '16mm'}
        />
        <span data-fit={fitting(group.name, 20)}>{group.name}</span>
      </h3>
      {group.place !== '' && <p className={styles.groupPlace}>{group.place}</p>}
      {group.text !== '' && <p>{group.text}</p>}
      <div className={styles.groupBody} data-many={group.members.length > 12 || undefined}>
        <Names members={group.members} />
        {plan.instructions.trim() !== '' && <Markdown text={plan.instructions} />}
      </div>
      <div className={styles.notes}>
        <h4>{sayShown.paper.notes}</h4>
      </div>
    </Page>
  ));
}
