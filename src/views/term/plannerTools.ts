/** What planning takes beside the worker: loaded with the first press, since most who look at a term plan nothing. */
export { changedIn, mendedRoundRequest, seriesRequest } from '@/encode/planning';
export { inTurns, withRolesOf } from '@/encode/roles';
export { namesFor } from '../frame/groupNaming';
export { takeGroups } from '@/encode/takeGroups';
