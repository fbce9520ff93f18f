'use client';

import { useLeaving } from '../frame/useLeaving';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { lazily } from '../primitives/lazily';
import type { ReactNode } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { keepDraft } from '@/store/actions/drafts';
import {
  deleteStudent,
  editStudent,
  leaveClass,
  restoreStudent,
  type StudentEdit,
} from '@/store/actions/students';
import { useStore } from '@/store/react';
import { today } from '../frame/today';
import { useDraft } from '../frame/useDraft';
import { InPlaceText } from '../primitives/InPlaceText';
import { detailColumn } from './columns';
import { DetailCell } from './DetailCell';
import { SectionCell } from './StudentRow';
import styles from './StudentSheet.module.css';

/** Loaded with the first student that is opened. */
const StudentEntry = lazily(() =>
  import('../frame/StudentEntry').then((module) => module.StudentEntry),
);

interface StudentSheetProps {
  readonly theClass: ClassRecord;
  readonly student: StudentRecord;
  readonly students: readonly StudentRecord[];
  readonly onClose: () => void;
}

/** All that is known of one student, each fact changed where it stands. */
export function StudentSheet({ theClass, student, students, onClose }: StudentSheetProps) {
  const store = useStore();
  const { id, name } = student;
  const edit = (change: StudentEdit): void => editStudent(store, id, change);
  const text = (
    field: 'givenName' | 'familyName' | 'preferredName' | 'email' | 'externalId',
    placeholder: string = sayRoster.roster.nothing,
  ) => (
    <Fact title={sayRoster.roster.column[field]}>
      <InPlaceText
        value={student[field]}
        label={sayRoster.roster.column[field]}
        placeholder={placeholder}
        mayBeEmpty
        inputMode={field === 'email' ? 'email' : 'text'}
        onChange={(next) => edit({ [field]: next })}
      />
    </Fact>
  );
  return (
    <section className={styles.sheet} aria-label={name}>
      <header className={styles.head}>
        <h3 className={styles.name}>{name}</h3>
        <Button size="small" variant="paper" onClick={onClose}>
          {sayRoster.roster.closeSheet}
        </Button>
      </header>
      {student.left !== null && (
        <p className={styles.left}>{sayRoster.roster.leftOn(student.left)}</p>
      )}
      <dl className={styles.facts}>
        {text('givenName')}
        {text('familyName')}
        {text('preferredName', sayRoster.roster.sameAsGiven)}
        {text('email', sayRoster.roster.noEmail)}
        {text('externalId')}
        <Fact title={sayRoster.roster.column.section}>
          <SectionCell
            student={student}
            theClass={theClass}
            onChange={(sectionId) => edit({ sectionId })}
          />
        </Fact>
        {theClass.details.map((detail) => (
          <Fact key={detail.id} title={detail.name}>
            <DetailCell column={detailColumn(detail.id)} student={student} theClass={theClass} />
          </Fact>
        ))}
      </dl>
      <Wishes student={student} students={students} onChange={(wishes) => edit({ wishes })} />
      <Note student={student} onChange={(note) => edit({ note })} />
      <Leaving student={student} onClose={onClose} />
    </section>
  );
}

function Fact({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className={styles.fact}>
      <dt>{title}</dt>
      <dd>{children}</dd>
    </div>
  );
}

interface WishesProps {
  readonly student: StudentRecord;
  readonly students: readonly StudentRecord[];
  readonly onChange: (wishes: StudentRecord['wishes']) => void;
}

function Wishes({ student, students, onChange }: WishesProps) {
  const nameOf = new Map(students.map(({ id, name }) => [id, name]));
  const free = students.filter(
    ({ id, left }) => id !== student.id && left === null && !student.wishes.includes(id),
  );
  return (
    <div>
      <h4 className={styles.subtitle}>{sayRoster.roster.column.wishes}</h4>
      <ul className={styles.wishes}>
        {student.wishes.map((id) => (
          <li key={id}>
            <button
              type="button"
              className={styles.wish}
              aria-label={sayRoster.roster.dropWish(nameOf.get(id) ?? '')}
              onClick={() => onChange(student.wishes.filter((one) => one !== id))}
            >
              {nameOf.get(id)}
              <span aria-hidden="true">{' ✕'}</span>
            </button>
          </li>
        ))}
        <li>
          <StudentEntry
            key={student.wishes.length}
            label={sayRoster.roster.addWish}
            students={free}
            focused={false}
            onPick={({ id }) => onChange([...student.wishes, id])}
          />
        </li>
      </ul>
    </div>
  );
}

function Note({
  student,
  onChange,
}: {
  readonly student: StudentRecord;
  readonly onChange: (note: string) => void;
}) {
  const store = useStore();
  const field = { of: 'note', classId: student.classId, studentId: student.id } as const;
  const draft = useDraft(field);
  // What is being typed is kept from the first letter on; the mark tells an emptied note from an untouched one.
  const note = draft === '' ? student.note : draft.slice(MARK.length);
  return (
    <label className={styles.note}>
      <span className={styles.subtitle}>{sayRoster.roster.privateNote}</span>
      <textarea
        className={styles.area}
        rows={3}
        value={note}
        onChange={(event) => keepDraft(store, field, MARK + event.target.value)}
        onBlur={() => {
          if (note !== student.note) onChange(note);
          keepDraft(store, field, '');
        }}
      />
    </label>
  );
}

const MARK = '=';

function Leaving({
  student,
  onClose,
}: {
  readonly student: StudentRecord;
  readonly onClose: () => void;
}) {
  const store = useStore();
  const told = useTold();
  const leaving = useLeaving();
  if (student.left === null) {
    const leave = (): void => {
      leaving([student.id], () => {
        leaveClass(store, [student.id], today());
        told(sayRoster.roster.markedLeft(student.name));
      });
    };
    return (
      <div className={styles.leaving}>
        <Button size="small" variant="paper" onClick={leave}>
          {sayRoster.roster.leaves}
        </Button>
      </div>
    );
  }
  const remove = (): void => {
    deleteStudent(store, student.id);
    told(sayRoster.roster.deleted(student.name));
    onClose();
  };
  return (
    <div className={styles.leaving}>
      <Button size="small" variant="contained" onClick={() => restoreStudent(store, student.id)}>
        {sayRoster.roster.restore}
      </Button>
      <Button size="small" variant="paper" onClick={remove}>
        {sayRoster.roster.deleteForGood}
      </Button>
    </div>
  );
}
