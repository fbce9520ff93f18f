import type { Values } from './types';

const PLACEHOLDER = /\{\{\s*([^{}\n]+?)\s*\}\}/g;

/** How a placeholder is looked up: letter case and blanks around it say nothing. */
export function placeholderKey(name: string): string {
  return name.trim().toLowerCase();
}

/** The names of the placeholders in a text, in order, each once. */
export function placeholdersIn(text: string): readonly string[] {
  return [...new Set([...text.matchAll(PLACEHOLDER)].map(([, name = '']) => placeholderKey(name)))];
}

/** The text with every known placeholder filled, once: what a value holds is never a placeholder. Unknown ones stay. */
export function fill(text: string, values: Values): string {
  return text.replace(PLACEHOLDER, (whole, name: string) => {
    const value = valueOf(values, name);
    return value === undefined ? whole : asText(value);
  });
}

/** The value of a name, or undefined where there is none of it. */
export function valueOf(values: Values, name: string): Values[string] | undefined {
  const key = placeholderKey(name);
  return Object.hasOwn(values, key) ? values[key] : undefined;
}

/** A list within a line; with semicolons where its items have commas of their own. */
export function asText(value: Values[string]): string {
  if (typeof value === 'string') return value;
  return value.join(value.some((item) => item.includes(',')) ? '; ' : ', ');
}

/** The items of the one list that is all that a text says, undefined where it is anything else. */
export function soleList(text: string, values: Values): readonly string[] | undefined {
  const [, name] = /^\s*\{\{\s*([^{}\n]+?)\s*\}\}\s*$/.exec(text) ?? [];
  const value = name === undefined ? undefined : valueOf(values, name);
  return typeof value === 'object' ? value : undefined;
}

/** Whether the text names placeholders and all of them are empty. */
export function saysNothing(text: string, values: Values): boolean {
  const names = placeholdersIn(text);
  return names.length > 0 && names.every((name) => valueOf(values, name)?.length === 0);
}
