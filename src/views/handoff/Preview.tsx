'use client';

import { sayOutWords } from '@/messages/outWords';
import type { AddressedLineup } from '@/formats/out/lineupOut';
import { wayOutOf, type WayOutId } from '@/formats/out/list';
import { momentIn } from '@/formats/out/moment';
import { previewTable, type PreviewTable } from '@/formats/out/preview';
import type { OutAsk } from '@/formats/out/wayOut';
import { sayHandoff } from '@/messages/handoff';
import type { LineupId } from '@/schema/ids';
import { lazily } from '../primitives/lazily';
import { Sign } from '../primitives/Sign';
import styles from './HandOffView.module.css';

interface PreviewProps {
  readonly way: WayOutId;
  /** Under the names that the screen shows. */
  readonly ask: OutAsk<AddressedLineup>;
  /** Under the real names. */
  readonly real: AddressedLineup;
  readonly lineupId: LineupId;
}

/** Each comes when its way is first looked at. */
const Letters = lazily(() => import('./Letters').then((module) => module.Letters));
const LinkList = lazily(() => import('./LinkList').then((module) => module.LinkList));
const Pages = lazily(() => import('./Pages').then((module) => module.Pages));

/** Rows that are looked at before a file is saved: a screenful and more. */
const ROWS_SHOWN = 60;

/** The real thing, as it will go. */
export function Preview({ way, ask, real, lineupId }: PreviewProps) {
  switch (way) {
    case 'pack-docx':
    case 'pack-html':
      return <Pages ask={ask} wants={way === 'pack-docx' ? 'docx' : 'html'} />;
    case 'mailto':
      return <Letters ask={ask} real={real} lineupId={lineupId} />;
    case 'links':
      return <LinkList ask={ask} lineupId={lineupId} />;
    case 'icalendar':
      return <Events ask={ask} />;
    case 'vcard':
      return <Cards ask={ask} />;
    case 'json':
    case 'markdown':
    case 'text':
      return <Text way={way} ask={ask} />;
    case 'rooms-csv':
    case 'groups-csv':
    case 'names-csv':
    case 'xlsx':
    case 'html-table':
    case 'merge-csv':
      return <Table {...previewTable(way, ask)} />;
  }
}

function Table({ heading, rows }: PreviewTable) {
  const shown = rows.slice(0, ROWS_SHOWN);
  return (
    <>
      <table className={styles.table}>
        {heading && (
          <thead>
            <tr>
              {heading.map((cell, at) => (
                <th key={at} scope="col">
                  {cell}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {shown.map((row, number) => (
            <tr key={number}>
              {row.map((cell, at) =>
                heading === null && at === 0 ? (
                  <th key={at} scope="row">
                    {cell}
                  </th>
                ) : (
                  <td key={at}>{cell}</td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > shown.length && (
        <p className={styles.more}>{sayHandoff.handoff.more(rows.length - shown.length)}</p>
      )}
    </>
  );
}

/** Signs of a long text that are looked at; all of it goes. */
const SIGNS_SHOWN = 6_000;

function Text({ way, ask }: { readonly way: WayOutId; readonly ask: OutAsk<AddressedLineup> }) {
  const made = wayOutOf(way)?.write(ask);
  if (!made || made instanceof Promise || !made.ok || typeof made.content !== 'string') return null;
  const { content } = made;
  return (
    <pre className={styles.text}>
      {content.length > SIGNS_SHOWN ? `${content.slice(0, SIGNS_SHOWN)}…` : content}
    </pre>
  );
}

interface Asked {
  readonly ask: OutAsk<AddressedLineup>;
}

function Events({ ask }: Asked) {
  const words = sayHandoff.handoff;
  const { options, lineup } = ask;
  if (!momentIn(options)) {
    return <p className={styles.issue}>{sayHandoff.outIssueSentence({ code: 'needsMoment' })}</p>;
  }
  const when = `${sayOutWords.day(options.date)}, ${options.time}`;
  return (
    <>
      <p className={styles.eventTime}>{words.event(when, options.minutes)}</p>
      <Cards ask={ask} />
      <p className={styles.more}>{words.zone}</p>
      {options.oneEvent && <p className={styles.more}>{lineup.name}</p>}
    </>
  );
}

/** A card for each group with who is in it. */
function Cards({ ask }: Asked) {
  return (
    <ul className={styles.cards}>
      {ask.lineup.groups.map(({ key, name, sign, place, link, members }) => (
        <li key={key}>
          <p className={styles.cardName}>
            <Sign index={sign} size={22} />
            {name}
          </p>
          {(place !== '' || link !== '') && <p className={styles.cardPlace}>{place || link}</p>}
          <ul>
            {members.map((member) => (
              <li key={member.id}>{member.name}</li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  );
}
