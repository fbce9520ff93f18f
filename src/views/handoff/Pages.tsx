'use client';

import { toJsxRuntime, type Components } from 'hast-util-to-jsx-runtime';
import { useMemo, useState, type ReactNode } from 'react';
import { Fragment, jsx, jsxs } from 'react/jsx-runtime';
import { handoutOf } from '@/formats/out/handout/pack';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import type { OutAsk } from '@/formats/out/wayOut';
import { sayHandoff } from '@/messages/handoff';
import { Button } from '../primitives/Button';
import styles from './HandOffView.module.css';

interface PagesProps {
  readonly ask: OutAsk<AddressedLineup>;
  readonly wants: 'docx' | 'html';
}

/** The page of any group, before all of them are saved. */
export function Pages({ ask, wants }: PagesProps) {
  const words = sayHandoff.handoff;
  const [wish, setWish] = useState(0);
  const { groups } = ask.lineup;
  const at = Math.min(wish, groups.length - 1);
  const group = groups[at];
  const handout = useMemo(() => handoutOf(ask, wants), [ask, wants]);
  if (!group) return null;
  if (!handout.ok) {
    return <p className={styles.issue}>{sayHandoff.outIssueSentence(handout.issue)}</p>;
  }
  const shown = handout.shownOf(group, at);
  return (
    <>
      <div className={styles.pager}>
        <Button size="small" disabled={at === 0} onClick={() => setWish(at - 1)}>
          {words.earlierPage}
        </Button>
        <p role="status">{words.morePages(at + 1, groups.length)}</p>
        <Button size="small" disabled={at === groups.length - 1} onClick={() => setWish(at + 1)}>
          {words.laterPage}
        </Button>
      </div>
      {shown.kind === 'lines' ? (
        <div className={styles.page}>
          <p className={styles.more}>{words.docxLooks}</p>
          {shown.lines.map((line, number) => (
            <p key={number}>{line}</p>
          ))}
        </div>
      ) : (
        <div className={styles.page}>
          {toJsxRuntime(shown.tree, { Fragment, jsx, jsxs, components: ONLY_CONTENT })}
        </div>
      )}
    </>
  );
}

/** Of a page of its own only what stands in it is shown here, and its links lead apart. */
interface Given {
  readonly href?: string;
  readonly children?: ReactNode;
}
const ONLY_CONTENT = {
  html: ({ children }: Given) => <>{children}</>,
  head: () => null,
  body: ({ children }: Given) => <div>{children}</div>,
  a: ({ href, children }: Given) => (
    <a href={href} target="_blank" rel="noopener noreferrer">
      {children}
    </a>
  ),
} as Components;
