import type { ActivityRecord } from '../../schema/activity';
import type { LineupId } from '../../schema/ids';
import type { PlanRecord } from '../../schema/plan';
import type { TakeGroup } from '../../schema/takeGroup';
import type { AppStore } from '../appStore';
import { receiptsOf } from '../queries';
import type { RecordStore } from '../recordStore';

/** Whether groups of a lineup have rooms or channels at a service, which knows them by their signs: those stay then. */
export function hasRooms(records: RecordStore, lineupId: LineupId): boolean {
  return receiptsOf(records, lineupId).some(({ service }) => service !== null);
}

/**
 * Gives a group of a lineup another sign; where another group has that one, the two change signs. Places, leads, cards, ranks
 * and marks are kept by sign and go along, in every take of the lineup.
 */
export function chooseSign(store: AppStore, lineupId: LineupId, from: number, to: number): void {
  if (from === to) return;
  const signs = new Map([
    [from, to],
    [to, from],
  ]);
  const sign = (one: number): number => signs.get(one) ?? one;
  /** A key is a sign, with a count where an earlier group has the same (`groupKeys`). */
  const key = (one: string): string =>
    one.replace(/^\d+/, (number) => String(sign(Number(number))));
  const byKey = <T>(all: Readonly<Record<string, T>>): Record<string, T> =>
    Object.fromEntries(Object.entries(all).map(([one, value]) => [key(one), value]));
  const groups = (all: readonly TakeGroup[]): TakeGroup[] =>
    all.map((one) => ({ ...one, sign: sign(one.sign) }));
  const plan = (one: PlanRecord): PlanRecord => ({
    ...one,
    ...{ places: byKey(one.places), leads: byKey(one.leads), cards: byKey(one.cards) },
  });
  const activity = (one: ActivityRecord): ActivityRecord => ({
    ...one,
    groups:
      one.groups?.map((group) => ({ ...group, key: key(group.key), sign: sign(group.sign) })) ??
      null,
    work: byKey(one.work),
    splits: Object.fromEntries(
      Object.entries(one.splits).map(([student, split]) => [
        student,
        { ...split, key: key(split.key) },
      ]),
    ),
    settled: Object.fromEntries(
      Object.entries(one.settled).map(([student, group]) => [student, key(group)]),
    ),
  });
  store.history.act('chooseSign', ({ get, all, put }) => {
    const lineup = get('lineup', lineupId);
    if (!lineup || hasRooms(store.records, lineupId)) return;
    const ranks = Object.entries(lineup.ranks).map(([student, wished]) => [
      student,
      wished.map(sign),
    ]);
    put({ ...lineup, ranks: Object.fromEntries(ranks) as typeof lineup.ranks });
    const isOfIt = (one: { readonly lineupId: LineupId | null }): boolean =>
      one.lineupId === lineupId;
    for (const take of all('take').filter(isOfIt))
      put({ ...take, groups: groups(take.groups), dealt: take.dealt && groups(take.dealt) });
    all('plan').filter(isOfIt).map(plan).forEach(put);
    all('activity').filter(isOfIt).map(activity).forEach(put);
    for (const session of all('seatSession').filter(isOfIt)) {
      const seats = session.groups.map((one) => ({ ...one, sign: sign(one.sign) }));
      put({ ...session, groups: seats });
    }
    for (const draw of all('draw')) {
      if (draw.group?.lineupId !== lineupId) continue;
      put({ ...draw, group: { ...draw.group, sign: sign(draw.group.sign) } });
    }
  });
}
