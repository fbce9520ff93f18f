'use client';

import { useId, useRef, useState, type SyntheticEvent } from 'react';
import { sayChoosing } from '@/messages/choosing';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { plainText } from '../primitives/plainText';
import styles from './Choosing.module.css';
import type { Visit } from './useVisit';

/** From so many names on they are found by typing. */
const WORTH_FINDING = 12;

/** Who are you: a name of the list, then the PIN of the slip. */
export function AtTheDoor({ visit }: { readonly visit: Visit }) {
  const { door } = visit;
  const [asked, setAsked] = useState('');
  const [person, setPerson] = useState<{ readonly id: string; readonly name: string } | null>(null);
  const findId = useId();
  if (door === undefined || door === null) {
    return (
      <p className={styles.wait} role="status">
        {door === null ? sayChoosing.silent : sayChoosing.wait}
      </p>
    );
  }
  if (door === 'none') return <p className={styles.wait}>{sayChoosing.none}</p>;
  const plain = (text: string): string => plainText(text, document.documentElement.lang);
  const found = door.people.filter(({ name }) => plain(name).includes(plain(asked)));
  return (
    <>
      <header className={styles.head}>
        <h1 className={styles.title}>{door.name}</h1>
        {visit.sentOut && <p className={styles.said}>{sayChoosing.outAgain}</p>}
      </header>
      {person ? (
        <PinEntry visit={visit} person={person} onBack={() => setPerson(null)} />
      ) : (
        <section className={styles.part} aria-labelledby={`${findId} who`}>
          <h2 className={styles.subtitle} id={`${findId} who`}>
            {sayChoosing.who}
          </h2>
          {door.people.length > WORTH_FINDING && (
            <Field label={sayChoosing.find}>
              <input
                className={styles.typed}
                type="text"
                value={asked}
                autoComplete="off"
                onChange={({ target }) => setAsked(target.value)}
              />
            </Field>
          )}
          <ul className={styles.names}>
            {found.map((one) => (
              <li key={one.id}>
                <button type="button" className={styles.name} onClick={() => setPerson(one)}>
                  <bdi>{one.name}</bdi>
                </button>
              </li>
            ))}
          </ul>
          {found.length === 0 && <p>{sayChoosing.nobody}</p>}
        </section>
      )}
    </>
  );
}

interface PinEntryProps {
  readonly visit: Visit;
  readonly person: { readonly id: string; readonly name: string };
  readonly onBack: () => void;
}

function PinEntry({ visit, person, onBack }: PinEntryProps) {
  const [pin, setPin] = useState('');
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const enter = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    if (busy || pin === '') return;
    setBusy(true);
    const refused = await visit.enter(person.id, pin);
    setBusy(false);
    if (refused === null) return;
    setSaid(
      refused === 'wrong'
        ? sayChoosing.wrong
        : refused === 'lost'
          ? sayChoosing.entryLost
          : sayChoosing.locked(refused.lockedSeconds),
    );
    setPin('');
    field.current?.focus();
  };
  return (
    <form className={styles.part} onSubmit={(event) => void enter(event)}>
      <h2 className={styles.subtitle}>{person.name}</h2>
      <Field label={sayChoosing.pin}>
        <input
          ref={field}
          className={styles.pin}
          inputMode="numeric"
          autoComplete="one-time-code"
          pattern="[0-9]*"
          maxLength={12}
          value={pin}
          // Whoever has come this far has one thing to type.
          autoFocus
          onChange={({ target }) => setPin(target.value.replace(/\D/g, ''))}
        />
      </Field>
      <p className={styles.said} role="alert">
        {said}
      </p>
      <div className={styles.doings}>
        <Button type="submit" variant="contained" size="large" disabled={busy || pin === ''}>
          {sayChoosing.enter}
        </Button>
        <Button type="button" variant="plain" size="large" onClick={onBack}>
          {sayChoosing.notMe}
        </Button>
      </div>
    </form>
  );
}
