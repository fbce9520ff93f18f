'use client';

import MoreHorizRounded from '@mui/icons-material/MoreHorizRounded';
import { memo } from 'react';
import type { RosterWarning } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import { filtersOn } from '@/schema/presence';
import { leaveOutSentence } from './leaveOutWords';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import { editStudent, setTakesPart } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { Flag } from '../primitives/Flag';
import { InPlaceChoice } from '../primitives/InPlaceChoice';
import { InPlaceText } from '../primitives/InPlaceText';
import { Switch } from '../primitives/Switch';
import type { RosterRow } from './columns';
import { DetailCell } from './DetailCell';
import styles from './StudentTable.module.css';
import { today } from '../frame/today';

interface StudentRowProps {
  /** Told of the drawn row, where its height matters. */
  readonly measure?: ((element: Element | null) => void) | undefined;
  readonly index: number;
  readonly row: RosterRow;
  readonly columns: readonly string[];
  readonly theClass: ClassRecord;
  readonly doubts: readonly RosterWarning[] | undefined;
  readonly opened: boolean;
  readonly onOpen: (id: StudentId | null) => void;
  /** The column at which the tab key stops in this row; null in all rows but one. */
  readonly stop: string | null;
  readonly onFocusCell: (row: string, column: string) => void;
  readonly readOnly: boolean;
}

export const StudentRow = memo(function StudentRow(props: StudentRowProps) {
  const { measure, index, row, columns, theClass, doubts, opened, onOpen, readOnly } = props;
  const { stop, onFocusCell } = props;
  const { student, presence } = row;
  return (
    <tr
      ref={measure}
      data-index={index}
      aria-rowindex={index + 2}
      className={styles.row}
      data-presence={presence}
      data-opened={opened}
    >
      {columns.map((column) => {
        const tabIndex = column === stop ? 0 : -1;
        const attributes = {
          'data-cell': `${student.id}\n${column}`,
          onFocus: () => onFocusCell(student.id, column),
        };
        const inside = <Cell {...props} column={column} tabIndex={tabIndex} />;
        if (column === 'name') {
          return (
            <th key={column} scope="row" className={styles.name} {...attributes}>
              {inside}
            </th>
          );
        }
        const detail = theClass.details.find(({ id }) => column === `detail:${id}`);
        return (
          <td
            key={column}
            {...attributes}
            data-column={column}
            data-kind={detail?.kind}
            data-doubt={
              column === 'email' && doubts?.some(({ kind }) => ADDRESS_DOUBTS.includes(kind))
            }
          >
            {inside}
          </td>
        );
      })}
      <td className={styles.end}>
        <button
          type="button"
          className={styles.more}
          aria-label={sayRoster.roster.open(student.name)}
          aria-expanded={opened}
          title={readOnly ? undefined : sayRoster.roster.open(student.name)}
          disabled={readOnly}
          onClick={() => onOpen(opened ? null : student.id)}
        >
          <MoreHorizRounded />
        </button>
      </td>
    </tr>
  );
});

const ADDRESS_DOUBTS: readonly RosterWarning['kind'][] = [
  'malformedAddress',
  'otherDomain',
  'sameAddress',
];

interface CellProps extends StudentRowProps {
  readonly column: string;
  readonly tabIndex: number;
}

function Cell({ column, tabIndex, row, theClass, doubts, readOnly }: CellProps) {
  const store = useStore();
  const { student, presence } = row;
  const { id, name } = student;
  const text = (
    field: 'givenName' | 'familyName' | 'preferredName' | 'externalId' | 'email' | 'note',
    label: string,
    placeholder = sayRoster.roster.nothing,
  ) => (
    <InPlaceText
      value={student[field]}
      label={label}
      placeholder={placeholder}
      mayBeEmpty
      tabIndex={tabIndex}
      readOnly={readOnly}
      inputMode={field === 'email' ? 'email' : 'text'}
      onChange={(next) => editStudent(store, id, { [field]: next })}
    />
  );
  switch (column) {
    case 'here':
      return presence === 'left' ? (
        <button type="button" className={styles.left} tabIndex={tabIndex}>
          {sayRoster.roster.hasLeft}
        </button>
      ) : (
        <Switch
          checked={presence === 'here'}
          label={sayRoster.roster.isHere(name)}
          tabIndex={tabIndex}
          onChange={(here) => setTakesPart(store, [id], here, today())}
        />
      );
    case 'name':
      return (
        <>
          <InPlaceText
            value={name}
            label={sayRoster.roster.nameOf}
            tabIndex={tabIndex}
            readOnly={readOnly}
            onChange={(next) =>
              editStudent(store, id, {
                name: next,
                givenName: '',
                familyName: '',
                preferredName: '',
              })
            }
          />
          {presence === 'leftOut' && (
            <span className={styles.aside}>
              {sayRoster.roster.leftOutToday(
                filtersOn(student, theClass).map((one) => leaveOutSentence(one, theClass)),
              )}
            </span>
          )}
        </>
      );
    case 'section':
      return (
        <SectionCell
          student={student}
          theClass={theClass}
          tabIndex={tabIndex}
          onChange={(sectionId) => editStudent(store, id, { sectionId })}
        />
      );
    case 'email':
      return (
        <>
          {text('email', sayRoster.roster.emailOf(name), sayRoster.roster.noEmail)}
          {doubts?.some(({ kind }) => kind === 'malformedAddress') && (
            <span className={styles.slip}>{sayRoster.roster.slip}</span>
          )}
        </>
      );
    case 'givenName':
    case 'familyName':
    case 'preferredName':
    case 'externalId':
    case 'note':
      return text(column, `${sayRoster.roster.column[column]} (${name})`);
    case 'wishes':
      return (
        <button type="button" className={styles.plain} tabIndex={tabIndex}>
          {sayRoster.roster.wishes(student.wishes.length)}
        </button>
      );
    default:
      return (
        <DetailCell column={column} student={student} theClass={theClass} tabIndex={tabIndex} />
      );
  }
}

interface SectionCellProps {
  readonly student: RosterRow['student'];
  readonly theClass: ClassRecord;
  readonly tabIndex?: number;
  readonly onChange: (sectionId: string | null) => void;
}

/** The section with its pennant; chosen from those of the class. */
export function SectionCell({ student, theClass, tabIndex, onChange }: SectionCellProps) {
  const section = theClass.sections.find(({ id }) => id === student.sectionId);
  return (
    <InPlaceChoice
      value={section?.id ?? ''}
      label={sayRoster.roster.sectionOf(student.name)}
      tabIndex={tabIndex}
      shown={
        section ? (
          <>
            <Flag index={section.sign} />
            {section.name}
          </>
        ) : (
          <span className={styles.dim}>{sayRoster.roster.nothing}</span>
        )
      }
      options={[
        ...theClass.sections.map(({ id: value, name: label }) => ({ value, label })),
        { value: '', label: sayRoster.roster.noSection },
      ]}
      onChange={(next) => onChange(next === '' ? null : next)}
    />
  );
}
