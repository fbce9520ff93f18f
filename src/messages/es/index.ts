import { exactly, type Parts } from '../speaking';

/** Where the Spanish of each part is: teachers are addressed as "usted", students as "tú". */
export const spanish: Parts = {
  main: exactly('main', () => import('./main').then(({ es }) => es)),
  activities: exactly('activities', () =>
    import('./activities').then(({ activities }) => activities),
  ),
  adults: exactly('adults', () => import('./adults').then(({ adults }) => adults)),
  bench: exactly('bench', () => import('./bench').then(({ benchEs }) => benchEs)),
  choosing: exactly('choosing', () => import('./choosing').then(({ choosing }) => choosing)),
  classFiles: exactly('classFiles', () =>
    import('./classFiles').then(({ classFilesEs }) => classFilesEs),
  ),
  clash: exactly('clash', () => import('./clash').then(({ clashEs }) => clashEs)),
  groups: exactly('groups', () => import('./groups').then(({ groupsEs }) => groupsEs)),
  handoff: exactly('handoff', () => import('./handoff').then(({ handoffEs }) => handoffEs)),
  keys: exactly('keys', () => import('./keys').then(({ keyMap }) => keyMap)),
  ladder: exactly('ladder', () => import('./ladder').then(({ ladder }) => ladder)),
  lineups: exactly('lineups', () => import('./lineups').then(({ lineups }) => lineups)),
  live: exactly('live', () => import('./live').then(({ liveEs }) => liveEs)),
  out: exactly('out', () => import('./stage').then(({ outEs }) => outEs)),
  outWords: exactly('outWords', () => import('./waysOut').then(({ outWords }) => outWords)),
  prepare: exactly('prepare', () => import('./prepare').then(({ prepare }) => prepare)),
  recipe: exactly('recipe', () => import('./recipe').then(({ recipeEs }) => recipeEs)),
  roster: exactly('roster', () => import('./files').then(({ rosterEs }) => rosterEs)),
  rules: exactly('rules', () => import('./ruleTools').then(({ rulesEs }) => rulesEs)),
  seats: exactly('seats', () => import('./seats').then(({ seats }) => seats)),
  shelf: exactly('shelf', () => import('./shelf').then(({ shelf }) => shelf)),
  shell: exactly('shell', () => import('./shell').then(({ shellEs }) => shellEs)),
  shown: exactly('shown', () => import('./shown').then(({ shown }) => shown)),
  term: exactly('term', () => import('./term').then(({ term }) => term)),
  pictures: exactly('pictures', () => import('./pictures').then(({ picturesEs }) => picturesEs)),
  undoing: exactly('undoing', () => import('./undoing').then(({ undoing }) => undoing)),
};
