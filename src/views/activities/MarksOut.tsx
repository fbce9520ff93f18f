'use client';

import { useState } from 'react';
import * as z from 'zod/mini';
import {
  MARK_COLUMNS,
  MARK_FILES,
  marksFile,
  type MarkColumn,
  type MarkFile,
  type MarksLayout,
  type MarksOut as Out,
} from '@/formats/out/marksOut';
import { sayActivities } from '@/messages/activities';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { download } from '../frame/download';
import page from '../frame/SidePage.module.css';
import { useSetting } from '../frame/useDraft';
import { useRealNames } from '../frame/useRealNames';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import { OpenPart } from '../primitives/OpenPart';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';

const COLUMNS = z.array(z.enum(MARK_COLUMNS));
const LAYOUT: Setting<MarksLayout> = {
  name: 'marksLayout',
  shape: z.object({
    columns: COLUMNS,
    headings: z.partialRecord(z.enum(MARK_COLUMNS), z.string()),
    decimal: z.enum(['.', ',']),
  }),
  usual: { columns: ['number', 'name', 'group', 'marks', 'comment'], headings: {}, decimal: '.' },
};

interface MarksOutProps {
  readonly classId: ClassId;
  /** Under the real names. */
  readonly marks: () => Out;
  readonly fileName: string;
}

/** Marks as a file, in a layout of the teacher's own. */
export function MarksOut({ classId, marks, fileName }: MarksOutProps) {
  const words = sayActivities.sheet;
  const [layout, setLayout] = useSetting(LAYOUT, classId);
  const { leave, question } = useRealNames(false);
  const [saving, setSaving] = useState(false);
  const save = async (kind: MarkFile): Promise<void> => {
    setSaving(true);
    const { safeName } = await import('@/formats/out/fileNames');
    const { content, end, type } = await marksFile(kind, marks(), layout, sayActivities.out);
    const blob = typeof content === 'string' ? content : new Blob([content as BlobPart]);
    download(`${safeName(fileName, 'marks')}.${end}`, blob, type);
    setSaving(false);
  };
  return (
    <>
      <div className={page.doings}>
        {MARK_FILES.map((kind) => (
          <Button
            key={kind}
            size="small"
            variant="paper"
            disabled={saving}
            onClick={() => leave(() => void save(kind))}
          >
            {words.save[kind]}
          </Button>
        ))}
        <OpenPart label={words.layout}>
          <Layout layout={layout} onChange={setLayout} />
        </OpenPart>
      </div>
      {question}
    </>
  );
}

interface LayoutProps {
  readonly layout: MarksLayout;
  readonly onChange: (layout: MarksLayout) => void;
}

/** Which columns a table has, in which order, and what they are called. */
function Layout({ layout, onChange }: LayoutProps) {
  const words = sayActivities.sheet;
  const { columns, headings, decimal } = layout;
  const usual = sayActivities.out.headings;
  const others = MARK_COLUMNS.filter((one) => !columns.includes(one));
  const earlier = (column: MarkColumn): void => {
    const at = columns.indexOf(column);
    const next = columns.filter((one) => one !== column);
    next.splice(at - 1, 0, column);
    onChange({ ...layout, columns: next });
  };
  return (
    <div className={page.editor}>
      <b>{words.columns}</b>
      <ul className={styles.columns}>
        {[...columns, ...others].map((column) => {
          const taken = columns.includes(column);
          const called = headings[column] ?? usual[column];
          return (
            <li key={column}>
              <input
                type="checkbox"
                aria-label={words.take(usual[column])}
                checked={taken}
                onChange={({ target }) =>
                  onChange({
                    ...layout,
                    columns: target.checked
                      ? [...columns, column]
                      : columns.filter((one) => one !== column),
                  })
                }
              />
              <InPlaceText
                value={called}
                label={words.heading(usual[column])}
                onChange={(heading) =>
                  onChange({ ...layout, headings: { ...headings, [column]: heading } })
                }
              />
              {taken && columns.indexOf(column) > 0 && (
                <Button
                  size="small"
                  variant="plain"
                  aria-label={words.earlier(usual[column])}
                  onClick={() => earlier(column)}
                >
                  ↑
                </Button>
              )}
            </li>
          );
        })}
      </ul>
      <Select
        label={words.decimal}
        value={decimal}
        options={(['.', ','] as const).map((value) => ({ value, label: words.decimalOf[value] }))}
        onChange={(next) => onChange({ ...layout, decimal: next })}
      />
    </div>
  );
}
