'use client';

import type { Term, TermRow } from '@/encode/term';
import { sayTerm } from '@/messages/term';
import type { StudentId } from '@/schema/ids';
import type { NameOf } from '../frame/names';
import styles from './Term.module.css';

interface SharedProps {
  readonly term: Term;
  readonly rows: readonly TermRow[];
  readonly nameOf: NameOf;
  readonly chosen: readonly StudentId[];
}

/** Of one student whom they have not met yet; of two the lineups that they share. */
export function Shared({ term, rows, nameOf, chosen }: SharedProps) {
  const [one, two] = chosen;
  return (
    <section className={styles.shared} aria-live="polite">
      {one === undefined ? (
        <p className={styles.hint}>{sayTerm.select}</p>
      ) : two === undefined ? (
        <NotMet term={term} rows={rows} nameOf={nameOf} id={one} />
      ) : (
        <Together term={term} nameOf={nameOf} one={one} two={two} />
      )}
    </section>
  );
}

interface NotMetProps {
  readonly term: Term;
  readonly rows: readonly TermRow[];
  readonly nameOf: NameOf;
  readonly id: StudentId;
}

function NotMet({ term, rows, nameOf, id }: NotMetProps) {
  const missing = rows.flatMap(({ studentId }) =>
    studentId !== id && term.together(id, studentId).length === 0 ? [nameOf(studentId)] : [],
  );
  if (missing.length === 0) return <p>{sayTerm.metAll(nameOf(id))}</p>;
  return (
    <>
      <h3 className={styles.subtitle}>{sayTerm.notMet(nameOf(id))}</h3>
      <ul className={styles.names}>
        {missing.map((name) => (
          <li key={name}>{name}</li>
        ))}
      </ul>
      <p className={styles.hint}>{sayTerm.withPlanned}</p>
    </>
  );
}

interface TogetherProps {
  readonly term: Term;
  readonly nameOf: NameOf;
  readonly one: StudentId;
  readonly two: StudentId;
}

function Together({ term, nameOf, one, two }: TogetherProps) {
  const shared = term.together(one, two).flatMap((at) => term.lineups[at] ?? []);
  return (
    <>
      <h3 className={styles.subtitle}>{sayTerm.share(nameOf(one), nameOf(two))}</h3>
      {shared.length === 0 ? (
        <p>{sayTerm.shareNothing}</p>
      ) : (
        <ul>
          {shared.map(({ id, name, on, state }) => (
            <li key={`${id} ${on}`}>
              {name} <small>{on === null ? sayTerm.noDay : sayTerm.day(on)}</small>{' '}
              <small>{sayTerm.column[state]}</small>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
