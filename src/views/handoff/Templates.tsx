'use client';

import { sayOutWords } from '@/messages/outWords';
import { useRef, useState } from 'react';
import { LARGEST_TEMPLATE } from '@/formats/out/handout/template';
import { PLACEHOLDERS } from '@/formats/out/handout/values';
import type { Taken } from '@/formats/out/wayOut';
import { sayHandoff } from '@/messages/handoff';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { InPlaceText } from '../primitives/InPlaceText';
import { asBase64, LARGEST_KEPT, type Chosen } from './chosen';
import styles from './HandOffView.module.css';
import type { OptionsProps } from './optionsProps';

interface TemplatesProps extends Pick<
  OptionsProps,
  'way' | 'chosen' | 'onChange' | 'ownFile' | 'onOwnFile'
> {
  readonly takes: readonly Taken[];
}

/** What a letter or a hand-out is made of, with the placeholders of the teacher's own. */
export function Templates({ way, takes, chosen, onChange, ownFile, onOwnFile }: TemplatesProps) {
  return (
    <>
      {takes.includes('letter') && (
        <TextTemplate
          label={sayHandoff.handoff.options.letter}
          value={chosen.letter}
          shipped={sayOutWords.letter[way === 'merge-csv' ? 'each' : chosen.letterTo]}
          onChange={(letter) => onChange({ letter })}
        />
      )}
      {takes.includes('handout') && (
        <HandoutTemplate
          way={way}
          value={chosen.handout}
          onChange={(handout) => onChange({ handout })}
          ownFile={ownFile}
          onOwnFile={onOwnFile}
        />
      )}
      <OwnFields fields={chosen.fields} onChange={(fields) => onChange({ fields })} />
    </>
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
