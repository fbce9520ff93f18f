'use client';

import type { Term, TermRow } from '@/encode/term';
import type { TermFile, TermOut } from '@/formats/out/termOut';
import { sayTerm } from '@/messages/term';
import { download } from '../frame/download';
import type { NameOf } from '../frame/names';
import { Button } from '../primitives/Button';
import { roleWord } from './roleWord';
import styles from './Term.module.css';

interface OutProps {
  readonly term: Term;
  readonly rows: readonly TermRow[];
  readonly nameOf: NameOf;
  readonly className: string;
}

/** The term on paper and as files: names as the screen shows them; a calendar holds days and lineups alone. */
export function Out({ term, rows, nameOf, className }: OutProps) {
  const save = async (kind: TermFile): Promise<void> => {
    const [{ termFile }, { safeName }] = await Promise.all([
      import('@/formats/out/termOut'),
      import('@/formats/out/fileNames'),
    ]);
    const { content, end, type } = await termFile(kind, termOut(term, rows, nameOf));
    const blob = typeof content === 'string' ? content : new Blob([content as BlobPart]);
    download(`${safeName(sayTerm.fileName(className), 'term')}.${end}`, blob, type);
  };
  return (
    <div className={styles.out} role="group" aria-label={sayTerm.out}>
      <span>{sayTerm.out}</span>
      {(['csv', 'xlsx', 'ics'] as const).map((kind) => (
        <Button key={kind} size="small" variant="paper" onClick={() => void save(kind)}>
          {sayTerm.saveAs[kind]}
        </Button>
      ))}
      <Button size="small" variant="paper" onClick={() => window.print()}>
        {sayTerm.print}
      </Button>
    </div>
  );
}

function termOut(term: Term, rows: readonly TermRow[], nameOf: NameOf): TermOut {
  const { saved } = sayTerm;
  const dated = ({ name, on }: Term['lineups'][number]): string =>
    on === null ? name : `${name} (${on})`;
  return {
    byStudent: {
      name: saved.byStudent,
      heading: [
        ...[saved.student, ...term.lineups.map(dated)],
        ...[saved.met, saved.willMeet, saved.repeats, saved.small],
        ...term.roles.map((role) => saved.turns(roleWord(role))),
      ],
      rows: rows.map(({ studentId, cells, met, willMeet, repeats, small, turns }) => [
        ...[nameOf(studentId), ...cells.map((cell) => cell?.group ?? '')],
        ...[met, willMeet, repeats, small],
        ...term.roles.map((role) => turns[role] ?? 0),
      ]),
    },
    byLineup: {
      name: saved.byLineup,
      heading: [saved.lineup, saved.day, saved.state, saved.group, saved.student, saved.roles],
      rows: term.lineups.flatMap((lineup) =>
        lineup.groups.flatMap(({ name, studentIds, roles }) =>
          studentIds.map((id) => [
            ...[lineup.name, lineup.on ?? '', sayTerm.column[lineup.state], name, nameOf(id)],
            Object.entries(roles)
              .flatMap(([role, holder]) => (holder === id ? [roleWord(role)] : []))
              .join(', '),
          ]),
        ),
      ),
    },
    lineups: term.lineups,
  };
}
