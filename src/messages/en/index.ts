import type { Parts } from '../speaking';

/** Where the English of each part is. */
export const english: Parts = {
  main: () => import('./main').then(({ en }) => en),
  activities: () => import('./activities').then(({ activities }) => activities),
  adults: () => import('./adults').then(({ adults }) => adults),
  bench: () => import('./bench').then(({ benchEn }) => benchEn),
  choosing: () => import('./choosing').then(({ choosing }) => choosing),
  classFiles: () => import('./classFiles').then(({ classFilesEn }) => classFilesEn),
  clash: () => import('./clash').then(({ clashEn }) => clashEn),
  groups: () => import('./groups').then(({ groupsEn }) => groupsEn),
  handoff: () => import('./handoff').then(({ handoffEn }) => handoffEn),
  keys: () => import('./keys').then(({ keyMap }) => keyMap),
  ladder: () => import('./ladder').then(({ ladder }) => ladder),
  lineups: () => import('./lineups').then(({ lineups }) => lineups),
  live: () => import('./live').then(({ liveEn }) => liveEn),
  out: () => import('./stage').then(({ outEn }) => outEn),
  outWords: () => import('./waysOut').then(({ outWords }) => outWords),
  prepare: () => import('./prepare').then(({ prepare }) => prepare),
  recipe: () => import('./recipe').then(({ recipeEn }) => recipeEn),
  roster: () => import('./files').then(({ rosterEn }) => rosterEn),
  rules: () => import('./ruleTools').then(({ rulesEn }) => rulesEn),
  seats: () => import('./seats').then(({ seats }) => seats),
  shelf: () => import('./shelf').then(({ shelf }) => shelf),
  shell: () => import('./shell').then(({ shellEn }) => shellEn),
  shown: () => import('./shown').then(({ shown }) => shown),
  term: () => import('./term').then(({ term }) => term),
};
