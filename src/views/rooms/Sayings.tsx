'use client';

import { clockFigures } from '@/messages/clockFigures';
import { useId } from 'react';
import { sayLive } from '@/messages/live';
import type { ClassId } from '@/schema/ids';
import type { RoomMessage, Session } from '@/services/rooms/contract';
import { draftText, keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { useDraft } from '../frame/useDraft';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { useNotices } from '../primitives/notices';
import { Select } from '../primitives/Select';
import styles from './Rooms.module.css';
import type { Board } from './useBoard';

interface SayingsProps {
  readonly classId: ClassId;
  readonly session: Session;
  readonly ahead: number;
  /** Id of the room that is written to; null for all. */
  readonly to: string | null;
  readonly onTo: (room: string | null) => void;
  /** The name of whoever wrote, as the screen may show it. */
  readonly shownFrom: (name: string) => string;
  readonly act: Board['act'];
  readonly open: boolean;
}

const ALL = '';

/** What is said to one room or to all, and what was said so far, the newest first. */
export function Sayings(props: SayingsProps) {
  const { classId, session, ahead, to, onTo, shownFrom, act, open } = props;
  const words = sayLive.rooms.say;
  const store = useStore();
  const { announce } = useNotices();
  const field = { of: 'rooms', classId } as const;
  const text = useDraft(field);
  const id = useId();
  const roomOf = new Map(session.rooms.map(({ id: room, name }) => [room, name]));
  const target = to !== null && roomOf.has(to) ? to : ALL;
  const send = (what: string, rooms: readonly string[] | null, then?: () => void): void =>
    act(
      (live) => live.say(what, rooms),
      () => {
        announce(words.sent);
        then?.();
      },
    );
  const { endsAt } = session;
  const toWhom = ({ rooms }: RoomMessage): string =>
    rooms === null ? words.all : rooms.map((one) => roomOf.get(one) ?? '…').join(', ');
  return (
    <section aria-labelledby={id} className={styles.sayings}>
      <h3 id={id} className={styles.subtitle}>
        {words.title}
      </h3>
      {session.state !== 'closed' && (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim() === '') return;
            send(text.trim(), target === ALL ? null : [target], () => {
              // What was typed while it was on its way is another message.
              if (draftText(store, field) === text) keepDraft(store, field, '');
            });
          }}
        >
          <Select
            quiet
            label={words.to}
            value={target}
            options={[
              { value: ALL, label: words.all },
              ...session.rooms.map(({ id: value, name }) => ({ value, label: name })),
            ]}
            onChange={(next) => onTo(next === ALL ? null : next)}
          />
          <Field label={words.text}>
            <textarea
              key={target}
              rows={2}
              autoFocus={target !== ALL}
              value={text}
              onChange={(event) => keepDraft(store, field, event.target.value)}
              onKeyDown={(event) => {
                if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey)) return;
                event.currentTarget.form?.requestSubmit();
              }}
            />
          </Field>
          <div className={styles.sends}>
            <Button type="submit" variant="contained" size="small" disabled={text.trim() === ''}>
              {words.send}
            </Button>
            {open && endsAt && (
              <Button
                size="small"
                variant="paper"
                onClick={() => {
                  const left = Math.max(0, Date.parse(endsAt) - ahead - Date.now());
                  send(words.warn(clockFigures(Math.ceil(left / 1000))), null);
                }}
              >
                {words.warnShort}
              </Button>
            )}
          </div>
        </form>
      )}
      {(session.messages ?? []).length > 0 && (
        <>
          <h4 className={styles.said}>{words.said}</h4>
          <div role="log">
            <ol className={styles.messages}>
              {[...(session.messages ?? [])].reverse().map((message) => (
                <li key={message.id} data-own={message.from === null || undefined}>
                  <small>
                    {message.from === null
                      ? words.you(toWhom(message))
                      : words.from(shownFrom(message.from), toWhom(message))}
                  </small>
                  <p>{message.text}</p>
                </li>
              ))}
            </ol>
          </div>
        </>
      )}
    </section>
  );
}
