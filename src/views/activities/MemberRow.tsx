'use client';

import { memo } from 'react';
import { mostOf, type StudentMark } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import { NO_OWN, type OwnMark } from '@/schema/activity';
import type { StudentId } from '@/schema/ids';
import { sameData } from '@/schema/merging';
import { setOwn } from '@/store/actions/activities';
import { useStore } from '@/store/react';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';
import { FigureCell, TextCell } from './Cell';
import type { RowSettings } from './rowSettings';

interface MemberRowProps {
  readonly settings: RowSettings;
  readonly unitKey: string;
  readonly id: StudentId;
  readonly name: string;
  readonly own: OwnMark | undefined;
  readonly mark: StudentMark | undefined;
  /** The other group whose mark they have a part of. */
  readonly second: string | null;
}

const WHOLE = 100;

/** One member: whether they took part, what is said of them beside their group, and their mark. */
export const MemberRow = memo(function MemberRow(props: MemberRowProps) {
  const { settings, unitKey, id, name, own = NO_OWN, mark, second } = props;
  const words = sayActivities.grid;
  const store = useStore();
  const { criteria, members } = settings;
  const put = (change: Partial<OwnMark>): void => setOwn(store, settings.id, id, change);
  const part = mark?.parts.find(({ key }) => key === unitKey);
  const most = mostOf(settings);
  return (
    <tr data-unit={unitKey} data-member={id}>
      <th scope="row" className={styles.who}>
        <span className={styles.member}>
          {name}
          {second !== null && <small>{words.split(second)}</small>}
        </span>
      </th>
      <td>
        <Select
          quiet
          pale
          label={words.cell(name, words.state)}
          value={own.state}
          options={(['there', 'excused', 'absent'] as const).map((value) => ({
            ...{ value, label: words.states[value] },
          }))}
          onChange={(state) => put({ state })}
        />
      </td>
      {criteria.length > 0 && <td colSpan={criteria.length} />}
      <td className={styles.points}>
        {members === 'points' && (
          <FigureCell
            label={words.cell(name, words.up)}
            hint={words.hints.points}
            column="own"
            value={own.points}
            least={-most}
            most={most}
            onChange={(points) => put({ points })}
          />
        )}
        {members === 'own' && (
          <FigureCell
            label={words.cell(name, words.own)}
            hint={words.hints.own}
            column="own"
            value={own.points}
            most={most}
            onChange={(points) => put({ points })}
          />
        )}
        {members === 'shares' && (
          <FigureCell
            label={words.cell(name, words.share)}
            hint={words.hints.shares}
            column="own"
            value={own.share}
            most={WHOLE}
            onChange={(share) => put({ share })}
          />
        )}
        {members === 'answers' && part?.part !== null && part?.part !== undefined && (
          <span title={words.partHint}>{words.partOf(part.part)}</span>
        )}
      </td>
      {settings.late && (
        <td className={styles.points}>{part && part.off > 0 ? words.offOf(part.off) : ''}</td>
      )}
      <td className={styles.points}>
        {mark?.state === 'marked' && mark.points !== null ? (
          <b>{sayActivities.figure(mark.points)}</b>
        ) : (
          <small>{words.markState[mark?.state ?? 'missing']}</small>
        )}
      </td>
      <td className={styles.wordsColumn}>
        <TextCell
          label={words.cell(name, words.comment)}
          column="comment"
          value={own.comment}
          onChange={(comment) => put({ comment })}
        />
      </td>
    </tr>
  );
}, sameRow);

function sameRow(before: MemberRowProps, after: MemberRowProps): boolean {
  const { mark, ...rest } = before;
  return (
    Object.entries(rest).every(([prop, value]) => after[prop as keyof typeof rest] === value) &&
    sameData(mark, after.mark)
  );
}
