'use client';

import { useEffect, useState } from 'react';
import * as z from 'zod/mini';
import { sayLive } from '@/messages/live';
import { SpaceList, type SpaceBrief } from '@/services/channels/spacesContract';
import { Session } from '@/services/rooms/contract';
import { TokenField } from '../frame/TokenField';
import { Field } from '../primitives/Field';
import styles from './Practice.module.css';

/** The settings of the stand-ins, as far as this page changes them. */
const SETTINGS = [
  ...(['delayMs', 'failing', 'lost', 'busy', 'pace', 'rooms', 'people', 'members'] as const),
] as const;
const Settings = z.record(z.enum(SETTINGS), z.number());
type Settings = z.infer<typeof Settings>;
const Named = z.extend(Session, { name: z.optional(z.string()) });
const Sessions = z.object({ sessions: z.array(Named) });

interface Seen {
  readonly settings: Settings;
  readonly sessions: z.infer<typeof Sessions>['sessions'];
  readonly spaces: readonly SpaceBrief[];
}

const ROOT = '/standins';
const AGAIN_MS = 2_000;

/** The practice services from the inside: what has arrived there, and how they behave. */
export function PracticeView() {
  const words = sayLive.practice;
  const [token, setToken] = useState('');
  const [seen, setSeen] = useState<Seen | 'refused' | null>(null);
  // Where the link of a room leads: #SESSION/ROOM.
  const [came, setCame] = useState('');
  useEffect(() => {
    const read = (): void => setCame(window.location.hash.slice(1));
    read();
    window.addEventListener('hashchange', read);
    return () => window.removeEventListener('hashchange', read);
  }, []);
  useEffect(() => {
    if (token === '') return undefined;
    const stop = new AbortController();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = async (): Promise<void> => {
      const found = await lookAt(token, stop.signal).catch(() => null);
      if (stop.signal.aborted) return;
      if (found) setSeen(found);
      timer = setTimeout(() => void look(), AGAIN_MS);
    };
    void look();
    return () => {
      stop.abort();
      clearTimeout(timer);
    };
  }, [token]);
  return (
    <main className={styles.page}>
      <h1 className={styles.title}>{words.title}</h1>
      <p className={styles.intro}>{words.intro}</p>
      {(token === '' || seen === 'refused') && (
        <TokenField
          text={seen === 'refused' ? words.refused : ''}
          label={words.token}
          go={words.look}
          onToken={setToken}
        />
      )}
      {token !== '' && seen !== null && seen !== 'refused' && (
        <>
          <section aria-labelledby="sessions">
            <h2 id="sessions" className={styles.subtitle}>
              {words.sessions}
            </h2>
            {seen.sessions.length === 0 && <p>{words.none}</p>}
            {seen.sessions.map((session) => (
              <article key={session.id} className={styles.session}>
                <h3>{words.session(session.name ?? '', words.states[session.state ?? 'made'])}</h3>
                <ul className={styles.rooms}>
                  {session.rooms.map(({ id, name, people = [] }) => (
                    <li key={id} data-came={came === `${session.id}/${id}` || undefined}>
                      <strong>
                        {words.room(
                          name,
                          people.filter(({ presence }) => presence === 'here').length,
                          people.length,
                        )}
                      </strong>
                      <span>{people.map(({ name: one, email }) => one ?? email).join(', ')}</span>
                      {came === `${session.id}/${id}` && <em>{words.you}</em>}
                    </li>
                  ))}
                </ul>
              </article>
            ))}
          </section>
          <section aria-labelledby="channels">
            <h2 id="channels" className={styles.subtitle}>
              {words.channels}
            </h2>
            {seen.spaces.length === 0 && <p>{words.none}</p>}
            <ul className={styles.rooms}>
              {seen.spaces.map(({ id, name, members, posts, files }) => (
                <li key={id}>
                  <strong>{words.channel(name, members.length)}</strong>
                  <span>{members.map((one) => one.name).join(', ')}</span>
                  <small>{sayLive.spaces.activity(posts, files)}</small>
                </li>
              ))}
            </ul>
          </section>
          <section aria-labelledby="behave">
            <h2 id="behave" className={styles.subtitle}>
              {words.behave}
            </h2>
            <div className={styles.settings}>
              {SETTINGS.map((name) => (
                <Field key={name} label={words.settings[name]}>
                  <input
                    type="number"
                    min={0}
                    defaultValue={seen.settings[name]}
                    onBlur={(event) => {
                      const value = event.target.valueAsNumber;
                      if (Number.isFinite(value)) {
                        void settle(token, { ...seen.settings, [name]: value });
                      }
                    }}
                  />
                </Field>
              ))}
            </div>
          </section>
        </>
      )}
    </main>
  );
}

async function lookAt(token: string, signal: AbortSignal): Promise<Seen | 'refused'> {
  const ask = (path: string): Promise<Response> =>
    fetch(ROOT + path, { signal, headers: { Authorization: `Bearer ${token}` } });
  const settings = await ask('/settings');
  if (settings.status === 401) return 'refused';
  const [sessions, spaces] = await Promise.all([
    ask('/rooms/v1/sessions'),
    ask('/spaces/v1/spaces'),
  ]);
  return {
    settings: Settings.parse(await settings.json()),
    sessions: Sessions.parse(await sessions.json()).sessions,
    spaces: SpaceList.parse(await spaces.json()).spaces,
  };
}

async function settle(token: string, settings: Settings): Promise<void> {
  await fetch(`${ROOT}/settings`, {
    method: 'PUT',
    headers: { Authorization: `Bearer ${token}`, 'Content-Type': 'application/json' },
    body: JSON.stringify(settings),
  }).catch(() => undefined);
}
