'use client';

import SearchRounded from '@mui/icons-material/SearchRounded';
import { useId, useMemo, useState, type KeyboardEvent } from 'react';
import { sayGroups } from '@/messages/groups';
import type { StudentId } from '@/schema/ids';
import { plainWords } from '../../frame/plainWords';
import { useNotices } from '../../primitives/notices';
import styles from './Finder.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Of many of a name so many are listed; Enter goes through all. */
const MOST_LISTED = 8;

/** Frames in which the list of a large course may still move, and those that its row is waited for at the most. */
const SETTLING = 10;
const LONGEST_WAIT = 300;

/** Scrolls to a tile as soon as its row is drawn, and stays with it until the list has settled. */
function bringInSight(id: StudentId, settling = SETTLING, wait = LONGEST_WAIT): void {
  if (settling === 0 || wait === 0) return;
  requestAnimationFrame(() => {
    const tile = document.querySelector(`[data-student="${CSS.escape(id)}"]`);
    tile?.scrollIntoView({ block: 'nearest' });
    bringInSight(id, tile ? settling - 1 : settling, wait - 1);
  });
}

/** Somebody in the groups, or beside them. */
interface Seated {
  readonly id: StudentId;
  readonly name: string;
  readonly plain: string;
  readonly group: string;
}

/**
 * Finds a student of a large course by name: lists who is meant, with their groups, and brings the one that is chosen in
 * sight. Enter alone goes from one of that name to the next.
 */
export function Finder() {
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const { announce } = useNotices();
  const listId = useId();
  const [text, setText] = useState('');
  /** What the last search came to, until something else is typed. */
  const [told, setTold] = useState('');
  const [listed, setListed] = useState(false);
  /** The place in the list that Enter takes; -1 for the next of the name. */
  const [active, setActive] = useState(-1);
  const seated = useMemo(
    (): readonly Seated[] => [
      ...sheet.groups.flatMap(({ name: group, students }) =>
        students.map(({ id, name }) => ({ id, name, plain: plainWords(name), group })),
      ),
      ...sheet.aside.map(({ id, name }) => ({
        ...{ id, name, plain: plainWords(name), group: sayGroups.aside },
      })),
    ],
    [sheet],
  );
  const wanted = plainWords(text);
  const found = useMemo(() => (wanted === '' ? [] : firstBegun(seated, wanted)), [seated, wanted]);
  const shown = found.slice(0, MOST_LISTED);
  const open = listed && shown.length > 0;
  const bring = (next: Seated | undefined): void => {
    const at = next ? found.indexOf(next) : -1;
    setTold(next ? sayGroups.foundOf(at + 1, found.length) : sayGroups.notFound(text));
    announce(next ? sayGroups.foundIn(next.name, next.group) : sayGroups.notFound(text));
    setListed(false);
    setActive(-1);
    if (!next) return;
    selection.selectStudents([next.id]);
    // In a large course the list itself brings the row in sight.
    bringInSight(next.id);
  };
  const bringNext = (): void => {
    const last = found.findIndex(({ id }) => id === selection.student);
    bring(open && active >= 0 ? shown[active] : found[(last + 1) % Math.max(1, found.length)]);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Escape' && open) {
      // Closes the list; what is selected stays so.
      event.stopPropagation();
      setListed(false);
    } else if (event.key === 'ArrowDown' && shown.length > 0) {
      setListed(true);
      setActive(Math.min(active + 1, shown.length - 1));
    } else if (event.key === 'ArrowUp' && open) setActive(Math.max(active - 1, -1));
    else return;
    event.preventDefault();
  };
  return (
    <form
      className={styles.finder}
      role="search"
      onSubmit={(event) => {
        event.preventDefault();
        bringNext();
      }}
    >
      <SearchRounded fontSize="small" aria-hidden="true" />
      <span className={styles.box}>
        <input
          type="search"
          className={styles.field}
          role="combobox"
          aria-expanded={open}
          aria-controls={listId}
          aria-autocomplete="list"
          aria-activedescendant={open && active >= 0 ? `${listId}-${String(active)}` : undefined}
          aria-label={sayGroups.findLabel}
          placeholder={sayGroups.findLabel}
          autoComplete="off"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setTold('');
            setListed(true);
            setActive(-1);
          }}
          onKeyDown={onKeyDown}
          onBlur={() => setListed(false)}
        />
        <ul
          id={listId}
          role="listbox"
          aria-label={sayGroups.findLabel}
          className={styles.list}
          hidden={!open}
        >
          {shown.map((one, at) => (
            <li
              key={one.id}
              id={`${listId}-${String(at)}`}
              role="option"
              aria-selected={at === active}
              className={styles.one}
              // Before the field loses the focus, with which the list would go.
              onPointerDown={(event) => {
                event.preventDefault();
                bring(one);
              }}
            >
              <span>{one.name}</span>
              <span className={styles.group}>{one.group}</span>
            </li>
          ))}
        </ul>
      </span>
      <span className={styles.told} role="status">
        {open ? sayGroups.foundMany(found.length, shown.length) : told}
      </span>
    </form>
  );
}

/** Those whose name holds what is wanted: before others those of whom a name begins so. */
function firstBegun(seated: readonly Seated[], wanted: string): readonly Seated[] {
  const isBegun = ({ plain }: Seated): boolean => ` ${plain}`.includes(` ${wanted}`);
  const found = seated.filter(({ plain }) => plain.includes(wanted));
  return [...found.filter(isBegun), ...found.filter((one) => !isBegun(one))];
}
