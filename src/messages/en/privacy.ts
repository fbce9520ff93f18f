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
    'For recording or sharing the screen. Before a file or a copy leaves you are asked which names it carries.',
  on: { names: '', initials: 'Initials', aliases: 'River names' },
  hidden: 'hidden',
  askedWhich: 'Names are hidden on your screen. Which names should this carry?',
  askedReal: 'Names are hidden on your screen, and this file holds the real ones. Save it?',
  asShown: 'As on the screen',
  withNames: 'With the real names',
  notNow: 'Not now',
  listHidden:
    'Names are hidden on your screen, and a class list would show them. What you have written is kept.',
  showNames: 'Show the names',
  alias: (place: number) => {
    const look = LOOKS[place % LOOKS.length] ?? '';
    const creature = CREATURES[place % CREATURES.length] ?? '';
    const turn = Math.floor(place / (LOOKS.length * CREATURES.length));
    return turn === 0 ? `${look} ${creature}` : `${look} ${creature} ${turn + 1}`;
  },
};
