'use client';

import { sayOutWords } from '@/messages/outWords';
import { useEffect, useRef, useState } from 'react';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import { wayOutOf, writeOut, type WayOutId } from '@/formats/out/list';
import type { OutIssue, Write, Written } from '@/formats/out/wayOut';
import type { OutOptions } from '@/formats/out/options';
import { sayHandoff } from '@/messages/handoff';
import { sayOut } from '@/messages/out';
import type { LineupId } from '@/schema/ids';
import { keepReceipt } from '@/store/actions/receipts';
import { useStore } from '@/store/react';
import { WorkerError } from '@/worker/client';
import { browserOutCalls } from '@/worker/outCalls';
import { download } from '../frame/download';
import { today } from '../frame/today';
import { useRealNames } from '../frame/useRealNames';
import { Button } from '../primitives/Button';
import { useNotices } from '../primitives/notices';
import { copy } from './clipboard';
import styles from './HandOffView.module.css';

interface DoingsProps {
  readonly way: WayOutId;
  readonly options: OutOptions;
  /** Under the real names, and as the screen shows them. */
  readonly lineups: { readonly real: AddressedLineup; readonly shown: AddressedLineup };
  readonly lineupId: LineupId;
  /** Why nothing can be made; null where it can. */
  readonly issue: OutIssue | null;
  /** Beginning of every file's name. */
  readonly fileStem: string;
}

/** What is copied first, and saved only where that is wished for. */
const COPIED: readonly WayOutId[] = ['text', 'markdown', 'html-table', 'links'];
/** What takes so long with many groups that it is made beside the page. */
const IN_WORKER: readonly WayOutId[] = ['xlsx', 'pack-docx', 'pack-html'];

/** Saves or copies it; a receipt of it is kept. */
export function Doings({ way, options, lineups, lineupId, issue, fileStem }: DoingsProps) {
  const store = useStore();
  const { notify } = useNotices();
  const words = sayHandoff.handoff;
  const { leave, question } = useRealNames(true);
  const [calls] = useState(browserOutCalls);
  useEffect(() => () => calls.close(), [calls]);
  const [made, setMade] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);

  const write = async (lineup: AddressedLineup): Promise<Write> => {
    const wayOut = wayOutOf(way);
    if (!wayOut) throw new Error(`no way out is called ${way}`);
    if (!IN_WORKER.includes(way)) {
      return writeOut(wayOut, lineup, options, sayOutWords);
    }
    const controller = new AbortController();
    running.current = controller;
    setMade(0);
    return calls
      .call(
        { wayOut: way, lineup, options, language: sayOutWords.language },
        { signal: controller.signal, onProgress: setMade },
      )
      .finally(() => setMade(null));
  };
  const go = (
    did: 'saved' | 'copied',
    finish: (written: Written) => string | Promise<string | null>,
  ): void =>
    leave((names) => {
      setSaid('');
      const lineup = names === 'real' ? lineups.real : lineups.shown;
      write(lineup)
        .then(async (written) => {
          if (!written.ok) {
            setSaid(sayHandoff.outIssueSentence(written.issue));
            return;
          }
          // Null where nothing has left after all.
          const file = await finish(written);
          if (file === null) return;
          const addresses = options.addresses || wayOutOf(way)?.needs === 'addresses';
          keepReceipt(store, lineupId, { to: way, did, file, addresses }, today());
        })
        .catch((error: unknown) => {
          const stopped = error instanceof WorkerError && error.code === 'cancelled';
          setSaid(stopped ? words.stopped : words.failed);
        });
    });
  const save = (): void =>
    go('saved', ({ content, end, type }) => {
      const name = `${fileStem}-${words.way[way].fileEnd}.${end}`;
      download(name, typeof content === 'string' ? content : new Blob([content as BlobPart]), type);
      notify({ text: sayOut.files.saved(name) });
      return name;
    });
  const take = (): void =>
    go('copied', ({ clip }) =>
      copy(clip ?? { plain: '', html: '' }).then(
        () => {
          notify({ text: words.copied });
          return '';
        },
        () => {
          notify({ text: words.notCopied });
          return null;
        },
      ),
    );
  const copied = COPIED.includes(way);
  return (
    <div className={styles.doings}>
      {question}
      {made !== null ? (
        <>
          <p role="status">{words.making(made)}</p>
          <Button variant="paper" onClick={() => running.current?.abort()}>
            {words.stop}
          </Button>
        </>
      ) : (
        <>
          {copied && (
            <Button variant="contained" disabled={issue !== null} onClick={take}>
              {words.copy}
            </Button>
          )}
          <Button
            variant={copied || way === 'mailto' ? 'paper' : 'contained'}
            disabled={issue !== null}
            onClick={save}
          >
            {copied || way === 'mailto'
              ? words.alsoSave
              : words.saveAs(words.way[way].title.toLowerCase())}
          </Button>
        </>
      )}
      {said !== '' && <p role="status">{said}</p>}
    </div>
  );
}
