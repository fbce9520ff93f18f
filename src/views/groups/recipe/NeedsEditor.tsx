'use client';

import { sayBench } from '@/messages/bench';
import { MOST_FOCUS, UNKNOWN_NEEDS } from '@/schema/recipe';
import { setLadder } from '@/store/actions/skills';
import { useStore } from '@/store/react';
import { LinkButton } from '../../primitives/LinkButton';
import { Choice } from '../../primitives/Choice';
import { Field } from '../../primitives/Field';
import { NumberStepper } from '../../primitives/NumberStepper';
import { useWorkbench } from '../workbench/Workbench';
import type { EditorProps } from './editor';
import { ImportanceChoice } from './ImportanceChoice';

const USUAL_FOCUS = 2;

/**
 * Students who need the same next together: how much that weighs, how many skills a group works on, and what becomes of
 * those of whom nothing is known.
 */
export function NeedsEditor({ change }: EditorProps) {
  const { theClass, students, lineup, mastery } = useWorkbench('bench');
  const store = useStore();
  const { editors } = sayBench;
  const { needs } = lineup.recipe;
  const { ladder } = mastery;
  const here = students.filter((one) => one.here);
  const needing = here.filter((one) => mastery.needs(one).length > 0);
  const unknown = here.filter((one) => !mastery.isKnown(one));
  return (
    <>
      <ImportanceChoice
        legend={editors.needs}
        hint={editors.needsHint(needing.length, ladder.length)}
        value={needs?.importance ?? null}
        onChange={(importance) =>
          change({
            needs: importance && {
              ...{ focus: needs?.focus ?? USUAL_FOCUS, importance },
              unknown: needs?.unknown ?? 'anywhere',
            },
          })
        }
      />
      {needs && (
        <NumberStepper
          labelled
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
      {needs && (unknown.length > 0 || needs.unknown !== 'anywhere') && (
        <Choice
          legend={editors.unknownNeeds(unknown.length)}
          value={needs.unknown}
          options={UNKNOWN_NEEDS.map((value) => ({ value, label: editors.unknownNeedsOf[value] }))}
          onChange={(next) => change({ needs: { ...needs, unknown: next } })}
        />
      )}
      <Field label={editors.ladder} hint={editors.ladderHint}>
        <textarea
          rows={Math.min(8, ladder.length + 1)}
          defaultValue={ladder.map(({ name }) => name).join('\n')}
          onBlur={({ target }) => {
            const names = target.value.split('\n').map((line) => line.trim());
            const next = [...new Set(names.filter((name) => name !== ''))];
            if (next.join('\n') === ladder.map(({ name }) => name).join('\n')) return;
            const textOf = (name: string): string =>
              theClass.skillLadder.find((one) => one.name === name)?.text ?? '';
            setLadder(
              store,
              theClass.id,
              next.map((name) => ({ name, text: textOf(name) })),
            );
          }}
        />
      </Field>
      <div>
        <LinkButton size="small" variant="paper" href={`/c/${theClass.id}/roster/ladder`}>
          {editors.toLadder}
        </LinkButton>
      </div>
    </>
  );
}
