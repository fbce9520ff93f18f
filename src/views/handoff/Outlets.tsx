'use client';

import ContentCopyRounded from '@mui/icons-material/ContentCopyRounded';
import DownloadRounded from '@mui/icons-material/DownloadRounded';
import { OUTLETS, writeOutlet, type OutletId } from '@/formats/out/list';
import type { AddressedLineup, OutWords } from '@/formats/out/outlet';
import { say } from '@/messages';
import { sayOut } from '@/messages/out';
import { download } from '../frame/download';
import { useRealNames } from '../frame/useRealNames';
import { useNotices } from '../primitives/notices';
import { copy } from './clipboard';
import styles from './HandOffView.module.css';

interface OutletsProps {
  /** Under the real names, and as the screen shows them. */
  readonly real: AddressedLineup;
  readonly shown: AddressedLineup;
  /** Beginning of every file's name. */
  readonly fileStem: string;
  /** Called when the lineup has left. */
  readonly onLeft: () => void;
}

/** The ways out, one press each. */
export function Outlets({ real, shown, fileStem, onLeft }: OutletsProps) {
  const { notify } = useNotices();
  const { leave, question } = useRealNames(true);
  const words: OutWords = {
    headings: sayOut.handoff.headings,
    compare: say.compare,
  };
  const take = (outlet: (typeof OUTLETS)[number], out: AddressedLineup): void => {
    const written = writeOutlet(outlet, out, words);
    onLeft();
    if (written.to === 'file') {
      const name = `${fileStem}-${sayOut.handoff.outlet[outlet.id].fileEnd}.${written.end}`;
      download(name, written.text, written.type);
      notify({ text: sayOut.handoff.saved(name) });
      return;
    }
    copy(written).then(
      () => notify({ text: sayOut.handoff.copied }),
      () => notify({ text: sayOut.handoff.notCopied }),
    );
  };
  return (
    <>
      {question}
      <ul className={styles.outlets}>
        {OUTLETS.map((outlet) => (
          <li key={outlet.id}>
            <button
              type="button"
              className={styles.outlet}
              onClick={() => leave((names) => take(outlet, names === 'real' ? real : shown))}
            >
              {isCopied(outlet.id) ? <ContentCopyRounded /> : <DownloadRounded />}
              <span className={styles.what}>{sayOut.handoff.outlet[outlet.id].title}</span>
              <span className={styles.how}>{sayOut.handoff.outlet[outlet.id].holds}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

function isCopied(id: OutletId): boolean {
  return sayOut.handoff.outlet[id].fileEnd === '';
}
