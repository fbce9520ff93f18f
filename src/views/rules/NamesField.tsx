'use client';

import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useLayoutEffect, useState, type KeyboardEvent, type RefObject } from 'react';
import { sayRules } from '@/messages/rules';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { MuiRoot } from '../theme/MuiRoot';
import styles from './RuleEntry.module.css';
import { isKind, readRuleLine, wordsFor, type RuleLine, type RuleWord } from './ruleLine';

interface NamesFieldProps {
  readonly students: readonly StudentRecord[];
  /** Handed on as it is: a copy would read as another value, at which the field drops what is typed. */
  readonly chosen: StudentRecord[];
  readonly typed: string;
  /** Whether the chosen are enough for a rule. */
  readonly ready: boolean;
  readonly sentenceOf: (kind: RuleKindName) => string;
  readonly input: RefObject<HTMLInputElement | null>;
  readonly onTyped: (typed: string) => void;
  /** A list pasted, or names with something between them. */
  readonly onLine: (line: string) => void;
  /** Other names, or a kind that was chosen among them. */
  readonly onChosen: (next: StudentRecord[], kind: RuleKindName | null) => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/** Of many whom a name may mean, so many are told. */
const MOST_TOLD = 5;

/** Names with completion, and the kinds as words among them; takes over the field in which somebody is writing. */
export function NamesField(props: NamesFieldProps) {
  const { students, chosen, typed, ready, sentenceOf, input } = props;
  const [begun] = useState(typed !== '');
  // One word may be the beginning of a name; more are a line, of which it is told what is not understood.
  const unclear = /\s/.test(typed.trim()) ? readRuleLine(typed, students).unclear : null;
  const words: readonly RuleWord[] = [...students, ...QUIET_KINDS];
  // In the very step in which the other field goes: what is typed in between would reach the page and its keys.
  useLayoutEffect(() => {
    const field = input.current;
    field?.focus();
    field?.setSelectionRange(field.value.length, field.value.length);
  }, [input]);
  return (
    <MuiRoot>
      <Autocomplete
        multiple
        autoHighlight
        openOnFocus={begun}
        filterSelectedOptions
        options={words}
        filterOptions={(_, { inputValue }) => [...wordsFor(inputValue, students, chosen)]}
        value={chosen}
        inputValue={typed}
        getOptionLabel={(word) => (isKind(word) ? sayRules.kindWord[word] : word.name)}
        getOptionKey={(word) => (isKind(word) ? word : word.id)}
        isOptionEqualToValue={(one, other) => one === other}
        renderOption={({ key, ...option }, word) => (
          <li key={key} {...option} data-kind={isKind(word)}>
            {!isKind(word)
              ? word.name
              : ready
                ? sayRules.addSentence(sentenceOf(word))
                : sayRules.keep(word)}
          </li>
        )}
        noOptionsText={unclear ? saidOf(unclear) : sayRules.nobody}
        onChange={(_, next) =>
          props.onChosen(
            next.filter((word) => typeof word !== 'string'),
            next.find(isKind) ?? null,
          )
        }
        onInputChange={(_, next, reason) => {
          // What is understood becomes a name, the rest stays.
          if (reason === 'input' && /[,;\n]/.test(next)) props.onLine(next);
          // Names taken up from a line leave the rest of the line standing.
          else if (reason !== 'reset' && reason !== 'blur') props.onTyped(next);
        }}
        onKeyDown={props.onKeyDown}
        slotProps={{ chip: { className: styles.chip ?? '', size: 'medium' } }}
        renderInput={(params) => (
          <TextField
            {...params}
            inputRef={input}
            variant="standard"
            label={sayRules.names}
            slotProps={{
              ...params.slotProps,
              inputLabel: { ...params.slotProps.inputLabel, shrink: true },
            }}
            placeholder={chosen.length === 0 ? sayRules.namesExample : ''}
          />
        )}
      />
    </MuiRoot>
  );
}

/** What is to be said of a name that was not understood. */
function saidOf({ name, among }: NonNullable<RuleLine['unclear']>): string {
  return sayRules.unclear(
    name,
    among.slice(0, MOST_TOLD).map((one) => one.name),
  );
}
