import { count, listNames } from './words';

/** What is prepared for the stage and for paper. */
export const prepare = {
  title: (lineup: string) => `On stage: ${lineup}`,
  nothing: 'There are no groups to show yet.',
  toGroups: 'Make groups',
  show: 'Show it here',
  second: 'Open in a second window',
  secondRefused:
    'This browser did not allow a second window. Allow pop-ups for this page, or use “Show on stage” here.',
  print: 'Print or hand out on paper',
  names: 'Names as the class knows them',
  namesShown: {
    called: 'as they are called',
    initial: 'given name and initial',
    whole: 'whole names',
  },
  classLanguage: 'Language the class reads',
  languageOfMine: 'as mine',
  roles: 'Leads and roles beside names',
  minutes: 'Minutes on the clock',
  lessMinutes: 'Fewer minutes',
  moreMinutes: 'More minutes',
  notMinutes: 'From 1 to 600 minutes.',
  setClock: 'Set the clock',
  instructions: {
    title: 'Instructions for this lineup',
    hint: 'What the class is to do. # makes a heading, - a point of a list, ** strong words.',
    preview: 'As the class sees it',
  },
  places: {
    title: 'Where groups work',
    hint: 'A table, a room, or the address of a web page.',
    of: (group: string) => `Place of ${group}`,
    none: 'add a place',
  },
  turns: {
    title: 'Stations',
    none: 'Groups go from station to station, or meet each other, and nobody is anywhere twice.',
    start: { stations: 'Plan stations', meet: 'Let groups meet' },
    stations: 'Stations',
    perStation: 'Groups at a station, at most',
    turns: 'Turns',
    minutes: 'Minutes a turn (0 for no clock)',
    less: (what: string) => `Fewer: ${what}`,
    more: (what: string) => `More: ${what}`,
    between: (least: number, most: number) => `From ${least} to ${most}.`,
    remove: 'Put the stations away',
    station: (number: number) => `Station ${number}`,
    name: (number: number) => `Name of station ${number}`,
    place: (number: number) => `Place of station ${number}`,
    instruction: (number: number) => `What is done at station ${number}`,
    addPlace: 'place',
    addInstruction: 'what is done there',
    turn: (number: number) => `Turn ${number}`,
    group: 'Group',
    break: 'break',
    working: 'Working out the turns…',
    failed:
      'The turns could not be worked out; what stood here before was kept. Please try once more.',
    otherGroups: (made: number, now: number) =>
      `These turns were made for ${count(made, 'group')}; there ${now === 1 ? 'is' : 'are'} ${now} now.`,
    again: 'Make them anew',
    visits: (all: boolean) =>
      all
        ? 'Every group comes to every station, to none twice.'
        : 'No group is at a station twice.',
    meetings: (all: boolean, twice: number) =>
      [
        all ? 'All groups meet.' : 'As many groups meet as there are turns for.',
        twice === 0
          ? 'No two meet twice.'
          : `${count(twice, 'pair')} ${twice === 1 ? 'meets' : 'meet'} again after all have met.`,
      ].join(' '),
    pairs: (twice: number, best: number) =>
      twice === 0
        ? 'No two groups share a station twice.'
        : twice === best
          ? `${count(twice, 'pair')} of groups ${twice === 1 ? 'shares' : 'share'} a station more than once, the fewest possible.`
          : `${count(twice, 'pair')} of groups ${twice === 1 ? 'shares' : 'share'} a station more than once, the fewest found.`,
    breaks: (most: number, least: number) =>
      most === 0
        ? ''
        : most === least
          ? `Every group has ${count(most, 'break')}.`
          : `Groups have ${least} or ${count(most, 'break')}.`,
  },
  jigsaw: {
    title: 'Jigsaw',
    hint: 'From these home groups, expert groups: one of each home in every one, with your quiet rules kept.',
    experts: 'Expert groups',
    fewer: 'Fewer expert groups',
    moreGroups: 'More expert groups',
    topics: 'Topics, one a line',
    make: 'Make expert groups',
    again: 'Make them anew',
    name: (home: string) => `${home}: experts`,
    expert: (number: number) => `Experts ${number}`,
    made: (names: readonly string[]) =>
      `Made: ${listNames(names)}. They are a lineup of their own.`,
    softly: 'Where your rules keep students of one home together, they are experts together too.',
    refused:
      'Your quiet rules leave no such expert groups. The home groups stay as they are; try another number, or look at the rules.',
  },
  conductor: {
    title: 'The class sees',
    scene: 'What is shown',
    differs: 'The bench has something newer.',
    showNow: 'Show now',
    held: 'Held: changes here are not seen',
    live: 'Live: changes here are seen at once',
    hold: 'Hold',
    follow: 'Follow live',
  },
  paper: {
    name: 'Paper',
    title: (lineup: string) => `Paper: ${lineup}`,
    sheet: 'Sheet',
    sheets: {
      door: 'For the door, by name',
      groups: 'One for each group',
      whole: 'Whole class',
      signs: 'Table signs to fold',
      badges: 'Name badges',
      stations: 'Table of stations',
      slips: 'Slips to draw',
      code: 'Codes for phones',
    },
    size: 'Paper',
    sizes: { a4: 'A4', letter: 'Letter' },
    columns: 'Columns',
    one: 'one',
    two: 'two',
    print: 'Print',
    pages: (pages: number) => count(pages, 'page'),
    back: 'Back to the stage',
  },
};
