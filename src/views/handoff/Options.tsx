'use client';

import { sayOutWords } from '@/messages/outWords';
import { useRef, useState } from 'react';
import type { AnyLineup } from '@/formats/out/lineupOut';
import { COLUMNS, usualColumns } from '@/formats/out/table';
import type { Template } from '@/formats/out/handout/types';
import { LARGEST_TEMPLATE } from '@/formats/out/handout/template';
import { PLACEHOLDERS } from '@/formats/out/handout/values';
import { wayOutOf, type WayOutId } from '@/formats/out/list';
import type { Column } from '@/formats/out/options';
import { sayHandoff } from '@/messages/handoff';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import { Select } from '../primitives/Select';
import { Switch } from '../primitives/Switch';
import { asBase64, LARGEST_KEPT, type Chosen } from './chosen';
import { Field } from '../primitives/Field';
import styles from './HandOffView.module.css';

interface OptionsProps {
  readonly way: WayOutId;
  readonly chosen: Chosen;
  readonly onChange: (change: Partial<Chosen>) => void;
  readonly ownFile: Template | null;
  /** With the file as base64 where it is to be remembered; null for writing it here. */
  readonly onOwnFile: (file: Template | null, remember: string | null) => void;
  readonly today: string;
  readonly lineup: Pick<AnyLineup, 'groups'>;
}

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
      {has('letter') && (
        <TextTemplate
          label={words.letter}
          value={chosen.letter}
          shipped={sayOutWords.letter[way === 'merge-csv' ? 'each' : chosen.letterTo]}
          onChange={(letter) => onChange({ letter })}
        />
      )}
      {has('handout') && (
        <HandoutTemplate
          way={way}
          value={chosen.handout}
          onChange={(handout) => onChange({ handout })}
          ownFile={ownFile}
          onOwnFile={onOwnFile}
        />
      )}
      {(has('handout') || has('letter')) && (
        <OwnFields fields={chosen.fields} onChange={(fields) => onChange({ fields })} />
      )}
      {has('layout') && <Layout way={way} chosen={chosen} onChange={onChange} lineup={lineup} />}
    </section>
  );
}

interface TextTemplateProps {
  readonly label: string;
  readonly hint?: string;
  /** Null while it is the one that is shipped. */
  readonly value: string | null;
  readonly shipped: string;
  readonly onChange: (value: string | null) => void;
}

function TextTemplate({ label, hint, value, shipped, onChange }: TextTemplateProps) {
  return (
    <div>
      <Field label={label} {...(hint === undefined ? {} : { hint })}>
        <textarea
          rows={8}
          value={value ?? shipped}
          onChange={(event) => onChange(event.target.value)}
        />
      </Field>
      {value !== null && value !== shipped && (
        <Button size="small" onClick={() => onChange(null)}>
          {sayHandoff.handoff.options.asShipped}
        </Button>
      )}
    </div>
  );
}

interface HandoutTemplateProps extends Pick<OptionsProps, 'way' | 'ownFile' | 'onOwnFile'> {
  readonly value: string | null;
  readonly onChange: (value: string | null) => void;
}

/** The hand-out: written here, or a document of the teacher's own. */
function HandoutTemplate({ way, value, onChange, ownFile, onOwnFile }: HandoutTemplateProps) {
  const words = sayHandoff.handoff.options;
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState('');
  const ends = way === 'pack-docx' ? '.docx' : '.html';
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > LARGEST_TEMPLATE) {
      setSaid(words.fileTooLarge);
      return;
    }
    const bytes = new Uint8Array(await file.arrayBuffer());
    const remember = bytes.length <= LARGEST_KEPT ? asBase64(bytes) : null;
    setSaid(remember === null ? words.fileForNow : '');
    onOwnFile({ name: file.name, bytes }, remember);
  };
  return (
    <div className={styles.template}>
      {ownFile ? (
        <p>
          {words.usedFile(ownFile.name)}{' '}
          <Button
            size="small"
            variant="line"
            onClick={() => {
              setSaid('');
              onOwnFile(null, null);
            }}
          >
            {words.noFile}
          </Button>
        </p>
      ) : (
        <TextTemplate
          label={words.handout}
          hint={words.handoutHint(PLACEHOLDERS)}
          value={value}
          shipped={sayOutWords.handout}
          onChange={onChange}
        />
      )}
      <p className={styles.own}>
        <Button size="small" variant="paper" onClick={() => input.current?.click()}>
          {words.ownFile}
        </Button>
        <small>{words.ownFileHint(ends)}</small>
        <input
          ref={input}
          type="file"
          hidden
          aria-label={words.ownFile}
          accept={`${ends},.md,.txt`}
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </p>
      {said !== '' && <p role="status">{said}</p>}
    </div>
  );
}

interface OwnFieldsProps {
  readonly fields: Chosen['fields'];
  readonly onChange: (fields: Chosen['fields']) => void;
}

/** Placeholders of the teacher's own, each with what stands for it. */
function OwnFields({ fields, onChange }: OwnFieldsProps) {
  const words = sayHandoff.handoff.options;
  const change = (at: number, part: Partial<Chosen['fields'][number]>): void =>
    onChange(fields.map((field, i) => (i === at ? { ...field, ...part } : field)));
  return (
    <details className={styles.fields} open={fields.length > 0 || undefined}>
      <summary className={styles.label}>{words.fields}</summary>
      <ul>
        {fields.map(({ name, value }, at) => (
          <li key={at}>
            <InPlaceText
              label={words.fieldName(at + 1)}
              value={name}
              placeholder={words.fieldUnnamed}
              onChange={(next) => change(at, { name: next })}
            />
            <InPlaceText
              label={words.fieldValue(name)}
              value={value}
              placeholder={words.fieldEmpty}
              mayBeEmpty
              onChange={(next) => change(at, { value: next })}
            />
            <Button
              size="small"
              aria-label={words.fieldRemove(name)}
              onClick={() => onChange(fields.filter((_, i) => i !== at))}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      <Button size="small" onClick={() => onChange([...fields, { name: '', value: '' }])}>
        {words.fieldAdd}
      </Button>
    </details>
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
