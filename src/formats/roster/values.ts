import { isNoAmount } from './headings';
import { readNumber, readYesNo, unitOf, yesNoWord } from './readValue';
import { cleanText, isMissing, plainWords } from './text';
import type { DetailKind } from './types';
import { words } from './words';

/** Orders of level words from low to high, as `plainWords` writes them. Words on one place mean the same. */
const SCALES: readonly (readonly (readonly string[])[])[] = [
  [
    ['very low', 'lowest'],
    ['low', 'lower'],
    ['middle', 'medium', 'mid', 'average', 'moderate'],
    ['high', 'higher', 'upper'],
    ['very high', 'highest'],
  ],
  [
    ['none'],
    ['novice', 'new', 'beginner', 'beginning', 'starter', 'basic'],
    ['elementary', 'some', 'emerging', 'developing'],
    ['intermediate', 'proficient', 'secure'],
    ['advanced', 'seasoned', 'exceeding', 'fluent'],
    ['expert', 'native'],
  ],
  [
    ['poor', 'weak'],
    ['fair'],
    ['satisfactory', 'average', 'ok'],
    ['good'],
    ['very good', 'strong'],
    ['excellent', 'outstanding'],
  ],
  [['below'], ['approaching'], ['meets', 'meeting', 'at'], ['exceeds', 'above']],
  [['never'], ['rarely', 'seldom'], ['sometimes'], ['often', 'usually'], ['always']],
  [
    ['strongly disagree', 'totally disagree'],
    ['disagree'],
    ['neutral', 'neither', 'neither agree nor disagree', 'undecided', 'not sure'],
    ['agree'],
    ['strongly agree', 'totally agree'],
  ],
  [['not at all'], ['a little', 'slightly'], ['somewhat', 'fairly', 'quite'], ['very', 'a lot']],
  [
    ['totalmente en desacuerdo', 'muy en desacuerdo'],
    ['en desacuerdo'],
    ['neutral', 'indiferente'],
    ['de acuerdo'],
    ['totalmente de acuerdo', 'muy de acuerdo'],
  ],
  [
    ['nunca'],
    ['rara vez', 'raramente'],
    ['a veces', 'as vezes'],
    ['a menudo'],
    ['siempre', 'sempre'],
  ],
  [
    ['stimme gar nicht zu', 'trifft nicht zu'],
    ['stimme nicht zu', 'trifft eher nicht zu'],
    ['neutral', 'teils teils'],
    ['stimme zu', 'trifft eher zu'],
    ['stimme voll zu', 'stimme voll und ganz zu', 'trifft zu', 'trifft voll zu'],
  ],
  [['nie'], ['selten'], ['manchmal'], ['oft', 'haufig'], ['immer']],
  [
    ['pas du tout d accord'],
    ['pas d accord', 'plutot pas d accord'],
    ['neutre'],
    ['d accord', 'plutot d accord'],
    ['tout a fait d accord'],
  ],
  [['jamais'], ['rarement'], ['parfois'], ['souvent'], ['toujours']],
  [['mai'], ['raramente'], ['a volte', 'qualche volta'], ['spesso'], ['sempre']],
  [['nooit'], ['zelden'], ['soms'], ['vaak'], ['altijd']],
  [
    ['discordo totalmente'],
    ['discordo'],
    ['neutro', 'nao concordo nem discordo'],
    ['concordo'],
    ['concordo totalmente'],
  ],
  [
    ['helemaal mee oneens'],
    ['oneens', 'mee oneens'],
    ['neutraal'],
    ['eens', 'mee eens'],
    ['helemaal mee eens'],
  ],
  [
    ['small', 's'],
    ['medium', 'm'],
    ['large', 'l'],
    ['extra large', 'xl'],
  ],
  [['a1'], ['a2'], ['b1'], ['b2'], ['c1'], ['c2']],
  [['muy bajo'], ['bajo', 'baja'], ['medio', 'media'], ['alto', 'alta'], ['muy alto', 'muy alta']],
  [
    ['principiante', 'basico', 'inicial'],
    ['elemental'],
    ['intermedio', 'intermedia', 'medio', 'media'],
    ['avanzado', 'avanzada'],
    ['experto', 'experta'],
  ],
  [
    ['faible', 'bas', 'basse'],
    ['moyen', 'moyenne'],
    ['fort', 'forte', 'haut', 'eleve', 'elevee'],
  ],
  [
    ['debutant', 'debutante'],
    ['elementaire'],
    ['intermediaire', 'moyen', 'moyenne'],
    ['avance', 'avancee', 'confirme', 'confirmee'],
    ['expert', 'experte'],
  ],
  [['niedrig', 'gering', 'tief'], ['mittel'], ['hoch']],
  [
    ['muito baixo', 'muito baixa'],
    ['baixo', 'baixa'],
    ['medio', 'media'],
    ['alto', 'alta'],
    ['muito alto', 'muito alta'],
  ],
  [['molto basso'], ['basso', 'bassa'], ['medio', 'media'], ['alto', 'alta'], ['molto alto']],
  [['zeer laag'], ['laag'], ['gemiddeld', 'middel', 'midden'], ['hoog'], ['zeer hoog']],
  [
    ['iniciante', 'principiante'],
    ['basico', 'basica', 'elementar'],
    ['intermediario', 'intermediaria', 'intermedio', 'intermedia', 'medio', 'media'],
    ['avancado', 'avancada'],
    ['especialista'],
  ],
  [
    ['principiante', 'base'],
    ['elementare'],
    ['intermedio', 'intermedia', 'medio', 'media'],
    ['avanzato', 'avanzata'],
    ['esperto', 'esperta'],
  ],
  [['beginner'], ['basis'], ['gemiddeld'], ['gevorderd', 'gevorderde'], ['expert']],
  [
    ['anfanger', 'anfangerin', 'einsteiger', 'neu'],
    ['grundlagen'],
    ['mittelstufe', 'mittel', 'etwas'],
    ['fortgeschritten', 'fortgeschrittene'],
    ['experte', 'expertin', 'erfahren'],
  ],
  [
    ['freshman', 'first year'],
    ['sophomore', 'second year'],
    ['junior', 'third year'],
    ['senior', 'fourth year'],
  ],
];

export interface KindGuess {
  readonly kind: DetailKind;
  /** The values of a level from low to high, as the file writes them. */
  readonly levels: readonly string[];
  /** How numbers of the column are written. */
  readonly decimal: '.' | ',';
}

/** ":---:", "------:": what parts the headings of a written table from its rows. */
const UNDER_A_HEADING = /^\s*:?-{3,}:?\s*$/;

/** What kind of detail a column is, from its values; those that are missing say nothing. */
export function guessKind(
  heading: string,
  cells: readonly string[],
  commaIsDecimal: boolean,
): KindGuess {
  const given = cells
    .filter((cell) => !isMissing(cell) && !UNDER_A_HEADING.test(cell))
    .map(cleanText);
  // A word for an absence says nothing of what the others are, unless most are such words.
  const present = given.filter((value) => !isOddWord(value));
  const values = present.length >= given.length / 2 ? present : given;
  const decimal = commaIsDecimal || commaMeansDecimal(values) ? ',' : '.';
  const plain = { levels: [], decimal } as const;
  if (values.length === 0) return { kind: 'category', ...plain };
  if (isSkill(heading) && values.every((value) => isMastery(value, decimal))) {
    return { kind: 'skill', ...plain };
  }
  const words = new Set(values.map(yesNoWord));
  if (values.every((value) => readYesNo(value) !== null) && ![...words].every(isLetterGrade)) {
    return { kind: 'yesNo', ...plain };
  }
  if (areNumbers(values, decimal) && !values.some(isCode) && !isNoAmount(heading)) {
    return { kind: isSkill(heading) ? 'skill' : 'number', ...plain };
  }
  const levels = levelsOf(values);
  return levels ? { kind: 'level', levels, decimal } : { kind: 'category', ...plain };
}

/** Whether a heading says that a column tells how far a skill is mastered. */
function isSkill(heading: string): boolean {
  return /\b(skill|mastery)\b/i.test(heading);
}

/** Whether a cell tells how far a skill is mastered: a number, points of a maximum, a tick or a word. */
function isMastery(value: string, decimal: '.' | ','): boolean {
  return (
    readNumber(value, decimal) !== null ||
    /^\d+([.,]\d+)?\s*(\/|of)\s*\d+$/.test(value) ||
    readYesNo(value) !== null ||
    /^(not )?(yet|mastered|secure|met|achieved)$/i.test(value)
  );
}

/** Cells that say why there is no value. */
const ODD_WORDS = new Set(
  words(`
  ex|exc|excused|exempt|abs|absent|absente|ausente|krank|entschuldigt|unentschuldigt|
  dispensado|dispensada|exento|exenta|dispense|dispensee|malade|enfermo|enferma|missing|incomplete|
  inc|not submitted|no submission|pending|tbd|tba|nicht abgegeben|fehlt|fehlend|afwezig|ziek|
  assente|assenza|malato|esonerato|faltou|falta|doente|not graded|ungraded|no grade|ns|read only|
  locked|withheld`),
);

/** Whether a cell among others says only that its value is missing: "EX", "krank", "#DIV/0!", "*". */
export function isOddWord(value: string): boolean {
  return (
    /^#[A-Z/0!?]+$/.test(value) || /^[*()/\\–-]+$/.test(value) || ODD_WORDS.has(plainWords(value))
  );
}

/** Numbers, but for one odd cell in five at most where there are five numbers and more, or for a single short word ("zk"). */
function areNumbers(values: readonly string[], decimal: '.' | ','): boolean {
  // "1 h" and "30 min" are no two numbers of one column.
  if (new Set(values.map(unitOf).filter(Boolean)).size > 1) return false;
  const numbers = values.filter((value) => readNumber(value, decimal) !== null).length;
  if (numbers === values.length) return true;
  const short = values.filter((value) => /^\p{L}{2,3}$/u.test(value)).length;
  if (short === 1 && numbers === values.length - 1 && numbers > 1) return true;
  return numbers >= 5 && numbers >= values.length * 0.8;
}

/** A single S or N may be a size or a point of the compass as well as an answer; alone it answers nothing. */
function isLetterGrade(word: string): boolean {
  return ['s', 'n', 'o'].includes(word);
}

/** Figures that are a name, not an amount: leading zeros, telephone numbers. */
function isCode(value: string): boolean {
  return (
    /^0\d/.test(value) || /^\+\d{6,}$/.test(value.replace(/\s/g, '')) || /^\d{9,}$/.test(value)
  );
}

/** "3,5" has a decimal comma; "1,234" alone could be either, and is taken for a thousand. */
function commaMeansDecimal(values: readonly string[]): boolean {
  const commas = values.filter((value) => /^[+-]?\d+,\d+\s*%?$/.test(value));
  if (commas.some((value) => !/,\d{3}\s*%?$/.test(value))) return true;
  return values.some((value) => /^[+-]?\d{1,3}(\.\d{3})+,\d+$/.test(value));
}

/** What makes a level the same as another: its words, and the sign behind a mark ("B" is not "B+"). */
export const levelKey = (value: string): string =>
  plainWords(value) + (/[*+–−-]*$/.exec(cleanText(value))?.[0] ?? '');

/** Levels for a column that is said to hold some: in the order of a known scale, else as they first appear. */
export function levelsFor(cells: readonly string[]): readonly string[] {
  const values = cells.filter((cell) => !isMissing(cell)).map(cleanText);
  return levelsOf(values) ?? [...new Map(values.map((value) => [levelKey(value), value])).values()];
}

/** "Level 2", "Stufe 3". */
const NUMBERED_LEVEL =
  /^(level|lvl|stage|step|band|grade|stufe|niveau|nivel|livello|etapa|etape|fase|palier) (\d{1,2})$/;

/** "A-", "B+", "A*": a mark in letters, which no group and no section is called. */
const LETTER_MARK = /^([A-G])([*+]|\+\+|[-–−])?$/;
const SIGNS_UP = ['-', '', '+', '++', '*'];

/** Marks in letters from low to high, where one at least has a sign; null for others. */
function letterMarks(values: readonly string[]): readonly string[] | null {
  const steps = values.map((value) => LETTER_MARK.exec(value));
  if (!steps.some((step) => step?.[2] !== undefined) || steps.includes(null)) return null;
  const worth = (value: string): number => {
    const [, letter = '', sign = ''] = LETTER_MARK.exec(value) ?? [];
    return -letter.charCodeAt(0) * 10 + SIGNS_UP.indexOf(sign.replace(/[–−]/, '-'));
  };
  return [...new Set(values)].sort((a, b) => worth(a) - worth(b));
}

/** The values by their numbers, or in the order of the scale that knows them all; null where neither is told. */
function levelsOf(values: readonly string[]): readonly string[] | null {
  const distinct = [...new Map(values.map((value) => [levelKey(value), value])).entries()];
  if (distinct.length < 2) return null;
  const steps = distinct.map(([word]) => NUMBERED_LEVEL.exec(word));
  const [first] = steps;
  if (first && steps.every((step) => step?.[1] === first[1])) {
    const numberOf = (word: string): number => Number(NUMBERED_LEVEL.exec(word)?.[2]);
    return distinct.sort(([a], [b]) => numberOf(a) - numberOf(b)).map(([, value]) => value);
  }
  const marks = letterMarks(values);
  if (marks) return marks;
  for (const scale of SCALES) {
    const placeOf = (word: string): number => scale.findIndex((step) => step.includes(word));
    if (!distinct.every(([word]) => placeOf(word) >= 0)) continue;
    return distinct.sort(([a], [b]) => placeOf(a) - placeOf(b)).map(([, value]) => value);
  }
  return null;
}
