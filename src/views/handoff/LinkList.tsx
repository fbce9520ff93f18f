'use client';

import type { AddressedLineup } from '@/formats/out/lineupOut';
import type { OutAsk } from '@/formats/out/wayOut';
import { sayHandoff } from '@/messages/handoff';
import type { LineupId } from '@/schema/ids';
import { keepReceipt } from '@/store/actions/receipts';
import { useStore } from '@/store/react';
import { today } from '../frame/today';
import { Button } from '../primitives/Button';
import { useNotices } from '../primitives/notices';
import { Sign } from '../primitives/Sign';
import styles from './HandOffView.module.css';

interface LinkListProps {
  readonly ask: OutAsk<AddressedLineup>;
  readonly lineupId: LineupId;
}

/** The link of each group, to open or to copy. */
export function LinkList({ ask, lineupId }: LinkListProps) {
  const store = useStore();
  const { notify } = useNotices();
  const words = sayHandoff.handoff;
  const { groups } = ask.lineup;
  if (groups.every(({ link }) => link === '')) {
    return (
      <p className={styles.issue}>{sayHandoff.outIssueSentence({ code: 'needsLinkTemplate' })}</p>
    );
  }
  const copy = (link: string): void => {
    navigator.clipboard.writeText(link).then(
      () => {
        keepReceipt(
          store,
          lineupId,
          { to: 'links', did: 'copied', file: '', addresses: false },
          today(),
        );
        notify({ text: words.copied });
      },
      () => notify({ text: words.notCopied }),
    );
  };
  return (
    <ul className={styles.links}>
      {groups.map(({ key, name, sign, link }) => (
        <li key={key}>
          <span className={styles.cardName}>
            <Sign index={sign} size={22} />
            {name}
          </span>
          {link !== '' && (
            <>
              <a
                href={link}
                target="_blank"
                rel="noopener noreferrer"
                aria-label={words.linkOf(words.openLink, name)}
              >
                {link}
              </a>
              <Button
                size="small"
                aria-label={words.linkOf(words.copyLink, name)}
                onClick={() => copy(link)}
              >
                {words.copyLink}
              </Button>
            </>
          )}
        </li>
      ))}
    </ul>
  );
}
