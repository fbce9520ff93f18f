'use client';

import { memo } from 'react';
import { mostOf, type StudentMark } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import { NO_OWN, type OwnMark } from '@/schema/activity';
import type { StudentId } from '@/schema/ids';
import { sameData } from '@/schema/merging';
import { setOwn } from '@/store/actions/activities';
import { useStore } from '@/store/react';
import styles from './Activities.module.css';
import { FigureCell, TextCell } from './Cell';
import type { RowSettings } from './rowSettings';
import { TookPart } from './TookPart';

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

/** What is written beside a member, by how members come to their marks; nothing where they have the group's or say it themselves. */
const SAID = {
  points: {
    label: 'up',
    hint: 'points',
    field: 'points',
    signed: true,
    most: (all: number) => all,
  },
  own: { label: 'own', hint: 'own', field: 'points', signed: false, most: (all: number) => all },
  shares: { label: 'share', hint: 'shares', field: 'share', signed: false, most: () => WHOLE },
} as const;

/** One member: whether they took part, what is said of them beside their group, and their mark. */
export const MemberRow = memo(function MemberRow(props: MemberRowProps) {
  const { settings, unitKey, id, name, own = NO_OWN, mark, second } = props;
  const words = sayActivities.grid;
  const store = useStore();
  const { criteria, members } = settings;
  const put = (change: Partial<OwnMark>): void => setOwn(store, settings.id, id, change);
  const part = mark?.parts.find(({ key }) => key === unitKey);
  const most = mostOf(settings);
  const said = members === 'same' || members === 'answers' ? null : SAID[members];
  return (
    <tr data-unit={unitKey} data-member={id}>
      <th scope="row" className={styles.who}>
        <span className={styles.member}>
          {name}
          {second !== null && <small>{words.split(second)}</small>}
        </span>
      </th>
      <td>
        <TookPart name={name} state={own.state} onChange={(state) => put({ state })} />
      </td>
      {criteria.length > 0 && <td colSpan={criteria.length} />}
      <td className={styles.points}>
        {said && (
          <FigureCell
            label={words.cell(name, words[said.label])}
            hint={words.hints[said.hint]}
            column="own"
            value={own[said.field]}
            least={said.signed ? -said.most(most) : 0}
            most={said.most(most)}
            onChange={(value) => put({ [said.field]: value })}
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
