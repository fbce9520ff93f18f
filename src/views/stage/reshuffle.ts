import type { Bench } from '@/encode/bench';
import { dealtWithoutDraw } from '@/encode/dealing';
import { WHOLE } from '@/encode/openPart';
import { masteryIn } from '@/encode/mastery';
import { sentenceKey } from '@/encode/madeFrom';
import { requestFor } from '@/encode/request';
import { spokenOrder } from '@/messages/speaking';
import type { LineupRecord } from '@/schema/lineup';
import { addTake } from '@/store/actions/takes';
import {
  groupsOfLineups,
  historyOf,
  resultsOf,
  rollOfLineup,
  rulesOf,
  shownTake,
  takesOf,
} from '@/store/queries';
import type { AppStore } from '@/store/appStore';
import type { ArrangeClient } from '@/worker/arrangeClient';
import { withGivenRoles } from '../frame/givenRoles';
import { newSeed } from '../frame/newSeed';
import { groupsFrom } from '../frame/groupsFrom';
import { today } from '../frame/today';

/**
 * New groups for the class to see, as on the bench and asking nothing: every quiet rule holds in them, or the groups
 * stay as they are. Nothing tells the class which of the two it was for, and groups in use stay too. True where there
 * is a new take.
 */
export async function reshuffle(
  store: AppStore,
  client: ArrangeClient,
  lineup: LineupRecord,
): Promise<boolean> {
  const bench = benchOf(store, lineup);
  if (lineup.state !== 'draft' || !bench || dealtWithoutDraw(bench, () => '')) {
    return false;
  }
  const seed = newSeed();
  const { request, keptRows } = requestFor(bench, seed, WHOLE);
  const outcome = await client.arrange(request);
  if (!outcome.ok || !outcome.result.feasible) return false;
  const made = groupsFrom(bench, outcome.result, keptRows);
  const groups = withGivenRoles(store, bench, made, false);
  addTake(store, lineup.id, seed, groups, sentenceKey(lineup.recipe));
  return true;
}

function benchOf({ records }: AppStore, lineup: LineupRecord): Bench | null {
  const theClass = records.get('class', lineup.classId);
  if (!theClass) return null;
  const { [lineup.id]: _own, ...others } = groupsOfLineups(records, theClass.id);
  return {
    lineup,
    theClass,
    students: rollOfLineup(records, lineup.id, today()),
    rules: rulesOf(records, theClass.id),
    mastery: masteryIn(theClass, resultsOf(records, theClass.id)),
    history: historyOf(records, theClass.id, lineup.id),
    others,
    take: shownTake(records, lineup.id),
    takes: takesOf(records, lineup.id),
    today: today(),
    compare: spokenOrder,
  };
}
