'use client';

import { useRef } from 'react';
import { Button } from './Button';

interface FileButtonProps {
  readonly label: string;
  /** Endings and types, as the browser wants them. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** Opens one file of the teacher's machine. */
export function FileButton({ label, accept, onFile }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button size="small" variant="paper" onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={label}
        accept={accept}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </>
  );
}
