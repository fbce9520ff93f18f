'use client';

import { useState } from 'react';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import styles from './TokenField.module.css';

interface TokenFieldProps {
  /** Which service it is for. */
  readonly text: string;
  readonly label: string;
  readonly go: string;
  readonly onToken: (token: string) => void;
}

/** Asks for the token of a service that is known already. */
export function TokenField({ text, label, go, onToken }: TokenFieldProps) {
  const [typed, setTyped] = useState('');
  return (
    <form
      className={styles.asked}
      onSubmit={(event) => {
        event.preventDefault();
        if (typed.trim() !== '') onToken(typed.trim());
      }}
    >
      <p>{text}</p>
      <Field label={label}>
        <input
          type="password"
          autoComplete="off"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      <div>
        <Button type="submit" variant="contained" disabled={typed.trim() === ''}>
          {go}
        </Button>
      </div>
    </form>
  );
}
