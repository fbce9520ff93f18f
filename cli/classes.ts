import { publicAddresses, type PublicAddresses } from '@/encode/publicLineup';
import { sayClassFiles } from '@/messages/classFiles';
import { sayShell } from '@/messages/shell';
import { readClassFile } from '@/schema/classFile';
import { takesPart } from '@/schema/presence';
import type { AppRecord, RecordKind, RecordOf } from '@/schema/records';
import { readJson, type Complain } from './files';

/** The records of a class file, brought up to date; null, with a sentence said, where it cannot be read. */
export function recordsIn(path: string, complain: Complain): readonly AppRecord[] | null {
  const data = readJson(path);
  if (!data.ok) {
    complain(data.sentence);
    return null;
  }
  const read = readClassFile(data.value);
  if (read.ok) return read.records;
  const sentence = sayClassFiles.classFileIssueSentence(read.issue);
  complain(sayShell.commandLine.export.withNothing(sentence));
  return null;
}

/** Those of one kind. */
export function kind<K extends RecordKind>(
  records: readonly AppRecord[],
  wanted: K,
): readonly RecordOf<K>[] {
  return records.filter((one): one is RecordOf<K> => one.record === wanted);
}

/** The lineup of that name as it leaves: its shown take, with those who take part on a day (YYYY-MM-DD). */
export function lineupCalled(
  records: readonly AppRecord[],
  name: string,
  day: string,
  complain: Complain,
): PublicAddresses | null {
  const [theClass] = kind(records, 'class');
  const lineups = kind(records, 'lineup');
  const called = lineups.filter((one) => one.name === name);
  const [lineup] = called;
  const words = sayShell.commandLine.export;
  if (!theClass || !lineup) {
    complain(
      words.unknownLineup(
        name,
        lineups.map((one) => one.name),
      ),
    );
    return null;
  }
  if (called.length > 1) complain(words.sameName(name));
  const roll = kind(records, 'student').map((student) => ({
    ...student,
    here: takesPart(student, theClass, day),
  }));
  return publicAddresses(
    theClass,
    lineup,
    kind(records, 'take').find(({ id }) => id === lineup.takeId),
    roll,
    kind(records, 'plan').find(({ lineupId }) => lineupId === lineup.id),
    kind(records, 'adult'),
  );
}

/** The day by the clock of this machine. */
export function today(): string {
  const now = new Date();
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
