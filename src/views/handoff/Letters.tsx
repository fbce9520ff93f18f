'use client';

import { sayOutWords } from '@/messages/outWords';
import { useMemo, useState } from 'react';
import * as z from 'zod/mini';
import { letterLinks, lettersOf, LONGEST_LETTER, type Letter } from '@/formats/out/letters';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import { prepared } from '@/formats/out/list';
import type { OutAsk } from '@/formats/out/wayOut';
import { sayHandoff } from '@/messages/handoff';
import type { LineupId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { keepReceipt } from '@/store/actions/receipts';
import { shownTake } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { today } from '../frame/today';
import { useClassId } from '../frame/useClassId';
import { useSetting } from '../frame/useDraft';
import { useNameMask } from '../frame/masking';
import { useRealNames } from '../frame/useRealNames';
import { Button } from '../primitives/Button';
import styles from './HandOffView.module.css';

/** Letters that were opened, of one take and one kind: others begin anew. */
const OPENED: Setting<{ readonly of: string; readonly links: readonly string[] }> = {
  name: 'lettersOpened',
  shape: z.object({ of: z.string(), links: z.readonly(z.array(z.string())) }),
  usual: { of: '', links: [] },
};

interface LettersProps {
  /** As the screen shows it. */
  readonly ask: OutAsk<AddressedLineup>;
  readonly real: AddressedLineup;
  readonly lineupId: LineupId;
}

/** Letters to open one by one in the mail program, each ticked when it was. */
export function Letters({ ask, real, lineupId }: LettersProps) {
  const store = useStore();
  const words = sayHandoff.handoff;
  const take = useQuery(shownTake, lineupId);
  const { options } = ask;
  const of = `${take?.id ?? ''} ${options.letterTo}`;
  const [opened, setOpened] = useSetting(OPENED, useClassId());
  const done = opened.of === of ? opened.links : [];
  const [wish, setWish] = useState(0);
  const shown = useMemo(() => lettersOf(ask), [ask]);
  const links = useMemo(() => {
    const ready = prepared(real, options, sayOutWords);
    const letters = ready.ok ? lettersOf(ready.ask) : [];
    return letters.map((letter) => letterLinks(letter, LONGEST_LETTER));
  }, [real, options]);
  const [mask] = useNameMask();
  const masked = mask !== 'names';
  const { leave, question } = useRealNames(false);
  const all = links.reduce((sum, parts) => sum + parts.length, 0);
  const open = (key: string): void => {
    if (done.length === 0) {
      keepReceipt(
        store,
        lineupId,
        { to: 'mailto', did: 'opened', file: '', addresses: true },
        today(),
      );
    }
    if (!done.includes(key)) setOpened({ of, links: [...done, key] });
  };
  const looked = shown[Math.min(wish, shown.length - 1)];
  return (
    <div className={styles.letters}>
      {question}
      <p role="status">{words.lettersDone(done.length, all)}</p>
      <ul>
        {shown.map((letter, at) => (
          <li key={at} data-looked={letter === looked}>
            <Button
              variant="line"
              size="small"
              onClick={() => setWish(at)}
              aria-pressed={letter === looked}
            >
              {whose(letter)}
            </Button>
            {(links[at] ?? []).map((link, part, parts) => {
              const key = `${at}.${part}`;
              const label = `${words.openLetter}: ${words.letterOf(whose(letter))}${parts.length > 1 ? `, ${words.letterPart(part + 1, parts.length)}` : ''}`;
              const said = done.includes(key) ? `✓ ${words.openedLetter}` : words.openLetter;
              // An address tells a name: while names are hidden none stands in the page.
              return masked ? (
                <Button
                  key={key}
                  variant="line"
                  aria-label={label}
                  onClick={() =>
                    leave(() => {
                      open(key);
                      window.location.assign(link);
                    })
                  }
                >
                  {said}
                </Button>
              ) : (
                <a
                  key={key}
                  href={link}
                  className={styles.open}
                  aria-label={label}
                  onClick={() => open(key)}
                >
                  {said}
                </a>
              );
            })}
            {links[at]?.length === 0 && <small>{words.letterNobody}</small>}
          </li>
        ))}
      </ul>
      {looked && (
        <article className={styles.page} aria-label={words.letterOf(whose(looked))}>
          {looked.to.length > 0 && <p className={styles.more}>{words.letterTo(looked.to)}</p>}
          <p className={styles.letterSubject}>{looked.subject}</p>
          <p className={styles.letterText}>{looked.text}</p>
        </article>
      )}
    </div>
  );
}

function whose({ name, group }: Letter): string {
  return name === '' ? group : `${name}, ${group}`;
}
