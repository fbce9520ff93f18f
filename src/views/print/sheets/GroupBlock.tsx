import { sayShown } from '@/messages/shown';
import type { PublicGroup } from '@/encode/publicLineup';
import { LEAD } from '@/schema/take';
import { Sign } from '../../primitives/Sign';
import { fitting } from '../paging';
import styles from '../print.module.css';

/** A group's head and the names below it. */
export function GroupBlock({ group }: { readonly group: PublicGroup }) {
  const { name, sign, place, members } = group;
  return (
    <section className={styles.block}>
      <h3>
        <Sign index={sign} size="6mm" />
        <span data-fit={fitting(name, 18)}>
          <bdi>{name}</bdi>
        </span>
        {place !== '' && <small data-fit={fitting(place, 18)}>{place}</small>}
      </h3>
      <Names members={members} />
    </section>
  );
}

/** Names with their roles, a line each. */
export function Names({ members }: Pick<PublicGroup, 'members'>) {
  return (
    <ul className={styles.names}>
      {members.map(({ name, roles }, seat) => (
        <li key={seat} data-fit={fitting(name, 34)}>
          <bdi>{name}</bdi>
          {roles.length > 0 && (
            <small>
              {roles.map((role) => (role === LEAD ? sayShown.stage.lead : role)).join(', ')}
            </small>
          )}
        </li>
      ))}
    </ul>
  );
}
