/** A variable's value: a text, or a list of texts; an empty one is undefined. */
export type UriVariable = string | readonly string[];

interface Operator {
  readonly first: string;
  readonly separator: string;
  readonly named: boolean;
  /** What follows the name of an empty value. */
  readonly ifEmpty: string;
  /** Whether reserved signs stay as they are. */
  readonly reserved: boolean;
}

const plain = { first: '', separator: ',', named: false, ifEmpty: '', reserved: false };

/** RFC 6570, appendix A. */
const OPERATORS: Readonly<Record<string, Operator>> = {
  '': plain,
  '+': { ...plain, reserved: true },
  '#': { ...plain, first: '#', reserved: true },
  '.': { ...plain, first: '.', separator: '.' },
  '/': { ...plain, first: '/', separator: '/' },
  ';': { ...plain, first: ';', separator: ';', named: true },
  '?': { ...plain, first: '?', separator: '&', named: true, ifEmpty: '=' },
  '&': { ...plain, first: '&', separator: '&', named: true, ifEmpty: '=' },
};

interface Variable {
  readonly name: string;
  readonly explode: boolean;
  /** Most characters; null for all. */
  readonly prefix: number | null;
}
type Part = string | { readonly operator: Operator; readonly variables: readonly Variable[] };

export type ParsedTemplate =
  | { readonly ok: true; readonly parts: readonly Part[] }
  | { readonly ok: false; readonly at: number };

/** Signs that no URI template holds outside its expressions (RFC 6570, 2.1); the apostrophe is let through (erratum 6937). */
// eslint-disable-next-line no-control-regex -- control signs are among them
const NO_LITERAL = /[\u0000-\u0020"<>\\^`{|}\u007f-\u009f]|%(?![0-9A-Fa-f]{2})/;
const EXPRESSION = /^([+#./;?&]?)([^]*)$/;
const VARIABLE =
  /^((?:[A-Za-z0-9_]|%[0-9A-Fa-f]{2})(?:\.?(?:[A-Za-z0-9_]|%[0-9A-Fa-f]{2}))*)(?:(\*)|:([1-9]\d{0,3}))?$/;

/** Reads a URI template of any level (RFC 6570); `at` is where it stops being one, in characters from 0. */
export function parseTemplate(text: string): ParsedTemplate {
  const parts: Part[] = [];
  let at = 0;
  while (at < text.length) {
    const open = text.indexOf('{', at);
    const literal = text.slice(at, open < 0 ? undefined : open);
    const bad = literal.search(NO_LITERAL);
    if (bad >= 0) return { ok: false, at: at + bad };
    if (literal !== '') parts.push(literal);
    if (open < 0) break;
    const close = text.indexOf('}', open);
    const [, sign = '', list = ''] = EXPRESSION.exec(text.slice(open + 1, close)) ?? [];
    const operator = OPERATORS[sign];
    const variables = list.split(',').map((one) => VARIABLE.exec(one));
    if (close < 0 || !operator || variables.includes(null)) return { ok: false, at: open };
    parts.push({
      operator,
      variables: variables.map((found) => ({
        name: found?.[1] ?? '',
        explode: found?.[2] !== undefined,
        prefix: found?.[3] === undefined ? null : Number(found[3]),
      })),
    });
    at = close + 1;
  }
  return { ok: true, parts };
}

/** The template with the variables put in (RFC 6570, 3); unknown names and empty values are undefined. */
export function expand(
  parts: readonly Part[],
  values: Readonly<Record<string, UriVariable>>,
): string {
  return parts
    .map((part) => {
      if (typeof part === 'string') return encoded(part, true);
      const { operator, variables } = part;
      const written = variables.flatMap((variable) => {
        const value = Object.hasOwn(values, variable.name) ? values[variable.name] : undefined;
        return value === undefined || value.length === 0
          ? []
          : [valueOf(variable, value, operator)];
      });
      return written.length === 0 ? '' : operator.first + written.join(operator.separator);
    })
    .join('');
}

function valueOf(
  { name, explode, prefix }: Variable,
  value: UriVariable,
  { separator, named, ifEmpty, reserved }: Operator,
): string {
  const withName = (text: string): string =>
    named ? name + (text === '' ? ifEmpty : `=${text}`) : text;
  if (typeof value === 'string') {
    // Characters are code points, so that no half of one is left.
    const cut = prefix === null ? value : Array.from(value).slice(0, prefix).join('');
    return withName(encoded(cut, reserved));
  }
  const items = value.map((item) => encoded(item, reserved));
  return explode ? items.map(withName).join(separator) : withName(items.join(','));
}

const UNRESERVED = /[A-Za-z0-9\-._~]/;
const ALLOWED = /%[0-9A-Fa-f]{2}|[A-Za-z0-9\-._~:/?#[\]@!$&'()*+,;=]/;

/** Percent-encoded UTF-8; reserved signs and triplets may stay where the operator says so. */
function encoded(text: string, reserved: boolean): string {
  const pieces = text.toWellFormed().match(reserved ? /%[0-9A-Fa-f]{2}|[^]/gu : /[^]/gu) ?? [];
  const kept = reserved ? ALLOWED : UNRESERVED;
  return pieces.map((piece) => (kept.test(piece) ? piece : octets(piece))).join('');
}

/** Each octet of a character as a percent triplet; `encodeURIComponent` leaves some signs alone. */
function octets(character: string): string {
  return Array.from(
    new TextEncoder().encode(character),
    (octet) => `%${octet.toString(16).toUpperCase().padStart(2, '0')}`,
  ).join('');
}
