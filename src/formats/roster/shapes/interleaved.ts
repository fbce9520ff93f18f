import { kindOfLine } from '../lineKinds';
import { isSchoolRole, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { filledOf, type Line, type Tidied } from './lines';

/** As many lines at most belong to one person. */
const MOST_LINES = 5;
/** As many lines at most stand over the first person and below the last. */
const MOST_AROUND = 4;
/** Fewer people than these show no order, unless a line beside the names says whose it is. */
const FEWEST = 3;

/** What the lines at one place of every person are; `sure` where they tell whose they are. */
interface Place {
  readonly sure: boolean;
  readonly use: 'name' | 'address' | 'tag' | 'nothing';
}

const NUMBERED = /^\s*\d{1,4}[.)]\s+/;
const SENTENCE = /\S[.!?]\s*$/;
/** "Amira H.", "Amira H. and Bram V." */
const WITH_INITIAL = /\s\p{L}\.$/u;
const MOMENT = /\b\d{1,2}[:.]\d{2}\b/;
const GRADE = /^[A-F]$/;
const FIGURES = /^[\d\s.,:/%°'"()-]+(?:[ap]\.?m\.?)?$/i;
const ADDRESS = /^<?[^\s@<>,;]+@[^\s@<>,;]+>?$/;
const LABEL = /^([^:]{2,30}):\s*\S/;

/**
 * A page on which every person has as many lines as every other: the first letters of the name, the name once more, what
 * somebody does there, when they came. The names alone, with addresses and single words as tags; the rest is left out.
 */
export function interleaved(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  for (let size = 2; size <= MOST_LINES; size++) {
    for (let from = 0; from <= MOST_AROUND; from++) {
      const people = Math.floor((filled.length - from) / size);
      const rest = filled.length - from - people * size;
      if (people < 2 || rest > MOST_AROUND) continue;
      const blocks = Array.from({ length: people }, (_, i) =>
        filled.slice(from + i * size, from + (i + 1) * size),
      );
      const places = placesOf(blocks, size);
      const around = from + rest > 0;
      const told = places?.some(({ sure, use }) => sure && use !== 'name') ?? false;
      const enough = people >= FEWEST || (!around && told);
      if (places && enough) return joined(filled, blocks, places);
    }
  }
  return { lines: all, skipped: [] };
}

function joined(
  filled: readonly Line[],
  blocks: readonly (readonly Line[])[],
  places: readonly Place[],
): Tidied {
  const inBlocks = new Set(blocks.flat());
  const [first] = blocks.flat();
  const before = filled.slice(
    0,
    filled.findIndex((one) => one === first),
  );
  const behind = filled.slice(before.length + inBlocks.size);
  const used = (block: readonly Line[], use: Place['use']): readonly Line[] =>
    block.filter((_, at) => places[at]?.use === use);
  const lines = blocks.flatMap((block) => {
    const [name] = used(block, 'name');
    if (!name) return [];
    const [address] = used(block, 'address').map(({ text }) => text.trim().replace(/[<>]/g, ''));
    const tags = used(block, 'tag').map(({ text }) => ` #${text.trim()}`);
    const text = `${name.text.trim()}${tags.join('')}${address === undefined ? '' : ` <${address}>`}`;
    return [{ ...name, text }];
  });
  return {
    lines: [...before, ...lines, ...behind],
    skipped: blocks.flatMap((block) =>
      used(block, 'nothing').map(({ line, text }) => ({
        ...{ row: line, name: text.trim(), reason: 'footer' as const },
      })),
    ),
  };
}

/** What stands at each place; null where a place is not the same for all, or there are not names at exactly one. */
function placesOf(blocks: readonly (readonly Line[])[], size: number): readonly Place[] | null {
  const at = (place: number): readonly string[] =>
    blocks.map((block) => (block[place]?.text ?? '').replace(NUMBERED, '').trim());
  for (let place = 0; place < size; place++) {
    const names = at(place);
    const distinct = new Set(names.map(plainWords)).size === names.length;
    if (!distinct || !names.every((name) => looksLikeWholeName(name) && kindOfLine(name) === null))
      continue;
    const places = Array.from({ length: size }, (_, other): Place | null =>
      other === place ? { sure: true, use: 'name' } : placeOf(at(other), names, size),
    );
    if (places.every((one): one is Place => one !== null)) return places;
  }
  return null;
}

function placeOf(texts: readonly string[], names: readonly string[], size: number): Place | null {
  const nothing = (sure: boolean): Place => ({ sure, use: 'nothing' });
  const every = (holds: (text: string, name: string) => boolean): boolean =>
    texts.every((text, i) => holds(text, names[i] ?? ''));
  if (every((text) => ADDRESS.test(text))) return { sure: true, use: 'address' };
  if (every((text, name) => plainWords(text).includes(plainWords(name)))) return nothing(true);
  if (every((text, name) => isInitials(text, name))) return nothing(true);
  // Who is a student there and who teaches is read elsewhere.
  if (texts.some(isSchoolRole)) return null;
  const [label] = texts.map((text) => LABEL.exec(text)?.[1]);
  if (label !== undefined && every((text) => LABEL.exec(text)?.[1] === label)) return null;
  // Figures alone below each name are read elsewhere.
  if (every((text) => FIGURES.test(text))) return size > 2 ? nothing(false) : null;
  if (every((text) => GRADE.test(text))) return { sure: false, use: 'tag' };
  if (size > 2 && every((text) => MOMENT.test(text))) return nothing(false);
  const words = new Set(texts.map((text) => text.toLowerCase()));
  if (words.size === 1) return nothing(false);
  const single = every((text) => /^\p{L}[\p{L}\p{N}_-]*$/u.test(text));
  if (single && words.size < texts.length * 0.7) return { sure: false, use: 'tag' };
  const said = texts.filter((text) => SENTENCE.test(text));
  const nobody = texts.every(
    (text) => !WITH_INITIAL.test(text) && (SENTENCE.test(text) || !looksLikeWholeName(text)),
  );
  return said.length >= texts.length / 2 && nobody ? nothing(false) : null;
}

function isInitials(text: string, name: string): boolean {
  const words = name.split(/[\s-]+/);
  const firsts = words.map((word) => word[0]?.toUpperCase() ?? '');
  return (
    /^\p{Lu}{1,4}$/u.test(text) &&
    [firsts.join(''), `${firsts[0] ?? ''}${firsts.at(-1) ?? ''}`, firsts[0]].includes(text)
  );
}
