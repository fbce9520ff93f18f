'use client';

import { lazily } from '../primitives/lazily';
import { useEffect, useState } from 'react';
import type { ClassRecord } from '@/schema/classRecord';
import { classById, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { say } from '@/messages';
import { useNameMask } from '../frame/masking';
import { Button } from '../primitives/Button';
import { useClassId } from '../frame/useClassId';
import { hasDropped, listenDropped } from '../frame/droppedFiles';
import { useDraft } from '../frame/useDraft';
import styles from './RosterView.module.css';
import { pasteField } from './pasteField';

/** Each loaded when it is first needed: an empty class needs no table, a full one no box to paste into. */
const PasteBox = lazily(() => import('./PasteBox').then((module) => module.PasteBox));
const ListedStudents = lazily(() =>
  import('./ListedStudents').then((module) => module.ListedStudents),
);

/** The class list: take it in, see what is doubtful, say who is here, mend what is known. */
export function RosterView() {
  const theClass = useQuery(classById, useClassId());
  return theClass ? <Roster key={theClass.id} theClass={theClass} /> : null;
}

function Roster({ theClass }: { readonly theClass: ClassRecord }) {
  const real = useQuery(studentsOf, theClass.id);
  const begun = useDraft(pasteField(theClass.id)) !== '';
  const [mask, setMask] = useNameMask();
  const [opened, setOpened] = useState(hasDropped);
  useEffect(() => listenDropped(() => setOpened(true)), []);
  const empty = real.length === 0;
  const adding = empty || begun || opened;
  return (
    <div
      className={styles.roster}
      data-empty={empty}
      data-adding={adding}
      onDragEnter={(event) => {
        if (event.dataTransfer.types.includes('Files')) setOpened(true);
      }}
    >
      {!empty && (
        <ListedStudents
          theClass={theClass}
          real={real}
          adding={adding}
          onAdd={() => setOpened(!adding)}
        />
      )}
      {adding && mask !== 'names' && !empty && (
        <div className={styles.hidden}>
          <p>{say.privacy.listHidden}</p>
          <Button variant="paper" onClick={() => setMask('names')}>
            {say.privacy.showNames}
          </Button>
        </div>
      )}
      {adding && (mask === 'names' || empty) && (
        <PasteBox theClass={theClass} students={real} focus={empty || opened} />
      )}
    </div>
  );
}
