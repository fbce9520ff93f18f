/** Today where the teacher is, as YYYY-MM-DD. */
export function today(now: Date = new Date()): string {
  const part = (value: number, length: number): string => String(value).padStart(length, '0');
  return `${part(now.getFullYear(), 4)}-${part(now.getMonth() + 1, 2)}-${part(now.getDate(), 2)}`;
}
