import { readNumber, readYesNo } from '@/formats/roster/readValue';
import type { Detail } from '@/schema/classRecord';
import type { DetailValue } from '@/schema/student';

/** A value as another kind writes it; what cannot be read so stays as it is, and nothing is lost. */
export function asKind(value: DetailValue, kind: Detail['kind']): DetailValue {
  if (kind === 'number' || kind === 'skill') {
    return typeof value === 'string' ? (readNumber(value, '.') ?? value) : value;
  }
  if (kind === 'yesNo') return typeof value === 'string' ? (readYesNo(value) ?? value) : value;
  return String(value);
}
