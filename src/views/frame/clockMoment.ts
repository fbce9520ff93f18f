import type { ClockMoment } from '@/schema/activity';
import { today } from './today';

/** A moment on the clock of this machine, to the minute. */
export function clockMoment(at: Date = new Date()): ClockMoment {
  const part = (value: number): string => String(value).padStart(2, '0');
  return `${today(at)}T${part(at.getHours())}:${part(at.getMinutes())}`;
}
