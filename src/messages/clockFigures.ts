/** 754 seconds as 12:34, from an hour on as 1:02:03: the same in every language. */
export function clockFigures(seconds: number): string {
  const two = (value: number): string => String(value).padStart(2, '0');
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  const end = two(seconds % 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${end}` : `${minutes}:${end}`;
}
