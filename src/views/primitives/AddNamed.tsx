'use client';

import { Button } from './Button';
import { useRef, useState } from 'react';
import { NameField } from './NameField';

interface AddNamedProps {
  /** On the button: "Add a section". */
  readonly action: string;
  /** Of the field: "Name of the section". */
  readonly label: string;
  readonly className: string | undefined;
  readonly onAdd: (name: string) => void;
}

/** A button that turns into a field for a name; Enter adds what it names and gives the focus back to the button. */
export function AddNamed({ action, label, className, onAdd }: AddNamedProps) {
  const [naming, setNaming] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  if (!naming) {
    return (
      <Button ref={button} size="small" variant="paper" onClick={() => setNaming(true)}>
        {action}
      </Button>
    );
  }
  return (
    <NameField
      value=""
      label={label}
      className={className}
      onDone={(name) => {
        if (name !== null) onAdd(name);
        setNaming(false);
        requestAnimationFrame(() => button.current?.focus());
      }}
    />
  );
}
