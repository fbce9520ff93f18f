import { rngFromSeed } from '../../core/random/rng';
import { uniformInt } from '../../core/random/uniform';
import { numberOf } from '../numberOf';

/** What a simulated member writes or files, so many milliseconds after joining. */
export interface Writing {
  readonly after: number;
  readonly text: string;
  /** A file of this name rather than a text. */
  readonly file: boolean;
}

const TEXTS = [
  'Who takes the flow meter on Thursday?',
  'I can bring the nets and the trays.',
  'Our first reading at the bridge was 0.4 m/s.',
  'Two kinds of mayfly so far, photos follow.',
  'Should we meet at the footpath or at the weir?',
  'I have typed the chemistry into our sheet.',
  'The bank is steep there, boots are needed.',
  'Can somebody check my count from plot two?',
] as const;
const FILES = [
  'bank-sketch.pdf',
  'flow-readings.csv',
  'mayfly-photos.zip',
  'plot-two.pdf',
] as const;

/** What a member of a space does by themselves; in one space of four nobody says a word. */
export function writingsOf(space: string, member: string): readonly Writing[] {
  if (numberOf(`quiet ${space}`) % 4 === 0) return [];
  const rng = rngFromSeed(numberOf(`${space} ${member}`));
  const writings = Array.from({ length: uniformInt(rng, 4) }, () => ({
    after: 2_000 + uniformInt(rng, 120_000),
    text: TEXTS[uniformInt(rng, TEXTS.length)] as string,
    file: false,
  }));
  if (uniformInt(rng, 5) > 0) return writings;
  const file = FILES[uniformInt(rng, FILES.length)] as string;
  return [...writings, { after: 5_000 + uniformInt(rng, 90_000), text: file, file: true }];
}
