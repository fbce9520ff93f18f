'use client';

import Autocomplete from '@mui/material/Autocomplete';
import { Button } from '../primitives/Button';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { say } from '@/messages';
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
import { isKind, readRuleLine, wordsFor, type RuleWord } from './ruleLine';
import { MuiRoot } from '../theme/MuiRoot';

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
  const input = useRef<HTMLInputElement>(null);
  const ready = chosen.length >= 2;
  const sentenceOf = (of: RuleKindName): string =>
    say.rules.sentence(
      of,
      chosen.map(({ id }) => nameOf(id)),
    );

  const add = (wanted: RuleKindName, about: readonly StudentRecord[] = chosen): void => {
    if (about.length < 2) return;
    const ids = about.map(({ id }) => id);
    addRule(store, classId, wanted, ids);
    announce(say.rules.added(say.rules.sentence(wanted, ids.map(nameOf))));
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
  const words: readonly RuleWord[] = [...students, ...QUIET_KINDS];
  return (
    <div className={styles.entry}>
      <Choice
        inline
        legend={say.rules.kindLegend}
        value={kind}
        options={QUIET_KINDS.map((value) => ({ value, label: say.rules.kind[value] }))}
        onChange={setKind}
      />
      <MuiRoot>
        <Autocomplete
          multiple
          autoHighlight
          openOnFocus={false}
          filterSelectedOptions
          options={words}
          filterOptions={(_, { inputValue }) => [...wordsFor(inputValue, students, chosen)]}
          value={chosen}
          inputValue={typed}
          getOptionLabel={(word) => (isKind(word) ? say.rules.kindWord[word] : word.name)}
          getOptionKey={(word) => (isKind(word) ? word : word.id)}
          isOptionEqualToValue={(one, other) => one === other}
          renderOption={({ key, ...props }, word) => (
            <li key={key} {...props} data-kind={isKind(word)}>
              {!isKind(word)
                ? word.name
                : ready
                  ? say.rules.addSentence(sentenceOf(word))
                  : say.rules.keep(word)}
            </li>
          )}
          noOptionsText={say.rules.nobody}
          onChange={(_, next) => {
            const typedKind = next.find(isKind);
            if (typedKind === undefined) setChosen(next.filter((word) => typeof word !== 'string'));
            else if (ready) add(typedKind);
            else setKind(typedKind);
          }}
          onInputChange={(_, next, reason) => {
            // A list pasted, or names with something between them: what is understood becomes a name, the rest stays.
            if (reason === 'input' && /[,;\n]/.test(next)) takeLine(next);
            // Names taken up from a line leave the rest of the line standing.
            else if (reason !== 'reset') setTyped(next);
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            if (typed === '' && ready) add(kind);
            else if (!/\s/.test(typed.trim()) || !takeLine(typed)) return;
            event.preventDefault();
            // The list below would take its first name as well.
            Object.assign(event, { defaultMuiPrevented: true });
          }}
          slotProps={{ chip: { className: styles.chip ?? '', size: 'medium' } }}
          renderInput={(params) => (
            <TextField
              {...params}
              inputRef={input}
              variant="standard"
              label={say.rules.names}
              placeholder={chosen.length === 0 ? say.rules.namesExample : ''}
            />
          )}
        />
      </MuiRoot>
      <div className={styles.foot}>
        <Button variant="contained" disabled={!ready} onClick={() => add(kind)}>
          {ready ? say.rules.addSentence(sentenceOf(kind)) : say.rules.add}
          {ready && <KeyOf name="select" />}
        </Button>
      </div>
    </div>
  );
}
