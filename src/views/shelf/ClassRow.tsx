'use client';

import ContentCopyRounded from '@mui/icons-material/ContentCopyRounded';
import DeleteOutlineRounded from '@mui/icons-material/DeleteOutlineRounded';
import DriveFileRenameOutlineRounded from '@mui/icons-material/DriveFileRenameOutlineRounded';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Link } from '../primitives/Link';
import { useState } from 'react';
import { sayShelf } from '@/messages/shelf';
import type { ClassRecord } from '@/schema/classRecord';
import { editClass } from '@/store/actions/classParts';
import { copyClass, deleteClass } from '@/store/actions/classes';
import { renameClass } from '@/store/actions/renameClass';
import { lineupsOf, studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import { useAsk } from '../primitives/asking';
import { NameField } from '../primitives/NameField';
import styles from './ShelfView.module.css';

/** One class on the shelf: its name opens it where the work was left. */
export function ClassRow({ theClass }: { readonly theClass: ClassRecord }) {
  const store = useStore();
  const students = useQuery(studentsOf, theClass.id).filter(({ left }) => left === null);
  const lineups = useQuery(lineupsOf, theClass.id);
  const told = useTold();
  const [renaming, setRenaming] = useState(false);

  const open = lineups.find(({ id }) => id === theClass.openLineupId) ?? lineups.at(-1);
  const ask = useAsk();
  const remove = (): void => {
    const run = (): void => {
      deleteClass(store, theClass.id);
      told(sayShelf.deleted(theClass.name));
    };
    const inUse = lineups.flatMap(({ name, state }) => (state === 'inUse' ? [name] : []));
    if (inUse.length === 0) run();
    else ask({ ...sayShelf.askDelete(theClass.name, inUse), run });
  };
  const copy = (): void => {
    const name = sayShelf.copyName(theClass.name);
    copyClass(store, theClass.id, name);
    told(sayShelf.copied(name));
  };
  return (
    <li className={styles.row}>
      {!renaming ? (
        <Link
          className={styles.open}
          href={`/c/${theClass.id}/${students.length === 0 ? 'roster' : 'groups'}`}
        >
          <span className={styles.name}>{theClass.name}</span>
          <span className={styles.facts}>
            {[sayShelf.students(students.length), sayShelf.lineups(lineups.length)].join(' · ')}
          </span>
          {open && <span className={styles.last}>{sayShelf.last(open.name)}</span>}
        </Link>
      ) : (
        <NameField
          value={theClass.name}
          label={sayShelf.nameLabel}
          className={styles.field}
          onDone={(name) => {
            if (name !== null) renameClass(store, theClass.id, name);
            setRenaming(false);
          }}
        />
      )}
      <span className={styles.course}>
        <InPlaceText
          value={theClass.courseCode}
          label={sayShelf.courseCodeOf(theClass.name)}
          placeholder={sayShelf.courseCode}
          mayBeEmpty
          onChange={(courseCode) => editClass(store, theClass.id, { courseCode })}
        />
        <InPlaceText
          value={theClass.term}
          label={sayShelf.termOf(theClass.name)}
          placeholder={sayShelf.term}
          mayBeEmpty
          onChange={(term) => editClass(store, theClass.id, { term })}
        />
      </span>
      {theClass.temporary && (
        <Button
          size="small"
          variant="paper"
          onClick={() => editClass(store, theClass.id, { temporary: false })}
        >
          {sayShelf.keep}
        </Button>
      )}
      <IconPress label={sayShelf.rename(theClass.name)} onPress={() => setRenaming(true)}>
        <DriveFileRenameOutlineRounded />
      </IconPress>
      <IconPress label={sayShelf.copy(theClass.name)} onPress={copy}>
        <ContentCopyRounded />
      </IconPress>
      <IconPress label={sayShelf.remove(theClass.name)} onPress={remove}>
        <DeleteOutlineRounded />
      </IconPress>
    </li>
  );
}
