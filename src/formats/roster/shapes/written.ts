import { isRemarkLabel } from '../lineKinds';
import { looksLikeWholeName } from '../names';
import { filledOf, type Line } from './lines';

const HANDLES = /^(?<label>[^:@]*:)?\s*(?<handles>@[\p{L}\d._-]+(?:[\s,;]+@[\p{L}\d._-]+)*)\s*$/u;

/** "Team Otter: @amira @bram": names as messages call people by, with commas between them. */
export function withHandles(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const handled = filled.filter(({ text }) => HANDLES.test(text));
  if (handled.length < filled.length / 2) return all;
  return all.map((one) => {
    const { label = '', handles = '' } = HANDLES.exec(one.text)?.groups ?? {};
    const names = handles.split(/[\s,;]+/).map((name) => name.replace(/^@/, ''));
    return handles === '' ? one : { ...one, text: `${label} ${names.join(', ')}`.trim() };
  });
}

/** "Notes" over sentences that stand apart below the names, with a colon, as it is mostly written. */
export function withLabelledNotes(all: readonly Line[]): readonly Line[] {
  const at = all.findLastIndex(
    ({ text }) => isRemarkLabel(text) && /^\s*\p{Lu}\p{Ll}+\s*$/u.test(text),
  );
  const below = filledOf(all.slice(at + 1));
  const apart = at > 1 && all[at - 1]?.text.trim() === '';
  const fits =
    apart && below.length > 0 && !below.some(({ text }) => looksLikeWholeName(text.trim()));
  return fits
    ? all.map((one, i) => (i === at ? { ...one, text: `${one.text.trim()}:` } : one))
    : all;
}

/** "Amira. Bram. Chipo." and nothing else. */
const STOPPED = /^\s*\p{Lu}\p{Ll}{2,}(?:\.\s+\p{Lu}\p{Ll}{2,}){2,}\.?\s*$/u;

/** Single names on one line with stops between them, which commas take the place of. */
export function withCommas(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  if (!filled.every(({ text }) => STOPPED.test(text))) return all;
  return all.map((one) => ({
    ...one,
    text: one.text.replace(/\.(?=\s+\S)/g, ',').replace(/\.\s*$/, ''),
  }));
}
