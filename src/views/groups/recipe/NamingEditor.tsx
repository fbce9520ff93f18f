'use client';

import { Button } from '../../primitives/Button';
import { useState } from 'react';
import { say } from '@/messages';
import { sayBench } from '@/messages/bench';
import type { GroupNaming } from '@/schema/recipe';
import { setGroupWords } from '@/store/actions/classParts';
import { nameGroups } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { namesFor } from '../../frame/groupNaming';
import { CheckList } from '../../primitives/CheckList';
import { Choice } from '../../primitives/Choice';
import styles from './RecipeEditor.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Names shown before anything has been dealt. */
const USUAL_PREVIEW = 8;

/** How groups are called, with all names as they will be; groups on the sheet take them at once. */
export function NamingEditor() {
  const store = useStore();
  const { theClass, lineup, take } = useWorkbench('bench');
  const { editors } = sayBench;
  const { naming } = lineup.recipe;
  const count = take?.groups.length ?? USUAL_PREVIEW;
  const names = namesFor(theClass, lineup, count);
  const put = (next: GroupNaming, words = theClass): void => {
    const called = namesFor(words, lineup, count, next);
    nameGroups(store, lineup.id, next, (row) => called[row] ?? '');
  };
  const putWords = (text: string): void => {
    const words = linesOf(text);
    setGroupWords(store, theClass.id, words);
    put(naming, { ...theClass, groupNames: words });
  };
  const extras = [...(naming.withCode ? ['code'] : []), ...(naming.withDate ? ['date'] : [])];
  return (
    <>
      <Choice
        legend={editors.naming}
        value={naming.from}
        options={(['words', 'numbers', 'letters', 'list'] as const).map((value) => ({
          value,
          label: editors.namingOptions[value],
        }))}
        onChange={(from) =>
          put({
            ...naming,
            from,
            list: from === 'list' && naming.list.length === 0 ? [...names] : naming.list,
          })
        }
      />
      <CheckList
        legend={editors.namingExtras}
        options={[
          { value: 'code', label: editors.withCode(theClass.courseCode) },
          { value: 'date', label: editors.withDate(say.groupNaming.date(lineup.createdAt)) },
        ]}
        chosen={extras}
        onChange={(chosen) =>
          put({ ...naming, withCode: chosen.includes('code'), withDate: chosen.includes('date') })
        }
      />
      {naming.from === 'list' && (
        <Lines
          key="list"
          label={editors.listLabel}
          lines={naming.list}
          onChange={(text) => put({ ...naming, list: linesOf(text) })}
        />
      )}
      {naming.from === 'words' && (
        <>
          <Lines
            key={theClass.groupNames.join('\n')}
            label={editors.wordsLabel}
            lines={theClass.groupNames.length > 0 ? theClass.groupNames : say.groupWords}
            onChange={putWords}
          />
          {theClass.groupNames.length > 0 && (
            <Button size="small" onClick={() => putWords('')}>
              {editors.usualWords}
            </Button>
          )}
        </>
      )}
      <p className={styles.hint}>
        {editors.preview}: <span className={styles.preview}>{names.join(', ')}</span>
      </p>
    </>
  );
}

interface LinesProps {
  readonly label: string;
  readonly lines: readonly string[];
  readonly onChange: (text: string) => void;
}

/** A list to be written or pasted, taken over when the field is left. */
function Lines({ label, lines, onChange }: LinesProps) {
  const [text, setText] = useState(lines.join('\n'));
  return (
    <label className={styles.lines}>
      {label}
      <textarea
        rows={5}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => {
          if (text !== lines.join('\n')) onChange(text);
        }}
      />
    </label>
  );
}

function linesOf(text: string): string[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '');
}
