import { auditOf, type Audit, type LineupAudit } from '@/encode/audit';
import { sayShell } from '@/messages/shell';
import type { StudentId } from '@/schema/ids';
import { kind, recordsIn, today } from './classes';
import { BAD_INPUT, DONE, writeJson, type Complain } from './files';

/** There is something to look at. */
const TO_LOOK_AT = 3;

/** `gruppetto check`: looks through a class file, tells what is to be looked at, and writes the whole report. */
export function checkCommand(args: readonly string[], complain: Complain): number {
  const [path, reportPath, ...others] = args;
  const words = sayShell.commandLine.check;
  if (path === undefined || others.length > 0 || args.some((word) => word.startsWith('--'))) {
    complain(sayShell.commandLine.usage);
    return BAD_INPUT;
  }
  const records = recordsIn(path, complain);
  const theClass = records && kind(records, 'class')[0];
  if (!records || !theClass) return BAD_INPUT;
  const students = kind(records, 'student');
  const audit = auditOf({
    theClass,
    students,
    rules: kind(records, 'rule'),
    lineups: kind(records, 'lineup'),
    takes: kind(records, 'take'),
    today: today(),
  });
  const names = new Map<StudentId, string>(students.map(({ id, name }) => [id, name]));
  const nameOf = (id: StudentId): string => names.get(id) ?? '';
  const toLookAt = audit.lineups.flatMap((one) => troublesOf(one, nameOf));
  toLookAt.forEach((sentence) => complain(sentence));
  const report = reportOf(theClass.name, audit, nameOf, toLookAt);
  if (reportPath !== undefined && !writeJson(reportPath, report)) {
    complain(sayShell.commandLine.cannotWrite(reportPath));
    return BAD_INPUT;
  }
  if (reportPath === undefined && toLookAt.length === 0) {
    complain(words.clean(audit.lineups.length, audit.term.used));
  }
  return toLookAt.length === 0 ? DONE : TO_LOOK_AT;
}

/** Sentences about what is wrong in a lineup; of one that is over, only what cannot be. */
function troublesOf(
  { lineup, twice, aside, lost, rules, strayRoles }: LineupAudit,
  nameOf: (id: StudentId) => string,
): readonly string[] {
  const words = sayShell.commandLine.check;
  const { name, state } = lineup;
  return [
    ...(twice.length > 0 ? [words.twice(name, twice.map(nameOf))] : []),
    ...(lost > 0 ? [words.lost(name, lost)] : []),
    ...(strayRoles > 0 ? [words.strayRoles(name, strayRoles)] : []),
    ...(rules.broken > 0 && state !== 'retired' ? [words.broken(name, rules.broken)] : []),
    ...(aside.length > 0 && state === 'inUse' ? [words.aside(name, aside.map(nameOf))] : []),
  ];
}

function reportOf(
  className: string,
  { lineups, term }: Audit,
  nameOf: (id: StudentId) => string,
  toLookAt: readonly string[],
) {
  const counted = (map: ReadonlyMap<StudentId, number>, as: string) =>
    [...map].map(([id, count]) => ({ name: nameOf(id), [as]: count }));
  return {
    format: 'gruppetto.audit',
    version: 1,
    class: className,
    toLookAt,
    lineups: lineups.map((one) => ({
      name: one.lineup.name,
      state: one.lineup.state,
      used: one.lineup.used?.on ?? null,
      sizes: one.sizes,
      placed: one.placed,
      twice: one.twice.map(nameOf),
      aside: one.aside.map(nameOf),
      lost: one.lost,
      rules: one.rules,
      repeats: one.repeats,
    })),
    term: {
      used: term.used,
      pairs: term.pairs,
      repeatedPairs: term.repeatedPairs,
      partners: counted(term.partners, 'met'),
      turns: Object.fromEntries(
        [...term.turns].map(([role, held]) => [role, counted(held, 'times')]),
      ),
    },
  };
}
