import { sayShown } from '@/messages/shown';
import { publicNames } from '@/encode/publicLineup';
import { Sign } from '../../primitives/Sign';
import { fitting, inPages } from '../paging';
import styles from '../print.module.css';
import { Page } from './Page';
import type { SheetProps } from './types';

/** Two in a row, five rows: cards of about 90 by 54 mm. */
const PER_PAGE = 10;

/** A badge for everybody, to cut: the name large, the group below. */
export function Badges(props: SheetProps) {
  return inPages(publicNames(props.people, sayShown.language), PER_PAGE).map((names, page) => (
    <Page key={page} {...props} bare>
      <ul className={styles.badges}>
        {names.map(({ name, group }, index) => (
          <li key={index}>
            <strong data-fit={fitting(name, 14)}>
              <bdi>{name}</bdi>
            </strong>
            <span>
              <Sign index={group.sign} size="7mm" />
              {group.name}
            </span>
          </li>
        ))}
      </ul>
    </Page>
  ));
}
