'use client';

import ContentCopyRounded from '@mui/icons-material/ContentCopyRounded';
import DownloadRounded from '@mui/icons-material/DownloadRounded';
import {
  asHtmlTable,
  asTabbedTable,
  asText,
  byGroupCsv,
  byNameCsv,
  roomsCsv,
  type LineupOut,
} from '@/formats/lineupOut';
import { say } from '@/messages';
import { sayOut } from '@/messages/out';
import { download } from '../frame/download';
import { useNotices } from '../primitives/notices';
import { copyTable, copyText } from './clipboard';
import styles from './HandOffView.module.css';

interface OutletsProps {
  readonly out: LineupOut;
  /** Beginning of every file's name. */
  readonly fileStem: string;
}

/** The ways out, one press each. */
export function Outlets({ out, fileStem }: OutletsProps) {
  const { notify } = useNotices();
  const save = (kind: 'rooms' | 'byGroup' | 'byName', text: string): void => {
    const name = `${fileStem}-${sayOut.handoff.fileEnd[kind]}.csv`;
    download(name, text, 'text/csv;charset=utf-8');
    notify({ text: sayOut.handoff.saved(name) });
  };
  const copied = (done: Promise<void>): void => {
    done.then(
      () => notify({ text: sayOut.handoff.copied }),
      () => notify({ text: sayOut.handoff.notCopied }),
    );
  };
  const { headings } = sayOut.handoff;
  const outlets = [
    { key: 'rooms', run: () => save('rooms', roomsCsv(out, headings)) },
    { key: 'byGroup', run: () => save('byGroup', byGroupCsv(out, headings)) },
    { key: 'byName', run: () => save('byName', byNameCsv(out, headings, say.language)) },
    { key: 'text', run: () => copied(copyText(asText(out))) },
    { key: 'table', run: () => copied(copyTable(asHtmlTable(out), asTabbedTable(out))) },
  ] as const;
  return (
    <ul className={styles.outlets}>
      {outlets.map(({ key, run }) => (
        <li key={key}>
          <button type="button" className={styles.outlet} onClick={run}>
            {key === 'text' || key === 'table' ? <ContentCopyRounded /> : <DownloadRounded />}
            <span className={styles.what}>{sayOut.handoff.outlet[key].title}</span>
            <span className={styles.how}>{sayOut.handoff.outlet[key].holds}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
