import { exactly, type ShownParts } from '../speaking';

/** Where the Arabic is of what a class reads. */
export const arabic: ShownParts = exactly({
  choosing: () => import('./choosing').then(({ choosing }) => choosing),
  outWords: () => import('./waysOut').then(({ outWords }) => outWords),
  shown: () => import('./shown').then(({ shown }) => shown),
});
