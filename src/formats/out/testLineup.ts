import type { AddressedLineup } from './lineupOut';
import { wayOutOf, writeOut, type WayOutId } from './list';
import { PLAIN_OPTIONS, type OutOptions } from './options';
import type { Write, Written } from './wayOut';
import type { OutWords } from './words';

/** A lineup of groups written as "Alder: Ana, Bo"; everybody has an address of their name. */
export function lineupOf(...groups: readonly string[]): AddressedLineup {
  return {
    id: 'l_1',
    classId: 'c_1',
    name: 'Week 3, bank walk',
    className: 'Crew',
    courseCode: 'RIV-2',
    instructions: '',
    groups: groups.map((line, sign) => {
      const [name = '', names = ''] = line.split(': ');
      return group(name, sign, names === '' ? [] : names.split(', '));
    }),
    staff: [{ name: 'Oda Lindqvist', role: 'teacher', email: 'oda@example.org' }],
  };
}

export function group(
  name: string,
  sign: number,
  names: readonly string[],
): AddressedLineup['groups'][number] {
  return {
    ...{ key: String(sign), name, sign, place: '', stations: [], time: '', led: [] },
    members: names.map((one, place) => ({
      ...{ id: `s_${one}`, name: one, givenName: one.split(' ')[0] ?? '', familyName: '' },
      roles: place === 0 ? ['lead'] : [],
      email: `${one.toLowerCase().replace(/[^a-z]/g, '') || 'x'}@example.org`,
    })),
  };
}

export const NOON = { date: '2026-11-26', time: '12:00', minutes: '40' };
export const LINK = 'https://rooms.example.org/{code}/{group}';

/** Everything that a way out may be asked to take along. */
export const ALL: Partial<OutOptions> = { ...NOON, linkTemplate: LINK, addresses: true };

type Given = readonly [id: WayOutId, lineup: AddressedLineup, options?: Partial<OutOptions>];

/** The ways out with their words, for tests: what comes of one, what was written, its text or bytes. */
export function writerIn(words: OutWords) {
  const write = (...[id, lineup, options = {}]: Given): Promise<Write> => {
    const way = wayOutOf(id);
    if (!way) throw new Error(`expected a way out, received ${id}`);
    return writeOut(way, lineup, { ...PLAIN_OPTIONS, ...options }, words);
  };
  /** Fails where nothing was written. */
  const written = async (...given: Given): Promise<Written> => {
    const out = await write(...given);
    if (!out.ok) throw new Error(JSON.stringify(out.issue));
    return out;
  };
  const textOf = async (...given: Given): Promise<string> =>
    String((await written(...given)).content);
  const bytesOf = async (...given: Given): Promise<Uint8Array> => {
    const { content } = await written(...given);
    return typeof content === 'string' ? new TextEncoder().encode(content) : content;
  };
  return { write, written, textOf, bytesOf };
}
