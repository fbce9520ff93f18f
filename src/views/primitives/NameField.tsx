'use client';

import { useState } from 'react';

interface NameFieldProps {
  readonly value: string;
  readonly label: string;
  readonly className: string | undefined;
  /** Called once with the new name, or with null when it stays as it was. */
  readonly onDone: (name: string | null) => void;
}

/** A field for a new name: Enter or leaving keeps it, Escape or nothing written keeps the old one. */
export function NameField({ value, label, className, onDone }: NameFieldProps) {
  const [name, setName] = useState(value);
  const written = name.trim();
  const keep = (): void => onDone(written === '' || written === value ? null : written);
  return (
    <input
      className={className}
      aria-label={label}
      value={name}
      autoFocus
      onFocus={(event) => event.target.select()}
      onChange={(event) => setName(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') onDone(null);
      }}
    />
  );
}
