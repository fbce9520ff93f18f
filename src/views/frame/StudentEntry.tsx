'use client';

import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { sayRules } from '@/messages/rules';
import type { StudentRecord } from '@/schema/student';
import { plainWords } from './plainWords';
import { MuiRoot } from '../theme/MuiRoot';

interface StudentEntryProps {
  readonly label: string;
  readonly students: readonly StudentRecord[];
  readonly onPick: (student: StudentRecord) => void;
  /** Called when it is left without a name. */
  readonly onLeave?: () => void;
  /** Whether it has been asked for just now, and is to be typed into at once. */
  readonly focused?: boolean;
}

/** One name, the same way everywhere: type, see who is meant, Enter; Escape leaves it. Nobody is picked by typing alone. */
export function StudentEntry(props: StudentEntryProps) {
  const { label, students, onPick, onLeave, focused = true } = props;
  const [typed, setTyped] = useState('');
  return (
    <MuiRoot>
      <Autocomplete
        autoHighlight
        openOnFocus={focused}
        options={[...students]}
        value={null}
        inputValue={typed}
        onInputChange={(_, next) => setTyped(next)}
        getOptionLabel={({ name }) => name}
        getOptionKey={({ id }) => id}
        filterOptions={(all, { inputValue }) => {
          const wanted = plainWords(inputValue);
          return all.filter(({ name }) => plainWords(name).includes(wanted));
        }}
        noOptionsText={sayRules.nobody}
        onChange={(_, student) => {
          if (student) onPick(student);
        }}
        onBlur={onLeave}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Escape') onLeave?.();
        }}
        renderInput={(params) => (
          <TextField {...params} autoFocus={focused} variant="standard" label={label} />
        )}
      />
    </MuiRoot>
  );
}
