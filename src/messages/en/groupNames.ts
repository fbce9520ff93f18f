/** Trees and plants of river banks, in the order in which groups take them. */
const WORDS: readonly string[] = [
  ...['Alder', 'Willow', 'Sedge', 'Bulrush', 'Rush', 'Iris', 'Cress', 'Reed'],
  ...['Osier', 'Mint', 'Poplar', 'Aspen', 'Comfrey', 'Teasel', 'Sallow', 'Myrtle'],
  ...['Birch', 'Fern', 'Marigold', 'Arrowhead', 'Horsetail', 'Valerian', 'Bogbean', 'Burdock'],
  ...[
    'Elder',
    'Hawthorn',
    'Meadowsweet',
    'Bistort',
    'Hornwort',
    'Pondweed',
    'Spearwort',
    'Bedstraw',
  ],
];

/** The usual name of the group with a number from 0; after the last word they begin again with a figure. */
export function groupName(index: number): string {
  const word = WORDS[index % WORDS.length] ?? '';
  const turn = Math.floor(index / WORDS.length) + 1;
  return turn === 1 ? word : `${word} ${turn}`;
}
