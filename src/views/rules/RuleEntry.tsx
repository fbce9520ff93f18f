'use client';

import { lazily } from '../primitives/lazily';
import { startTransition, useRef, useState, type KeyboardEvent } from 'react';
import { withWords } from '@/messages/speaking';
import { Button } from '../primitives/Button';
import { sayRules } from '@/messages/rules';
import type { ClassId } from '@/schema/ids';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { addRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import type { NameOf } from '../frame/names';
import { Choice } from '../primitives/Choice';
import { KeyOf } from '../frame/KeyOf';
import { useNotices } from '../primitives/notices';
import styles from './RuleEntry.module.css';
import { isKind, readRuleLine, wordsFor } from './ruleLine';

/** The field with its list comes when somebody is about to write; what is written until then stays. */
const namesField = () => withWords(import('./NamesField'));
const NamesField = lazily(() => namesField().then((module) => module.NamesField));

interface RuleEntryProps {
  readonly classId: ClassId;
  readonly students: readonly StudentRecord[];
  readonly nameOf: NameOf;
}

/**
 * Quick entry by typing: names with completion, and the kind as a word among them, which adds the rule once there are
 * two. The kind can also be chosen beforehand; then Enter on the empty field adds.
 */
export function RuleEntry({ classId, students, nameOf }: RuleEntryProps) {
  const store = useStore();
  const { announce } = useNotices();
  const [kind, setKind] = useState<RuleKindName>('apart');
  // Handed on as it is: a copy would read as another value, at which the field drops what is typed.
  const [chosen, setChosen] = useState<StudentRecord[]>([]);
  const [typed, setTyped] = useState('');
  const [wanted, setWanted] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const ready = chosen.length >= 2;
  const sentenceOf = (of: RuleKindName): string =>
    sayRules.sentence(
      of,
      chosen.map(({ id }) => nameOf(id)),
    );

  const add = (wanted: RuleKindName, about: readonly StudentRecord[] = chosen): void => {
    if (about.length < 2) return;
    const ids = about.map(({ id }) => id);
    addRule(store, classId, wanted, ids);
    announce(sayRules.added(sayRules.sentence(wanted, ids.map(nameOf))));
    setChosen([]);
    setTyped('');
    input.current?.focus();
  };
  /** Takes up the names and the kind in a line; whether there was anything to take up. */
  const takeLine = (line: string): boolean => {
    const read = readRuleLine(line, students);
    const about = [...chosen, ...read.students.filter((one) => !chosen.includes(one))];
    setTyped(read.rest);
    if (read.kind !== null && read.rest === '' && about.length > 1) add(read.kind, about);
    else {
      if (read.kind !== null) setKind(read.kind);
      setChosen(about);
    }
    return read.students.length > 0 || read.kind !== null;
  };
  const takeKind = (of: RuleKindName): void => {
    if (ready) add(of);
    else setKind(of);
  };
  /** As the field with its list does, as long as that has not come. */
  const takeFirst = (): void => {
    const [word] = wordsFor(typed, students, chosen);
    if (word === undefined) return;
    if (isKind(word)) takeKind(word);
    else setChosen([...chosen, word]);
    setTyped('');
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key !== 'Enter') return;
    if (typed === '' && ready) add(kind);
    else if (!/\s/.test(typed.trim()) || !takeLine(typed)) return;
    event.preventDefault();
    // The list below would take its first name as well.
    Object.assign(event, { defaultMuiPrevented: true });
  };
  return (
    <div className={styles.entry}>
      <Choice
        inline
        legend={sayRules.kindLegend}
        value={kind}
        options={QUIET_KINDS.map((value) => ({ value, label: sayRules.kind[value] }))}
        onChange={setKind}
      />
      {wanted ? (
        <NamesField
          {...{ students, chosen, typed, ready, sentenceOf, input, onKeyDown }}
          onTyped={setTyped}
          onLine={takeLine}
          onChosen={(next, typedKind) => {
            if (typedKind === null) setChosen(next);
            else takeKind(typedKind);
          }}
        />
      ) : (
        <label className={styles.start}>
          {sayRules.names}
          <input
            ref={input}
            role="combobox"
            aria-expanded={false}
            aria-autocomplete="list"
            placeholder={sayRules.namesExample}
            value={typed}
            onChange={({ target: { value } }) => {
              if (/[,;\n]/.test(value)) takeLine(value);
              else setTyped(value);
            }}
            onPointerEnter={() => void namesField().catch(() => undefined)}
            onFocus={() =>
              // What stands here stays until the other can take its place.
              void namesField().then(
                () => startTransition(() => setWanted(true)),
                // Names are taken up here as well, only without a list to choose from.
                () => undefined,
              )
            }
            onKeyDown={(event) => {
              onKeyDown(event);
              if (event.key === 'Enter' && typed !== '' && !event.defaultPrevented) takeFirst();
            }}
          />
        </label>
      )}
      <div className={styles.foot}>
        <Button variant="contained" disabled={!ready} onClick={() => add(kind)}>
          {ready ? sayRules.addSentence(sentenceOf(kind)) : sayRules.add}
          {ready && <KeyOf name="select" />}
        </Button>
      </div>
    </div>
  );
}
