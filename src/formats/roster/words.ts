/** A list of words or phrases written as one text, parted by upright bars; line breaks and spaces beside a bar do not count. */
export function words(list: string): readonly string[] {
  return list.split('|').map((word) => word.trim());
}
