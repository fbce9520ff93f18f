'use client';

import CheckRounded from '@mui/icons-material/CheckRounded';
import ErrorOutlineRounded from '@mui/icons-material/ErrorOutlineRounded';
import MailOutlineRounded from '@mui/icons-material/MailOutlineRounded';
import LockRounded from '@mui/icons-material/LockRounded';
import { memo, useId } from 'react';
import type { Target } from '@/encode/insightTypes';
import { sayGroups } from '@/messages/groups';
import { sayRules } from '@/messages/rules';
import type { ClassRecord } from '@/schema/classRecord';
import { LEAD } from '@/schema/take';
import { brokenSentence, ruleSentence } from '../../frame/ruleSources';
import type { NameOf } from '../../frame/names';
import { Sign } from '../../primitives/Sign';
import { Spoken } from '../../primitives/Spoken';
import { Measure } from './Measure';
import type { GroupRowProps } from './rowProps';
import { sameRow } from './sameRow';
import styles from './ScoreSheet.module.css';
import { Tile } from './Tile';
import type { SheetGroup } from '../workbench/useSheet';
import { mailto } from '../../frame/mailto';

/** One group: sign and name, its students along the row, its measures. Drawn anew only where it has changed. */
export const GroupRow = memo(function GroupRow(props: GroupRowProps) {
  const { place, group, theClass, selected, chosen, onToggle, onChoose, nameOf, factsOf } = props;
  const { shown, insight, target, dragged, over } = props;
  const nameId = useId();
  const troubled = new Set<string>(
    group.broken.flatMap(({ source, studentIds }) =>
      source.from === 'rule' ? source.rule.studentIds : studentIds,
    ),
  );
  return (
    <li
      ref={place?.measure}
      style={place?.style}
      className={styles.row}
      data-row={group.index}
      data-index={place?.index}
      data-over={over}
      data-breaks={over && target?.effect === 'breaks'}
      data-chosen={chosen}
      data-holds-selected={group.students.some(({ id }) => selected.includes(id))}
      data-target={target?.place === null ? undefined : target?.place}
      aria-labelledby={nameId}
    >
      <div className={styles.name}>
        <button
          type="button"
          className={styles.choose}
          aria-pressed={chosen}
          aria-label={sayGroups.chosen(group.name)}
          onClick={(event) =>
            onChoose(group.index, event.shiftKey || event.ctrlKey || event.metaKey)
          }
        >
          <Sign index={group.sign} size={25} />
          <span className={styles.called}>
            <span id={nameId}>{group.name}</span>
            {group.about !== '' && <span className={styles.about}>{group.about}</span>}
            {target && !target.isHome && <TargetWord target={target} />}
          </span>
        </button>
        <span className={styles.side}>
          {group.index < 9 && <span className={styles.number}>{group.index + 1}</span>}
          <WriteToLead group={group} nameOf={nameOf} />
          {group.locked && (
            <LockRounded
              className={styles.lock}
              fontSize="inherit"
              titleAccess={sayGroups.locked}
            />
          )}
        </span>
      </div>
      <ul className={styles.seats} aria-labelledby={nameId}>
        {group.students.map((student) => (
          <Tile
            key={student.id}
            id={student.id}
            name={nameOf(student.id)}
            fullName={student.name}
            away={student.left !== null ? sayGroups.left : student.here ? '' : sayGroups.away}
            troubled={troubled.has(student.id)}
            selected={selected.includes(student.id)}
            dragged={student.id === dragged}
            onToggle={onToggle}
            {...factsOf(student, group.roles)}
          />
        ))}
        {group.students.length === 0 && <li className={styles.nobody}>{sayGroups.nobody}</li>}
      </ul>
      <div className={styles.figure} aria-label={sayGroups.sizeLabel(group.size)} role="img">
        {group.size}
      </div>
      {shown.map((key) => (
        <Measure key={key} column={key} row={group.index} theClass={theClass} insight={insight} />
      ))}
      <RuleState group={group} />
      <BrokenRules group={group} theClass={theClass} nameOf={nameOf} />
    </li>
  );
}, sameRow);

/** The lead's address, one press from the row. */
function WriteToLead({ group, nameOf }: Pick<GroupRowProps, 'group' | 'nameOf'>) {
  const lead = group.students.find(({ id }) => id === group.roles[LEAD]);
  if (!lead || lead.email === '') return null;
  const label = sayGroups.writeTo(nameOf(lead.id));
  return (
    <a className={styles.write} href={mailto(lead.email)} aria-label={label} title={label}>
      <MailOutlineRounded fontSize="inherit" />
    </a>
  );
}

function TargetWord({ target }: { readonly target: Target }) {
  const { place, effect } = target;
  return (
    <span className={styles.effect} data-effect={effect}>
      {sayGroups.effect[effect]}
      {place !== null && <Spoken>, {sayGroups.best[place]}</Spoken>}
    </span>
  );
}

/** Whether the quiet rules about somebody here hold, as a sign with a word to be read aloud. */
function RuleState({ group }: { readonly group: SheetGroup }) {
  const none = group.rules.length === 0;
  const word = sayRules.stateHere(none, group.broken.length);
  return (
    <div
      className={styles.kept}
      data-none={none}
      data-broken={group.broken.length > 0}
      title={word}
    >
      {group.broken.length > 0 ? (
        <ErrorOutlineRounded fontSize="small" titleAccess={word} />
      ) : none ? (
        <span aria-label={word} role="img">
          –
        </span>
      ) : (
        <CheckRounded fontSize="small" titleAccess={word} />
      )}
    </div>
  );
}

interface BrokenRulesProps {
  readonly group: SheetGroup;
  readonly theClass: ClassRecord;
  readonly nameOf: NameOf;
}

/** What is broken, in words on a line of its own. */
function BrokenRules({ group, theClass, nameOf }: BrokenRulesProps) {
  if (group.broken.length === 0) return null;
  return (
    <ul className={styles.broken}>
      {group.broken.map(({ source, studentIds }) => (
        <li key={ruleSentence(source, theClass, nameOf)}>
          {brokenSentence(source, studentIds, theClass, nameOf)}
        </li>
      ))}
    </ul>
  );
}
