import { Fragment, type ReactNode } from 'react';

/** A whole sentence with something put in each of its slots (`{name}`); throws on a slot that nothing is for. */
export function filled(sentence: string, slots: Readonly<Record<string, ReactNode>>): ReactNode {
  return sentence.split(/\{(\w+)\}/).map((piece, place) => {
    if (place % 2 === 0) return piece;
    if (!(piece in slots)) throw new Error(`nothing for the slot ${piece}`);
    return <Fragment key={piece}>{slots[piece]}</Fragment>;
  });
}
