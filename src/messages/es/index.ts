import { exactly, type Parts } from '../speaking';

/** Where the Spanish of each part is: teachers are addressed as "usted", students as "tú". */
export const spanish: Parts = exactly({
  main: () => import('./main').then(({ es }) => es),
  activities: () => import('./activities').then(({ activities }) => activities),
  adults: () => import('./adults').then(({ adults }) => adults),
  bench: () => import('./bench').then(({ benchEs }) => benchEs),
  choosing: () => import('./choosing').then(({ choosing }) => choosing),
  clash: () => import('./clash').then(({ clashEs }) => clashEs),
  groups: () => import('./groups').then(({ groupsEs }) => groupsEs),
  handoff: () => import('./handoff').then(({ handoffEs }) => handoffEs),
  keys: () => import('./keys').then(({ keyMap }) => keyMap),
  ladder: () => import('./ladder').then(({ ladder }) => ladder),
  lineups: () => import('./lineups').then(({ lineups }) => lineups),
  live: () => import('./live').then(({ liveEs }) => liveEs),
  out: () => import('./stage').then(({ outEs }) => outEs),
  outWords: () => import('./waysOut').then(({ outWords }) => outWords),
  prepare: () => import('./prepare').then(({ prepare }) => prepare),
  recipe: () => import('./recipe').then(({ recipeEs }) => recipeEs),
  roster: () => import('./files').then(({ rosterEs }) => rosterEs),
  rules: () => import('./ruleTools').then(({ rulesEs }) => rulesEs),
  seats: () => import('./seats').then(({ seats }) => seats),
  shelf: () => import('./shelf').then(({ shelf }) => shelf),
  shown: () => import('./shown').then(({ shown }) => shown),
  term: () => import('./term').then(({ term }) => term),
});
