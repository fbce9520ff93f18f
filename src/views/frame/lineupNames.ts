import { say } from '@/messages';

/** A name for a new lineup: today's date, with a number where that is taken. */
export function freshLineupName(taken: readonly string[], today: Date = new Date()): string {
  const base = say.frame.freshLineup(today);
  let name = base;
  for (let number = 2; taken.includes(name); number++) name = `${base} (${number})`;
  return name;
}
