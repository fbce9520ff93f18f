import { inColumns } from '../paging';
import styles from '../print.module.css';
import { GroupBlock } from './GroupBlock';
import { Page } from './Page';
import type { SheetProps } from './types';

/** Lines of a column, 6.4 mm each; a group's head takes nearly two, and there is space behind it. */
const LINES = { a4: 38, letter: 35 } as const;
const HEAD = 2.6;
const COLUMNS = 2;

/** All groups with their names on as few pages as they take. */
export function Whole(props: SheetProps) {
  const { people, size } = props;
  const lines = ({ members }: (typeof people.groups)[number]): number => HEAD + members.length;
  return inColumns(people.groups, lines, LINES[size], COLUMNS).map((columns, page) => (
    <Page key={page} {...props}>
      <div className={styles.columns} data-columns={COLUMNS}>
        {columns.map((groups, index) => (
          <div key={index}>
            {groups.map((group, row) => (
              <GroupBlock key={row} group={group} />
            ))}
          </div>
        ))}
      </div>
    </Page>
  ));
}
