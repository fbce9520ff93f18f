import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  readBackup,
  readClassFile,
  writeBackup,
  writeClassFile,
  type ClassFile,
} from './classFile';
import type { RecordKind, RecordOf } from './records';

const folder = join(__dirname, '../../demo/classes');
const demoFiles = readdirSync(folder).map((name): [string, ClassFile] => [
  name,
  JSON.parse(readFileSync(join(folder, name), 'utf8')) as ClassFile,
]);

function recordsOf(file: unknown) {
  const read = readClassFile(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issue));
  const all = <K extends RecordKind>(kind: K) =>
    read.records.filter((one): one is RecordOf<K> => one.record === kind);
  return {
    theClass: all('class')[0]!,
    students: all('student'),
    rules: all('rule'),
    lineups: all('lineup'),
    takes: all('take'),
    results: all('results'),
    adults: all('adult'),
  };
}

const studentsIn = (file: ClassFile) => file.students as readonly object[];

describe('class files', () => {
  test.each(demoFiles)(
    'the demo file %s comes back from reading and writing exactly',
    (_, file) => {
      const read = readClassFile(file);
      expect(read.ok && writeClassFile(read.records)).toEqual(file);
    },
  );

  test('everything in one file comes back exactly; one damaged class in it takes nothing', () => {
    const files = demoFiles.map(([, file]) => file);
    const read = readBackup(JSON.parse(JSON.stringify(writeBackup(files))));
    expect(read.ok && read.classes).toEqual(
      files.map((file) => {
        const one = readClassFile(file);
        return one.ok && one.records;
      }),
    );
    const damaged = { ...files[1]!, students: [{ record: 'student' }] };
    expect(readBackup({ ...writeBackup(files), classes: [files[0], damaged] })).toMatchObject({
      issue: { code: 'damagedRecord' },
    });
  });

  test('the demo is complete: seven classes, three of them with two tests each, 28 students in two sections, rules, six past weeks', () => {
    const classes = demoFiles.map(([, file]) => recordsOf(file));
    expect(classes.map(({ students }) => students.length).sort((a, b) => a - b)).toEqual([
      17, 22, 22, 22, 24, 28, 1200,
    ]);
    const tests = classes.flatMap(({ results }) => results);
    expect(tests).toHaveLength(6);
    expect(classes.flatMap(({ adults }) => adults)).toHaveLength(6);
    const crew = classes.find(({ students }) => students.length === 28)!;
    expect(crew.theClass.sections).toHaveLength(2);
    expect(crew.theClass.details.map(({ kind }) => kind)).toEqual([
      'number',
      'level',
      'yesNo',
      'category',
      'yesNo',
    ]);
    expect(crew.theClass.skillLadder).toHaveLength(8);
    expect(crew.rules).toHaveLength(4);
    expect(crew.lineups.filter(({ state }) => state === 'retired')).toHaveLength(6);
    expect(crew.students.every(({ email }) => /^$|@exa?m?a?ple\.org$/.test(email))).toBe(true);
  });

  test('a newer file, a foreign file and a damaged record are each refused, and nothing of them is taken', () => {
    const [, file] = demoFiles[0]!;
    expect(readBackup({ format: 'gruppetto.backup', version: 2, classes: [] })).toMatchObject({
      issue: { code: 'newerFile' },
    });
    expect(readClassFile({ ...file, version: 2 })).toMatchObject({ issue: { code: 'newerFile' } });
    expect(readClassFile({ ...file, records: { ...file.records, student: 9 } })).toMatchObject({
      issue: { code: 'newerVersion', record: 'student' },
    });
    expect(readClassFile({ hello: 1 })).toMatchObject({ issue: { code: 'notAClassFile' } });
    expect(
      readClassFile({ ...file, students: [{ ...studentsIn(file)[0], name: 7 }] }),
    ).toMatchObject({
      ok: false,
      issue: { code: 'damagedRecord', record: 'student', path: 'name' },
    });
  });
});
