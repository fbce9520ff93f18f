'use client';

import { useState } from 'react';
import { daysIn } from '@/encode/seriesDays';
import { daysInCalendar } from '@/formats/days';
import { sayTerm } from '@/messages/term';
import type { SeriesWish } from '@/schema/series';
import { CheckList } from '../primitives/CheckList';
import { Choice } from '../primitives/Choice';
import { Field } from '../primitives/Field';
import { FileButton } from '../primitives/FileButton';
import { NumberStepper } from '../primitives/NumberStepper';
import styles from './Term.module.css';

/** Days on which there is no round, as they are typed; what is no day is told and keeps nothing else from counting. */
export function NotOn({
  text,
  from,
  onChange,
}: {
  readonly text: string;
  /** The first day; what a calendar has before it is of no use. */
  readonly from: string;
  readonly onChange: (text: string) => void;
}) {
  const words = sayTerm.plan;
  const { unread } = daysIn(text);
  const [told, setTold] = useState('');
  const open = async (file: File): Promise<void> => {
    const days =
      file.size > MOST_CALENDAR_BYTES ? null : await daysInCalendar(await file.text(), from);
    setTold(words.calendarRead(file.name, days?.length ?? null));
    if (days) onChange([...new Set([...text.split('\n'), ...days])].filter(Boolean).join('\n'));
  };
  return (
    <>
      <Field label={words.notOnLabel}>
        <textarea rows={4} value={text} onChange={(event) => onChange(event.target.value)} />
        <small>{words.notOnHint}</small>
        {unread !== null && <small className={styles.issue}>{words.notOnUnread(unread)}</small>}
      </Field>
      <div>
        <FileButton
          label={words.openCalendar}
          accept=".ics,text/calendar"
          onFile={(file) => void open(file)}
        />
      </div>
      <p role="status" className={styles.hint}>
        {told}
      </p>
    </>
  );
}

const MOST_CALENDAR_BYTES = 5_000_000;

interface SizingProps {
  readonly sizing: SeriesWish['sizing'];
  readonly onChange: (sizing: SeriesWish['sizing']) => void;
}

/** So many groups, or so many in each. */
export function Sizing({ sizing, onChange }: SizingProps) {
  const words = sayTerm.plan;
  const by = sizing.by === 'count' ? 'count' : 'size';
  const number = sizing.by === 'count' ? sizing.count : sizing.by === 'size' ? sizing.size : 4;
  const give = (how: typeof by, many: number): void =>
    onChange(
      how === 'count'
        ? { by: 'count', count: many }
        : { by: 'size', size: many, leftover: 'spread' },
    );
  return (
    <>
      <Choice
        legend={words.sizingLabel}
        value={by}
        options={(['size', 'count'] as const).map((value) => ({ value, label: words.by[value] }))}
        onChange={(how) => give(how, number)}
      />
      <NumberStepper
        label={words.number}
        lessLabel={words.fewer}
        moreLabel={words.more}
        value={number}
        refusal={(many) => (many < 1 ? words.tooSmall : null)}
        onChange={(many) => give(by, many)}
      />
    </>
  );
}

interface InTurnProps {
  readonly roles: readonly string[];
  readonly chosen: readonly string[];
  readonly wordOf: (role: string) => string;
  readonly onChange: (roles: string[]) => void;
}

/** Which roles go from one to the next over the rounds. */
export function InTurn({ roles, chosen, wordOf, onChange }: InTurnProps) {
  return (
    <>
      <CheckList
        legend={sayTerm.plan.inTurnLabel}
        options={roles.map((value) => ({ value, label: wordOf(value) }))}
        chosen={chosen}
        onChange={(next) => onChange(roles.filter((role) => next.includes(role)))}
      />
      <p className={styles.hint}>{sayTerm.plan.inTurnHint}</p>
    </>
  );
}

interface MixProps {
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly chosen: readonly string[];
  readonly onChange: (chosen: string[]) => void;
}

/** What is spread evenly over the groups of every round. */
export function Mix({ options, chosen, onChange }: MixProps) {
  if (options.length === 0) return <p className={styles.hint}>{sayTerm.plan.mixNothing}</p>;
  return (
    <CheckList
      legend={sayTerm.plan.mixLabel}
      options={options}
      chosen={chosen}
      onChange={(next) => onChange([...next])}
    />
  );
}
