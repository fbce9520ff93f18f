'use client';

import { sayOutWords } from '@/messages/outWords';
import { COLUMNS, usualColumns } from '@/formats/out/table';
import { wayOutOf } from '@/formats/out/list';
import type { Column } from '@/formats/out/options';
import { sayHandoff } from '@/messages/handoff';
import { Button } from '../primitives/Button';
import { lazily } from '../primitives/lazily';
import { InPlaceText } from '../primitives/InPlaceText';
import { Select } from '../primitives/Select';
import { Switch } from '../primitives/Switch';
import type { OptionsProps } from './optionsProps';
import { Field } from '../primitives/Field';
import styles from './HandOffView.module.css';

/** What is written comes with the first way out that is made of it. */
const Templates = lazily(() => import('./Templates').then((module) => module.Templates));

/** The few things that a way out can be told. */
export function Options(props: OptionsProps) {
  const { way, chosen, onChange, ownFile, onOwnFile, today, lineup } = props;
  const words = sayHandoff.handoff.options;
  const takes = wayOutOf(way)?.takes ?? [];
  const has = (what: (typeof takes)[number]): boolean => takes.includes(what);
  return (
    <section aria-labelledby="with" className={styles.options}>
      <h3 id="with" className={styles.subtitle}>
        {words.title}
      </h3>
      {has('letterTo') && (
        <Select
          label={words.letterTo}
          value={chosen.letterTo}
          options={(['group', 'lead', 'each'] as const).map((value) => ({
            value,
            label: words.letterKinds[value],
          }))}
          onChange={(letterTo) => onChange({ letterTo, letter: null })}
        />
      )}
      {has('addresses') && (
        <Switch checked={chosen.addresses} onChange={(addresses) => onChange({ addresses })}>
          {words.addresses}
        </Switch>
      )}
      {has('moment') && (
        <div className={styles.moment}>
          <Field label={words.date}>
            <input
              type="date"
              value={chosen.date || today}
              onChange={(event) => onChange({ date: event.target.value })}
            />
          </Field>
          <Field label={words.time}>
            <input
              type="time"
              value={chosen.time}
              onChange={(event) => onChange({ time: event.target.value })}
            />
          </Field>
          <Field label={words.minutes}>
            <input
              inputMode="numeric"
              size={4}
              value={chosen.minutes}
              onChange={(event) => onChange({ minutes: event.target.value.trim() })}
            />
          </Field>
        </div>
      )}
      {way === 'icalendar' && (
        <Switch checked={chosen.oneEvent} onChange={(oneEvent) => onChange({ oneEvent })}>
          {words.oneEvent}
        </Switch>
      )}
      {has('link') && (
        <Field label={words.linkTemplate} hint={words.linkHint}>
          <input
            inputMode="url"
            spellCheck={false}
            placeholder={words.linkStart}
            value={chosen.linkTemplate}
            onChange={(event) => onChange({ linkTemplate: event.target.value })}
          />
        </Field>
      )}
      {has('message') && (
        <Field label={words.message}>
          <textarea
            rows={2}
            placeholder={words.messageHint}
            value={chosen.message}
            onChange={(event) => onChange({ message: event.target.value })}
          />
        </Field>
      )}
      {(has('handout') || has('letter')) && (
        <Templates {...{ way, chosen, onChange, ownFile, onOwnFile }} takes={takes} />
      )}
      {has('layout') && <Layout way={way} chosen={chosen} onChange={onChange} lineup={lineup} />}
    </section>
  );
}

type LayoutProps = Pick<OptionsProps, 'way' | 'chosen' | 'onChange' | 'lineup'>;

/** Which columns, in which order, under which headings. */
function Layout({ way, chosen, onChange, lineup }: LayoutProps) {
  const words = sayHandoff.handoff.options;
  const { headings } = sayOutWords;
  const columns: readonly Column[] = chosen.columns ?? [
    ...usualColumns(way, lineup),
    ...(chosen.addresses ? (['email'] as const) : []),
  ];
  const set = (next: readonly Column[]): void => onChange({ columns: [...next] });
  const others = COLUMNS.filter(
    (column) => !columns.includes(column) && (column !== 'email' || chosen.addresses),
  );
  return (
    <details className={styles.layout} open={chosen.columns !== null || undefined}>
      <summary className={styles.label}>{words.columns}</summary>
      <ol>
        {columns.map((column, at) => (
          <li key={column}>
            <InPlaceText
              label={words.heading(headings[column])}
              value={chosen.headings[column] ?? headings[column]}
              onChange={(text) => onChange({ headings: { ...chosen.headings, [column]: text } })}
            />
            {at > 0 && (
              <Button
                size="small"
                aria-label={words.earlier(headings[column])}
                onClick={() => set(moved(columns, at))}
              >
                ‹
              </Button>
            )}
            {columns.length > 1 && (
              <Button
                size="small"
                aria-label={words.leaveOut(headings[column])}
                onClick={() => set(columns.filter((one) => one !== column))}
              >
                ×
              </Button>
            )}
          </li>
        ))}
      </ol>
      <div className={styles.layoutMore}>
        {others.length > 0 && (
          <Select
            quiet
            label={words.addColumn}
            value=""
            options={[
              { value: '', label: words.addColumn },
              ...others.map((value) => ({ value, label: headings[value] })),
            ]}
            onChange={(column) => {
              const added = others.find((one) => one === column);
              if (added) set([...columns, added]);
            }}
          />
        )}
        {way !== 'xlsx' && (
          <Select
            label={words.separator}
            value={chosen.separator}
            options={([',', ';', '\t'] as const).map((value) => ({
              value,
              label: words.separators[value],
            }))}
            onChange={(separator) => onChange({ separator })}
          />
        )}
        {chosen.columns !== null && (
          <Button size="small" onClick={() => onChange({ columns: null, headings: {} })}>
            {words.usualColumns}
          </Button>
        )}
      </div>
    </details>
  );
}

/** The list with what stands at a place one further to the front. */
function moved<T>(list: readonly T[], at: number): readonly T[] {
  const next = [...list];
  next.splice(at - 1, 0, ...next.splice(at, 1));
  return next;
}
