import { sayShown } from '@/messages/shown';
import { publicNames } from '@/encode/publicLineup';
import { Sign } from '../../primitives/Sign';
import { fitting, inPages } from '../paging';
import styles from '../print.module.css';
import { Page } from './Page';
import type { SheetProps } from './types';

/** Lines in a column: 9 mm each under the head. */
const LINES = { a4: 27, letter: 25 } as const;

/** Everybody by name beside their group, for the door. */
export function Door(props: SheetProps) {
  const { people, size, columns } = props;
  const lines = LINES[size];
  return inPages(publicNames(people, sayShown.language), lines * columns).map((names, page) => (
    <Page key={page} {...props}>
      <div className={styles.columns} data-columns={columns}>
        {inPages(names, Math.ceil(names.length / columns)).map((column, index) => (
          <ul key={index}>
            {column.map(({ name, group }, line) => (
              <li key={line} className={styles.doorLine}>
                <span data-fit={fitting(name, columns === 1 ? 40 : 20)}>
                  <bdi>{name}</bdi>
                </span>
                <span
                  className={styles.doorGroup}
                  data-fit={fitting(group.name, columns === 1 ? 24 : 12)}
                >
                  <Sign index={group.sign} size="5mm" />
                  {group.name}
                </span>
              </li>
            ))}
          </ul>
        ))}
      </div>
    </Page>
  ));
}
