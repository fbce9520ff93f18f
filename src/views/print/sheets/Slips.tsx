import { sayShown } from '@/messages/shown';
import { publicNames } from '@/encode/publicLineup';
import { fitting, inPages } from '../paging';
import styles from '../print.module.css';
import { Page } from './Page';
import type { SheetProps } from './types';

/** Three in a row, fourteen rows. */
const PER_PAGE = 42;

/** A slip with every name, to cut and draw. */
export function Slips(props: SheetProps) {
  return inPages(publicNames(props.people, sayShown.language), PER_PAGE).map((names, page) => (
    <Page key={page} {...props} bare>
      <ul className={styles.slips}>
        {names.map(({ name }, index) => (
          <li key={index} data-fit={fitting(name, 18)}>
            <bdi>{name}</bdi>
          </li>
        ))}
      </ul>
    </Page>
  ));
}
