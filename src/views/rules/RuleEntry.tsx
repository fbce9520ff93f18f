'use client';

import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { say } from '@/messages';
import type { ClassId } from '@/schema/ids';
import type { RuleKindName } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { addRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import type { NameOf } from '../frame/names';
import { Choice } from '../primitives/Choice';
import { KeyHint } from '../primitives/KeyHint';
import { useNotices } from '../primitives/notices';
import styles from './RuleEntry.module.css';

interface RuleEntryProps {
  readonly classId: ClassId;
  readonly students: readonly StudentRecord[];
  readonly nameOf: NameOf;
}

const KINDS: readonly RuleKindName[] = ['apart', 'together'];

/** Quick entry: the kind, two or more names with completion, and Enter on the empty field adds the rule. */
export function RuleEntry({ classId, students, nameOf }: RuleEntryProps) {
  const store = useStore();
  const { announce } = useNotices();
  const [kind, setKind] = useState<RuleKindName>('apart');
  const [chosen, setChosen] = useState<readonly StudentRecord[]>([]);
  const [typed, setTyped] = useState('');
  const input = useRef<HTMLInputElement>(null);
  const ready = chosen.length >= 2;

  const add = (): void => {
    if (!ready) return;
    const ids = chosen.map(({ id }) => id);
    addRule(store, classId, kind, ids);
    announce(say.rules.added(say.rules.sentence(kind, ids.map(nameOf))));
    setChosen([]);
    setTyped('');
    input.current?.focus();
  };
  return (
    <div className={styles.entry}>
      <Choice
        legend={say.rules.kindLegend}
        value={kind}
        options={KINDS.map((value) => ({ value, label: say.rules.kind[value] }))}
        onChange={setKind}
      />
      <Autocomplete
        multiple
        autoHighlight
        openOnFocus={false}
        filterSelectedOptions
        options={students}
        value={[...chosen]}
        inputValue={typed}
        getOptionLabel={({ name }) => name}
        getOptionKey={({ id }) => id}
        isOptionEqualToValue={(one, other) => one.id === other.id}
        noOptionsText={say.rules.nobody}
        onChange={(_, next) => setChosen(next)}
        onInputChange={(_, next) => setTyped(next)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || typed !== '' || !ready) return;
          event.preventDefault();
          add();
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
      <div className={styles.foot}>
        <Button variant="contained" disabled={!ready} onClick={add}>
          {ready
            ? say.rules.addSentence(
                say.rules.sentence(
                  kind,
                  chosen.map(({ id }) => nameOf(id)),
                ),
              )
            : say.rules.add}
          {ready && <KeyHint>{'↵'}</KeyHint>}
        </Button>
      </div>
    </div>
  );
}
