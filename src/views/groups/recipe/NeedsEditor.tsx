'use client';

import { ladderOf, MASTERED, needsOf } from '@/encode/needs';
import { sayBench } from '@/messages/bench';
import { MOST_FOCUS } from '@/schema/recipe';
import { setLadder } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { Field } from '../../primitives/Field';
import { NumberStepper } from '../../primitives/NumberStepper';
import { useWorkbench } from '../workbench/Workbench';
import type { EditorProps } from './editor';
import { ImportanceChoice } from './ImportanceChoice';

const USUAL_FOCUS = 2;

/** Students who need the same next together: how much that weighs, and how many skills a group works on. */
export function NeedsEditor({ change }: EditorProps) {
  const { theClass, students, lineup } = useWorkbench('bench');
  const store = useStore();
  const { editors } = sayBench;
  const { needs } = lineup.recipe;
  const ladder = ladderOf(theClass);
  const needing = students.filter((one) => one.here && needsOf(one, ladder).length > 0);
  return (
    <>
      <ImportanceChoice
        legend={editors.needs}
        hint={editors.needsHint(needing.length, ladder.length, MASTERED)}
        value={needs?.importance ?? null}
        onChange={(importance) =>
          change({ needs: importance && { focus: needs?.focus ?? USUAL_FOCUS, importance } })
        }
      />
      {needs && (
        <NumberStepper
          label={editors.focus}
          lessLabel={editors.fewerSkills}
          moreLabel={editors.moreSkills}
          value={needs.focus}
          refusal={(focus) =>
            focus < 1 || focus > MOST_FOCUS ? editors.focusRefused(MOST_FOCUS) : null
          }
          onChange={(focus) => change({ needs: { ...needs, focus } })}
        />
      )}
      <Field label={editors.ladder} hint={editors.ladderHint}>
        <textarea
          rows={Math.min(8, ladder.length + 1)}
          defaultValue={ladder.map(({ name }) => name).join('\n')}
          onBlur={({ target }) => {
            const names = target.value.split('\n').map((line) => line.trim());
            const next = [...new Set(names.filter((name) => name !== ''))];
            if (next.join('\n') !== ladder.map(({ name }) => name).join('\n'))
              setLadder(store, theClass.id, next);
          }}
        />
      </Field>
    </>
  );
}
