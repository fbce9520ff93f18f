import { exactly, type ShownParts } from '../speaking';

/** Where the Arabic is of what a class reads. */
export const arabic: ShownParts = {
  choosing: exactly('choosing', () => import('./choosing').then(({ choosing }) => choosing)),
  outWords: exactly('outWords', () => import('./waysOut').then(({ outWords }) => outWords)),
  shown: exactly('shown', () => import('./shown').then(({ shown }) => shown)),
};
