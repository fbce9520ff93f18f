/** Words from the river for aliases; two lists whose lengths share no factor give 420 different pairs. */
const LOOKS = [
  ...['Amber', 'Ashen', 'Bright', 'Calm', 'Copper', 'Dappled', 'Early', 'Fern', 'Golden', 'Hazel'],
  ...['Ivory', 'Jade', 'Keen', 'Late', 'Misty', 'Noble', 'Opal', 'Pale', 'Quick', 'Russet'],
];
const CREATURES = [
  ...['Heron', 'Otter', 'Dipper', 'Minnow', 'Mayfly', 'Kingfisher', 'Trout', 'Newt', 'Vole'],
  ...[
    'Swift',
    'Damselfly',
    'Crayfish',
    'Grebe',
    'Wagtail',
    'Loach',
    'Snipe',
    'Teal',
    'Stickleback',
  ],
  ...['Sandpiper', 'Beaver', 'Bittern'],
];

export const privacy = {
  title: 'Names on screen',
  mask: { names: 'Names', initials: 'Initials', aliases: 'River names' },
  explained:
    'For recording or sharing the screen. Files and copies that you hand off keep the real names.',
  on: { names: '', initials: 'Initials', aliases: 'River names' },
  hidden: 'hidden',
  alias: (place: number) => {
    const look = LOOKS[place % LOOKS.length] ?? '';
    const creature = CREATURES[place % CREATURES.length] ?? '';
    const turn = Math.floor(place / (LOOKS.length * CREATURES.length));
    return turn === 0 ? `${look} ${creature}` : `${look} ${creature} ${turn + 1}`;
  },
};
