/** Trees and plants of river banks, in the order in which groups take them. */
export const groupWords: readonly string[] = [
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

/** Names of groups that are made up by a pattern. */
export const groupNaming = {
  numbered: (number: number) => `Group ${number}`,
  date: (moment: string) =>
    new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' }).format(new Date(moment)),
};
